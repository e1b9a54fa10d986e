import type { PracticeKit } from '../../contract/views';
import { addAnswer, isRight, NEW_NOTE, nameText, rightName } from '../../core/evidence';
import { positionId, type StaffPosition } from '../../core/notation';
import { countBack, nextNote, type PracticeNote, type RoundAnswer } from '../../core/practice';
import type { Random } from '../../core/random';

/** A round as it stands: everything that decides what comes next. */
export interface Round {
  readonly notes: readonly PracticeNote[];
  readonly current: StaffPosition;
  readonly asked: readonly string[];
  readonly back: ReadonlyMap<string, number>;
  readonly answers: readonly RoundAnswer[];
  readonly startedAt: number;
}

export interface Outcome {
  readonly round: Round;
  readonly correct: boolean;
  /** The right name in ASCII. */
  readonly right: string;
}

/** Starts a round with what the kit knows of each note. Throws a RangeError without notes. */
export function startRound(
  kit: PracticeKit,
  notes: readonly PracticeNote[],
  now: number,
  random: Random,
): Round {
  const context = { notes, asked: [], back: new Map<string, number>(), now, rules: kit.rules };
  const current = nextNote(context, random);
  return {
    notes,
    current,
    asked: [positionId(current)],
    back: new Map(),
    answers: [],
    startedAt: now,
  };
}

/** The kit's notes as a round needs them. */
export function kitNotes(kit: PracticeKit): PracticeNote[] {
  return kit.notes.map(({ position, state }) => ({ position, state: state ?? NEW_NOTE }));
}

/** What an answer means: right or not, and what is now known. `ms` since the note was seen. */
export function answerNote(
  kit: PracticeKit,
  round: Round,
  answer: { given: string; ms: number; hints: number; now: number },
): Outcome {
  const item = { ...round.current, key: kit.key, accidental: null };
  const correct = isRight(item, answer.given);
  const id = positionId(round.current);
  const one = { correct, ms: answer.ms, hints: answer.hints, at: answer.now };
  const notes = round.notes.map((n) =>
    positionId(n.position) === id ? { ...n, state: addAnswer(n.state, one, kit.rules) } : n,
  );
  return {
    correct,
    right: nameText(rightName(item)),
    round: {
      ...round,
      notes,
      back: countBack(round.back, id, correct),
      answers: [...round.answers, { position: id, correct, ms: answer.ms }],
    },
  };
}

/** Moves on to the next note. */
export function advance(kit: PracticeKit, round: Round, now: number, random: Random): Round {
  const current = nextNote(
    { notes: round.notes, asked: round.asked, back: round.back, now, rules: kit.rules },
    random,
  );
  return { ...round, current, asked: [...round.asked, positionId(current)] };
}
