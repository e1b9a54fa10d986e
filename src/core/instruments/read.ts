import { type KeySignature, midi, type Pitch, parsePitch } from '../notation';
import { INSTRUMENTS } from './catalogue';
import { locate } from './locate';
import { naturalNotes, valveDrop } from './places/brass';
import { notesOfFingering } from './places/holes';
import { spell } from './spell';
import type { Instrument, InstrumentId, Place } from './types';

/**
 * The written pitches of a place within the first years' range, low to high, each in the
 * spellings that have a place, the key's spelling first. A fingering of a wind
 * instrument has several notes: the breath chooses. `place` is a place or its code;
 * empty for a place that the instrument does not have.
 */
export function read(id: InstrumentId, place: Place | string, key: KeySignature = 0): Pitch[] {
  const instrument = INSTRUMENTS[id];
  const code = typeof place === 'string' ? place : place.code;
  const { low, high } = instrument.firstYears;
  return midiOf(instrument, code)
    .filter((m) => m >= midi(parsePitch(low)) && m <= midi(parsePitch(high)))
    .sort((a, b) => a - b)
    .flatMap((m) => spell(m, key));
}

/** Whether a place is one of those that give the written pitch; any finger counts on a bowed string only if it is listed. */
export function isPlaceOf(id: InstrumentId, pitch: Pitch, code: string): boolean {
  const found = locate(id, pitch);
  return found.ok && found.places.some((p) => p.code === code);
}

/** The code without the finger: the spot itself, for "right spot, wrong finger". */
export function spotOf(code: string): string {
  return code.replace(/ finger \d$/, '');
}

function midiOf(instrument: Instrument, code: string): number[] {
  const { technique } = instrument;
  const numbers = [...code.matchAll(/\d+/g)].map(([n]) => Number(n));
  const [first = Number.NaN, second = Number.NaN] = numbers;
  const is = (word: string) => code.startsWith(`${word} `);
  switch (technique.kind) {
    case 'keys':
      return is('key') ? [first] : [];
    case 'bars':
      return is('bar') ? [first] : [];
    case 'voice':
      return is('voice') ? [first] : [];
    case 'bowed': {
      const open = technique.strings[first];
      return open && code.includes('+') ? [midi(parsePitch(open)) + second] : [];
    }
    case 'fretted': {
      const open = technique.strings[first - 1];
      return open && code.includes('fret') ? [midi(parsePitch(open)) + second] : [];
    }
    case 'holes':
      return notesOfFingering(technique.layout, technique.chart, code);
    case 'valves': {
      if (!is('valves')) return [];
      const drop = valveDrop(numbers);
      return naturalNotes(technique).map((n) => n.midi - drop);
    }
    case 'slide':
      return is('slide') ? naturalNotes(technique).map((n) => n.midi - (first - 1)) : [];
    case 'none':
      return [];
  }
}
