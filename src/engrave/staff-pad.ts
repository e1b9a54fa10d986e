import type { ClefId, KeySignature } from '../core/notation';
import { type DrawnNote, drawStaff, leadWidth, stepY } from './staff';
import { SvgSurface } from './svg-surface';

/** A staff on which a note is put: every step from `low` to `high` has its room. */
export interface StaffPadPicture {
  readonly clef: ClefId;
  readonly key?: KeySignature;
  readonly low: number;
  readonly high: number;
  readonly notes: readonly DrawnNote[];
}

const WIDTH = 190;
/** Units above the highest and below the lowest step. */
const EDGE = 10;

/** Size in units, and where each step lies: for whoever puts a pointer on it. */
export function staffPadGeometry({ low, high }: Pick<StaffPadPicture, 'low' | 'high'>) {
  const top = stepY(high) - EDGE;
  const height = stepY(low) + EDGE - top;
  return {
    width: WIDTH,
    height,
    /** The step nearest to a height, given as a share of the picture's from the top. */
    stepAt(share: number): number {
      const step = Math.round((stepY(0) - (top + share * height)) / (stepY(0) - stepY(1)));
      return Math.min(high, Math.max(low, step));
    },
  };
}

/** The staff as an SVG picture, hidden from screen readers: the control that shows it speaks. */
export function staffPadSvg({ clef, key = 0, low, high, notes }: StaffPadPicture): string {
  const surface = new SvgSurface();
  const { width, height } = staffPadGeometry({ low, high });
  const lead = leadWidth(clef, key);
  const gap = (width - lead) / Math.max(1, notes.length);
  surface.at(4, EDGE - stepY(high), 1, () => {
    const placed = notes.map((n, i) => ({ ...n, x: n.x ?? lead + gap * (i + 0.5) }));
    drawStaff(surface, { clef, key, width: width - 8, notes: placed });
  });
  return surface.toSvg(width, height);
}
