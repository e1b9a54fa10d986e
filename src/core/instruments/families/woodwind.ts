import type { Instrument } from '../types';
import { CONCERT, IN_B_FLAT, IN_E_FLAT } from './transposition';
import { BASSOON_CHART, CLARINET_CHART, FLUTE_CHART, SAXOPHONE_CHART } from './woodwind-charts';

const CLEAN = 'A mouthpiece is not shared without cleaning it.';

/** Flute, clarinet, saxophone and bassoon; their charts stand in woodwind-charts.ts. */
export const WOODWIND: readonly Instrument[] = [
  {
    id: 'flute',
    name: 'Flute',
    family: 'woodwind',
    clefs: ['treble'],
    ...CONCERT,
    beginner: { low: 'D4', high: 'D5' },
    firstYears: { low: 'C4', high: 'F6' },
    compass: { low: 'C4', high: 'C7' },
    firstNotes: [
      {
        id: 'b-a-g',
        name: 'B A G first',
        notes: ['B4', 'A4', 'G4', 'C5', 'F4', 'E4', 'D4', 'Bb4', 'D5', 'Eb5'],
      },
      {
        id: 'band',
        name: 'With a band, around B flat',
        notes: ['F5', 'Eb5', 'D5', 'C5', 'Bb4', 'A4', 'G4', 'F4'],
      },
    ],
    firstFive: ['Bb4', 'C5', 'D5', 'Eb5', 'F5'],
    fingerOne: null,
    turns: false,
    technique: { kind: 'holes', layout: 'flute', chart: FLUTE_CHART },
    cautions: [CLEAN, 'Sit down if you feel dizzy.', 'Shoulders loose, neck straight.'],
  },
  {
    id: 'clarinet',
    name: 'Clarinet in B flat',
    family: 'woodwind',
    clefs: ['treble'],
    ...IN_B_FLAT,
    beginner: { low: 'G3', high: 'G4' },
    firstYears: { low: 'E3', high: 'C6' },
    compass: { low: 'E3', high: 'G6' },
    firstNotes: [
      {
        id: 'left-hand',
        name: 'Left hand downwards',
        notes: ['E4', 'D4', 'C4', 'F4', 'G4', 'Bb3', 'A3', 'G3', 'F3', 'A4'],
      },
      {
        id: 'band',
        name: 'With a band, C to G',
        notes: ['G4', 'F4', 'E4', 'D4', 'C4', 'A4', 'Bb3', 'A3', 'G3'],
      },
    ],
    firstFive: ['C4', 'D4', 'E4', 'F4', 'G4'],
    fingerOne: null,
    turns: false,
    technique: { kind: 'holes', layout: 'clarinet', chart: CLARINET_CHART },
    cautions: [CLEAN, 'Rest the right thumb: the instrument hangs on it.'],
  },
  {
    id: 'alto-saxophone',
    name: 'Alto saxophone',
    family: 'woodwind',
    clefs: ['treble'],
    ...IN_E_FLAT,
    beginner: { low: 'D4', high: 'D5' },
    firstYears: { low: 'Bb3', high: 'D6' },
    compass: { low: 'Bb3', high: 'F6' },
    firstNotes: [
      {
        id: 'left-hand',
        name: 'Left hand downwards',
        notes: ['B4', 'A4', 'G4', 'C5', 'F4', 'E4', 'D4', 'D5', 'F#4', 'C4'],
      },
      {
        id: 'band',
        name: 'With a band, G to D',
        notes: ['D5', 'C5', 'B4', 'A4', 'G4', 'F#4', 'E4', 'D4'],
      },
    ],
    firstFive: ['G4', 'A4', 'B4', 'C5', 'D5'],
    fingerOne: null,
    turns: false,
    technique: { kind: 'holes', layout: 'saxophone', chart: SAXOPHONE_CHART },
    cautions: [CLEAN, 'Set the strap so that the neck stays straight.'],
  },
  {
    id: 'bassoon',
    name: 'Bassoon',
    family: 'woodwind',
    clefs: ['bass'],
    ...CONCERT,
    beginner: { low: 'Bb2', high: 'F3' },
    firstYears: { low: 'F2', high: 'C4' },
    compass: { low: 'Bb1', high: 'C5' },
    firstNotes: [
      {
        id: 'left-hand',
        name: 'Left hand downwards',
        notes: ['F3', 'E3', 'D3', 'C3', 'B2', 'A2', 'G2', 'F2', 'Bb2', 'G3', 'A3'],
      },
      {
        id: 'band',
        name: 'With a band, B flat to F',
        notes: ['F3', 'Eb3', 'D3', 'C3', 'Bb2', 'A2', 'G2', 'F2'],
      },
    ],
    firstFive: ['Bb2', 'C3', 'D3', 'Eb3', 'F3'],
    fingerOne: null,
    turns: false,
    technique: { kind: 'holes', layout: 'bassoon', chart: BASSOON_CHART },
    cautions: ['A reed is never shared.', 'The seat strap carries the weight, not the thumbs.'],
  },
];
