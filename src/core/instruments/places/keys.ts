import { midi, type Pitch } from '../../notation';
import type { BarPlace, KeyPlace } from '../types';

/** White keys by half steps above C, by the groups of two and three black keys. */
const AMONG: Readonly<Record<number, string>> = {
  0: 'just left of the two',
  2: 'between the two',
  4: 'just right of the two',
  5: 'just left of the three',
  7: 'between the first and second of the three',
  9: 'between the second and third of the three',
  11: 'just right of the three',
};

/** Black keys by half steps above C, by their place in their group. */
const BLACK: Readonly<Record<number, string>> = {
  1: 'first of the two',
  3: 'second of the two',
  6: 'first of the three',
  8: 'second of the three',
  10: 'third of the three',
};
const octave = (midiNumber: number) => ((midiNumber % 12) + 12) % 12;

/** Whether a MIDI number is a black key (on mallets: a bar of the upper row). */
export function isBlackKey(midiNumber: number): boolean {
  return BLACK[octave(midiNumber)] !== undefined;
}

/** The key for a written pitch. */
export function keyPlace(pitch: Pitch): KeyPlace {
  const number = midi(pitch);
  const middle = number === 60 ? ', in the middle of the keyboard' : '';
  const code = `key ${number}`;
  if (pitch.alter === 0) {
    const short = `${among(number)} black keys`;
    return { kind: 'key', code, midi: number, short, words: `the white key ${short}${middle}` };
  }
  const short = `${among(number)} black keys`;
  const colour = isBlackKey(number) ? 'black' : 'white';
  const words = `the ${colour} key ${beside(pitch)}, ${short}`;
  return { kind: 'key', code, midi: number, short, words };
}

/** The bar for a written pitch: two rows like the keys of a keyboard. */
export function barPlace(pitch: Pitch): BarPlace {
  const number = midi(pitch);
  const code = `bar ${number}`;
  if (pitch.alter === 0) {
    const short = `front row, ${among(number)} behind`;
    return { kind: 'bar', code, midi: number, short, words: `the bar in the ${short}` };
  }
  const short = isBlackKey(number)
    ? `back row, ${among(number)}`
    : `front row, ${among(number)} behind`;
  const words = `the bar in the ${short}, ${beside(pitch)}`;
  return { kind: 'bar', code, midi: number, short, words };
}

/** Where a key lies among the groups of black ones, whatever the note is called. */
function among(number: number): string {
  return BLACK[octave(number)] ?? AMONG[octave(number)]!;
}

function beside({ alter, letter }: Pitch): string {
  const amount = Math.abs(alter) === 1 ? 'next' : 'second';
  return `${amount} to the ${alter > 0 ? 'right' : 'left'} of ${letter}`;
}
