import type { Instrument } from '../types';
import { CONCERT, IN_B_FLAT, IN_F } from './transposition';

const CLEAN = 'A mouthpiece is not shared without cleaning it.';
const LIPS = 'Rest the lips as long as you play.';

/**
 * Brass: places are worked out from the tube's natural notes and the half steps that
 * valves or slide lower them by (places/brass.ts). The seventh partial is left out
 * everywhere, because it is too flat to use.
 */
export const BRASS: readonly Instrument[] = [
  {
    id: 'trumpet',
    name: 'Trumpet in B flat',
    family: 'brass',
    clefs: ['treble'],
    ...IN_B_FLAT,
    beginner: { low: 'C4', high: 'C5' },
    firstYears: { low: 'F#3', high: 'A5' },
    compass: { low: 'F#3', high: 'C6' },
    firstNotes: [
      {
        id: 'up',
        name: 'C to G',
        notes: ['C4', 'D4', 'E4', 'F4', 'G4', 'A4', 'Bb4', 'B4', 'C5', 'B3', 'A3'],
      },
      {
        id: 'open',
        name: 'Open notes first',
        notes: ['G4', 'C4', 'F4', 'E4', 'D4', 'A4', 'B4', 'C5'],
      },
    ],
    firstFive: ['C4', 'D4', 'E4', 'F4', 'G4'],
    fingerOne: 'index',
    turns: false,
    technique: { kind: 'valves', fundamental: 'C3', partials: [2, 3, 4, 5, 6, 8], hand: 'right' },
    cautions: [CLEAN, LIPS],
  },
  {
    id: 'horn',
    name: 'Horn in F',
    family: 'brass',
    clefs: ['treble'],
    ...IN_F,
    beginner: { low: 'G3', high: 'G4' },
    firstYears: { low: 'F3', high: 'G5' },
    compass: { low: 'F#2', high: 'C6' },
    firstNotes: [
      {
        id: 'up',
        name: 'C to G',
        notes: ['C4', 'D4', 'E4', 'F4', 'G4', 'B3', 'A3', 'G3', 'A4', 'Bb4', 'C5'],
      },
      {
        id: 'band',
        name: 'With a band, F to C',
        notes: ['C5', 'Bb4', 'A4', 'G4', 'F4', 'E4', 'D4', 'C4'],
      },
    ],
    firstFive: ['C4', 'D4', 'E4', 'F4', 'G4'],
    fingerOne: 'index',
    turns: false,
    technique: {
      kind: 'valves',
      fundamental: 'C2',
      partials: [2, 3, 4, 5, 6, 8, 10, 12],
      hand: 'left',
    },
    cautions: [CLEAN, LIPS],
  },
  {
    id: 'trombone',
    name: 'Trombone',
    family: 'brass',
    clefs: ['bass'],
    ...CONCERT,
    beginner: { low: 'Bb2', high: 'Bb3' },
    firstYears: { low: 'E2', high: 'F4' },
    compass: { low: 'E2', high: 'Bb4' },
    firstNotes: [
      {
        id: 'open',
        name: 'F and B flat, then outwards',
        notes: ['F3', 'Bb3', 'C3', 'D3', 'Eb3', 'G3', 'A3', 'Bb2'],
      },
      {
        id: 'band',
        name: 'With a band, B flat to F',
        notes: ['F3', 'Eb3', 'D3', 'C3', 'Bb2', 'A2', 'G3', 'A3', 'Bb3'],
      },
    ],
    firstFive: ['Bb2', 'C3', 'D3', 'Eb3', 'F3'],
    fingerOne: null,
    turns: false,
    technique: { kind: 'slide', fundamental: 'Bb1', partials: [2, 3, 4, 5, 6, 8] },
    cautions: [CLEAN, LIPS, 'Mind who stands in front of the slide.'],
  },
  {
    id: 'euphonium',
    name: 'Euphonium',
    family: 'brass',
    clefs: ['bass'],
    ...CONCERT,
    beginner: { low: 'Bb2', high: 'Bb3' },
    firstYears: { low: 'E2', high: 'F4' },
    compass: { low: 'E2', high: 'Bb4' },
    firstNotes: [
      {
        id: 'band',
        name: 'With a band, B flat to F',
        notes: ['F3', 'Eb3', 'D3', 'C3', 'Bb2', 'A2', 'G3', 'A3', 'Bb3'],
      },
      {
        id: 'open',
        name: 'Open notes first',
        notes: ['F3', 'Bb3', 'Bb2', 'Eb3', 'D3', 'C3', 'G3', 'A3'],
      },
    ],
    firstFive: ['Bb2', 'C3', 'D3', 'Eb3', 'F3'],
    fingerOne: 'index',
    turns: false,
    technique: { kind: 'valves', fundamental: 'Bb1', partials: [2, 3, 4, 5, 6, 8], hand: 'right' },
    cautions: [CLEAN, LIPS],
  },
  {
    id: 'tuba',
    name: 'Tuba',
    family: 'brass',
    clefs: ['bass'],
    ...CONCERT,
    beginner: { low: 'Bb1', high: 'Bb2' },
    firstYears: { low: 'E1', high: 'D3' },
    compass: { low: 'E1', high: 'F3' },
    firstNotes: [
      {
        id: 'band',
        name: 'With a band, B flat to F',
        notes: ['F2', 'Eb2', 'D2', 'C2', 'Bb1', 'A1', 'G2', 'A2', 'Bb2'],
      },
      {
        id: 'open',
        name: 'Open notes first',
        notes: ['F2', 'Bb2', 'Bb1', 'Eb2', 'D2', 'C2', 'G2', 'A2'],
      },
    ],
    firstFive: ['Bb1', 'C2', 'D2', 'Eb2', 'F2'],
    fingerOne: 'index',
    turns: false,
    technique: { kind: 'valves', fundamental: 'Bb0', partials: [2, 3, 4, 5, 6], hand: 'right' },
    cautions: [CLEAN, LIPS, 'Lift with two: the instrument is heavy.'],
  },
];
