import { type Answer, isRight } from '../evidence';
import { bestPlace, isPlaceOf } from '../instruments';
import { pitchAt, positionId } from '../notation';
import { codesOf, ENTRIES } from './entries';
import type { Question } from './questions';
import { plainPlace } from './written-place';

/** One question as marked. */
export interface Mark {
  /** As keyed in, in the form in which it is stored; null for a blank. */
  readonly given: string | null;
  readonly correct: boolean;
}

export type Marked =
  | { readonly ok: true; readonly marks: readonly Mark[]; readonly left: number }
  | { readonly ok: false; readonly reason: string };

/** Keyed in for an answer left empty; a full stop too, where it does not stand for a label left alone. */
const BLANK = /^[-_?.]/;
const GAP = /^[\s,;]+/;
/** All the rest is right. */
const REST = '*';

/**
 * Marks what was keyed in for the questions in their order: answers by spaces or commas,
 * or run together; `-` for a blank, `*` when all the rest is right. Fewer answers than
 * questions are allowed while typing: `left` says how many are missing. More, or anything
 * that is no answer to its question, is refused with the place and what would be right.
 */
export function markTyped(questions: readonly Question[], typed: string): Marked {
  const marks: Mark[] = [];
  let text = typed.trim();
  let fresh = true;
  while (text !== '') {
    const question = questions[marks.length];
    if (!question) return tooMany(questions.length, marks.length + countRest(text));
    if (text[0] === REST) {
      if (text.length > 1)
        return { ok: false, reason: '* means that all the rest is right: nothing can follow it.' };
      for (const q of questions.slice(marks.length)) marks.push({ given: q.answer, correct: true });
      break;
    }
    const taken = takenFrom(text, question, fresh);
    if (!taken) return unreadable(text, question, marks.length + 1);
    marks.push({ given: taken.given, correct: isRightMark(question, taken.given) });
    text = text.slice(taken.length);
    fresh = text === '' || GAP.test(text);
    text = text.replace(GAP, '');
  }
  return { ok: true, marks, left: questions.length - marks.length };
}

function takenFrom(text: string, question: Question, fresh: boolean) {
  const entry = ENTRIES[question.entry];
  return (
    entry.take(text, question, fresh) ?? (BLANK.test(text) ? { length: 1, given: null } : null)
  );
}

const countRest = (text: string) =>
  text.split(/[\s,;]+/).flatMap((p) => (/^[A-Ga-g]+$/.test(p) ? [...p] : [p])).length;

function tooMany(asked: number, keyed: number): Marked {
  return {
    ok: false,
    reason: `The sheet has ${asked} ${asked === 1 ? 'answer' : 'answers'} here, but ${keyed} were typed. Look for one that is doubled.`,
  };
}

function unreadable(text: string, question: Question, number: number): Marked {
  const what = /^[^\s,;]{1,12}/.exec(text)?.[0] ?? text.slice(0, 12);
  const shown = question.entry === 'name' || question.entry === 'tick' ? what[0]! : what;
  const how = ENTRIES[question.entry].how(question);
  return { ok: false, reason: `Number ${number} is “${shown}”: ${how}, and - for a blank.` };
}

/** Whether a stored answer is right for its question; a blank never is. */
export function isRightMark(question: Question, given: string | null): boolean {
  if (given === null) return false;
  const { evidence, entry } = question;
  if (entry === 'place' && evidence?.instrument) {
    if (given === question.answer) return true;
    const { instrument, item } = evidence;
    return codesOf(question, plainPlace(given)).some((code) =>
      isPlaceOf(instrument, pitchAt(item, item.key), code),
    );
  }
  return given === question.answer || (question.others?.includes(given) ?? false);
}

/** What a mark says about a note, for the log of answers; null when it says nothing that is kept. */
export function evidenceOf(
  question: Question,
  mark: Mark,
): Pick<
  Answer,
  'clef' | 'step' | 'key' | 'accidental' | 'task' | 'given' | 'correct' | 'instrument'
> | null {
  const { given, correct } = mark;
  if (question.numbered) return numberedEvidence(question, mark);
  const about = question.evidence;
  if (!about) return null;
  const { item, task, instrument = null } = about;
  const base = { ...item, task, correct, instrument: task === 'name' ? null : instrument };
  switch (question.entry) {
    case 'tick':
      return { ...base, given: correct ? rightAnswer(about) : null };
    case 'tag':
      return {
        ...base,
        given: given === null ? null : (question.tagged?.[Number(given) - 1] ?? null),
      };
    case 'place':
      return { ...base, given: given === null ? null : placeGiven(question, given, correct) };
    case 'correction':
      // A label left alone was taken for right.
      return { ...base, given: given === '.' ? (question.label ?? null) : given };
    default:
      return { ...base, given };
  }
}

/** The right answer in the log's form: the position of a written note, the code of a place. */
function rightAnswer({ item, task, instrument }: NonNullable<Question['evidence']>): string | null {
  if (task === 'write') return positionId(item);
  return (instrument && bestPlace(instrument, pitchAt(item, item.key))?.code) ?? null;
}

function placeGiven(question: Question, given: string, correct: boolean): string | null {
  const about = question.evidence!;
  if (correct && given === question.answer) return rightAnswer(about);
  const codes = codesOf(question, plainPlace(given));
  const right = codes.find((code) =>
    isPlaceOf(about.instrument!, pitchAt(about.item, about.item.key), code),
  );
  return right ?? codes[0] ?? null;
}

/** A dot given for a letter: the note at that dot was called by the letter. */
function numberedEvidence({ numbered }: Question, { given }: Mark) {
  const item = given === null ? undefined : numbered!.items[Number(given) - 1];
  if (!item) return null;
  const name = numbered!.name;
  return {
    ...item,
    task: 'name' as const,
    given: name,
    correct: isRight(item, name),
    instrument: null,
  };
}
