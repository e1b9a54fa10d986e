import { BOWED } from './families/bowed';
import { BRASS } from './families/brass';
import { FRETTED } from './families/fretted';
import { KEYBOARD } from './families/keyboard';
import { MALLETS } from './families/mallets';
import { RECORDERS } from './families/recorders';
import { CONCERT } from './families/transposition';
import { VOICES } from './families/voices';
import { WOODWIND } from './families/woodwind';
import type { Family, Instrument, InstrumentId } from './types';

const NONE: Instrument = {
  id: 'none',
  name: 'No instrument yet',
  family: 'none',
  clefs: ['treble', 'bass'],
  ...CONCERT,
  beginner: { low: 'C3', high: 'C5' },
  firstYears: { low: 'C2', high: 'C6' },
  compass: { low: 'C2', high: 'C6' },
  firstNotes: [{ id: 'landmarks', name: 'Landmarks', notes: ['G4', 'C4', 'F3'] }],
  firstFive: ['C4', 'D4', 'E4', 'F4', 'G4'],
  fingerOne: null,
  turns: false,
  technique: { kind: 'none' },
  cautions: [],
};

const ALL: readonly Instrument[] = [
  ...KEYBOARD,
  ...BOWED,
  ...FRETTED,
  ...RECORDERS,
  ...WOODWIND,
  ...BRASS,
  ...MALLETS,
  ...VOICES,
  NONE,
];

/** Every instrument by its identifier. */
export const INSTRUMENTS = Object.fromEntries(ALL.map((i) => [i.id, i])) as Readonly<
  Record<InstrumentId, Instrument>
>;

/** Instruments by family, in the order in which choices list them. */
export const FAMILIES: readonly { family: Family; ids: readonly InstrumentId[] }[] = [
  ...new Set(ALL.map((i) => i.family)),
].map((family) => ({ family, ids: ALL.filter((i) => i.family === family).map((i) => i.id) }));
