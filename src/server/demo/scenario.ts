import type { InstrumentId } from '../../core/instruments';
import type { MethodId } from '../../core/methods';
import type { KeySignature } from '../../core/notation';
import type { SimulatedStudent } from '../../core/plan';

/**
 * The Saltmarsh Music Room: an after-school music room in an old boathouse that gets
 * ready for a lantern evening in December. All names are made up. Weaknesses are planted
 * for a visitor to find.
 */
export const DEMO_TEACHER = {
  name: 'Demo teacher',
  email: 'teacher@saltmarsh.example',
  password: 'lantern-evening',
} as const;

export interface DemoStudent {
  readonly name: string;
  readonly instrument: InstrumentId;
  readonly second?: InstrumentId;
  readonly leftHanded?: boolean;
  readonly acts: SimulatedStudent;
  /** Sayings of their own, by target. */
  readonly sayings?: Readonly<Record<string, string>>;
  /** A saying sent in, waiting for the teacher. */
  readonly offer?: { readonly target: string; readonly text: string };
  /** Days before today of the last practice; 1 when left out. */
  readonly lastPractice?: number;
}

export interface DemoGroup {
  readonly name: string;
  readonly code: string;
  readonly method: MethodId;
  readonly key: KeySignature;
  /** How many notes of each clef are introduced a week. */
  readonly pace: number;
  readonly students: readonly DemoStudent[];
}

const steady: SimulatedStudent = { slip: 0.1, baseMs: 3200, countMs: 0, learns: 0.75 };
const quick: SimulatedStudent = { slip: 0.05, baseMs: 2400, countMs: 0, learns: 0.7 };
const slow: SimulatedStudent = { slip: 0.14, baseMs: 4600, countMs: 0, learns: 0.6 };

export const DEMO_GROUPS: readonly DemoGroup[] = [
  {
    name: 'Monday keys',
    code: 'KEYS42',
    method: 'two-sayings',
    key: 0,
    pace: 1.5,
    students: [
      { name: 'Wren', instrument: 'keyboard', acts: steady },
      { name: 'Juno', instrument: 'keyboard', acts: { ...steady, weakness: 'clef', rate: 0.35 } },
      {
        name: 'Otis',
        instrument: 'keyboard',
        acts: { ...steady, weakness: 'from-top', rate: 0.4 },
      },
      {
        name: 'Pia',
        instrument: 'keyboard',
        acts: { slip: 0.02, baseMs: 2600, countMs: 900, learns: 0.1 },
      },
      {
        name: 'Edda',
        instrument: 'keyboard',
        acts: quick,
        offer: { target: 'treble-lines', text: 'Eleven Geese Borrow Daisy Flags' },
      },
      { name: 'Linus', instrument: 'keyboard', acts: slow },
      {
        name: 'Mika',
        instrument: 'keyboard',
        acts: steady,
        // Shares its words with the group's treble lines, each one line lower: a clash to find.
        sayings: { 'bass-lines': 'Glide Below Dark Ferries Ahoy' },
      },
      { name: 'Zoë', instrument: 'keyboard', acts: quick },
    ],
  },
  {
    name: 'Boathouse strings',
    code: 'STRN42',
    method: 'landmarks',
    key: 2,
    pace: 1.5,
    students: [
      {
        name: 'Tilda',
        instrument: 'violin',
        acts: { ...quick, weakness: 'key-ignored', rate: 0.75 },
      },
      { name: 'Arlo', instrument: 'violin', acts: steady },
      { name: 'Noor', instrument: 'violin', acts: steady },
      { name: 'Bente', instrument: 'cello', acts: steady },
      {
        name: 'Rafi',
        instrument: 'cello',
        second: 'double-bass',
        acts: { ...slow, weakness: 'other-instrument', other: 'double-bass', rate: 0.6 },
      },
      { name: 'Solveig', instrument: 'double-bass', acts: steady },
    ],
  },
  {
    name: 'Reeds and brass',
    code: 'REED42',
    method: 'stepping-lines',
    key: 0,
    pace: 1.5,
    students: [
      { name: 'Ida', instrument: 'soprano-recorder', acts: quick },
      { name: 'Emre', instrument: 'soprano-recorder-german', acts: steady },
      { name: 'Lotte', instrument: 'clarinet', acts: steady },
      { name: 'Kit', instrument: 'trumpet', acts: steady, lastPractice: 15 },
      { name: 'Hugo', instrument: 'trombone', acts: steady },
    ],
  },
  {
    name: 'Guitar, alone',
    code: 'GTAR42',
    method: 'instrument-first',
    key: 0,
    pace: 1,
    students: [{ name: 'Ruben', instrument: 'guitar', second: 'keyboard', acts: quick }],
  },
];

/** The student whose key is printed for visitors. */
export const DEMO_ENTRY = { name: 'Wren', pictures: ['anchor', 'fish', 'moon'] } as const;
