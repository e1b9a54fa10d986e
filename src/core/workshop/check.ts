import { englishDataset, englishRecommendedTransformers, RegExpMatcher } from 'obscenity';
import type { Letter } from '../notation';
import type { Random } from '../random';
import { suggestSayings } from './suggest';
import type { SayingTarget } from './targets';
import { bankWords, findInBank } from './word-bank';
import { initialOf, syllables, wordsOf } from './words';

export interface SayingIssue {
  readonly kind:
    | 'count'
    | 'small-word'
    | 'letter'
    | 'script'
    | 'unfit'
    | 'picture'
    | 'slow'
    | 'hard'
    | 'long-word';
  /** `wrong` keeps a saying from being used; `advice` does not. */
  readonly weight: 'wrong' | 'advice';
  readonly message: string;
  /** Which word, 0 upwards; null for the whole. */
  readonly index: number | null;
  /** The whole saying mended, when there is a way. */
  readonly repair: string | null;
}

/** Figures of the advice; our own. */
const ADVICE = {
  /** A child says about four syllables a second; more than three seconds is too long to count along. */
  syllables: 11,
  /** Letters, and syllables, of a word that 6 to 8 year olds read with effort. */
  letters: 11,
  wordSyllables: 4,
} as const;
const LONGEST = 20;
/** Words read at most; what a paste holds beyond says nothing new. */
const MOST = 200;

/** Small words that are often typed along but take no position. */
const SMALL = new Set(
  'a an and the of to in on at with for from by is are was be my your his her its our their or but so as'.split(
    ' ',
  ),
);

/** Not for children's sheets, besides the words of the common list. */
const UNFIT = new Set(
  'beer wine vodka drunk drunken booze gun guns kill kills killing killed dead die dies dying death murder murders blood bloody drug drugs cigarette cigarettes idiot idiots stupid ugly fat hate hates devil devils hell damn naked bomb bombs grave graves'.split(
    ' ',
  ),
);

/** Words that say nothing to the inner eye. */
const FAINT = new Set(
  'always every even ever exactly enough else anything all also actually better because been being both before can could do does did done each either good great gets give go going goes find feel feels four'.split(
    ' ',
  ),
);

let matcher: RegExpMatcher | undefined;

/** Whether a word does not belong on a child's sheet. */
export function isUnfit(word: string): boolean {
  matcher ??= new RegExpMatcher({ ...englishDataset.build(), ...englishRecommendedTransformers });
  const plain = word.toLowerCase().replace(/[^\p{L}]/gu, '');
  if (findInBank(plain)) return false;
  return UNFIT.has(plain) || matcher.hasMatch(word);
}

/**
 * Everything that is wrong with a typed saying, or could be better, each with its reason
 * and, where there is one, a repair. Nothing typed at all has no issue: the saying is
 * then not in use. `random` chooses among repairs.
 */
export function checkSaying(text: string, target: SayingTarget, random: Random): SayingIssue[] {
  const words = wordsOf(text).slice(0, MOST);
  if (words.length === 0) return [];
  const foreign = words.find((w) => !/^[\p{Script=Latin}\p{M}\p{N}’'.!?]+$/u.test(w));
  if (foreign !== undefined) return [scriptIssue(words, foreign)];
  const mended = withoutSmallWords(words, target);
  if (mended) return [mended];
  if (words.length !== target.letters.length) return [countIssue(words, target)];
  const issues = words.flatMap((word, i) => wordIssues(words, word, i, target, random));
  const spoken = words.reduce((sum, w) => sum + syllables(w), 0);
  if (spoken > ADVICE.syllables) {
    issues.push({
      kind: 'slow',
      weight: 'advice',
      message: `It has about ${spoken} syllables: long to say while counting. Shorter words help.`,
      index: null,
      repair: null,
    });
  }
  return issues;
}

function scriptIssue(words: readonly string[], foreign: string): SayingIssue {
  const shown = [...foreign].slice(0, 12).join('');
  const emoji = /\p{Extended_Pictographic}/u.test(foreign);
  const without = words.filter((w) => w !== foreign).join(' ');
  return {
    kind: 'script',
    weight: 'wrong',
    message: emoji
      ? `“${shown}” is a picture, not a word: a saying is said aloud. Write the word for it.`
      : `“${shown}” does not begin with a letter from A to G. Note names are A B C D E F G, so words need Latin letters.`,
    index: words.indexOf(foreign),
    repair: emoji && without !== '' ? without : null,
  };
}

/** Small words typed along: without them the saying fits. */
function withoutSmallWords(words: readonly string[], target: SayingTarget): SayingIssue | null {
  if (words.length <= target.letters.length) return null;
  // A small word that fits its position, such as “by” on B, may stay.
  const kept: string[] = [];
  const small: string[] = [];
  for (const word of words) {
    if (initialOf(word) === target.letters[kept.length]) kept.push(word);
    else if (SMALL.has(word.toLowerCase())) small.push(word);
    else return null;
  }
  if (kept.length !== target.letters.length || small.length === 0) return null;
  return {
    kind: 'small-word',
    weight: 'wrong',
    message: `${small.map((w) => `“${w}”`).join(' and ')} would be counted as a ${target.part === 'strings' ? 'string' : 'position'} of its own. Leave ${small.length === 1 ? 'it' : 'them'} out.`,
    index: words.indexOf(small[0]!),
    repair: kept.join(' '),
  };
}

function countIssue(words: readonly string[], target: SayingTarget): SayingIssue {
  const { letters, name } = target;
  const count = words.length === MOST ? `${MOST} or more` : String(words.length);
  return {
    kind: 'count',
    weight: 'wrong',
    message: `A saying for ${name} needs ${letters.length} words, one for each of ${letters.join(' ')}; this one has ${count}.`,
    index: null,
    repair: null,
  };
}

/** A thing that begins with the letter, for a sentence that follows no pattern anyway. */
function anyNoun(letter: Letter, random: Random): string {
  const nouns = bankWords(letter).filter((w) => w.kind === 'noun');
  return nouns[Math.floor(random() * nouns.length)]!.text;
}

function wordIssues(
  words: readonly string[],
  word: string,
  index: number,
  target: SayingTarget,
  random: Random,
): SayingIssue[] {
  const letter = target.letters[index]!;
  const other = () => {
    const locked = words.map((w, i) => (i === index ? null : w));
    const reads = suggestSayings({ target, locked, count: 1 }, random)[0];
    return (reads ?? words.with(index, anyNoun(letter, random))).join(' ');
  };
  const issue = (
    kind: SayingIssue['kind'],
    weight: SayingIssue['weight'],
    message: string,
  ): SayingIssue[] => [{ kind, weight, message, index, repair: other() }];
  if (isUnfit(word)) return issue('unfit', 'wrong', `“${word}” is not for children.`);
  if (initialOf(word) !== letter) {
    return issue(
      'letter',
      'wrong',
      `Word ${index + 1} stands on ${target.place(index)} and must start with ${letter}, but “${word}” does not.`,
    );
  }
  if (word.length > LONGEST) {
    const shown = `${word.slice(0, LONGEST)}…`;
    return issue(
      'long-word',
      'wrong',
      `“${shown}” is too long: use words of up to ${LONGEST} letters.`,
    );
  }
  if (word.length === 1) return [];
  if (word.length >= ADVICE.letters || syllables(word) >= ADVICE.wordSyllables) {
    return issue('hard', 'advice', `“${word}” is hard to read and say at 6 to 8 years.`);
  }
  const known = findInBank(word);
  return FAINT.has(word.toLowerCase()) || (known && !known.picturable)
    ? issue('picture', 'advice', `“${word}” is hard to picture; things and animals stick better.`)
    : [];
}
