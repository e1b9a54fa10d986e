import type { PracticeKit } from '../../contract/views';
import {
  addAnswer,
  isRightAnswer,
  NEW_NOTE,
  nameText,
  rightName,
  rulesFor,
} from '../../core/evidence';
import { positionId, type StaffPosition } from '../../core/notation';
import {
  countBack,
  mainTask,
  nextNote,
  type PracticeNote,
  QUESTIONS,
  type QuestionKind,
  type RoundAnswer,
} from '../../core/practice';
import type { Random } from '../../core/random';

type AskedTask = (typeof QUESTIONS)[QuestionKind]['tasks'][number];

/** What is known of each note, for each task by itself. */
export type Book = Readonly<Record<AskedTask, readonly PracticeNote[]>>;

/** A round as it stands: everything that decides what comes next. */
export interface Round {
  readonly kind: QuestionKind;
  readonly book: Book;
  readonly current: StaffPosition;
  /** Which task of the question is asked now. */
  readonly stage: number;
  readonly asked: readonly string[];
  readonly back: ReadonlyMap<string, number>;
  readonly answers: readonly RoundAnswer[];
  readonly startedAt: number;
}

export interface Outcome {
  readonly round: Round;
  readonly task: AskedTask;
  readonly given: string;
  readonly correct: boolean;
  /** The right name in ASCII. */
  readonly right: string;
  /** Whether the question is over; otherwise its next task is asked of the same note. */
  readonly over: boolean;
}

/** The task that is asked now. */
export function taskOf(round: Round): AskedTask {
  return QUESTIONS[round.kind].tasks[round.stage]!;
}

/** The kit's notes as rounds need them. Places are asked only of notes that have one. */
export function kitBook(kit: PracticeKit): Book {
  const playable = kit.notes.filter((n) => n.playable);
  return {
    name: kit.notes.map((n) => ({ position: n.position, state: n.state ?? NEW_NOTE })),
    place: playable.map((n) => ({ position: n.position, state: n.place ?? NEW_NOTE })),
    write: playable.map((n) => ({ position: n.position, state: n.write ?? NEW_NOTE })),
  };
}

/** Starts a round with what the book knows of each note. Throws a RangeError without notes. */
export function startRound(
  kit: PracticeKit,
  kind: QuestionKind,
  book: Book,
  now: number,
  random: Random,
): Round {
  const round = {
    kind,
    book,
    stage: 0,
    asked: [],
    back: new Map<string, number>(),
    answers: [],
    startedAt: now,
  };
  const current = choose(kit, round, now, random);
  return { ...round, current, asked: [positionId(current)] };
}

/** What an answer means: right or not, and what is now known. `ms` since the question was seen. */
export function answerNote(
  kit: PracticeKit,
  round: Round,
  answer: { given: string; ms: number; hints: number; now: number },
): Outcome {
  const task = taskOf(round);
  const { given, ms, hints, now: at } = answer;
  const item = { ...round.current, key: kit.key, accidental: null };
  const correct = isRightAnswer(task, item, given, kit.instrument);
  const id = positionId(round.current);
  const rules = rulesFor(task, kit.rules);
  const notes = round.book[task].map((n) =>
    positionId(n.position) === id
      ? { ...n, state: addAnswer(n.state, { correct, ms, hints, at }, rules) }
      : n,
  );
  const over = !correct || task === mainTask(round.kind);
  const base = { ...round, book: { ...round.book, [task]: notes } };
  const next = over
    ? {
        ...base,
        back: countBack(round.back, id, correct),
        answers: [...round.answers, { position: id, correct, ms }],
      }
    : { ...base, stage: round.stage + 1 };
  return { task, given, correct, over, right: nameText(rightName(item)), round: next };
}

/** Moves on to the next note. */
export function advance(kit: PracticeKit, round: Round, now: number, random: Random): Round {
  const current = choose(kit, round, now, random);
  return { ...round, current, stage: 0, asked: [...round.asked, positionId(current)] };
}

function choose(
  kit: PracticeKit,
  { kind, book, asked, back }: Pick<Round, 'kind' | 'book' | 'asked' | 'back'>,
  now: number,
  random: Random,
): StaffPosition {
  const task = mainTask(kind);
  const rules = rulesFor(task, kit.rules);
  return nextNote({ notes: book[task], asked, back, now, rules }, random);
}
