import { diatonic, midi, type Pitch, parsePitch } from '../notation';
import type { StringPlace } from './types';

/** Open strings from the lowest. Source: standard violin tuning in fifths. */
export const VIOLIN_STRINGS: readonly { name: string; open: Pitch }[] = [
  'G3',
  'D4',
  'A4',
  'E5',
].map((text) => ({ name: text[0]!, open: parsePitch(text) }));

/**
 * Semitones above the open string that each finger reaches in first position, low to
 * high. Source: the diatonic finger patterns of first position.
 */
const REACH: Readonly<Record<number, readonly number[]>> = {
  0: [0],
  1: [1, 2],
  2: [3, 4],
  3: [5, 6],
  4: [6, 7],
};

const FINGER_WORDS = ['open', 'first finger', 'second finger', 'third finger', 'fourth finger'];

/** Where in its reach a finger stands, in a word: only the stretched ones need saying. */
function shade(finger: number, semitones: number): string {
  if (finger === 1) return semitones === 1 ? 'low ' : '';
  if (finger === 2) return semitones === 3 ? 'low ' : 'high ';
  if (finger === 3) return semitones === 6 ? 'high ' : '';
  return finger === 4 && semitones === 6 ? 'low ' : '';
}

/**
 * All first-position places of a written pitch, open string first, then lower fingers:
 * the order a beginner should try them. Empty outside G3 to B5.
 */
export function violinPlaces(pitch: Pitch): StringPlace[] {
  const places: StringPlace[] = [];
  VIOLIN_STRINGS.forEach(({ name, open }, index) => {
    const finger = diatonic(pitch) - diatonic(open);
    const semitones = midi(pitch) - midi(open);
    if (!REACH[finger]?.includes(semitones)) return;
    const how = shade(finger, semitones);
    const openString = finger === 0;
    places.push({
      kind: 'string',
      string: name,
      index,
      finger,
      semitones,
      short: openString ? `open ${name} string` : `${name} string, ${how}${finger}`,
      words: openString
        ? `the open ${name} string`
        : `${how}${FINGER_WORDS[finger]} on the ${name} string`,
    });
  });
  return places.sort((a, b) => a.finger - b.finger);
}
