import type { ClefId, StaffPosition } from '../notation';
import { type SayingPart, sayingLetters, sayingPlace } from './sayings';
import type { SayingSet, Words } from './types';

/** How much of a saying is still shown: all of it, its first letters, only the count, nothing. */
export const FADES = ['sentence', 'letters', 'numbers', 'none'] as const;
export type Fade = (typeof FADES)[number];

export const FADE_NAMES: Readonly<Record<Fade, string>> = {
  sentence: 'the words',
  letters: 'first letters',
  numbers: 'line and space numbers',
  none: 'nothing',
};

/** What is shown in place of each word, from the bottom; empty texts when nothing is. */
export function faded(words: Words, letters: readonly string[], fade: Fade): string[] {
  return letters.map((letter, i) => {
    if (fade === 'none') return '';
    if (fade === 'numbers') return String(i + 1);
    return fade === 'letters' ? letter : (words[i] ?? '');
  });
}

/** The order in which sayings stand above a sheet. */
const PARTS: readonly (readonly [ClefId, SayingPart])[] = [
  ['treble', 'spaces'],
  ['treble', 'lines'],
  ['bass', 'spaces'],
  ['bass', 'lines'],
];

/** The lines of a strip across a sheet: the sayings that its notes need, faded. */
export function stripLines(
  sayings: SayingSet,
  positions: readonly StaffPosition[],
  fade: Fade,
): string[] {
  if (fade === 'none') return [];
  return PARTS.flatMap(([clef, part]) => {
    const needed = positions.some((p) => p.clef === clef && sayingPlace(p)?.part === part);
    const words = sayings[clef][part];
    if (!needed || (words.length === 0 && fade !== 'numbers')) return [];
    const shown = faded(words, sayingLetters(clef, part), fade);
    const name = `${clef.charAt(0).toUpperCase()}${clef.slice(1)} ${part}, from the bottom`;
    return [`${name}: ${shown.join(' · ')}`];
  });
}
