import { nameText, parseName } from '../evidence';
import {
  type Alter,
  type KeySignature,
  keyAlter,
  type Letter,
  letterIndex,
  type Naming,
  shiftLetter,
  tonic,
} from '../notation';
import type { EntryId, Question } from './questions';
import { placeExample, plainPlace, writtenPlaces } from './written-place';

/** What was keyed in for one question. */
export interface Taken {
  /** Characters used of the text. */
  readonly length: number;
  /** In the form in which answers are stored; null for a blank. */
  readonly given: string | null;
}

/** How one form of answer is keyed in, with as few keys as it can be. */
export interface Entry {
  /** For whoever keys it in. */
  readonly how: (question: Question) => string;
  /**
   * Reads the answer at the start of `text`; null when it is none. `fresh`: the text begins
   * a new part, after a space or comma.
   */
  readonly take: (text: string, question: Question, fresh: boolean) => Taken | null;
}

const one =
  (pattern: RegExp) =>
  (text: string): Taken | null => {
    const match = pattern.exec(text);
    return match ? { length: match[0].length, given: match[0].toLowerCase() } : null;
  };

/** First letters of the syllables, which no two share. */
const SYLLABLE_KEYS = 'drmfslt';
const SYLLABLES: Readonly<Record<string, Letter>> = {
  d: 'C',
  r: 'D',
  m: 'E',
  f: 'F',
  s: 'G',
  l: 'A',
  t: 'B',
};

/** The rest of the part, up to a space or comma. */
const partOf = (text: string) => /^[^\s,;]*/.exec(text)![0];

/** How an answer that is a name is written. */
function namesOf({ names }: Question): NonNullable<Question['names']> {
  return names ?? { naming: 'letters', key: 0 };
}

function takeName(text: string, question: Question, fresh: boolean): Taken | null {
  const { naming, key } = namesOf(question);
  if (naming !== 'letters') return takeSyllable(text, naming, key);
  const part = partOf(text);
  // `bb` alone is B flat; inside a run such as `fabbe` it is two Bs.
  const whole = fresh && /^[A-Ga-g][#♯b♭]?$/u.test(part) ? part : null;
  const found = whole ?? /^[A-Ga-g][#♯♭]?/u.exec(text)?.[0];
  const name = found ? parseName(found) : null;
  return name && found ? { length: found.length, given: nameText(name) } : null;
}

function takeSyllable(text: string, naming: Naming, key: KeySignature): Taken | null {
  const found = /^(do|re|mi|fa|sol|la|ti|[drmfslt])([#♯♭]?)/iu.exec(text);
  if (!found) return null;
  const first = found[1]![0]!.toLowerCase();
  const named = naming === 'fixed-do' ? SYLLABLES[first]! : degree(first, key);
  const sign = parseName(`C${found[2]}`)!.alter;
  // Movable do says the signature with the syllable; fixed do says the sign.
  const alter = naming === 'movable-do' ? keyAlter(key, named) + sign : sign;
  return Math.abs(alter) <= 2
    ? { length: found[0].length, given: nameText({ letter: named, alter: alter as Alter }) }
    : null;
}

function degree(syllable: string, key: KeySignature): Letter {
  return shiftLetter(tonic(key).letter, SYLLABLE_KEYS.indexOf(syllable));
}

function takePlace(text: string, question: Question): Taken | null {
  const id = question.evidence?.instrument;
  if (!id) return null;
  const tick = /^[+x](?=$|[\s,;+x])/i.exec(text);
  if (tick) return { length: 1, given: tick[0] === '+' ? question.answer : null };
  const table = writtenPlaces(id);
  const part = partOf(text);
  // The longest start that is a place, so that places can also be run together.
  for (let n = part.length; n > 0; n--) {
    if (table.has(plainPlace(part.slice(0, n))))
      return { length: n, given: plainPlace(part.slice(0, n)) };
  }
  return null;
}

export const ENTRIES: Readonly<Record<EntryId, Entry>> = {
  name: {
    how: (question) =>
      namesOf(question).naming === 'letters'
        ? 'notes are A to G, with # or b where the sheet asks for it'
        : 'notes are d r m f s l t, for do re mi fa sol la ti, with # or ♭ where the sheet asks for it',
    take: takeName,
  },
  'line-space': {
    how: ({ answer }) =>
      answer.length > 1 ? 'L or S and the number, like L2 or S3' : 'L for a line, S for a space',
    take(text, question) {
      const found = (question.answer.length > 1 ? /^[ls]\d/i : /^[ls]/i).exec(text)?.[0];
      return found ? { length: found.length, given: found.toUpperCase() } : null;
    },
  },
  number: {
    how: () => 'the number of one dot, with a space after it',
    take: one(/^\d{1,2}/),
  },
  tag: { how: () => 'the number of the place that the line ends at', take: one(/^\d/) },
  motion: {
    how: () => 'su and sd for a step up and down, ku and kd for a skip, = for the same',
    take: one(/^(=|[sk][ud])/i),
  },
  pair: {
    how: () => 'the numbers of the two ringed notes, like 13',
    take(text) {
      const found = /^[1-9][1-9]/.exec(text)?.[0];
      return found ? { length: 2, given: [...found].sort().join('') } : null;
    },
  },
  correction: {
    how: (question) =>
      `a full stop where the label was left alone, else what was written: ${namesOf(question).naming === 'letters' ? 'A to G' : 'd r m f s l t'}`,
    take(text, question, fresh) {
      if (text[0] === '.') return { length: 1, given: '.' };
      return takeName(text, question, fresh);
    },
  },
  place: {
    how: ({ evidence }) =>
      evidence?.instrument
        ? `places are ${placeExample(evidence.instrument)}; or + for right and x for wrong`
        : 'the place as it is written',
    take: takePlace,
  },
  tick: {
    how: () => '+ for right, x for wrong',
    take(text) {
      const found = /^[+x]/i.exec(text)?.[0];
      return found ? { length: 1, given: found === '+' ? '+' : 'x' } : null;
    },
  },
};

/** A stored answer as it would be keyed in: to correct it later. */
export function typedAs(question: Question, given: string | null): string {
  const { naming, key } = namesOf(question);
  const name =
    question.entry === 'name' || question.entry === 'correction' ? parseName(given ?? '') : null;
  if (given === null || name === null || naming === 'letters') return given ?? '-';
  const movable = naming === 'movable-do';
  const from = movable ? tonic(key).letter : 'C';
  const steps = (letterIndex(name.letter) - letterIndex(from) + 7) % 7;
  const alter = name.alter - (movable ? keyAlter(key, name.letter) : 0);
  return `${SYLLABLE_KEYS[steps]}${alter > 0 ? '#' : alter < 0 ? '♭' : ''}`;
}

/** Codes of the places that a written place may mean. */
export function codesOf(question: Question, given: string): readonly string[] {
  const id = question.evidence?.instrument;
  return (id && writtenPlaces(id).get(given)) ?? [];
}
