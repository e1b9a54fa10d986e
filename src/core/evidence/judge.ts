import { type Alter, alterText, isLetter, keyAlter, type Letter, letterAt } from '../notation';
import type { Item } from './types';

/** A note name as answered: letter and alteration, octave not asked. */
export interface GivenName {
  readonly letter: Letter;
  readonly alter: Alter;
}

/** The right name of an item: a printed accidental rules, else the key signature. */
export function rightName(item: Item): GivenName {
  const letter = letterAt(item);
  return { letter, alter: item.accidental ?? keyAlter(item.key, letter) };
}

/** A name as ASCII text, `F#`, as stored in answers. */
export function nameText({ letter, alter }: GivenName): string {
  return `${letter}${alterText(alter)}`;
}

/** Reads `f`, `F#`, `b♭`, `Bb`; null for anything that is not a note name. */
export function parseName(text: string): GivenName | null {
  const match = /^([A-Ga-g])(##|bb|[#b♯♭]?)$/u.exec(text.trim());
  const letter = match?.[1]?.toUpperCase() ?? '';
  if (!match || !isLetter(letter)) return null;
  const alters: Record<string, Alter> = { '#': 1, '♯': 1, '##': 2, b: -1, '♭': -1, bb: -2 };
  return { letter, alter: alters[match[2]!] ?? 0 };
}

/** Whether a given name (null: blank) is right for the item. */
export function isRight(item: Item, given: string | null): boolean {
  return given !== null && given === nameText(rightName(item));
}
