import type { Letter } from '../notation';
import { pickWeighted, type Random } from '../random';
import type { Words } from '../sayings';
import { clashOf, type UsedSaying } from './clash';
import type { SayingTarget } from './targets';
import { type BankWord, bankWords, findInBank, type Theme, type WordClass } from './word-bank';
import { initialOf, plainWord } from './words';

/** Ways in which classes of words follow each other so that they read as English. */
const PATTERNS: Readonly<Record<number, readonly (readonly WordClass[])[]>> = {
  4: [
    ['adjective', 'noun', 'verb', 'noun'],
    ['noun', 'verb', 'adjective', 'noun'],
    ['noun', 'adverb', 'verb', 'noun'],
    ['noun', 'verb', 'noun', 'adverb'],
  ],
  5: [
    ['adjective', 'noun', 'verb', 'adjective', 'noun'],
    ['noun', 'verb', 'adjective', 'adjective', 'noun'],
    ['adjective', 'adjective', 'noun', 'verb', 'noun'],
    ['noun', 'adverb', 'verb', 'adjective', 'noun'],
    ['adjective', 'noun', 'verb', 'noun', 'adverb'],
    ['noun', 'verb', 'adjective', 'noun', 'adverb'],
    ['adjective', 'noun', 'adverb', 'verb', 'noun'],
  ],
  6: [
    ['adjective', 'noun', 'verb', 'adjective', 'adjective', 'noun'],
    ['adjective', 'adjective', 'noun', 'verb', 'adjective', 'noun'],
    ['adjective', 'noun', 'adverb', 'verb', 'adjective', 'noun'],
    ['adjective', 'noun', 'verb', 'adjective', 'noun', 'adverb'],
  ],
};

/** How much likelier words are chosen; our own figures. */
const WEIGHT = { theme: 12, supplied: 400, picturable: 3, actor: 6 } as const;
/** Attempts for each suggestion wanted; most succeed at once. */
const ATTEMPTS = 40;

export interface SuggestOptions {
  readonly target: SayingTarget;
  readonly theme?: Theme | null;
  /** Words that the class supplies; used where their letter fits. */
  readonly supplied?: readonly string[];
  /** Words to keep, by their index; null where a word is wanted. */
  readonly locked?: readonly (string | null)[];
  /** Sayings in use: suggestions share no word, theme, opening or rhyme with them. */
  readonly inUse?: readonly UsedSaying[];
  readonly count: number;
}

/**
 * Sayings that fit the target's letters and read as English, each different; fewer than
 * `count`, or none, when the locked words leave no way.
 */
export function suggestSayings(options: SuggestOptions, random: Random): Words[] {
  const { target, count } = options;
  const taken = new Set((options.inUse ?? []).flatMap((s) => s.words.map(plainWord)));
  const found = new Map<string, Words>();
  for (let i = 0; i < count * ATTEMPTS && found.size < count; i++) {
    const words = compose(options, taken, random);
    if (!words) continue;
    // The first half of the attempts are choosy; later ones take what merely shares no word.
    const choosy = i < (count * ATTEMPTS) / 2;
    if (choosy && !isClear({ target, words }, options.inUse ?? [])) continue;
    found.set(words.join(' '), words);
  }
  return [...found.values()];
}

/** Whether a saying has nothing alike with any in use. */
function isClear(saying: UsedSaying, inUse: readonly UsedSaying[]): boolean {
  return inUse.every((other) => {
    const { share, reasons } = clashOf(saying, other);
    return share === 0 && reasons.length === 0;
  });
}

function compose(
  { target, theme, supplied = [], locked = [] }: SuggestOptions,
  taken: ReadonlySet<string>,
  random: Random,
): Words | null {
  const patterns = (PATTERNS[target.letters.length] ?? []).filter((p) => fits(p, locked));
  if (patterns.length === 0) return null;
  const pattern = patterns[Math.floor(random() * patterns.length)]!;
  const used = new Set(locked.flatMap((w) => (w ? [plainWord(w)] : [])));
  const words: string[] = [];
  for (const [i, kind] of pattern.entries()) {
    const keep = locked[i];
    if (keep) {
      words.push(keep);
      continue;
    }
    const letter = target.letters[i]!;
    const open = candidates(letter, kind, supplied).filter((w) => {
      const plain = plainWord(w.text);
      return !taken.has(plain) && !used.has(plain) && placed(w, pattern, i);
    });
    if (open.length === 0) return null;
    const acts = i === pattern.indexOf('noun');
    const word = pickWeighted(open, (w) => weightOf(w, theme ?? null, acts), random);
    used.add(plainWord(word.text));
    words.push(capital(word.text));
  }
  return words;
}

/** Locked words of the bank want their class; words that the bank does not know fit anywhere. */
function fits(pattern: readonly WordClass[], locked: readonly (string | null)[]): boolean {
  return pattern.every((kind, i) => {
    const known = locked[i] ? findInBank(locked[i]) : undefined;
    return !known || known.kind === kind;
  });
}

interface Candidate extends BankWord {
  readonly supplied?: boolean;
}

function candidates(letter: Letter, kind: WordClass, supplied: readonly string[]): Candidate[] {
  const own = supplied
    .filter((text) => initialOf(text) === letter && (findInBank(text)?.kind ?? 'noun') === kind)
    .map((text): Candidate => ({ text, kind, theme: null, picturable: true, supplied: true }));
  return [...own, ...bankWords(letter).filter((w) => w.kind === kind)];
}

/** Before a verb only adverbs of manner or time read well. */
function placed(word: BankWord, pattern: readonly WordClass[], index: number): boolean {
  const before = word.kind === 'adverb' && pattern[index + 1] === 'verb';
  return !before || /ly$|^a(lways|gain|lmost)$|^daily$/.test(word.text);
}

/** Animals make the liveliest actors; a theme's own nouns come before them. */
function weightOf(word: Candidate, theme: Theme | null, acts: boolean): number {
  if (word.supplied) return WEIGHT.supplied;
  if (acts && word.theme === 'animals' && theme !== 'animals') return WEIGHT.actor;
  const themed = theme !== null && word.theme === theme ? WEIGHT.theme : 1;
  return themed * (word.picturable ? WEIGHT.picturable : 1);
}

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}

/** The saying with the words that it shares with others replaced; null when none can be found. */
export function repairClash(
  saying: UsedSaying,
  inUse: readonly UsedSaying[],
  random: Random,
): Words | null {
  const taken = new Set(inUse.flatMap((s) => s.words.map(plainWord)));
  const locked = saying.words.map((w) => (taken.has(plainWord(w)) ? null : w));
  const kept = suggestSayings({ target: saying.target, locked, inUse, count: 1 }, random)[0];
  return kept ?? suggestSayings({ target: saying.target, inUse, count: 1 }, random)[0] ?? null;
}
