import { INSTRUMENTS, type InstrumentId } from '../instruments';
import {
  CLEFS,
  type ClefId,
  LANDMARKS,
  letterAt,
  parsePitch,
  placeName,
  positionId,
  positionOf,
  type StaffPosition,
} from '../notation';
import { METHODS } from './data';
import type { MethodId } from './types';

const SPACES = [1, 3, 5, 7];
const LINES = [0, 2, 4, 6, 8];
/** Next beyond the staff once its nine positions are known: first what touches it, then one and two ledger lines. */
const BEYOND = [-1, 9, -2, 10, -3, 11, -4, 12];
/** First five-finger position of each hand at a keyboard, from its C. */
const FIRST_FIVE: Record<ClefId, number[]> = { treble: [-2, -1, 0, 1, 2], bass: [3, 4, 5, 6, 7] };

/**
 * The notes of the given clefs in the order in which a method introduces them. The first
 * clef comes first. Positions up to two ledger lines; all of them appear exactly once.
 */
export function noteOrder(
  method: MethodId,
  clefs: readonly ClefId[],
  instrument: InstrumentId = 'none',
): StaffPosition[] {
  const all = clefs.flatMap((clef) =>
    steps(method, clef, instrument).map((step) => ({ clef, step })),
  );
  const rest = clefs.flatMap((clef) =>
    [...LINES, ...SPACES]
      .sort((a, b) => a - b)
      .concat(BEYOND)
      .map((step) => ({ clef, step })),
  );
  const seen = new Set<string>();
  return [...all, ...rest].filter((position) => {
    const id = positionId(position);
    if (seen.has(id) || position.step < -4 || position.step > 12) return false;
    seen.add(id);
    return true;
  });
}

function steps(method: MethodId, clef: ClefId, instrument: InstrumentId): number[] {
  switch (METHODS[method].order) {
    case 'spaces-lines':
      return [...SPACES, ...LINES];
    case 'lines-spaces':
      return [...LINES, ...SPACES];
    case 'landmarks': {
      const marks = LANDMARKS.filter((p) => p.clef === clef).map((p) => p.step);
      const distance = (s: number) => Math.min(...marks.map((m) => Math.abs(m - s)));
      const first = [CLEFS[clef].line * 2 - 2, ...marks];
      const outward = [-2, -1, ...LINES, ...SPACES, 9, 10].sort(
        (a, b) => distance(a) - distance(b),
      );
      return [...first, ...outward];
    }
    case 'first-five':
      return firstFive(clef, instrument);
    case 'instrument':
      return written(INSTRUMENTS[instrument].firstNotes[0]!.notes, clef);
    case 'all':
      return [...LINES, ...SPACES].sort((a, b) => a - b);
  }
}

/** The instrument's own first five; both hands of a keyboard, and of a student without one. */
function firstFive(clef: ClefId, instrument: InstrumentId): number[] {
  const { clefs, firstFive: notes } = INSTRUMENTS[instrument];
  return clefs.length > 1 ? FIRST_FIVE[clef] : written(notes, clef);
}

function written(notes: readonly string[], clef: ClefId): number[] {
  return notes
    .map((text) => positionOf(parsePitch(text), clef).position.step)
    .filter((step) => step >= -4 && step <= 12);
}

/** The next few notes that are not yet introduced, in the method's order. */
export function nextNotes(
  order: readonly StaffPosition[],
  introduced: ReadonlySet<string>,
  count: number,
): StaffPosition[] {
  return order.filter((p) => !introduced.has(positionId(p))).slice(0, count);
}

/** The landmark nearest to a position in its clef; the lower one at equal distance. */
export function nearestLandmark(position: StaffPosition): StaffPosition {
  return LANDMARKS.filter((p) => p.clef === position.clef).reduce((best, p) =>
    Math.abs(p.step - position.step) < Math.abs(best.step - position.step) ? p : best,
  );
}

/** The name of a landmark for a student, `the G line`, `middle C`. */
export function landmarkName(position: StaffPosition): string {
  const clef = CLEFS[position.clef];
  if (position.step === clef.line * 2 - 2) return `the ${clef.sign} line`;
  const middleC = positionOf({ letter: 'C', alter: 0, octave: 4 }, clef).position.step;
  return position.step === middleC
    ? 'middle C'
    : `the ${letterAt(position)} in ${placeName(position.step)}`;
}
