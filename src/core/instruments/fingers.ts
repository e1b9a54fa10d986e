import { midi, type Pitch, parsePitch } from '../notation';
import { INSTRUMENTS } from './catalogue';
import { locate, lowerName } from './locate';
import { stringCode } from './places/bowed';
import { fretCode } from './places/frets';
import { spelled } from './spell';
import type { Instrument, InstrumentId, Place } from './types';

const NUMBER_ONE = { thumb: 'the thumb', index: 'the first finger' } as const;

/**
 * A warning for a student who plays two instruments whose finger numbers or fingerings
 * are easily mixed up, or null.
 */
export function clashWarning(a: InstrumentId, b: InstrumentId): string | null {
  const one = INSTRUMENTS[a];
  const two = INSTRUMENTS[b];
  if (a === b || one.family === 'none' || two.family === 'none') return null;
  if (one.fingerOne && two.fingerOne && one.fingerOne !== two.fingerOne) {
    return `Finger 1 is ${NUMBER_ONE[one.fingerOne]} on the ${lowerName(one)} and ${NUMBER_ONE[two.fingerOne]} on the ${lowerName(two)}. Say “thumb” or “first finger” aloud with the number.`;
  }
  return canMislead(one, two)
    ? `The ${lowerName(one)} and the ${lowerName(two)} look alike, but the same note lies elsewhere. Name the instrument before the first note.`
    : null;
}

/**
 * What a student shows on instrument `id` for a note when thinking of instrument `other`:
 * codes of wrong places only. Empty where the other instrument does not mislead.
 */
export function misplaced(id: InstrumentId, other: InstrumentId, pitch: Pitch): string[] {
  const own = INSTRUMENTS[id];
  const theirs = INSTRUMENTS[other];
  if (id === other) return [];
  const right = locate(id, pitch);
  if (!right.ok) return [];
  const codes = shifted(own, theirs, right.places) ?? carried(own, theirs, pitch);
  return codes.filter((code) => !right.places.some((p) => p.code === code));
}

/** Finger numbers that begin at the thumb elsewhere: the right spot with the number next to the right one. */
function shifted(own: Instrument, theirs: Instrument, right: readonly Place[]): string[] | null {
  if (!own.fingerOne || !theirs.fingerOne || own.fingerOne === theirs.fingerOne) return null;
  const by = theirs.fingerOne === 'thumb' ? 1 : -1;
  return right.flatMap((p) => {
    if (p.kind === 'string' && p.finger > 0)
      return [stringCode(p.index, p.semitones, p.finger + by)];
    if (p.kind === 'fret' && p.finger > 0) return [fretCode(p.string, p.fret, p.finger + by)];
    return [];
  });
}

/** The other instrument's own way, carried over to instruments of the same kind. */
function carried(own: Instrument, theirs: Instrument, pitch: Pitch): string[] {
  if (!canMislead(own, theirs)) return [];
  const found = locate(theirs.id, pitch);
  if (!found.ok) return [];
  return found.places.flatMap((p) => carry(own, theirs, p));
}

function carry(own: Instrument, theirs: Instrument, place: Place): string[] {
  const a = own.technique;
  const b = theirs.technique;
  if (place.kind === 'string' && a.kind === 'bowed' && b.kind === 'bowed') {
    // The string of the same name; the finger keeps its number and its distance.
    const index = a.strings.findIndex((s) => s[0] === place.string);
    return index < 0 ? [] : [stringCode(index, place.semitones, place.finger)];
  }
  if (place.kind === 'fret' && a.kind === 'fretted') {
    return place.string > a.strings.length ? [] : [place.code];
  }
  if (place.kind === 'holes' && a.kind === 'holes' && a.layout === place.layout)
    return [place.code];
  if (place.kind === 'valves' && a.kind === 'valves') return [place.code];
  return [];
}

/** Pairs that have been compared; instruments never change. */
const compared = new Map<string, boolean>();

/** Whether the two are played alike, but some note of both lies elsewhere on the other. */
function canMislead(a: Instrument, b: Instrument): boolean {
  const pair = `${a.id} ${b.id}`;
  const known = compared.get(pair);
  if (known !== undefined) return known;
  const result = alike(a, b) && commonNotes(a, b).some((pitch) => liesElsewhere(a, b, pitch));
  compared.set(pair, result);
  return result;
}

function alike({ technique: a }: Instrument, { technique: b }: Instrument): boolean {
  if (a.kind === 'holes' && b.kind === 'holes') return a.layout === b.layout;
  return a.kind === b.kind && ['bowed', 'fretted', 'valves'].includes(a.kind);
}

function commonNotes({ firstYears: a }: Instrument, { firstYears: b }: Instrument): Pitch[] {
  const at = (text: string) => midi(parsePitch(text));
  const low = Math.max(at(a.low), at(b.low));
  const high = Math.min(at(a.high), at(b.high));
  return Array.from({ length: Math.max(0, high - low + 1) }, (_, i) => spelled(low + i));
}

function liesElsewhere(own: Instrument, theirs: Instrument, pitch: Pitch): boolean {
  const right = locate(own.id, pitch);
  const other = locate(theirs.id, pitch);
  if (!right.ok || !other.ok) return false;
  return !carry(own, theirs, other.places[0]!).every((code) =>
    right.places.some((p) => p.code === code),
  );
}

/** Instruments whose habits can mislead a player of `id`, those of the student first. */
export function misleaders(id: InstrumentId, second: InstrumentId | null): InstrumentId[] {
  const own = INSTRUMENTS[id];
  const alike = Object.values(INSTRUMENTS)
    .filter((i) => i.id !== id && (canMislead(own, i) || thumbClash(own, i)))
    .map((i) => i.id);
  return second && alike.includes(second) ? [second, ...alike.filter((i) => i !== second)] : alike;
}

function thumbClash(a: Instrument, b: Instrument): boolean {
  return a.fingerOne === 'index' && b.fingerOne === 'thumb' && a.technique.kind !== 'valves';
}
