import { midi, type Pitch, parsePitch } from '../notation';
import type { Hole, HolesPlace } from './types';

/** Baroque (forked F) or German fingering: two schools of instrument. */
export type RecorderSystem = 'baroque' | 'german';

/**
 * Written pitch → thumb, then holes 1 to 7: x covered, o open, h half. Source: standard
 * baroque soprano chart, written C4 to A5.
 */
const CHART: readonly [pitch: string, holes: string][] = [
  ['C4', 'xxxxxxxx'],
  ['C#4', 'xxxxxxxh'],
  ['D4', 'xxxxxxxo'],
  ['D#4', 'xxxxxxho'],
  ['E4', 'xxxxxxoo'],
  ['F4', 'xxxxxoxx'],
  ['F#4', 'xxxxoxxo'],
  ['G4', 'xxxxoooo'],
  ['G#4', 'xxxoxxho'],
  ['A4', 'xxxooooo'],
  ['A#4', 'xxoxxooo'],
  ['B4', 'xxoooooo'],
  ['C5', 'xoxooooo'],
  ['C#5', 'oxxooooo'],
  ['D5', 'ooxooooo'],
  ['D#5', 'ooxxxxxo'],
  ['E5', 'hxxxxxoo'],
  ['F5', 'hxxxxoxo'],
  ['F#5', 'hxxxoxoo'],
  ['G5', 'hxxxoooo'],
  ['A5', 'hxxooooo'],
];

/** Notes that German instruments finger otherwise. Source: standard German soprano chart. */
const GERMAN: readonly [pitch: string, holes: string][] = [
  ['F4', 'xxxxxooo'],
  ['F#4', 'xxxxoxxx'],
];

const HOLE: Record<string, Hole> = { x: 'closed', o: 'open', h: 'half' };
const table = (rows: readonly [string, string][]) =>
  new Map(rows.map(([pitch, holes]) => [midi(parsePitch(pitch)), holes]));
const BAROQUE_TABLE = table(CHART);
const GERMAN_TABLE = table([...CHART, ...GERMAN]);

/** The fingering of a written pitch, or null outside the first years' chart (C4 to A5). */
export function recorderPlace(pitch: Pitch, system: RecorderSystem = 'baroque'): HolesPlace | null {
  const code = (system === 'german' ? GERMAN_TABLE : BAROQUE_TABLE).get(midi(pitch));
  if (!code) return null;
  const holes = [...code].map((c) => HOLE[c]!);
  return { kind: 'holes', holes, short: shortText(holes), words: wordText(holes) };
}

function shortText(holes: readonly Hole[]): string {
  const parts = holes.flatMap((hole, i) => {
    const name = i === 0 ? 'thumb' : String(i);
    return hole === 'open' ? [] : [hole === 'half' ? `half ${name}` : name];
  });
  return parts.join(' ');
}

function wordText(holes: readonly Hole[]): string {
  const thumb = { closed: 'thumb on', half: 'thumb half open', open: 'no thumb' }[holes[0]!];
  const fingers = holes.slice(1).flatMap((hole, i) => {
    return hole === 'open' ? [] : [`${hole === 'half' ? 'half of ' : ''}${i + 1}`];
  });
  return `${thumb}, ${fingers.length === 1 ? 'hole' : 'holes'} ${fingers.join(' ')}`;
}
