import { describe, expect, it } from 'vitest';
import {
  bestPlace,
  type FingeringChart,
  INSTRUMENT_IDS,
  INSTRUMENTS,
  type InstrumentId,
  isPlaceOf,
  locate,
  type Place,
  read,
  spell,
} from '@/core/instruments';
import { midi, type Pitch, parsePitch, pitchText } from '@/core/notation';

const PLAYED = INSTRUMENT_IDS.filter((id) => id !== 'none');

/** Every half step of the instrument's first years, in each spelling with at most one sign. */
function notesOf(id: InstrumentId): Pitch[] {
  const { low, high } = INSTRUMENTS[id].firstYears;
  const notes: Pitch[] = [];
  for (let m = midi(parsePitch(low)); m <= midi(parsePitch(high)); m++) notes.push(...spell(m));
  return notes;
}
const placesOf = (id: InstrumentId, pitch: Pitch): readonly Place[] => {
  const found = locate(id, pitch);
  return found.ok ? found.places : [];
};
const chartOf = (id: InstrumentId): FingeringChart => {
  const { technique } = INSTRUMENTS[id];
  if (technique.kind !== 'holes') throw new Error(`${id} has no chart`);
  return technique.chart;
};
const usual = (id: InstrumentId) => new Map(chartOf(id).map(([note, first]) => [note, first!]));
const shorts = (id: InstrumentId, notes: string[]) =>
  notes.map((n) => bestPlace(id, parsePitch(n))!.short);

describe.each(PLAYED)('%s', (id) => {
  it('has a place for every half step of its first years, alike for both spellings', () => {
    const without = notesOf(id).filter((p) => placesOf(id, p).length === 0);
    expect(without.map(pitchText)).toEqual(id === 'soprano-recorder-german' ? ['F#5', 'Gb5'] : []);
    for (const pitch of notesOf(id)) {
      const spots = spell(midi(pitch)).map((p) =>
        placesOf(id, p)
          .map((place) => place.code.replace(/ finger \d/, ''))
          .sort()
          .join(),
      );
      expect(new Set(spots).size, pitchText(pitch)).toBe(1);
    }
  });

  it('reads back from each place the note that it was found for', () => {
    for (const pitch of notesOf(id)) {
      for (const place of placesOf(id, pitch)) {
        expect(read(id, place).map(pitchText)).toContain(pitchText(pitch));
        expect(isPlaceOf(id, pitch, place.code)).toBe(true);
      }
    }
  });

  it('has first notes that it can play and read', () => {
    const { firstNotes, firstFive, beginner, compass, firstYears } = INSTRUMENTS[id];
    for (const text of [...firstNotes.flatMap((o) => o.notes), ...firstFive]) {
      expect(locate(id, parsePitch(text)), text).toMatchObject({ ok: true });
    }
    expect(firstFive).toHaveLength(5);
    const at = (text: string) => midi(parsePitch(text));
    expect(at(beginner.low)).toBeGreaterThanOrEqual(at(firstYears.low));
    expect(at(beginner.high)).toBeLessThanOrEqual(at(firstYears.high));
    expect(at(firstYears.low)).toBeGreaterThanOrEqual(at(compass.low));
    expect(at(firstYears.high)).toBeLessThanOrEqual(at(compass.high));
  });

  it('says why a note is out of reach, and what can be played instead', () => {
    for (const text of ['C0', 'C8']) {
      if (id === 'keyboard') continue;
      const found = locate(id, parsePitch(text));
      expect(found).toMatchObject({ ok: false, why: text === 'C0' ? 'below' : 'above' });
      expect(found.ok ? '' : found.reason).toContain(
        INSTRUMENTS[id].compass[text === 'C0' ? 'low' : 'high'],
      );
    }
  });
});

describe('strings', () => {
  it.each(['violin', 'cello', 'double-bass', 'guitar', 'ukulele'] as const)(
    '%s sounds what is written: open string and half steps add up',
    (id) => {
      const { technique } = INSTRUMENTS[id];
      for (const pitch of notesOf(id)) {
        for (const place of placesOf(id, pitch)) {
          if (technique.kind === 'bowed' && place.kind === 'string') {
            const open = parsePitch(technique.strings[place.index]!);
            expect(midi(open) + place.semitones).toBe(midi(pitch));
            expect(place.finger === 0).toBe(place.semitones === 0);
          } else if (technique.kind === 'fretted' && place.kind === 'fret') {
            const open = parsePitch(technique.strings[place.string - 1]!);
            expect(midi(open) + place.fret).toBe(midi(pitch));
          } else throw new Error(place.kind);
        }
      }
    },
  );

  it('offers the open string before the fourth finger', () => {
    const places = placesOf('violin', parsePitch('A4'));
    expect(places.map((p) => p.short)).toEqual(['open A string', 'D string, 4']);
    expect(bestPlace('violin', parsePitch('C#5'))!.words).toBe(
      'high second finger on the A string',
    );
    expect(bestPlace('violin', parsePitch('C5'))!.words).toBe('low second finger on the A string');
    expect(bestPlace('violin', parsePitch('G#4'))!.words).toBe('high third finger on the D string');
    expect(bestPlace('violin', parsePitch('Ab4'))!.words).toBe('low fourth finger on the D string');
  });

  it('fingers cello and double bass as the same page is fingered in one class', () => {
    const notes = ['D3', 'E3', 'F3', 'F#3', 'G3', 'A3'];
    expect(shorts('cello', notes)).toEqual([
      'open D string',
      'D string, 1',
      'D string, 2',
      'D string, 3',
      'D string, 4',
      'open A string',
    ]);
    expect(shorts('double-bass', notes)).toEqual([
      'open D string',
      'D string, 1',
      'D string, 2',
      'D string, 4',
      'open G string',
      'G string, 1',
    ]);
  });

  it('puts the first guitar and ukulele notes where first lessons put them', () => {
    expect(shorts('guitar', ['E5', 'F5', 'G5', 'C5'])).toEqual([
      'open string 1',
      'string 1, fret 1, finger 1',
      'string 1, fret 3, finger 3',
      'string 2, fret 1, finger 1',
    ]);
    expect(shorts('ukulele', ['C4', 'D4', 'G4', 'A4'])).toEqual([
      'open string 3',
      'string 3, fret 2, finger 2',
      'string 2, fret 3, finger 3',
      'open string 1',
    ]);
  });

  it('offers a beginner first position only', () => {
    const all = locate('double-bass', parsePitch('C4'));
    expect(all).toMatchObject({ ok: true, places: [{ position: 'third position' }] });
    const beginner = locate('guitar', parsePitch('B4'), { stage: 'beginner' });
    expect(beginner.ok && beginner.places.map((p) => p.short)).toEqual(['open string 2']);
    const violin = locate('violin', parsePitch('E5'), { stage: 'beginner' });
    expect(violin.ok && violin.places).toHaveLength(2);
  });
});

describe('woodwind charts', () => {
  const CHARTS = [
    'soprano-recorder',
    'soprano-recorder-german',
    'alto-recorder',
    'flute',
    'clarinet',
    'alto-saxophone',
    'bassoon',
  ] as const;

  it.each(CHARTS)('%s has no two notes up to a step apart with one fingering', (id) => {
    const rows = chartOf(id).map(([note, ...ways]) => ({ at: midi(parsePitch(note)), ways }));
    for (const a of rows) {
      expect(a.ways.length).toBeGreaterThan(0);
      for (const b of rows) {
        if (a === b || Math.abs(a.at - b.at) > 2) continue;
        expect(a.ways.filter((w) => b.ways.includes(w))).toEqual([]);
      }
    }
  });

  it('forks F on a baroque instrument and not on a German one', () => {
    expect(shorts('soprano-recorder', ['B4', 'A4', 'G4', 'F4'])).toEqual([
      'thumb 1',
      'thumb 1 2',
      'thumb 1 2 3',
      'thumb 1 2 3 4 6 7',
    ]);
    expect(shorts('soprano-recorder-german', ['F4'])).toEqual(['thumb 1 2 3 4']);
    expect(bestPlace('soprano-recorder', parsePitch('B4'))!.words).toBe('thumb and first finger');
  });

  it('fingers the alto recorder a fourth above the soprano', () => {
    const soprano = usual('soprano-recorder');
    for (const [note, way] of usual('alto-recorder')) {
      const below = spell(midi(parsePitch(note)) - 5).map(pitchText);
      expect(below.map((n) => soprano.get(n))).toContain(way);
    }
  });

  it('overblows the clarinet at the twelfth: the register key makes E3 to F4 into B4 to C6', () => {
    const chart = usual('clarinet');
    const byMidi = new Map([...chart].map(([n, w]) => [midi(parsePitch(n)), w]));
    for (let m = midi(parsePitch('E3')); m <= midi(parsePitch('F4')); m++) {
      expect(byMidi.get(m + 19)).toBe(byMidi.get(m)!.replace('T', 'T R'));
    }
    expect(shorts('clarinet', ['E4', 'D4', 'C4'])).toEqual(['T 1', 'T 1 2', 'T 1 2 3']);
    expect(bestPlace('clarinet', parsePitch('E4'))!.words).toBe('thumb and first finger');
  });

  it('overblows saxophone and flute at the octave', () => {
    const sax = usual('alto-saxophone');
    for (const n of ['D', 'D#', 'E', 'F', 'F#', 'G', 'G#', 'A', 'A#', 'B']) {
      expect(sax.get(`${n}5`)).toBe(`O ${sax.get(`${n}4`)}`);
    }
    const flute = usual('flute');
    for (const n of ['E', 'F', 'F#', 'G', 'G#', 'A', 'A#', 'B']) {
      expect(flute.get(`${n}5`)).toBe(flute.get(`${n}4`));
    }
    for (const n of ['D', 'D#']) {
      expect(flute.get(`${n}5`)).toBe(flute.get(`${n}4`)!.replace('T 1', 'T'));
    }
  });

  it('covers the same six holes for the scale from D to B on flute, clarinet and saxophone', () => {
    const six = (way: string) =>
      way
        .split(' ')
        .filter((t) => /^[1-6]$/.test(t))
        .join(' ');
    for (const n of ['D5', 'E5', 'F5', 'G5', 'A5', 'B5']) {
      const on = six(usual('alto-saxophone').get(n)!);
      expect(six(usual('clarinet').get(n)!)).toBe(on);
      // The flute's first finger is lifted for the middle D.
      if (n !== 'D5') expect(six(usual('flute').get(n)!)).toBe(on);
    }
  });

  it('half-holes the bassoon an octave above its lowest notes', () => {
    const chart = usual('bassoon');
    for (const n of ['F#', 'G', 'G#']) {
      expect(chart.get(`${n}3`)).toBe(chart.get(`${n}2`)!.replace('W 1', 'W ~1'));
    }
    for (const n of ['A', 'A#', 'B']) {
      expect(chart.get(`${n}3`)).toBe(chart.get(`${n}2`)!.replace('W', 'flick'));
    }
  });
});

describe('brass', () => {
  /** Half steps of a partial above the first, from the ratio of frequencies. */
  const above = (partial: number) => Math.round(12 * Math.log2(partial));
  const VALVE = { 1: 2, 2: 1, 3: 3 } as Record<number, number>;

  it.each(['trumpet', 'horn', 'trombone', 'euphonium', 'tuba'] as const)(
    '%s: natural note of the tube less valves or slide is the written note',
    (id) => {
      const { technique } = INSTRUMENTS[id];
      if (technique.kind !== 'valves' && technique.kind !== 'slide') throw new Error(id);
      const base = midi(parsePitch(technique.fundamental));
      for (const pitch of notesOf(id)) {
        for (const place of placesOf(id, pitch)) {
          if (place.kind !== 'valves' && place.kind !== 'slide') throw new Error(place.kind);
          const lower =
            place.kind === 'slide'
              ? place.position - 1
              : place.valves.reduce((sum, v) => sum + VALVE[v]!, 0);
          expect(base + above(place.partial) - lower).toBe(midi(pitch));
        }
      }
    },
  );

  it('presses what band charts print', () => {
    expect(
      shorts('trumpet', ['C4', 'D4', 'E4', 'F4', 'G4', 'A4', 'B4', 'C5', 'G#4', 'C#4']),
    ).toEqual([
      'open',
      'valves 1 3',
      'valves 1 2',
      'valve 1',
      'open',
      'valves 1 2',
      'valve 2',
      'open',
      'valves 2 3',
      'valves 1 2 3',
    ]);
    expect(shorts('horn', ['C4', 'D4', 'E4', 'F4', 'G4', 'A4', 'B4', 'C5'])).toEqual([
      'open',
      'valve 1',
      'open',
      'valve 1',
      'open',
      'valves 1 2',
      'valve 2',
      'open',
    ]);
    expect(shorts('euphonium', ['Bb2', 'C3', 'D3', 'Eb3', 'F3'])).toEqual(
      shorts('tuba', ['Bb1', 'C2', 'D2', 'Eb2', 'F2']),
    );
  });

  it('draws the slide out as charts say', () => {
    const positions = (notes: string[]) =>
      notes.map((n) =>
        placesOf('trombone', parsePitch(n)).map((p) => p.kind === 'slide' && p.position),
      );
    expect(positions(['Bb2', 'C3', 'D3', 'Eb3', 'F3', 'G3', 'A3', 'B2', 'E2'])).toEqual([
      [1],
      [6],
      [4],
      [3],
      [1, 6],
      [4],
      [2, 6],
      [7],
      [7],
    ]);
  });
});

describe('keyboard, bars and voices', () => {
  it('finds white keys by the black ones beside them', () => {
    expect(bestPlace('keyboard', parsePitch('C4'))!.words).toBe(
      'the white key just left of the two black keys, in the middle of the keyboard',
    );
    expect(bestPlace('keyboard', parsePitch('F#4'))!.words).toContain('black key');
    expect(bestPlace('keyboard', parsePitch('E#4'))!.words).toContain('white key');
    expect(bestPlace('xylophone', parsePitch('Bb4'))!.short).toBe('back row, third of the three');
    expect(locate('keyboard', parsePitch('B1'))).toMatchObject({ ok: false, why: 'later' });
  });

  it('tells where in the range a voice sings', () => {
    expect(shorts('soprano', ['C4', 'A4', 'G5'])).toEqual([
      'low part of the range',
      'middle part of the range',
      'high part of the range',
    ]);
  });

  it('shows no place without an instrument', () => {
    expect(locate('none', parsePitch('C4'))).toMatchObject({ ok: false, why: 'no-instrument' });
  });
});
