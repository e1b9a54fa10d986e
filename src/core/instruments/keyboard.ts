import { alterSign, type Letter, midi, type Pitch } from '../notation';
import type { KeyPlace } from './types';

/** Lowest and highest key of a full keyboard: A0 to C8. */
const KEYS = { low: 21, high: 108 } as const;

/** Where each white key stands among the groups of two and three black keys. */
const WHITE_KEY: Record<Letter, string> = {
  C: 'just left of the two black keys',
  D: 'between the two black keys',
  E: 'just right of the two black keys',
  F: 'just left of the three black keys',
  G: 'between the first and second of the three black keys',
  A: 'between the second and third of the three black keys',
  B: 'just right of the three black keys',
};

/** Semitones above C that are black keys. */
const BLACK = new Set([1, 3, 6, 8, 10]);

/** Whether a MIDI number is a black key. */
export function isBlackKey(midiNumber: number): boolean {
  return BLACK.has(((midiNumber % 12) + 12) % 12);
}

/** The key for a written pitch, or null outside A0 to C8. */
export function keyboardPlace(pitch: Pitch): KeyPlace | null {
  const number = midi(pitch);
  if (number < KEYS.low || number > KEYS.high) return null;
  const middle = number === 60 ? ', in the middle of the keyboard' : '';
  if (pitch.alter === 0) {
    return {
      kind: 'key',
      midi: number,
      short: WHITE_KEY[pitch.letter],
      words: `the white key ${WHITE_KEY[pitch.letter]}${middle}`,
    };
  }
  const way = pitch.alter > 0 ? 'right' : 'left';
  const colour = isBlackKey(number) ? 'black' : 'white';
  const amount = Math.abs(pitch.alter) === 1 ? 'next' : 'second';
  const short = `${colour} key, ${amount} to the ${way} of ${pitch.letter}`;
  return {
    kind: 'key',
    midi: number,
    short,
    words: `the ${short} (${pitch.letter}${alterSign(pitch.alter)})`,
  };
}
