import { type KeySignature, keyAlter, tonic } from './key';
import { letterIndex } from './letters';
import { alterSign, type Pitch } from './pitch';

/** How notes are named aloud: letters, do = C always, or do = the key note. */
export type Naming = 'letters' | 'fixed-do' | 'movable-do';

export const NAMINGS: readonly Naming[] = ['letters', 'fixed-do', 'movable-do'];

/** Syllables from do upwards. Fixed do says them for C to B, movable do from the key note. */
const SYLLABLES = ['do', 're', 'mi', 'fa', 'sol', 'la', 'ti'] as const;

/** Chromatic syllables of movable do: raised and lowered degrees. Source: standard tonic sol-fa. */
const RAISED: Partial<Record<number, string>> = { 0: 'di', 1: 'ri', 3: 'fi', 4: 'si', 5: 'li' };
const LOWERED: Partial<Record<number, string>> = { 1: 'ra', 2: 'me', 4: 'se', 5: 'le', 6: 'te' };

/**
 * The name of a note in a naming system. Letters carry their sign (`F♯`); fixed do too
 * (`fa♯`); movable do names the degree in the major key of the signature.
 */
export function noteName(
  pitch: Pick<Pitch, 'letter' | 'alter'>,
  naming: Naming = 'letters',
  key: KeySignature = 0,
): string {
  if (naming === 'letters') return `${pitch.letter}${alterSign(pitch.alter)}`;
  if (naming === 'fixed-do') {
    return `${SYLLABLES[letterIndex(pitch.letter)]!}${alterSign(pitch.alter)}`;
  }
  const degree = (letterIndex(pitch.letter) - letterIndex(tonic(key).letter) + 7) % 7;
  const shift = pitch.alter - keyAlter(key, pitch.letter);
  if (shift === 1 && RAISED[degree]) return RAISED[degree];
  if (shift === -1 && LOWERED[degree]) return LOWERED[degree];
  return SYLLABLES[degree]!;
}
