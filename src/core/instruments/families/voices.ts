import type { Instrument } from '../types';
import { CONCERT, OCTAVE_LOWER } from './transposition';

const VOICE = {
  family: 'voices',
  fingerOne: null,
  turns: false,
  technique: { kind: 'voice' },
  cautions: ['Sing without pressing, and drink water.', 'Stop if it hurts.'],
} satisfies Partial<Instrument>;

const ORDERS = (low: string, third: string, fifth: string, rest: readonly string[]) => [
  { id: 'calls', name: 'Falling third first', notes: [fifth, third, ...rest, low] },
  { id: 'scale', name: 'Five notes upwards', notes: [low, ...rest.slice(0, 1), third, fifth] },
];

/** Voices. Source: the usual ranges of choral parts; the beginner's are those of children and new singers. */
export const VOICES: readonly Instrument[] = [
  {
    ...VOICE,
    id: 'soprano',
    name: 'Soprano voice',
    clefs: ['treble'],
    ...CONCERT,
    beginner: { low: 'D4', high: 'D5' },
    firstYears: { low: 'C4', high: 'A5' },
    compass: { low: 'B3', high: 'C6' },
    firstNotes: ORDERS('C4', 'E4', 'G4', ['D4', 'A4', 'F4']),
    firstFive: ['C4', 'D4', 'E4', 'F4', 'G4'],
  },
  {
    ...VOICE,
    id: 'alto',
    name: 'Alto voice',
    clefs: ['treble'],
    ...CONCERT,
    beginner: { low: 'B3', high: 'B4' },
    firstYears: { low: 'G3', high: 'E5' },
    compass: { low: 'F3', high: 'G5' },
    firstNotes: ORDERS('C4', 'E4', 'G4', ['D4', 'A4', 'F4']),
    firstFive: ['C4', 'D4', 'E4', 'F4', 'G4'],
  },
  {
    ...VOICE,
    id: 'tenor',
    name: 'Tenor voice',
    clefs: ['treble'],
    ...OCTAVE_LOWER,
    beginner: { low: 'D4', high: 'D5' },
    firstYears: { low: 'C4', high: 'A5' },
    compass: { low: 'B3', high: 'C6' },
    firstNotes: ORDERS('C4', 'E4', 'G4', ['D4', 'A4', 'F4']),
    firstFive: ['C4', 'D4', 'E4', 'F4', 'G4'],
  },
  {
    ...VOICE,
    id: 'bass-voice',
    name: 'Bass voice',
    clefs: ['bass'],
    ...CONCERT,
    beginner: { low: 'B2', high: 'B3' },
    firstYears: { low: 'E2', high: 'E4' },
    compass: { low: 'D2', high: 'F4' },
    firstNotes: ORDERS('C3', 'E3', 'G3', ['D3', 'A3', 'F3']),
    firstFive: ['C3', 'D3', 'E3', 'F3', 'G3'],
  },
];
