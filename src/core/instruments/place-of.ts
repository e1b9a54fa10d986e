import { parsePitch } from '../notation';
import { INSTRUMENTS } from './catalogue';
import { slidePlace, valvesPlace } from './places/brass';
import { holesPlace } from './places/holes';
import { barPlace, keyPlace } from './places/keys';
import { voicePlace } from './places/voice';
import { spelled } from './spell';
import type { Hole, InstrumentId, Place } from './types';

/**
 * The place that a code stands for, for drawing and for its words; also of places that
 * give no note. null for a code of another kind of instrument.
 */
export function placeOf(id: InstrumentId, code: string): Place | null {
  const { technique, firstYears } = INSTRUMENTS[id];
  const [word, ...rest] = code.split(' ');
  const [a = Number.NaN, b = Number.NaN, c = 0] = [...code.matchAll(/\d+/g)].map(([n]) =>
    Number(n),
  );
  switch (technique.kind) {
    case 'keys':
      return word === 'key' && a <= 127 ? keyPlace(spelled(a)) : null;
    case 'bars':
      return word === 'bar' && a <= 127 ? barPlace(spelled(a)) : null;
    case 'voice':
      return word === 'voice' && a <= 127 ? voicePlace(spelled(a), firstYears) : null;
    case 'slide':
      return word === 'slide' && a >= 1 && a <= 7 ? slidePlace(a, 0) : null;
    case 'valves': {
      const valves = rest.map(Number).filter((v) => v >= 1 && v <= 3);
      return word === 'valves' ? valvesPlace(valves, 0) : null;
    }
    case 'holes': {
      if (word !== 'holes') return null;
      const marks = rest.filter((t) => t !== 'open');
      const touches = Object.fromEntries(
        marks.map((t): [string, Hole] =>
          t.startsWith('~') ? [t.slice(1), 'half'] : [t, 'closed'],
        ),
      );
      return holesPlace(technique.layout, touches);
    }
    case 'bowed': {
      const open = technique.strings[a];
      if (!open || !code.includes('+')) return null;
      const { letter } = parsePitch(open);
      const how =
        b === 0
          ? `the open ${letter} string`
          : `${fingerWords(c)} on the ${letter} string, ${b} half steps up`;
      const short = b === 0 ? `open ${letter} string` : `${letter} string, ${b} half steps up`;
      return {
        kind: 'string',
        code,
        string: letter,
        index: a,
        semitones: b,
        finger: c,
        position: '',
        short,
        words: how,
      };
    }
    case 'fretted': {
      if (!technique.strings[a - 1] || !code.includes('fret')) return null;
      const words =
        b === 0 ? `open string ${a}` : `${fingerWords(c)} behind fret ${b} of string ${a}`;
      return { kind: 'fret', code, string: a, fret: b, finger: c, short: words, words };
    }
    case 'none':
      return null;
  }
}

function fingerWords(finger: number): string {
  return finger === 0 ? 'a finger' : `finger ${finger}`;
}
