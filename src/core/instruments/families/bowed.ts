import type { HandPlace, Instrument } from '../types';
import { CONCERT, OCTAVE_LOWER } from './transposition';

/**
 * Fingers of violin first position by half steps above the open string. Source: the
 * diatonic finger patterns; which of two fingers takes a half step follows the spelling.
 */
const VIOLIN_FIRST: HandPlace = {
  name: 'first position',
  reach: [
    [1, 1, 'low'],
    [2, 1],
    [3, 2, 'low'],
    [4, 2, 'high'],
    [4, 3, 'low'],
    [5, 3],
    [6, 3, 'high'],
    [6, 4, 'low'],
    [7, 4],
    [8, 4, 'high'],
  ],
};

/**
 * Cello: the closed hand takes a half step for each finger, the extensions a whole step
 * between first and second. Source: standard cello fingering.
 */
const CELLO: readonly HandPlace[] = [
  {
    name: 'first position',
    reach: [
      [2, 1],
      [3, 2],
      [4, 3],
      [5, 4],
      [1, 1, 'stretched back'],
      [4, 2, 'stretched forward'],
      [6, 4, 'stretched forward'],
    ],
  },
  {
    name: 'fourth position',
    strings: [3],
    reach: [
      [7, 1],
      [8, 2],
      [9, 3],
      [10, 4],
    ],
  },
];

/**
 * Double bass: first, second and fourth finger, a half step between neighbours. Source:
 * the standard 1–2–4 system of orchestral double bass.
 */
const BASS: readonly HandPlace[] = [
  {
    name: 'first position',
    reach: [
      [2, 1],
      [3, 2],
      [4, 4],
    ],
  },
  {
    name: 'half position',
    reach: [
      [1, 1],
      [2, 2],
      [3, 4],
    ],
  },
  {
    name: 'third position',
    strings: [3],
    reach: [
      [5, 1],
      [6, 2],
      [7, 4],
    ],
  },
];

const POSTURE = 'Shoulders loose. Rest when the arm tires.';

/** Bowed strings. Tunings: violin and cello in fifths, double bass in fourths. */
export const BOWED: readonly Instrument[] = [
  {
    id: 'violin',
    name: 'Violin',
    family: 'bowed',
    clefs: ['treble'],
    ...CONCERT,
    beginner: { low: 'G3', high: 'A5' },
    firstYears: { low: 'G3', high: 'B5' },
    compass: { low: 'G3', high: 'A7' },
    firstNotes: [
      {
        id: 'a-major',
        name: 'A major on the A and E strings',
        notes: ['A4', 'E5', 'D4', 'B4', 'C#5', 'F#5', 'E4', 'F#4', 'G4', 'D5', 'G#5', 'A5'],
      },
      {
        id: 'd-string',
        name: 'D string first, string by string',
        notes: ['D4', 'E4', 'F#4', 'G4', 'A4', 'B4', 'C#5', 'D5', 'E5', 'G3', 'A3', 'B3'],
      },
    ],
    firstFive: ['A4', 'B4', 'C#5', 'D5', 'E5'],
    fingerOne: 'index',
    turns: false,
    technique: {
      kind: 'bowed',
      strings: ['G3', 'D4', 'A4', 'E5'],
      places: [VIOLIN_FIRST],
      tapes: [2, 4, 5, 7],
      byLetter: true,
      fromBehind: false,
    },
    cautions: [POSTURE, 'Chin resting, not pressing.'],
  },
  {
    id: 'cello',
    name: 'Cello',
    family: 'bowed',
    clefs: ['bass'],
    ...CONCERT,
    beginner: { low: 'C2', high: 'D4' },
    firstYears: { low: 'C2', high: 'G4' },
    compass: { low: 'C2', high: 'A5' },
    firstNotes: [
      {
        id: 'd-string',
        name: 'D string first',
        notes: ['D3', 'E3', 'F#3', 'G3', 'A3', 'B3', 'C#4', 'D4', 'G2', 'A2', 'B2', 'C3', 'C2'],
      },
      {
        id: 'open-strings',
        name: 'Open strings first',
        notes: ['D3', 'A3', 'G2', 'C2', 'E3', 'F#3', 'G3', 'B3', 'C#4', 'D4'],
      },
    ],
    firstFive: ['D3', 'E3', 'F#3', 'G3', 'A3'],
    fingerOne: 'index',
    turns: false,
    technique: {
      kind: 'bowed',
      strings: ['C2', 'G2', 'D3', 'A3'],
      places: CELLO,
      tapes: [2, 4, 5],
      byLetter: false,
      fromBehind: true,
    },
    cautions: [POSTURE, 'Spike on a mat, so that it cannot slip.'],
  },
  {
    id: 'double-bass',
    name: 'Double bass',
    family: 'bowed',
    clefs: ['bass'],
    ...OCTAVE_LOWER,
    beginner: { low: 'E2', high: 'B3' },
    firstYears: { low: 'E2', high: 'D4' },
    compass: { low: 'E2', high: 'G4' },
    firstNotes: [
      {
        id: 'd-string',
        name: 'D string first',
        notes: ['D3', 'E3', 'F#3', 'G3', 'A3', 'B3', 'C#4', 'D4', 'A2', 'B2', 'C3', 'E2'],
      },
      {
        id: 'open-strings',
        name: 'Open strings first',
        notes: ['D3', 'G3', 'A2', 'E2', 'E3', 'F#3', 'A3', 'B3'],
      },
    ],
    firstFive: ['D3', 'E3', 'F#3', 'G3', 'A3'],
    fingerOne: 'index',
    turns: false,
    technique: {
      kind: 'bowed',
      strings: ['E2', 'A2', 'D3', 'G3'],
      places: BASS,
      tapes: [2, 4],
      byLetter: false,
      fromBehind: true,
    },
    cautions: [POSTURE, 'Lift with two: the instrument is heavy.'],
  },
];
