import { INSTRUMENTS, type InstrumentId, locate, type Place } from '../instruments';
import { type Alter, diatonic, fromDiatonic, parsePitch } from '../notation';

/**
 * A place as a student writes it under a note, as short as teachers do: `D1` for the
 * string and finger, `2-3` for string and fret, `0` or `12` for valves, `4` for the slide,
 * `T12` for holes. null where places are not written but shaded: keys, bars, a voice.
 */
export function writtenPlace(place: Place): string | null {
  switch (place.kind) {
    case 'string':
      return `${place.string}${place.finger}`;
    case 'fret':
      return `${place.string}-${place.fret}`;
    case 'valves':
      return place.valves.length === 0 ? '0' : place.valves.join('');
    case 'slide':
      return String(place.position);
    case 'holes':
      return place.code.replace(/^holes /, '').replace(/ /g, '') || 'open';
    case 'key':
    case 'bar':
    case 'voice':
      return null;
  }
}

/** Whether an instrument's places can be written; those of keys, bars and voices are shaded, if at all. */
export function writesPlaces(id: InstrumentId): boolean {
  return !['keys', 'bars', 'voice', 'none'].includes(INSTRUMENTS[id].technique.kind);
}

/** A written place as it is compared: `2-3` and `23` are the same. */
export function plainPlace(text: string): string {
  return text.toLowerCase().replace(/[\s/-]/g, '');
}

const tables = new Map<InstrumentId, ReadonlyMap<string, readonly string[]>>();

/** What students of an instrument can write for a place → the codes of the places that it may mean. */
export function writtenPlaces(id: InstrumentId): ReadonlyMap<string, readonly string[]> {
  const known = tables.get(id);
  if (known) return known;
  const found = new Map<string, string[]>();
  const { low, high } = INSTRUMENTS[id].firstYears;
  // Natural notes first: a wrong `D1` is then the plain first finger.
  for (const alter of [0, 1, -1] as Alter[]) {
    for (let d = diatonic(parsePitch(low)); d <= diatonic(parsePitch(high)); d++) {
      const at = locate(id, fromDiatonic(d, alter));
      for (const place of at.ok ? at.places : []) {
        const text = writtenPlace(place);
        if (text === null) continue;
        const codes = found.get(plainPlace(text)) ?? [];
        if (!codes.includes(place.code)) found.set(plainPlace(text), [...codes, place.code]);
      }
    }
  }
  tables.set(id, found);
  return found;
}

/** How a place of the instrument is written, as an example in a message. */
export function placeExample(id: InstrumentId): string {
  switch (INSTRUMENTS[id].technique.kind) {
    case 'bowed':
      return 'the string and the finger, like D1 (0 for an open string)';
    case 'fretted':
      return 'the string and the fret, like 2-3';
    case 'valves':
      return 'the valves pressed, like 12 (0 for none)';
    case 'slide':
      return 'the position of the slide, 1 to 7';
    default:
      return 'what is covered, like T12';
  }
}
