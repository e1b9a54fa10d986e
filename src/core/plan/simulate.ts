import {
  type Answer,
  CAUSES,
  type Cause,
  type CauseId,
  type Item,
  isRight,
  isRightAnswer,
  missingNote,
  nameText,
  pitchOf,
  rightName,
  type Source,
} from '../evidence';
import { bestPlace, type InstrumentId, misplaced } from '../instruments';
import { type KeySignature, LETTERS, positionId, type StaffPosition } from '../notation';
import type { Random } from '../random';
import { sayingPlace } from '../sayings';

/**
 * A made-up student for the demo, tests and the bench. `weakness` acts on the share
 * `rate` of the items it applies to; the rest is right but for slips.
 */
export interface SimulatedStudent {
  readonly weakness?: CauseId;
  /** For "one note missing". */
  readonly position?: string;
  /** For "finger of another instrument". */
  readonly other?: InstrumentId;
  readonly rate?: number;
  /** Share of plain slips, 0–1. */
  readonly slip: number;
  /** Time for a recalled note, in ms. */
  readonly baseMs: number;
  /** Extra time for each word along the saying, in ms; 0 for one who recalls. */
  readonly countMs: number;
  /** Share by which slips and time shrink over the first 40 answers of a note, 0–1. */
  readonly learns: number;
}

export interface SimulatedAsk {
  readonly id: string;
  readonly position: StaffPosition;
  readonly key: KeySignature;
  readonly source: Source;
  readonly at: number;
  /** How often this note was answered before. */
  readonly before: number;
}

/** One answer of a simulated student. Paper answers have no time. */
export function simulateAnswer(
  student: SimulatedStudent,
  ask: SimulatedAsk,
  random: Random,
): Answer {
  const item: Item = { ...ask.position, key: ask.key, accidental: null };
  const learned = 1 - student.learns * Math.min(1, ask.before / 40);
  const given = simulateName(student, item, learned, random);
  return {
    id: ask.id,
    ...item,
    task: 'name',
    given,
    correct: isRight(item, given),
    ms: ask.source === 'sheet' ? null : simulateTime(student, ask.position, learned, random),
    hints: 0,
    source: ask.source,
    at: ask.at,
  };
}

/** How much longer a place takes than a name. */
const PLACE_TIME = 1.4;

/** One place shown on the instrument; null where the instrument has none. */
export function simulatePlace(
  student: SimulatedStudent,
  ask: SimulatedAsk & { instrument: InstrumentId; among: readonly StaffPosition[] },
  random: Random,
): Answer | null {
  const item: Item = { ...ask.position, key: ask.key, accidental: null };
  const right = bestPlace(ask.instrument, pitchOf(item));
  if (!right) return null;
  const learned = 1 - student.learns * Math.min(1, ask.before / 40);
  const anyPlace = () => {
    const other = ask.among[Math.floor(random() * ask.among.length)]!;
    const at = { ...item, ...other };
    return bestPlace(ask.instrument, pitchOf(at))?.code ?? right.code;
  };
  const strays = student.other ? misplaced(ask.instrument, student.other, pitchOf(item)) : [];
  const acts = random() < (student.rate ?? 0.6);
  let given = right.code;
  if (student.weakness === 'wrong-finger' && acts) given = anyPlace();
  else if (student.weakness === 'other-instrument' && acts && strays.length > 0) given = strays[0]!;
  else if (random() < student.slip * learned) given = anyPlace();
  return {
    id: ask.id,
    ...item,
    task: 'place',
    given,
    correct: isRightAnswer('place', item, given, ask.instrument),
    ms: Math.round(simulateTime(student, ask.position, learned, random) * PLACE_TIME),
    hints: 0,
    source: ask.source,
    at: ask.at,
    instrument: ask.instrument,
  };
}

function simulateName(
  student: SimulatedStudent,
  item: Item,
  learned: number,
  random: Random,
): string {
  const cause = causeOf(student);
  const predicted = cause?.predict(item) ?? null;
  if (predicted !== null && random() < (student.rate ?? 0.6)) {
    return predicted === 'any' ? anyLetter(random) : nameText(predicted);
  }
  if (random() < student.slip * learned) return anyLetter(random);
  return nameText(rightName(item));
}

function causeOf(student: SimulatedStudent): Cause | undefined {
  if (student.weakness === 'note-missing')
    return missingNote(student.position ?? positionId({ clef: 'treble', step: 4 }));
  return CAUSES.find((c) => c.id === student.weakness);
}

function simulateTime(
  student: SimulatedStudent,
  position: StaffPosition,
  learned: number,
  random: Random,
): number {
  const words = sayingPlace(position)?.index ?? 2;
  const time = student.baseMs * (0.5 + 0.5 * learned) + student.countMs * words;
  return Math.round(time * (0.8 + 0.5 * random()));
}

function anyLetter(random: Random): string {
  return LETTERS[Math.floor(random() * LETTERS.length)]!;
}
