import type { Instrument } from '../types';
import { CONCERT, OCTAVE_LOWER } from './transposition';

const WRIST = 'Wrist straight and relaxed. Stop if it hurts.';

/**
 * Plucked strings: each fret is a half step; in first position the finger has the number
 * of its fret. Tunings: standard guitar, and ukulele with the high G string.
 */
export const FRETTED: readonly Instrument[] = [
  {
    id: 'guitar',
    name: 'Guitar',
    family: 'fretted',
    clefs: ['treble'],
    ...OCTAVE_LOWER,
    beginner: { low: 'G4', high: 'G5' },
    firstYears: { low: 'E3', high: 'A5' },
    compass: { low: 'E3', high: 'B6' },
    firstNotes: [
      {
        id: 'first-string',
        name: 'String 1, then 2 and 3',
        notes: ['E5', 'F5', 'G5', 'B4', 'C5', 'D5', 'G4', 'A4', 'D4', 'E4', 'F4'],
      },
      {
        id: 'third-string',
        name: 'String 3, then 2 and 1',
        notes: ['G4', 'A4', 'B4', 'C5', 'D5', 'E5', 'F5', 'G5'],
      },
      {
        id: 'bass-strings',
        name: 'Open bass strings with the thumb',
        notes: ['E3', 'A3', 'D4', 'G4', 'B4', 'E5'],
      },
    ],
    firstFive: ['C5', 'D5', 'E5', 'F5', 'G5'],
    fingerOne: 'index',
    turns: true,
    technique: {
      kind: 'fretted',
      strings: ['E5', 'B4', 'G4', 'D4', 'A3', 'E3'],
      frets: 4,
      reach: 5,
      spare: [],
    },
    cautions: [WRIST, 'Fingertips get sore at first: short turns, often.'],
  },
  {
    id: 'ukulele',
    name: 'Ukulele',
    family: 'fretted',
    clefs: ['treble'],
    ...CONCERT,
    beginner: { low: 'C4', high: 'C5' },
    firstYears: { low: 'C4', high: 'D5' },
    compass: { low: 'C4', high: 'A5' },
    firstNotes: [
      {
        id: 'scale',
        name: 'C upwards',
        notes: ['C4', 'D4', 'E4', 'F4', 'G4', 'A4', 'B4', 'C5'],
      },
      {
        id: 'open-strings',
        name: 'Open strings first',
        notes: ['A4', 'E4', 'C4', 'G4', 'B4', 'C5'],
      },
    ],
    firstFive: ['C4', 'D4', 'E4', 'F4', 'G4'],
    fingerOne: 'index',
    turns: true,
    technique: {
      kind: 'fretted',
      strings: ['A4', 'E4', 'C4', 'G4'],
      frets: 4,
      reach: 5,
      spare: [4],
    },
    cautions: [WRIST],
  },
];
