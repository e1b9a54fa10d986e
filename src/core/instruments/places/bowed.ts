import { diatonic, midi, type Pitch, parsePitch } from '../../notation';
import type { HandPlace, StringPlace, Technique } from '../types';

type Bowed = Extract<Technique, { kind: 'bowed' }>;

const FINGER_WORDS = ['open', 'first finger', 'second finger', 'third finger', 'fourth finger'];

/**
 * All places of a written pitch on a bowed string instrument, computed from the open
 * strings and the reach of each hand position. Open strings stand first, then the first
 * of the instrument's positions, plain fingers before stretched ones.
 */
export function bowedPlaces(bowed: Bowed, pitch: Pitch): StringPlace[] {
  const found: { place: StringPlace; rank: number }[] = [];
  bowed.strings.forEach((text, index) => {
    const open = parsePitch(text);
    const semitones = midi(pitch) - midi(open);
    if (semitones === 0) found.push({ place: openString(open.letter, index), rank: 0 });
    bowed.places.forEach((hand, h) => {
      if (hand.strings && !hand.strings.includes(index)) return;
      const ways = hand.reach.filter(([reach]) => reach === semitones);
      const letters = diatonic(pitch) - diatonic(open);
      // Where two fingers reach a half step, the spelling decides on the violin: F sharp
      // is a high second finger, G flat a low third.
      const spelled = bowed.byLetter ? ways.filter(([, finger]) => finger === letters) : [];
      for (const [, finger, how] of spelled.length > 0 ? spelled : ways) {
        const stretched = how && !bowed.byLetter ? 5 : 0;
        const rank = 10 + h * 20 + stretched + finger;
        const place = stopped(open.letter, { index, finger, semitones, how, hand, first: h === 0 });
        found.push({ place, rank });
      }
    });
  });
  return found.sort((a, b) => a.rank - b.rank).map((f) => f.place);
}

/** What is stored for a finger on a string; fingers 1 to 4, 0 for the open string. */
export function stringCode(index: number, semitones: number, finger: number): string {
  return `string ${index} +${semitones} finger ${finger}`;
}

function openString(string: string, index: number): StringPlace {
  return {
    kind: 'string',
    code: stringCode(index, 0, 0),
    string,
    index,
    finger: 0,
    semitones: 0,
    position: '',
    short: `open ${string} string`,
    words: `the open ${string} string`,
  };
}

interface Stopped {
  index: number;
  finger: number;
  semitones: number;
  how: string | undefined;
  hand: HandPlace;
  /** Whether it is the position that a beginner is in anyway. */
  first: boolean;
}

function stopped(string: string, { index, finger, semitones, how, hand, first }: Stopped) {
  const shade = how ? `${how} ` : '';
  const where = first ? '' : `, ${hand.name}`;
  return {
    kind: 'string' as const,
    code: stringCode(index, semitones, finger),
    string,
    index,
    finger,
    semitones,
    position: hand.name,
    short: `${string} string, ${shade}${finger}${where}`,
    words: `${shade}${FINGER_WORDS[finger]} on the ${string} string${where}`,
  };
}
