import { INSTRUMENTS, type InstrumentId, lowerName } from '../instruments';
import { nearestLandmark } from '../methods';
import {
  type ClefId,
  isLine,
  type Letter,
  letterAt,
  otherClef,
  parsePositionId,
  placeName,
  type StaffPosition,
  shiftLetter,
} from '../notation';
import { type GivenName, rightName } from './judge';
import type { Item } from './types';

/** The explanations of wrong answers that are weighed against each other. */
export type CauseId =
  | 'clef'
  | 'from-top'
  | 'step-up'
  | 'step-down'
  | 'third-up'
  | 'third-down'
  | 'sayings-swapped'
  | 'alphabet-backwards'
  | 'letter-reversal'
  | 'key-ignored'
  | 'guessing'
  | 'note-missing'
  | 'wrong-finger'
  | 'other-instrument'
  | 'counting'
  | 'slips';

/**
 * A cause of wrong names. `predict` says what a student would answer if it acted on an
 * item: one name, `any` when all names are equally likely, or null where it cannot act.
 */
export interface Cause {
  readonly id: CauseId;
  /** Position for "one note missing". */
  readonly position?: string;
  readonly predict: (item: Item) => GivenName | 'any' | null;
  /**
   * For causes that are about places only: codes of the places shown instead, `any` for no
   * pattern, or null where it cannot act. Other causes act on a place through its letter.
   */
  readonly predictPlace?: (item: Item) => readonly string[] | 'any' | null;
  /** For "finger of another instrument": which one. */
  readonly instrument?: InstrumentId;
  /** Chance that a student has it before any answer is seen. */
  readonly prior: number;
}

/** The name a reader gives who has the letter from elsewhere but follows the signature. */
function named(item: Item, letter: Letter): GivenName {
  const right = rightName(item);
  return letter === right.letter
    ? right
    : { letter, alter: rightName({ ...item, accidental: null, step: stepOf(item, letter) }).alter };
}

/** A step in the item's clef that has the letter, to find what the signature does to it. */
function stepOf(item: Item, letter: Letter): number {
  for (let s = 0; s < 7; s++) if (letterAt({ clef: item.clef, step: s }) === letter) return s;
  return 0;
}

const inStaff = (item: Item) => item.step >= 0 && item.step <= 8;

function asClef(item: Item, clef: ClefId): GivenName {
  return named(item, letterAt({ clef, step: item.step }));
}

/** Counted with the other kind's saying: the third space gets the third line's word. */
function swapped(item: Item): GivenName | null {
  if (!inStaff(item)) return null;
  const step = isLine(item.step) ? item.step + 1 : item.step - 1;
  return step > 8 ? null : named(item, letterAt({ clef: item.clef, step }));
}

/** Right distance from the nearest landmark, but the alphabet said the other way. */
function backwards(item: Item): GivenName | null {
  const mark = nearestLandmark(item);
  const distance = item.step - mark.step;
  if (distance === 0) return null;
  return named(item, letterAt({ clef: item.clef, step: mark.step - distance }));
}

const REVERSED: Partial<Record<Letter, Letter>> = { B: 'D', D: 'B' };

/**
 * The causes with one meaning for every student. Priors are our own estimates of how
 * common each is among beginners; they only matter while answers are few.
 */
export const CAUSES: readonly Cause[] = [
  { id: 'clef', prior: 0.06, predict: (i) => asClef(i, otherClef(i.clef)) },
  {
    id: 'from-top',
    prior: 0.05,
    predict: (i) => (inStaff(i) ? named(i, letterAt({ clef: i.clef, step: 8 - i.step })) : null),
  },
  { id: 'step-up', prior: 0.03, predict: (i) => named(i, shiftLetter(letterAt(i), 1)) },
  { id: 'step-down', prior: 0.03, predict: (i) => named(i, shiftLetter(letterAt(i), -1)) },
  { id: 'third-up', prior: 0.03, predict: (i) => named(i, shiftLetter(letterAt(i), 2)) },
  { id: 'third-down', prior: 0.03, predict: (i) => named(i, shiftLetter(letterAt(i), -2)) },
  { id: 'sayings-swapped', prior: 0.03, predict: swapped },
  { id: 'alphabet-backwards', prior: 0.03, predict: backwards },
  {
    id: 'letter-reversal',
    prior: 0.03,
    predict: (i) => {
      const other = REVERSED[letterAt(i)];
      return other ? named(i, other) : null;
    },
  },
  {
    id: 'key-ignored',
    prior: 0.06,
    predict: (i) => {
      const right = rightName(i);
      return i.accidental === null && right.alter !== 0 ? { letter: right.letter, alter: 0 } : null;
    },
  },
  { id: 'guessing', prior: 0.04, predict: () => 'any' },
];

/** "One note missing" for one position. */
export function missingNote(position: string): Cause {
  const at = parsePositionId(position)!;
  return {
    id: 'note-missing',
    position,
    prior: 0.04,
    predict: (i) => (i.clef === at.clef && i.step === at.step ? 'any' : null),
  };
}

/** What each cause is called and what helps, in a teacher's words. */
export const CAUSE_TEXT: Readonly<Record<CauseId, { name: string; seen: string; helps: string }>> =
  {
    clef: {
      name: 'Clef mixed up',
      seen: 'Names fit the other clef.',
      helps:
        'Say the clef aloud before the first note; practise with clefs changing from note to note.',
    },
    'from-top': {
      name: 'Counts from the top',
      seen: 'Line 2 is named as line 4, space 1 as space 4.',
      helps: 'Hand staff or ladder: the little finger and the lowest rung are number 1.',
    },
    'step-up': {
      name: 'One step too high',
      seen: 'Names are the next letter up: a line and a space taken for each other.',
      helps: 'Look at the head close up: does a line run through it?',
    },
    'step-down': {
      name: 'One step too low',
      seen: 'Names are the next letter down: a line and a space taken for each other.',
      helps: 'Look at the head close up: does a line run through it?',
    },
    'third-up': {
      name: 'One line too high',
      seen: 'Names are a third too high: lost count.',
      helps: 'Point to each line or space while counting it.',
    },
    'third-down': {
      name: 'One line too low',
      seen: 'Names are a third too low: lost count, or began counting at 0.',
      helps: 'Point to each line or space while counting; the first is 1.',
    },
    'sayings-swapped': {
      name: 'Line and space sayings swapped',
      seen: 'Space notes are named with the line saying, or the reverse.',
      helps: 'Sort notes into lines and spaces before naming any.',
    },
    'alphabet-backwards': {
      name: 'Alphabet the wrong way',
      seen: 'The distance from a known note is right, the direction is not.',
      helps: 'Say the alphabet backwards from any letter; down the staff goes back.',
    },
    'letter-reversal': {
      name: 'B and D reversed',
      seen: 'B is given for D or D for B, whatever the place.',
      helps: 'Say the name aloud. This is about the letters, not the reading.',
    },
    'key-ignored': {
      name: 'Key signature forgotten',
      seen: 'Letters are right, sharps or flats of the signature are dropped.',
      helps: 'Name the signature first; practise its notes without printed signs.',
    },
    guessing: {
      name: 'Guessing',
      seen: 'Wrong names follow no pattern.',
      helps: 'Fewer notes at once.',
    },
    'note-missing': {
      name: 'One note not learned',
      seen: 'The same note is nearly always wrong.',
      helps: 'That card on its own, then among two others.',
    },
    'wrong-finger': {
      name: 'Right letter, wrong place',
      seen: 'Names are right, but the place shown on the instrument is not.',
      helps: 'Cards with the instrument in hand: say the name, say the place, play, turn the card.',
    },
    'other-instrument': {
      name: 'Finger of another instrument',
      seen: 'The place shown is where another instrument has the note.',
      helps: 'Name the instrument first; keep its cards apart from those of the other one.',
    },
    counting: {
      name: 'Counts instead of recalling',
      seen: 'Answers are right, but take longer the further along the saying.',
      helps: 'Short timed rounds in random order, few notes at once.',
    },
    slips: {
      name: 'Plain slips',
      seen: 'A few wrong answers without a pattern.',
      helps: 'Nothing special: go on.',
    },
  };

/** A cause's name with its note or instrument, for those that have one. */
export function causeName(cause: {
  id: CauseId;
  position?: string | undefined;
  instrument?: InstrumentId | undefined;
}): string {
  if (cause.instrument) {
    return `${CAUSE_TEXT[cause.id].name}: ${lowerName(INSTRUMENTS[cause.instrument])}`;
  }
  const at = cause.position ? parsePositionId(cause.position) : null;
  if (!at) return CAUSE_TEXT[cause.id].name;
  return `${CAUSE_TEXT[cause.id].name}: ${noteLabel(at)}`;
}

function noteLabel(at: StaffPosition): string {
  return `${letterAt(at)} on ${at.clef} ${placeName(at.step)}`;
}
