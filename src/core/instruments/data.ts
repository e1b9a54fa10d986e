import type { Instrument, InstrumentId } from './types';

/**
 * Instruments a student can have. Transpositions: standard practice of written and
 * sounding pitch. First notes: the usual beginner's order for the instrument in general.
 */
export const INSTRUMENTS: Readonly<Record<InstrumentId, Instrument>> = {
  keyboard: {
    id: 'keyboard',
    name: 'Keyboard',
    clefs: ['treble', 'bass'],
    transposition: 0,
    firstNotes: ['C4', 'D4', 'E4', 'F4', 'G4', 'C3', 'D3', 'E3', 'F3', 'G3'],
    caution: 'Wrists level and relaxed. Stop if it hurts.',
  },
  violin: {
    id: 'violin',
    name: 'Violin',
    clefs: ['treble'],
    transposition: 0,
    firstNotes: ['A4', 'E5', 'D4', 'B4', 'C#5', 'F#5', 'E4', 'F#4', 'G4', 'D5', 'G5', 'A5'],
    caution: 'Shoulders loose. Rest when the arm tires.',
  },
  cello: {
    id: 'cello',
    name: 'Cello',
    clefs: ['bass'],
    transposition: 0,
    firstNotes: ['D3', 'A3', 'G2', 'E3', 'F#3', 'G3', 'B3', 'C#4', 'D4', 'C2'],
  },
  'double-bass': {
    id: 'double-bass',
    name: 'Double bass',
    clefs: ['bass'],
    transposition: -12,
    firstNotes: ['D3', 'G3', 'A2', 'E3', 'F#3', 'A3', 'B3', 'E2'],
  },
  guitar: {
    id: 'guitar',
    name: 'Guitar',
    clefs: ['treble'],
    transposition: -12,
    firstNotes: ['E5', 'F5', 'G5', 'B4', 'C5', 'D5', 'G4', 'A4'],
    caution: 'Wrist straight and relaxed. Stop if it hurts.',
  },
  'soprano-recorder': {
    id: 'soprano-recorder',
    name: 'Soprano recorder',
    clefs: ['treble'],
    transposition: 12,
    firstNotes: ['B4', 'A4', 'G4', 'C5', 'D5', 'E4', 'D4', 'F#4', 'F4', 'C4'],
    caution: 'Do not share a mouthpiece without cleaning it.',
  },
  clarinet: {
    id: 'clarinet',
    name: 'Clarinet in B flat',
    clefs: ['treble'],
    transposition: -2,
    firstNotes: ['E4', 'D4', 'C4', 'F4', 'G4', 'A4', 'B3', 'A3', 'G3'],
    caution: 'Do not share a mouthpiece without cleaning it.',
  },
  trumpet: {
    id: 'trumpet',
    name: 'Trumpet in B flat',
    clefs: ['treble'],
    transposition: -2,
    firstNotes: ['C4', 'G4', 'D4', 'E4', 'F4', 'A4', 'B4', 'C5'],
    caution: 'Do not share a mouthpiece without cleaning it.',
  },
  trombone: {
    id: 'trombone',
    name: 'Trombone',
    clefs: ['bass'],
    transposition: 0,
    firstNotes: ['F3', 'Bb3', 'C3', 'D3', 'Eb3', 'G3', 'A3', 'Bb2'],
    caution: 'Do not share a mouthpiece without cleaning it.',
  },
  none: {
    id: 'none',
    name: 'No instrument yet',
    clefs: ['treble', 'bass'],
    transposition: 0,
    firstNotes: ['G4', 'C4', 'F3'],
  },
};

export const INSTRUMENT_IDS = Object.keys(INSTRUMENTS) as InstrumentId[];
