import {
  type Alter,
  diatonic,
  fromDiatonic,
  type KeySignature,
  keyAlter,
  midi,
  type Pitch,
} from '../notation';
import type { Instrument } from './types';

/**
 * The spellings of a MIDI number with at most one sign, as the key writes it first:
 * naturals and notes of the signature, then the others.
 */
export function spell(midiNumber: number, key: KeySignature = 0): Pitch[] {
  const around = Math.round(((midiNumber - 12) * 7) / 12);
  const found: Pitch[] = [];
  for (let d = around - 2; d <= around + 2; d++) {
    for (const alter of [0, 1, -1] as Alter[]) {
      const pitch = fromDiatonic(d, alter);
      if (midi(pitch) === midiNumber) found.push(pitch);
    }
  }
  const rank = (p: Pitch) => {
    if (keyAlter(key, p.letter) === p.alter) return 0;
    if (p.alter === 0) return 1;
    return Math.sign(p.alter) === (key < 0 ? -1 : 1) ? 2 : 3;
  };
  return found.sort((a, b) => rank(a) - rank(b) || diatonic(a) - diatonic(b));
}

/** The one spelling that the key suggests. */
export function spelled(midiNumber: number, key: KeySignature = 0): Pitch {
  return spell(midiNumber, key)[0]!;
}

/** What sounds when a written pitch is played on the instrument, spelled as the interval asks. */
export function soundingPitch({ transposition }: Instrument, written: Pitch): Pitch {
  return moved(written, transposition.steps, transposition.semitones);
}

/** What must be written for the instrument so that a pitch sounds. */
export function writtenPitch({ transposition }: Instrument, sounding: Pitch): Pitch {
  return moved(sounding, -transposition.steps, -transposition.semitones);
}

function moved(pitch: Pitch, steps: number, semitones: number): Pitch {
  const natural = fromDiatonic(diatonic(pitch) + steps);
  const alter = midi(pitch) + semitones - midi(natural);
  // Beyond a double sign nobody reads it: the plain spelling of the same key.
  return Math.abs(alter) <= 2
    ? { ...natural, alter: alter as Alter }
    : spelled(midi(pitch) + semitones);
}
