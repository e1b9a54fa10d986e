import { alterSign, type Letter, midi, type Pitch } from '../../notation';
import type { BarPlace, KeyPlace } from '../types';

/** Where each white key stands among the groups of two and three black keys. */
const AMONG: Record<Letter, readonly [black: string, place: string]> = {
  C: ['two', 'just left of the two'],
  D: ['two', 'between the two'],
  E: ['two', 'just right of the two'],
  F: ['three', 'just left of the three'],
  G: ['three', 'between the first and second of the three'],
  A: ['three', 'between the second and third of the three'],
  B: ['three', 'just right of the three'],
};

/** Semitones above C that are black keys. */
const BLACK = new Set([1, 3, 6, 8, 10]);

/** Whether a MIDI number is a black key (on mallets: a bar of the upper row). */
export function isBlackKey(midiNumber: number): boolean {
  return BLACK.has(((midiNumber % 12) + 12) % 12);
}

/** The key for a written pitch. */
export function keyPlace(pitch: Pitch): KeyPlace {
  const number = midi(pitch);
  const middle = number === 60 ? ', in the middle of the keyboard' : '';
  const code = `key ${number}`;
  if (pitch.alter === 0) {
    const short = `${AMONG[pitch.letter][1]} black keys`;
    return { kind: 'key', code, midi: number, short, words: `the white key ${short}${middle}` };
  }
  const short = `${isBlackKey(number) ? 'black' : 'white'} key, ${beside(pitch)}`;
  const words = `the ${short} (${pitch.letter}${alterSign(pitch.alter)})`;
  return { kind: 'key', code, midi: number, short, words };
}

/** The bar for a written pitch: two rows like the keys of a keyboard. */
export function barPlace(pitch: Pitch): BarPlace {
  const number = midi(pitch);
  const code = `bar ${number}`;
  if (pitch.alter === 0) {
    const short = `front row, ${AMONG[pitch.letter][1]} behind`;
    return { kind: 'bar', code, midi: number, short, words: `the bar in the ${short}` };
  }
  const short = `${isBlackKey(number) ? 'back' : 'front'} row, ${beside(pitch)}`;
  const words = `the bar in the ${short} (${pitch.letter}${alterSign(pitch.alter)})`;
  return { kind: 'bar', code, midi: number, short, words };
}

function beside({ alter, letter }: Pitch): string {
  const amount = Math.abs(alter) === 1 ? 'next' : 'second';
  return `${amount} to the ${alter > 0 ? 'right' : 'left'} of ${letter}`;
}
