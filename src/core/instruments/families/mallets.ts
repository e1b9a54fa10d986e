import type { Instrument } from '../types';
import { CONCERT, OCTAVE_HIGHER, TWO_OCTAVES_HIGHER } from './transposition';

const BARS = {
  family: 'mallets',
  clefs: ['treble'],
  beginner: { low: 'C4', high: 'C5' },
  firstNotes: [
    {
      id: 'band',
      name: 'With a band, around B flat',
      notes: ['F5', 'Eb5', 'D5', 'C5', 'Bb4', 'A4', 'G4', 'F4'],
    },
    {
      id: 'c-position',
      name: 'C upwards',
      notes: ['C4', 'D4', 'E4', 'F4', 'G4', 'A4', 'B4', 'C5'],
    },
  ],
  firstFive: ['C4', 'D4', 'E4', 'F4', 'G4'],
  fingerOne: null,
  turns: false,
  technique: { kind: 'bars' },
  cautions: ['Wrists level and relaxed.', 'Protect the ears: soft mallets indoors.'],
} satisfies Partial<Instrument>;

/**
 * Mallet percussion: the bars lie like the keys of a keyboard; what differs is the octave
 * that sounds. Source: standard ranges and transpositions of orchestral mallets.
 */
export const MALLETS: readonly Instrument[] = [
  {
    ...BARS,
    id: 'marimba',
    name: 'Marimba or vibraphone',
    ...CONCERT,
    firstYears: { low: 'F3', high: 'F6' },
    compass: { low: 'F3', high: 'C7' },
  },
  {
    ...BARS,
    id: 'xylophone',
    name: 'Xylophone',
    ...OCTAVE_HIGHER,
    firstYears: { low: 'F3', high: 'C6' },
    compass: { low: 'F3', high: 'C7' },
  },
  {
    ...BARS,
    id: 'glockenspiel',
    name: 'Glockenspiel',
    ...TWO_OCTAVES_HIGHER,
    firstYears: { low: 'G3', high: 'C6' },
    compass: { low: 'G3', high: 'C6' },
  },
];
