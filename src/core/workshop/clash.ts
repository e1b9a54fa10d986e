import type { Words } from '../sayings';
import type { SayingTarget } from './targets';
import { findInBank, type Theme } from './word-bank';
import { plainWord, rhymes, soundsLike } from './words';

/** A saying in use, with what it is for. */
export interface UsedSaying {
  readonly target: SayingTarget;
  readonly words: Words;
}

export interface Clash {
  readonly a: UsedSaying;
  readonly b: UsedSaying;
  /**
   * Share, 0–1, of positions at which a student who starts the wrong one of the two names
   * a wrong note and yet says a word that belongs to the right one.
   */
  readonly share: number;
  /** Lines or spaces by which the shared words are apart, when that is the same for all; else null. */
  readonly apart: number | null;
  /** What is alike, each in a sentence. */
  readonly reasons: readonly string[];
}

/** Single letters, such as F A C E, are spelled and not said as words. */
const isSaid = ({ words }: UsedSaying) => words.length > 0 && words.some((w) => w.length > 1);

/**
 * How easily two sayings are taken for each other. Where word `i` of the wrong saying has
 * another letter than position `i` asks for, the note is named wrong; the student does
 * not notice when that word also belongs to the right saying. The share is the mean of
 * starting `b` for `a` and `a` for `b`.
 */
export function clashOf(a: UsedSaying, b: UsedSaying): Clash {
  if (!isSaid(a) || !isSaid(b)) return { a, b, share: 0, apart: null, reasons: [] };
  const shared = sharedWords(a, b);
  const apart = apartBy(a, b, shared);
  const share = (unnoticed(a, b) + unnoticed(b, a)) / 2;
  const reasons = shared.map(
    ({ word, i, j }) => `“${word}” stands on ${a.target.place(i)} and on ${b.target.place(j)}.`,
  );
  if (apart !== null && apart !== 0) {
    const [word, count] = [a.target.part.slice(0, -1), Math.abs(apart)];
    reasons.push(
      `The shared words run ${count === 1 ? `one ${word}` : `${count} ${word}s`} apart: whoever starts the wrong saying lands ${count === 1 ? `one ${word}` : `${count} ${word}s`} off.`,
    );
  }
  return { a, b, share, apart, reasons: [...reasons, ...alike(a, b)] };
}

/** All pairs of the sayings that have something alike, worst first. */
export function clashes(sayings: readonly UsedSaying[]): Clash[] {
  return sayings
    .flatMap((a, i) => sayings.slice(i + 1).map((b) => clashOf(a, b)))
    .filter((c) => c.share > 0 || c.reasons.length > 0)
    .sort((x, y) => y.share - x.share || y.reasons.length - x.reasons.length);
}

/** Share of `right`'s positions where starting `wrong` names a wrong note by a word of `right`. */
function unnoticed(right: UsedSaying, wrong: UsedSaying): number {
  const own = new Set(right.words.map(plainWord));
  const count = right.target.letters.filter((letter, i) => {
    const said = wrong.words[i];
    return said && wrong.target.letters[i] !== letter && own.has(plainWord(said));
  }).length;
  return count / right.target.letters.length;
}

function sharedWords(a: UsedSaying, b: UsedSaying) {
  return a.words.flatMap((word, i) => {
    const j = b.words.findIndex((other) => plainWord(other) === plainWord(word));
    return j < 0 ? [] : [{ word, i, j }];
  });
}

function apartBy(
  a: UsedSaying,
  b: UsedSaying,
  shared: readonly { i: number; j: number }[],
): number | null {
  if (shared.length === 0 || a.target.part !== b.target.part) return null;
  const offset = shared[0]!.j - shared[0]!.i;
  return shared.every(({ i, j }) => j - i === offset) ? offset : null;
}

/** Same theme, same opening, rhyme and near sound: what makes two stories one in the memory. */
function alike(a: UsedSaying, b: UsedSaying): string[] {
  const found: string[] = [];
  const [first, other] = [a.words[0]!, b.words[0]!];
  if (plainWord(first) === plainWord(other)) found.push(`Both begin with “${first}”.`);
  const theme = themeOf(a.words);
  if (theme && theme === themeOf(b.words)) found.push(`Both are about ${theme}.`);
  for (const [i, word] of a.words.entries()) {
    for (const [j, second] of b.words.entries()) {
      if (i > 0 && i < a.words.length - 1 && j > 0 && j < b.words.length - 1) continue;
      if (rhymes(word, second)) found.push(`“${word}” rhymes with “${second}”.`);
      else if (soundsLike(word, second)) found.push(`“${word}” sounds like “${second}”.`);
    }
  }
  return found.slice(0, 4);
}

/** The theme that most nouns of the bank in a saying have, when there are at least two. */
export function themeOf(words: Words): Theme | null {
  const counts = new Map<Theme, number>();
  for (const word of words) {
    const theme = findInBank(word)?.theme;
    if (theme) counts.set(theme, (counts.get(theme) ?? 0) + 1);
  }
  const best = [...counts].sort((x, y) => y[1] - x[1])[0];
  return best && best[1] >= 2 ? best[0] : null;
}
