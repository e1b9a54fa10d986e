import { midi, type Pitch, parsePitch } from '../../notation';
import type { FretPlace, Technique } from '../types';

type Fretted = Extract<Technique, { kind: 'fretted' }>;

const FINGER_WORDS = ['', 'first finger', 'second finger', 'third finger', 'fourth finger'];

/** What is stored for a finger behind a fret; fret and finger 0 for the open string. */
export function fretCode(string: number, fret: number, finger: number): string {
  return `string ${string} fret ${fret} finger ${finger}`;
}

/**
 * All first-position places of a written pitch on a fretted instrument: lowest fret
 * first; strings that tunes seldom use come last.
 */
export function fretPlaces(fretted: Fretted, pitch: Pitch): FretPlace[] {
  const places = fretted.strings.flatMap((text, i): FretPlace[] => {
    const string = i + 1;
    const fret = midi(pitch) - midi(parsePitch(text));
    const highest = string === 1 ? fretted.reach : fretted.frets;
    if (fret < 0 || fret > highest) return [];
    const finger = Math.min(fret, 4);
    return [
      {
        kind: 'fret',
        code: fretCode(string, fret, finger),
        string,
        fret,
        finger,
        short:
          fret === 0 ? `open string ${string}` : `string ${string}, fret ${fret}, finger ${finger}`,
        words:
          fret === 0
            ? `open string ${string}`
            : `${FINGER_WORDS[finger]} behind fret ${fret} of string ${string}`,
      },
    ];
  });
  const spare = (p: FretPlace) => (fretted.spare.includes(p.string) ? 1 : 0);
  return places.sort((a, b) => spare(a) - spare(b) || a.fret - b.fret);
}
