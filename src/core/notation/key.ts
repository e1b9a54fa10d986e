import { type Letter, shiftLetter } from './letters';
import type { Alter } from './pitch';

/** A key signature as its number of sharps (positive) or flats (negative), −7 to 7. */
export type KeySignature = -7 | -6 | -5 | -4 | -3 | -2 | -1 | 0 | 1 | 2 | 3 | 4 | 5 | 6 | 7;

/** Order in which sharps are written; flats come in the reverse order. Source: circle of fifths. */
export const SHARP_ORDER: readonly Letter[] = ['F', 'C', 'G', 'D', 'A', 'E', 'B'];

/** Every key signature from seven flats to seven sharps. */
export const KEY_SIGNATURES: readonly KeySignature[] = [
  -7, -6, -5, -4, -3, -2, -1, 0, 1, 2, 3, 4, 5, 6, 7,
];

/** Whether a number is a key signature: a whole number from −7 to 7. */
export function isKeySignature(n: number): n is KeySignature {
  return Number.isInteger(n) && n >= -7 && n <= 7;
}

/** What the signature does to a letter, in every octave: −1, 0 or 1 semitones. */
export function keyAlter(key: KeySignature, letter: Letter): Alter {
  const i = SHARP_ORDER.indexOf(letter);
  if (key > 0) return i < key ? 1 : 0;
  if (key < 0) return 6 - i < -key ? -1 : 0;
  return 0;
}

/** The letters that the signature changes, in the order in which the signs are written. */
export function alteredLetters(key: KeySignature): Letter[] {
  return key >= 0 ? SHARP_ORDER.slice(0, key) : [...SHARP_ORDER].reverse().slice(0, -key);
}

/** The key note of the major key with this signature, with its alteration. */
export function tonic(key: KeySignature): { letter: Letter; alter: Alter } {
  const letter = shiftLetter('C', key * 4);
  return { letter, alter: keyAlter(key, letter) };
}

/** The major key's name in letters, such as `D major` or `B♭ major`. */
export function keyName(key: KeySignature): string {
  const { letter, alter } = tonic(key);
  return `${letter}${alter === 1 ? '♯' : alter === -1 ? '♭' : ''} major`;
}
