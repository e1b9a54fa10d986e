import type { FingeringChart } from '../types';

/**
 * Fingerings by written note: the usual one first, then alternatives. Touches as in
 * layouts.ts; fingers 1 2 3 are the left hand's, 4 5 6 the right hand's. Flats are
 * found through their sharps. Source of all four: the standard fingering charts of the
 * instruments.
 */

/** Closed-hole system flute with a foot joint to C, written C4 to F6. */
export const FLUTE_CHART: FingeringChart = [
  ['C4', 'T 1 2 3 4 5 6 C'],
  ['C#4', 'T 1 2 3 4 5 6 C#'],
  ['D4', 'T 1 2 3 4 5 6'],
  ['D#4', 'T 1 2 3 4 5 6 Eb'],
  ['E4', 'T 1 2 3 4 5 Eb'],
  ['F4', 'T 1 2 3 4 Eb'],
  ['F#4', 'T 1 2 3 6 Eb'],
  ['G4', 'T 1 2 3 Eb'],
  ['G#4', 'T 1 2 3 G# Eb'],
  ['A4', 'T 1 2 Eb'],
  ['A#4', 'T 1 4 Eb', 'Tb 1 Eb'],
  ['B4', 'T 1 Eb'],
  ['C5', '1 Eb'],
  ['C#5', 'Eb'],
  ['D5', 'T 2 3 4 5 6'],
  ['D#5', 'T 2 3 4 5 6 Eb'],
  ['E5', 'T 1 2 3 4 5 Eb'],
  ['F5', 'T 1 2 3 4 Eb'],
  ['F#5', 'T 1 2 3 6 Eb'],
  ['G5', 'T 1 2 3 Eb'],
  ['G#5', 'T 1 2 3 G# Eb'],
  ['A5', 'T 1 2 Eb'],
  ['A#5', 'T 1 4 Eb', 'Tb 1 Eb'],
  ['B5', 'T 1 Eb'],
  ['C6', '1 Eb'],
  ['C#6', 'Eb'],
  ['D6', 'T 2 3 Eb'],
  ['D#6', 'T 1 2 3 G# 4 5 6 Eb'],
  ['E6', 'T 1 2 4 5 Eb'],
  ['F6', 'T 1 3 4 Eb'],
];

/** Clarinet with seventeen keys, written E3 to C6; R is the register key. */
export const CLARINET_CHART: FingeringChart = [
  ['E3', 'T 1 2 3 L-E 4 5 6', 'T 1 2 3 4 5 6 R-E'],
  ['F3', 'T 1 2 3 4 5 6 R-F', 'T 1 2 3 L-F 4 5 6'],
  ['F#3', 'T 1 2 3 L-F# 4 5 6', 'T 1 2 3 4 5 6 R-F#'],
  ['G3', 'T 1 2 3 4 5 6'],
  ['G#3', 'T 1 2 3 4 5 6 R-G#'],
  ['A3', 'T 1 2 3 4 5'],
  ['A#3', 'T 1 2 3 4'],
  ['B3', 'T 1 2 3 5'],
  ['C4', 'T 1 2 3'],
  ['C#4', 'T 1 2 3 C#'],
  ['D4', 'T 1 2'],
  ['D#4', 'T 1 2 side', 'T 1 4'],
  ['E4', 'T 1'],
  ['F4', 'T'],
  ['F#4', '1'],
  ['G4', ''],
  ['G#4', 'G#'],
  ['A4', 'A'],
  ['A#4', 'R A'],
  ['B4', 'T R 1 2 3 L-E 4 5 6', 'T R 1 2 3 4 5 6 R-E'],
  ['C5', 'T R 1 2 3 4 5 6 R-F', 'T R 1 2 3 L-F 4 5 6'],
  ['C#5', 'T R 1 2 3 L-F# 4 5 6', 'T R 1 2 3 4 5 6 R-F#'],
  ['D5', 'T R 1 2 3 4 5 6'],
  ['D#5', 'T R 1 2 3 4 5 6 R-G#'],
  ['E5', 'T R 1 2 3 4 5'],
  ['F5', 'T R 1 2 3 4'],
  ['F#5', 'T R 1 2 3 5'],
  ['G5', 'T R 1 2 3'],
  ['G#5', 'T R 1 2 3 C#'],
  ['A5', 'T R 1 2'],
  ['A#5', 'T R 1 2 side', 'T R 1 4'],
  ['B5', 'T R 1'],
  ['C6', 'T R'],
];

/** Alto saxophone, written B flat 3 to D6; O is the octave key. */
export const SAXOPHONE_CHART: FingeringChart = [
  ['A#3', '1 2 3 Bb 4 5 6 C'],
  ['B3', '1 2 3 B 4 5 6 C'],
  ['C4', '1 2 3 4 5 6 C'],
  ['C#4', '1 2 3 C# 4 5 6 C'],
  ['D4', '1 2 3 4 5 6'],
  ['D#4', '1 2 3 4 5 6 Eb'],
  ['E4', '1 2 3 4 5'],
  ['F4', '1 2 3 4'],
  ['F#4', '1 2 3 5'],
  ['G4', '1 2 3'],
  ['G#4', '1 2 3 G#'],
  ['A4', '1 2'],
  ['A#4', '1 2 side-Bb', '1 bis', '1 4'],
  ['B4', '1'],
  ['C5', '2', '1 side-C'],
  ['C#5', ''],
  ['D5', 'O 1 2 3 4 5 6'],
  ['D#5', 'O 1 2 3 4 5 6 Eb'],
  ['E5', 'O 1 2 3 4 5'],
  ['F5', 'O 1 2 3 4'],
  ['F#5', 'O 1 2 3 5'],
  ['G5', 'O 1 2 3'],
  ['G#5', 'O 1 2 3 G#'],
  ['A5', 'O 1 2'],
  ['A#5', 'O 1 2 side-Bb', 'O 1 bis', 'O 1 4'],
  ['B5', 'O 1'],
  ['C6', 'O 2', 'O 1 side-C'],
  ['C#6', 'O'],
  ['D6', 'O palm-D'],
];

/**
 * Bassoon of the usual system, written F2 to C4; W is the whisper key. From A3 upwards
 * it is let go and the flick key touched at the start of the note.
 */
export const BASSOON_CHART: FingeringChart = [
  ['F2', 'W 1 2 3 4 5 6 F'],
  ['F#2', 'W 1 2 3 4 5 6 F#'],
  ['G2', 'W 1 2 3 4 5 6'],
  ['G#2', 'W 1 2 3 4 5 6 G#'],
  ['A2', 'W 1 2 3 4 5'],
  ['A#2', 'W 1 2 3 4 5 Bb'],
  ['B2', 'W 1 2 3 4'],
  ['C3', 'W 1 2 3'],
  ['C#3', '1 2 3 C#'],
  ['D3', 'W 1 2'],
  ['D#3', 'W 1 3'],
  ['E3', 'W 1'],
  ['F3', 'W'],
  ['F#3', 'W ~1 2 3 4 5 6 F#'],
  ['G3', 'W ~1 2 3 4 5 6'],
  ['G#3', 'W ~1 2 3 4 5 6 G#'],
  ['A3', 'flick 1 2 3 4 5'],
  ['A#3', 'flick 1 2 3 4 5 Bb'],
  ['B3', 'flick 1 2 3 4'],
  ['C4', 'flick 1 2 3'],
];
