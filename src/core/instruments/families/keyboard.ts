import type { Instrument } from '../types';
import { CONCERT } from './transposition';

/**
 * Keyboard. Source: the standard keyboard of 88 keys, and the usual five-finger
 * positions on C in both hands.
 */
export const KEYBOARD: readonly Instrument[] = [
  {
    id: 'keyboard',
    name: 'Keyboard',
    family: 'keyboard',
    clefs: ['treble', 'bass'],
    ...CONCERT,
    beginner: { low: 'C3', high: 'G4' },
    firstYears: { low: 'C2', high: 'C6' },
    compass: { low: 'A0', high: 'C8' },
    firstNotes: [
      {
        id: 'c-position',
        name: 'C position',
        notes: ['C4', 'D4', 'E4', 'F4', 'G4', 'C3', 'D3', 'E3', 'F3', 'G3'],
      },
      {
        id: 'middle-c',
        name: 'Outwards from middle C',
        notes: ['C4', 'D4', 'B3', 'E4', 'A3', 'F4', 'G3', 'G4', 'F3'],
      },
      {
        id: 'landmarks',
        name: 'Landmarks',
        notes: ['C4', 'G4', 'F3', 'C5', 'C3', 'D4', 'B3', 'A4', 'G3', 'E4', 'A3', 'F4'],
      },
    ],
    firstFive: ['C4', 'D4', 'E4', 'F4', 'G4'],
    fingerOne: 'thumb',
    turns: false,
    technique: { kind: 'keys' },
    cautions: ['Wrists level and relaxed. Stop if it hurts.', 'Modest volume in headphones.'],
  },
];
