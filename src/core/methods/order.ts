import { INSTRUMENTS, type InstrumentId } from '../instruments';
import {
  CLEFS,
  type ClefId,
  LANDMARKS,
  letterAt,
  parsePositionId,
  placeName,
  positionId,
  positionOf,
  type StaffPosition,
} from '../notation';
import { METHODS } from './data';
import { firstFiveSteps, landmarksOf, type MethodSettings, stepsOf } from './settings';
import type { MethodId } from './types';

const SPACES = [1, 3, 5, 7];
const LINES = [0, 2, 4, 6, 8];
/** Next beyond the staff once its nine positions are known: first what touches it, then one and two ledger lines. */
const BEYOND = [-1, 9, -2, 10, -3, 11, -4, 12];
/**
 * The notes of the given clefs in the order in which a method introduces them. The first
 * clef comes first, an order of the teacher's own before everything. Positions up to two
 * ledger lines; all of them appear exactly once.
 */
export function noteOrder(
  method: MethodId,
  clefs: readonly ClefId[],
  instrument: InstrumentId = 'none',
  settings?: MethodSettings,
): StaffPosition[] {
  const own = (settings?.order ?? []).map(parsePositionId).filter((p) => p !== null);
  const first = own.filter((p) => clefs.includes(p.clef));
  const all = clefs.flatMap((clef) =>
    steps(method, clef, instrument, settings).map((step) => ({ clef, step })),
  );
  const rest = clefs.flatMap((clef) =>
    [...LINES, ...SPACES]
      .sort((a, b) => a - b)
      .concat(BEYOND)
      .map((step) => ({ clef, step })),
  );
  const seen = new Set<string>();
  return [...first, ...all, ...rest].filter((position) => {
    const id = positionId(position);
    if (seen.has(id) || position.step < -4 || position.step > 12) return false;
    seen.add(id);
    return true;
  });
}

function steps(
  method: MethodId,
  clef: ClefId,
  instrument: InstrumentId,
  settings: MethodSettings | undefined,
): number[] {
  switch (METHODS[method].order) {
    case 'spaces-lines':
      return [...SPACES, ...LINES];
    case 'lines-spaces':
      return [...LINES, ...SPACES];
    case 'landmarks': {
      const marks = landmarksOf(settings)
        .filter((p) => p.clef === clef)
        .map((p) => p.step);
      const distance = (s: number) => Math.min(99, ...marks.map((m) => Math.abs(m - s)));
      const first = [CLEFS[clef].line * 2 - 2, ...marks];
      const outward = [-2, -1, ...LINES, ...SPACES, 9, 10].sort(
        (a, b) => distance(a) - distance(b),
      );
      return [...first, ...outward];
    }
    case 'first-five':
      return firstFiveSteps(clef, instrument);
    case 'instrument':
      return stepsOf(INSTRUMENTS[instrument].firstNotes[0]!.notes, clef);
    case 'all':
      return [...LINES, ...SPACES].sort((a, b) => a - b);
  }
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
