import {
  DEFAULT_RULES,
  isKnown,
  NEW_NOTE,
  type NoteState,
  recallAt,
  type SecurityRules,
  securityOf,
} from '../evidence';
import { positionId, type StaffPosition } from '../notation';
import { pickWeighted, type Random } from '../random';

/** One note that a round may ask, with what is known about it. */
export interface PracticeNote {
  readonly position: StaffPosition;
  readonly state: NoteState;
}

export interface PracticeContext {
  /** Notes in the order in which they are taught. */
  readonly notes: readonly PracticeNote[];
  /** Ids of the positions asked so far in this round, newest last. */
  readonly asked: readonly string[];
  /** Position → how many notes after its mistake it is due back. */
  readonly back: ReadonlyMap<string, number>;
  readonly now: number;
  readonly rules?: SecurityRules;
}

/** Figures of the choice; our own. Weights are relative chances. */
export const CHOICE = {
  /** A wrong note comes back after this many others. */
  backAfter: 2,
  learning: 4,
  fading: 5,
  secure: 1.5,
  instant: 1,
  /** A new note, while no other is still being learned for the first time. */
  fresh: 4,
  /** Answers up to which a note counts as new, so that only one is new at a time. */
  freshAnswers: 3,
  /** Factor on the other clef after two notes of one clef in a row. */
  clefTurn: 3,
} as const;

/**
 * Which note to ask next: one that was wrong and is due back, else weak, fading and due
 * ones more often, at most one new note at a time in the order of teaching, clefs mixed
 * when both are in use, and never the same note twice in a row (unless there is only
 * one). Throws a RangeError when there are no notes.
 */
export function nextNote(context: PracticeContext, random: Random): StaffPosition {
  const { notes, asked, back } = context;
  if (notes.length === 0) throw new RangeError('Choose at least one note to practise.');
  const last = asked.at(-1);
  const open = askable(notes, context).filter((n) => positionId(n.position) !== last);
  const from = open.length > 0 ? open : notes;
  const due = from.filter((n) => (back.get(positionId(n.position)) ?? 1) <= 0);
  if (due.length > 0) return due[0]!.position;
  const lastTwo = asked.slice(-2).map((id) => id[0]);
  const turn = lastTwo.length === 2 && lastTwo[0] === lastTwo[1] ? lastTwo[0] : null;
  const chosen = pickWeighted(
    from,
    (n) => {
      const other = turn !== null && positionId(n.position)[0] !== turn;
      return weight(n, context) * (other ? CHOICE.clefTurn : 1);
    },
    random,
  );
  return chosen.position;
}

/** All notes met before, and at most one that is new. */
function askable(notes: readonly PracticeNote[], { asked }: PracticeContext): PracticeNote[] {
  const isFresh = (n: PracticeNote) => n.state.total < CHOICE.freshAnswers;
  const started = notes.find(
    (n) => isFresh(n) && (n.state.total > 0 || asked.includes(positionId(n.position))),
  );
  const fresh = started ?? notes.find(isFresh);
  const known = notes.filter((n) => !isFresh(n));
  if (!fresh) return known;
  // A beginner's first round has nothing known: two new notes, or nothing could alternate.
  if (known.length === 0) return notes.filter(isFresh).slice(0, 2);
  return [...known, fresh];
}

function weight({ state }: PracticeNote, { now, rules = DEFAULT_RULES }: PracticeContext): number {
  const { security } = securityOf(state, now, rules);
  if (security === 'not-met') return CHOICE.fresh;
  const base = CHOICE[security];
  const recall = recallAt(state, now, rules) ?? 1;
  return base * (isKnown(security) ? 2 - recall : 1);
}

/** The notes due back after one more note was asked: others count down, a wrong one starts again. */
export function countBack(
  back: ReadonlyMap<string, number>,
  asked: string,
  correct: boolean,
): Map<string, number> {
  const next = new Map<string, number>();
  for (const [id, left] of back) if (id !== asked) next.set(id, left - 1);
  if (!correct) next.set(asked, CHOICE.backAfter);
  return next;
}

/** A note nobody has met, as the start of a round. */
export function freshNote(position: StaffPosition): PracticeNote {
  return { position, state: NEW_NOTE };
}
