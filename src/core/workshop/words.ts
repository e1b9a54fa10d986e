import { doubleMetaphone } from 'double-metaphone';

/** A word for comparing: small letters without accents, one form for singular and plural. */
export function plainWord(word: string): string {
  const plain = word
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]/gu, '');
  return plain.length > 3 ? plain.replace(/(?<=[^aeious])es$|(?<=[^s])s$/, '') : plain;
}

/** The first letter of a word as a capital without its accent; empty for none. */
export function initialOf(word: string): string {
  const plain = word.normalize('NFD').replace(/\p{M}/gu, '');
  return (/[\p{L}\p{N}\p{Extended_Pictographic}]/u.exec(plain)?.[0] ?? '').toUpperCase();
}

/** Syllables of an English word, by its groups of vowels; at least 1. An estimate. */
export function syllables(word: string): number {
  const plain = word
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/(?<=[^l])e$|(?<=[^aeioudt])ed$|(?<=[^cgsxz])es$/, '');
  return Math.max(1, plain.match(/[aeiouy]+/g)?.length ?? 1);
}

/** Whether two different words rhyme: alike from the last vowel that is sounded. */
export function rhymes(a: string, b: string): boolean {
  const tail = (word: string) => /[aeiouy]+[^aeiouy]*e?s?$/.exec(word)?.[0] ?? '';
  const [x, y] = [plainWord(a), plainWord(b)];
  return x !== y && tail(x).length >= 3 && tail(x) === tail(y);
}

/** Sounds worked out before: the same few hundred words are compared again and again. */
const sounds = new Map<string, [string, string]>();
const KEPT = 5000;

function soundOf(word: string): [string, string] {
  let sound = sounds.get(word);
  if (!sound) {
    if (sounds.size >= KEPT) sounds.clear();
    sound = doubleMetaphone(word);
    sounds.set(word, sound);
  }
  return sound;
}

/** Whether two different words sound nearly alike. Source of the sounds: Double Metaphone. */
export function soundsLike(a: string, b: string): boolean {
  const [x, y] = [plainWord(a), plainWord(b)];
  if (x === y || x.length < 3 || y.length < 3) return false;
  const [first, second] = [soundOf(x), soundOf(y)];
  return first[0] !== '' && (first[0] === second[0] || first[1] === second[1]);
}

/** Words into which a typed saying falls; FACE typed as one word counts as four letters. */
export function wordsOf(text: string): string[] {
  const words = text
    .trim()
    .split(/[\s,;·—–-]+/u)
    .filter(Boolean);
  return words.length === 1 && words[0] === 'FACE' ? ['F', 'A', 'C', 'E'] : words;
}
