import { describe, expect, it } from 'vitest';
import {
  INSTRUMENT_IDS,
  INSTRUMENTS,
  type InstrumentId,
  locate,
  placeOf,
  read,
  spelled,
} from '@/core/instruments';
import { midi, parsePitch } from '@/core/notation';

/** Every place of an instrument's first years. */
function placesOf(id: InstrumentId) {
  const { low, high } = INSTRUMENTS[id].firstYears;
  const from = midi(parsePitch(low));
  const count = midi(parsePitch(high)) - from + 1;
  return Array.from({ length: count }, (_, i) => locate(id, spelled(from + i))).flatMap((found) =>
    found.ok ? found.places : [],
  );
}

describe('a stored code', () => {
  it.each(INSTRUMENT_IDS.filter((id) => id !== 'none'))('%s: gives its place back', (id) => {
    const codes = new Set(placesOf(id).map((p) => p.code));
    expect(codes.size).toBeGreaterThan(5);
    for (const code of codes) {
      const place = placeOf(id, code);
      expect(place?.code).toBe(code);
      expect(place?.words).not.toBe('');
      expect(read(id, code).length).toBeGreaterThan(0);
    }
  });

  it('gives nothing on another kind of instrument, nor when it is no place', () => {
    expect(placeOf('violin', 'key 60')).toBeNull();
    expect(placeOf('keyboard', 'string 0 +0 finger 0')).toBeNull();
    expect(placeOf('guitar', 'string 9 fret 1 finger 1')).toBeNull();
    expect(placeOf('trombone', 'slide 8')).toBeNull();
    expect(placeOf('none', 'key 60')).toBeNull();
    expect(placeOf('keyboard', 'key 300')).toBeNull();
    expect(read('clarinet', 'holes 3')).toEqual([]);
    expect(read('violin', 'valves 1')).toEqual([]);
  });

  it('keeps the finger that was said, right or not', () => {
    expect(placeOf('cello', 'string 2 +4 finger 1')!.words).toBe(
      'finger 1 on the D string, 4 half steps up',
    );
    expect(placeOf('guitar', 'string 1 fret 3 finger 1')!.words).toContain(
      'finger 1 behind fret 3',
    );
    expect(placeOf('soprano-recorder', 'holes ~T 1 2')!.words).toContain('thumb half open');
  });
});
