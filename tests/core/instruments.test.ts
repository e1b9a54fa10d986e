import { describe, expect, it } from 'vitest';
import {
  bestPlace,
  INSTRUMENT_IDS,
  INSTRUMENTS,
  locate,
  recorderPlace,
  soundingMidi,
  VIOLIN_STRINGS,
  violinPlaces,
} from '@/core/instruments';
import { midi, parsePitch } from '@/core/notation';

describe('violin', () => {
  it('sounds what is written: open string and semitones add up', () => {
    for (const text of ['G3', 'C4', 'F#4', 'C#5', 'F5', 'A5', 'B5']) {
      const pitch = parsePitch(text);
      const places = violinPlaces(pitch);
      expect(places.length).toBeGreaterThan(0);
      for (const p of places) {
        expect(midi(VIOLIN_STRINGS[p.index]!.open) + p.semitones).toBe(midi(pitch));
      }
    }
  });

  it('offers the open string before the fourth finger', () => {
    const places = violinPlaces(parsePitch('A4'));
    expect(places.map((p) => [p.string, p.finger])).toEqual([
      ['A', 0],
      ['D', 4],
    ]);
  });

  it('plays C sharp with the high second finger on the A string', () => {
    expect(violinPlaces(parsePitch('C#5'))[0]!.words).toBe('high second finger on the A string');
    expect(violinPlaces(parsePitch('C5'))[0]!.words).toBe('low second finger on the A string');
  });
});

describe('recorder', () => {
  it('adds one finger for each step down from B to G', () => {
    expect(['B4', 'A4', 'G4'].map((t) => recorderPlace(parsePitch(t))!.short)).toEqual([
      'thumb 1',
      'thumb 1 2',
      'thumb 1 2 3',
    ]);
  });

  it('forks F on a baroque instrument and not on a German one', () => {
    expect(recorderPlace(parsePitch('F4'))!.short).toBe('thumb 1 2 3 4 6 7');
    expect(recorderPlace(parsePitch('F4'), 'german')!.short).toBe('thumb 1 2 3 4');
  });

  it('has no two notes with one fingering, and one fingering for enharmonic pairs', () => {
    for (const system of ['baroque', 'german'] as const) {
      const seen = new Map<string, number>();
      for (let m = 60; m <= 81; m++) {
        const text = recorderPlace(fromMidi(m), system)?.short;
        if (text === undefined) continue;
        expect(seen.get(text)).toBeUndefined();
        seen.set(text, m);
      }
      expect(seen.size).toBeGreaterThanOrEqual(21);
    }
    expect(recorderPlace(parsePitch('A#4'))).toEqual(recorderPlace(parsePitch('Bb4')));
  });

  it('sounds an octave higher than written', () => {
    expect(soundingMidi('soprano-recorder', parsePitch('C4'))).toBe(72);
  });
});

describe('keyboard and the rest', () => {
  it('finds white keys by the black ones beside them', () => {
    expect(bestPlace('keyboard', parsePitch('C4'))!.words).toBe(
      'the white key just left of the two black keys, in the middle of the keyboard',
    );
    expect(bestPlace('keyboard', parsePitch('F#4'))!.words).toContain('black key');
    expect(bestPlace('keyboard', parsePitch('E#4'))!.words).toContain('white key');
  });

  it('says why a note cannot be played', () => {
    expect(locate('violin', parsePitch('C3'))).toMatchObject({ ok: false });
    expect(locate('soprano-recorder', parsePitch('C3'))).toMatchObject({
      reason: "C3 is outside the first years' range of the soprano recorder.",
    });
    expect(locate('trombone', parsePitch('F3'))).toMatchObject({ ok: false });
  });

  it('can write every first note', () => {
    for (const id of INSTRUMENT_IDS) {
      const { firstNotes, clefs } = INSTRUMENTS[id];
      expect(clefs.length).toBeGreaterThan(0);
      expect(firstNotes.map((t) => parsePitch(t))).toHaveLength(firstNotes.length);
    }
  });
});

function fromMidi(m: number) {
  const names = ['C', 'C#', 'D', 'D#', 'E', 'F', 'F#', 'G', 'G#', 'A', 'A#', 'B'];
  return parsePitch(`${names[m % 12]}${Math.floor(m / 12) - 1}`);
}
