import { bottomLine, CLEFS } from './clefs';
import { diatonic, fromDiatonic, type Pitch } from './pitch';
import type { StaffPosition } from './positions';

/** One rung of the grand staff: a natural pitch, and the positions that write it there. */
export interface Rung {
  readonly pitch: Pitch;
  /** One position; middle C has two, the bass one first. */
  readonly positions: readonly StaffPosition[];
}

/** Furthest rungs of the ladder rail, in ledger lines beyond the grand staff. */
const RAIL_LEDGERS = 2;

/**
 * The rungs from the second ledger line below the bass staff to the second above the
 * treble, low to high: C2 to C6, 29 rungs. B3 belongs to the bass, D4 to the treble, and
 * middle C to both, because it is drawn and learned differently in each.
 */
export function grandRungs(): Rung[] {
  const low = bottomLine(CLEFS.bass) - 2 * RAIL_LEDGERS;
  const high = bottomLine(CLEFS.treble) + 8 + 2 * RAIL_LEDGERS;
  const rungs: Rung[] = [];
  for (let d = low; d <= high; d++) {
    const positions: StaffPosition[] = [];
    if (d <= MIDDLE_C) positions.push({ clef: 'bass', step: d - bottomLine(CLEFS.bass) });
    if (d >= MIDDLE_C) positions.push({ clef: 'treble', step: d - bottomLine(CLEFS.treble) });
    rungs.push({ pitch: fromDiatonic(d), positions });
  }
  return rungs;
}

const MIDDLE_C = diatonic({ letter: 'C', octave: 4 });

/** The three notes between bass line 5 and treble line 1: B3, middle C, D4. */
export function notesBetweenStaves(): Pitch[] {
  const from = bottomLine(CLEFS.bass) + 8 + 1;
  const to = bottomLine(CLEFS.treble) - 1;
  return Array.from({ length: to - from + 1 }, (_, i) => fromDiatonic(from + i));
}

/**
 * The notes from which others are found: middle C in both clefs, the G line, the F line,
 * and the two outer Cs inside the staves. A teacher may choose others.
 */
export const LANDMARKS: readonly StaffPosition[] = [
  { clef: 'bass', step: 3 },
  { clef: 'bass', step: 6 },
  { clef: 'bass', step: 10 },
  { clef: 'treble', step: -2 },
  { clef: 'treble', step: 2 },
  { clef: 'treble', step: 5 },
];

/** Ready-made choices for the rail that depend on the staff alone. */
export const PRESETS: readonly { id: string; name: string; positions: readonly StaffPosition[] }[] =
  [
    { id: 'treble-spaces', name: 'Treble spaces', positions: run('treble', [1, 3, 5, 7]) },
    { id: 'treble-lines', name: 'Treble lines', positions: run('treble', [0, 2, 4, 6, 8]) },
    { id: 'bass-spaces', name: 'Bass spaces', positions: run('bass', [1, 3, 5, 7]) },
    { id: 'bass-lines', name: 'Bass lines', positions: run('bass', [0, 2, 4, 6, 8]) },
    {
      id: 'middle-five',
      name: 'Middle five',
      positions: [...run('bass', [8, 9, 10]), ...run('treble', [-2, -1, 0])],
    },
    { id: 'landmarks', name: 'Landmarks', positions: LANDMARKS },
  ];

function run(clef: StaffPosition['clef'], steps: number[]): StaffPosition[] {
  return steps.map((step) => ({ clef, step }));
}
