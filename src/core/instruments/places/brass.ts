import { midi, type Pitch, parsePitch } from '../../notation';
import type { SlidePlace, Technique, ValvesPlace } from '../types';

type Valves = Extract<Technique, { kind: 'valves' }>;
type Slide = Extract<Technique, { kind: 'slide' }>;

/** Half steps above the first partial, rounded to the keyboard. Source: the harmonic series. */
const SERIES: Readonly<Record<number, number>> = {
  1: 0,
  2: 12,
  3: 19,
  4: 24,
  5: 28,
  6: 31,
  8: 36,
  9: 38,
  10: 40,
  12: 43,
};

/** Half steps by which each valve lowers a note. Source: the standard three-valve system. */
const VALVE_STEPS: Readonly<Record<number, number>> = { 1: 2, 2: 1, 3: 3 };

/** Valves for 0 to 6 half steps, the usual combination first. */
const COMBINATIONS: readonly (readonly (readonly number[])[])[] = [
  [[]],
  [[2]],
  [[1]],
  [[1, 2], [3]],
  [[2, 3]],
  [[1, 3]],
  [[1, 2, 3]],
];

/** Half steps by which a combination of valves lowers a note, 0 to 6. */
export function valveDrop(valves: readonly number[]): number {
  return valves.reduce((sum, v) => sum + (VALVE_STEPS[v] ?? 0), 0);
}

/** Natural notes of the tube, as MIDI numbers of written pitches, with their partials. */
export function naturalNotes(tube: Valves | Slide): { partial: number; midi: number }[] {
  const base = midi(parsePitch(tube.fundamental));
  return tube.partials.map((partial) => ({ partial, midi: base + SERIES[partial]! }));
}

/** Half steps below each natural note that reach a pitch, fewest first. */
function drops(tube: Valves | Slide, pitch: Pitch): { partial: number; drop: number }[] {
  return naturalNotes(tube)
    .map((n) => ({ partial: n.partial, drop: n.midi - midi(pitch) }))
    .filter(({ drop }) => drop >= 0 && drop <= 6)
    .sort((a, b) => a.drop - b.drop);
}

/** All valve combinations for a written pitch, the shortest tube first. */
export function valvePlaces(tube: Valves, pitch: Pitch): ValvesPlace[] {
  const found = drops(tube, pitch);
  // Valves 1 2 and 3 lower alike; the second choice of each stands after all first choices.
  const first = found.map((f) => valvesPlace(COMBINATIONS[f.drop]![0]!, f.partial));
  const second = found.flatMap((f) =>
    COMBINATIONS[f.drop]!.slice(1).map((valves) => valvesPlace(valves, f.partial)),
  );
  return [...first, ...second];
}

/** A combination of valves with its texts. */
export function valvesPlace(valves: readonly number[], partial: number): ValvesPlace {
  const list = valves.join(' ');
  return {
    kind: 'valves',
    code: `valves ${valves.length === 0 ? 'open' : list}`,
    valves,
    partial,
    short: valves.length === 0 ? 'open' : `valve${valves.length > 1 ? 's' : ''} ${list}`,
    words:
      valves.length === 0
        ? 'open, no valve pressed'
        : `valve${valves.length > 1 ? 's' : ''} ${valves.join(' and ')} pressed`,
  };
}

/** All slide positions for a written pitch, the nearest first. */
export function slidePlaces(tube: Slide, pitch: Pitch): SlidePlace[] {
  return drops(tube, pitch).map((f) => slidePlace(f.drop + 1, f.partial));
}

const ORDINALS = ['', 'first', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh'];

/** A position of the slide, 1 to 7, with its texts. */
export function slidePlace(position: number, partial: number): SlidePlace {
  return {
    kind: 'slide',
    code: `slide ${position}`,
    position,
    partial,
    short: `position ${position}`,
    words: `slide in ${ORDINALS[position]} position`,
  };
}
