import type { KeySignature, Naming, StaffPosition, Terms } from '../notation';
import type { Fade } from '../sayings';
import type { HeaderField, Paper, SectionSpec, SheetSpec } from './spec';

/** The first version of a sheet: one exercise, naming notes. */
export interface FirstSpec {
  readonly version: 1;
  readonly kind: 'name-notes';
  readonly positions: readonly StaffPosition[];
  readonly count: number;
  readonly key: KeySignature;
  readonly weakFirst: boolean;
  readonly paper: Paper;
  readonly staffSpace: number;
  readonly title: string;
  readonly instructions: string;
  readonly header: readonly HeaderField[];
  readonly naming: Naming;
  readonly terms: Terms;
  readonly keyPlaces?: boolean;
  readonly fade?: Fade;
}

/** A stored spec in today's version. A sheet of the first version asks the same notes in the same order. */
export function currentSpec(stored: SheetSpec | FirstSpec): SheetSpec {
  if (stored.version === 2) return stored;
  const {
    kind,
    count,
    weakFirst,
    keyPlaces = false,
    fade = 'none',
    instructions,
    ...rest
  } = stored;
  const section: SectionSpec = {
    id: 'first',
    kind,
    options: {},
    instructions,
    perLine: null,
    key: null,
    count,
    clefs: 'blocks',
    order: 'any',
    weakFirst,
    ledgers: 6,
  };
  return {
    ...rest,
    version: 2,
    sections: [section],
    write: 10,
    large: false,
    colour: false,
    headLetters: 'none',
    instructions: '',
    instrument: 'none',
    keyPlaces,
    fade,
  };
}
