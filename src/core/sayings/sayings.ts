import { type ClefId, isLine, type Letter, letterAt, type StaffPosition } from '../notation';
import type { SayingSet, Words } from './types';

/** Steps inside the staff that a saying runs over, bottom to top. */
const STEPS = { lines: [0, 2, 4, 6, 8], spaces: [1, 3, 5, 7] } as const;

export type SayingPart = keyof typeof STEPS;

/** The letters that a saying must start its words with, bottom to top. */
export function sayingLetters(clef: ClefId, part: SayingPart): Letter[] {
  return STEPS[part].map((step) => letterAt({ clef, step }));
}

/** Which saying covers a position and how far along it is (0 is the bottom); null beyond the staff. */
export function sayingPlace(position: StaffPosition): { part: SayingPart; index: number } | null {
  if (position.step < 0 || position.step > 8) return null;
  return isLine(position.step)
    ? { part: 'lines', index: position.step / 2 }
    : { part: 'spaces', index: (position.step - 1) / 2 };
}

/** The word said at a position, or null where no saying reaches. */
export function wordAt(sayings: SayingSet, position: StaffPosition): string | null {
  const place = sayingPlace(position);
  return (place && sayings[position.clef][place.part][place.index]) || null;
}

/** The first letter of a word as a capital without its accent; empty for none. */
function initial(word: string): string {
  return word.normalize('NFD').replace(/\p{M}/gu, '').charAt(0).toUpperCase();
}

/**
 * Splits a typed saying into words. FACE typed as one word counts as four letters.
 */
export function splitSaying(text: string): Words {
  const words = text
    .trim()
    .split(/[\s,;·—–-]+/u)
    .filter(Boolean);
  return words.length === 1 && words[0] === 'FACE' ? ['F', 'A', 'C', 'E'] : words;
}

/**
 * What is wrong with a saying, in a sentence that says what would be right, or null.
 * No words at all is allowed: the saying is then not in use.
 */
export function sayingProblem(words: Words, clef: ClefId, part: SayingPart): string | null {
  if (words.length === 0) return null;
  const letters = sayingLetters(clef, part);
  const where = `the ${clef} ${part}`;
  if (words.length !== letters.length) {
    return `A saying for ${where} needs ${letters.length} words, one for each of ${letters.join(' ')}; this one has ${words.length}.`;
  }
  const wrong = words.findIndex((word, i) => initial(word) !== letters[i]);
  if (wrong >= 0) {
    return `Word ${wrong + 1} of the saying for ${where} must start with ${letters[wrong]}, but “${words[wrong]}” does not.`;
  }
  const long = words.find((word) => word.length > 20);
  return long ? `“${long.slice(0, 20)}…” is too long: use words of up to 20 letters.` : null;
}
