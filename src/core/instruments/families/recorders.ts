import type { FingeringChart, Instrument } from '../types';
import { CONCERT, OCTAVE_HIGHER } from './transposition';

/** Notes that both schools of instrument finger alike, written C4 to A5. */
const COMMON: FingeringChart = [
  ['C4', 'T 1 2 3 4 5 6 7'],
  ['C#4', 'T 1 2 3 4 5 6 ~7'],
  ['D4', 'T 1 2 3 4 5 6'],
  ['D#4', 'T 1 2 3 4 5 ~6'],
  ['E4', 'T 1 2 3 4 5'],
  ['G4', 'T 1 2 3'],
  ['G#4', 'T 1 2 4 5 ~6'],
  ['A4', 'T 1 2'],
  ['A#4', 'T 1 3 4'],
  ['B4', 'T 1', 'T 2 3'],
  ['C5', 'T 2'],
  ['C#5', '1 2'],
  ['D5', '2'],
  ['D#5', '2 3 4 5 6'],
  ['E5', '~T 1 2 3 4 5'],
  ['G5', '~T 1 2 3'],
  ['G#5', '~T 1 2 4'],
  ['A5', '~T 1 2'],
];

/** Baroque fingering, with the forked F. Source: the standard baroque chart. */
export const BAROQUE: FingeringChart = [
  ...COMMON,
  ['F4', 'T 1 2 3 4 6 7'],
  ['F#4', 'T 1 2 3 5 6'],
  ['F5', '~T 1 2 3 4 6'],
  ['F#5', '~T 1 2 3 5'],
];

/**
 * German fingering: F without a fork, F sharp with one. Source: the standard German
 * chart. The high F sharp is left out, because makers finger it differently.
 */
export const GERMAN: FingeringChart = [
  ...COMMON,
  ['F4', 'T 1 2 3 4'],
  ['F#4', 'T 1 2 3 5 6 7'],
  ['F5', '~T 1 2 3 4'],
];

/** The alto has the same holes and sounds a fourth higher: the soprano's C is its F. */
const ALTO_UP: Readonly<Record<string, string>> = {
  C4: 'F4',
  'C#4': 'F#4',
  D4: 'G4',
  'D#4': 'G#4',
  E4: 'A4',
  F4: 'A#4',
  'F#4': 'B4',
  G4: 'C5',
  'G#4': 'C#5',
  A4: 'D5',
  'A#4': 'D#5',
  B4: 'E5',
  C5: 'F5',
  'C#5': 'F#5',
  D5: 'G5',
  'D#5': 'G#5',
  E5: 'A5',
  F5: 'A#5',
  'F#5': 'B5',
  G5: 'C6',
  'G#5': 'C#6',
  A5: 'D6',
};

const CLEAN = 'A mouthpiece is not shared without cleaning it.';
const GENTLE = 'Blow gently, and take breaks from high notes.';

const SOPRANO = {
  family: 'recorders',
  clefs: ['treble'],
  ...OCTAVE_HIGHER,
  beginner: { low: 'D4', high: 'D5' },
  firstYears: { low: 'C4', high: 'A5' },
  compass: { low: 'C4', high: 'D6' },
  firstNotes: [
    {
      id: 'b-a-g',
      name: 'B A G, then the high notes',
      notes: ['B4', 'A4', 'G4', 'C5', 'D5', 'E4', 'D4', 'F#4', 'F4', 'C4'],
    },
    {
      id: 'down',
      name: 'B A G, then downwards',
      notes: ['B4', 'A4', 'G4', 'E4', 'D4', 'F4', 'C4', 'F#4', 'C5', 'D5'],
    },
  ],
  firstFive: ['G4', 'A4', 'B4', 'C5', 'D5'],
  fingerOne: null,
  turns: false,
  cautions: [CLEAN, GENTLE],
} satisfies Partial<Instrument>;

export const RECORDERS: readonly Instrument[] = [
  {
    ...SOPRANO,
    id: 'soprano-recorder',
    name: 'Soprano recorder',
    technique: { kind: 'holes', layout: 'recorder', chart: BAROQUE },
  },
  {
    ...SOPRANO,
    id: 'soprano-recorder-german',
    name: 'Soprano recorder, German fingering',
    technique: { kind: 'holes', layout: 'recorder', chart: GERMAN },
  },
  {
    ...SOPRANO,
    id: 'alto-recorder',
    name: 'Alto recorder',
    ...CONCERT,
    beginner: { low: 'G4', high: 'G5' },
    firstYears: { low: 'F4', high: 'D6' },
    compass: { low: 'F4', high: 'G6' },
    firstNotes: [
      {
        id: 'e-d-c',
        name: 'E D C, then the high notes',
        notes: ['E5', 'D5', 'C5', 'F5', 'G5', 'A4', 'G4', 'B4', 'Bb4', 'F4'],
      },
      {
        id: 'down',
        name: 'E D C, then downwards',
        notes: ['E5', 'D5', 'C5', 'A4', 'G4', 'Bb4', 'F4', 'B4', 'F5', 'G5'],
      },
    ],
    firstFive: ['C5', 'D5', 'E5', 'F5', 'G5'],
    technique: {
      kind: 'holes',
      layout: 'recorder',
      chart: BAROQUE.map(([note, ...ways]) => [ALTO_UP[note]!, ...ways] as const),
    },
  },
];
