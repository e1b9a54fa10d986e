import { midi, type Pitch, parsePitch } from '../../notation';
import { LAYOUTS } from '../layouts';
import type { FingeringChart, Hole, HolesPlace, LayoutId, Touch } from '../types';

type Touches = Readonly<Record<string, Hole>>;

/** Charts as maps from MIDI number, worked out once for each. */
const maps = new WeakMap<FingeringChart, ReadonlyMap<number, readonly string[]>>();

function mapOf(chart: FingeringChart): ReadonlyMap<number, readonly string[]> {
  let map = maps.get(chart);
  if (!map) {
    map = new Map(chart.map(([note, ...ways]) => [midi(parsePitch(note)), ways]));
    maps.set(chart, map);
  }
  return map;
}

/** The fingerings of a written pitch by the chart, the usual one first; empty when it has none. */
export function holesPlaces(layout: LayoutId, chart: FingeringChart, pitch: Pitch): HolesPlace[] {
  return (mapOf(chart).get(midi(pitch)) ?? []).map((text) =>
    holesPlace(layout, parseFingering(text)),
  );
}

/** MIDI numbers of the written notes that a fingering gives. */
export function notesOfFingering(layout: LayoutId, chart: FingeringChart, code: string): number[] {
  const codeOf = (text: string) => holesPlace(layout, parseFingering(text)).code;
  return [...mapOf(chart)]
    .filter(([, ways]) => ways.some((w) => codeOf(w) === code))
    .map(([m]) => m);
}

/** A fingering with its texts from what is closed. */
export function holesPlace(layout: LayoutId, touches: Touches): HolesPlace {
  const closed = LAYOUTS[layout].filter((t) => touches[t.id]);
  const mark = (t: Touch) => `${touches[t.id] === 'half' ? '~' : ''}${t.id}`;
  return {
    kind: 'holes',
    layout,
    touches,
    code: closed.length === 0 ? 'holes open' : `holes ${closed.map(mark).join(' ')}`,
    short: shortText(layout, closed, touches),
    words: wordText(layout, closed, touches),
  };
}

function parseFingering(text: string): Touches {
  const touches: Record<string, Hole> = {};
  for (const token of text.split(' ').filter(Boolean)) {
    const half = token.startsWith('~');
    touches[half ? token.slice(1) : token] = half ? 'half' : 'closed';
  }
  return touches;
}

/** `thumb 1 2 3` on recorders, whose holes are numbered through; `T 1 2 3 | 1 2 Eb` on others. */
function shortText(layout: LayoutId, closed: readonly Touch[], touches: Touches): string {
  if (closed.length === 0) return 'all open';
  const name = (t: Touch) => {
    const plain =
      layout === 'recorder' ? (t.id === 'T' ? 'thumb' : t.id) : String(t.finger ?? t.id);
    return touches[t.id] === 'half' ? `½${layout === 'recorder' ? ' ' : ''}${plain}` : plain;
  };
  if (layout === 'recorder') return closed.map(name).join(' ');
  const of = (hand: Touch['hand']) =>
    closed
      .filter((t) => t.hand === hand)
      .map(name)
      .join(' ');
  const right = of('right');
  return right === '' ? of('left') : `${of('left') || '–'} | ${right}`;
}

const ORDINALS = ['', 'first finger', 'second finger', 'third finger', 'fourth finger'];

/** The text equivalent: thumb, fingers of each hand, keys. */
function wordText(layout: LayoutId, closed: readonly Touch[], touches: Touches): string {
  if (closed.length === 0) return 'nothing closed';
  const of = (test: (t: Touch) => boolean) => closed.filter(test);
  const fingers = (hand: Touch['hand']) => of((t) => t.hand === hand && t.finger !== undefined);
  const number = (t: Touch) => `${numberOf(layout, t)}${touches[t.id] === 'half' ? ' (half)' : ''}`;
  const parts = of((t) => t.id === 'T' || t.id === 'Tb').map((t) =>
    touches[t.id] === 'half' ? 'thumb half open' : t.words,
  );
  const left = fingers('left');
  const right = fingers('right');
  const whole = layout === 'recorder' ? [...left, ...right] : left;
  if (whole.length === 1 && whole[0]!.hand === 'left' && touches[whole[0]!.id] === 'closed') {
    parts.push(ORDINALS[whole[0]!.finger!]!);
  } else if (whole.length > 0) {
    const word = layout === 'recorder' ? 'holes' : `left finger${whole.length > 1 ? 's' : ''}`;
    parts.push(`${word} ${list(whole.map(number))}`);
  }
  if (layout !== 'recorder' && right.length > 0) {
    parts.push(`right finger${right.length > 1 ? 's' : ''} ${list(right.map(number))}`);
  }
  parts.push(...of((t) => t.finger === undefined && !t.id.startsWith('T')).map((t) => t.words));
  return list(parts);
}

function numberOf(layout: LayoutId, touch: Touch): string {
  return layout === 'recorder' ? touch.id : String(touch.finger);
}

function list(parts: readonly string[]): string {
  if (parts.length < 2) return parts.join('');
  return `${parts.slice(0, -1).join(', ')} and ${parts.at(-1)}`;
}
