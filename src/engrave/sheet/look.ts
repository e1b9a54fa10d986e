import type { Naming, Terms } from '../../core/notation';
import type { SheetSpec } from '../../core/sheets';
import { MARGIN, paperSize } from '../page';

/** How much larger everything is in large print: 4 mm letters become 5.6 mm, about 20 points. */
const LARGE = 1.4;
/** A staff space above this, in mm, is large enough in large print too. */
const LARGEST_SPACE = 8;

/** The sizes of one sheet, in mm. */
export interface Look {
  /** Between the margins. */
  readonly width: number;
  /** 1, or more in large print. */
  readonly scale: number;
  /** Between two staff lines. */
  readonly space: number;
  /** To write in under a staff. */
  readonly write: number;
  readonly text: number;
  readonly small: number;
  readonly title: number;
  readonly colour: boolean;
  readonly naming: Naming;
  readonly terms: Terms;
}

/** The sizes that a sheet's settings ask for. */
export function lookOf(spec: SheetSpec): Look {
  const scale = spec.large ? LARGE : 1;
  return {
    width: paperSize(spec.paper).width - 2 * MARGIN,
    scale,
    space: Math.min(Math.max(LARGEST_SPACE, spec.staffSpace), spec.staffSpace * scale),
    write: spec.write * scale,
    text: 4 * scale,
    small: 3 * scale,
    title: 6.4 * scale,
    colour: spec.colour,
    naming: spec.naming,
    terms: spec.terms,
  };
}
