import { describe, expect, it } from 'vitest';
import {
  allRead,
  allSound,
  clashWarning,
  INSTRUMENT_IDS,
  INSTRUMENTS,
  misleaders,
  misplaced,
  soundingMidi,
  soundingPitch,
  spell,
  spelled,
  spotOf,
  writtenPitch,
} from '@/core/instruments';
import { midi, parsePitch, pitchText } from '@/core/notation';

describe('written and sounding', () => {
  it('come back to each other on every instrument', () => {
    for (const id of INSTRUMENT_IDS) {
      for (const text of ['C4', 'F#4', 'Bb3', 'E4', 'B4', 'Gb4']) {
        const pitch = parsePitch(text);
        const heard = soundingPitch(INSTRUMENTS[id], pitch);
        expect(midi(writtenPitch(INSTRUMENTS[id], heard))).toBe(midi(pitch));
        expect(soundingMidi(id, pitch)).toBe(midi(heard));
      }
    }
  });

  it('move by the interval, not only by half steps', () => {
    const sounds = (id: keyof typeof INSTRUMENTS, text: string) =>
      pitchText(soundingPitch(INSTRUMENTS[id], parsePitch(text)));
    expect(sounds('clarinet', 'C4')).toBe('Bb3');
    expect(sounds('clarinet', 'F#4')).toBe('E4');
    expect(sounds('alto-saxophone', 'C5')).toBe('Eb4');
    expect(sounds('horn', 'C5')).toBe('F4');
    expect(sounds('guitar', 'E5')).toBe('E4');
    expect(sounds('glockenspiel', 'C4')).toBe('C6');
    expect(sounds('tenor', 'C5')).toBe('C4');
    expect(pitchText(writtenPitch(INSTRUMENTS['alto-saxophone'], parsePitch('Bb3')))).toBe('G4');
  });

  it('spell as the key does', () => {
    expect(spelled(61, 2)).toMatchObject({ letter: 'C', alter: 1 });
    expect(spelled(61, -4)).toMatchObject({ letter: 'D', alter: -1 });
    expect(spelled(65, 7)).toMatchObject({ letter: 'E', alter: 1 });
    expect(spell(60).map(pitchText)).toEqual(['C4', 'B#3']);
  });
});

describe('a mixed group', () => {
  const BAND = [
    'flute',
    'clarinet',
    'alto-saxophone',
    'horn',
    'trumpet',
    'trombone',
    'tuba',
  ] as const;

  it('reads what makes all sound the same letter', () => {
    const parts = allSound(BAND, parsePitch('Bb3'));
    expect(parts.map((p) => p.written.letter + p.written.alter)).toEqual([
      'B-1',
      'C0',
      'G0',
      'F0',
      'C0',
      'B-1',
      'B-1',
    ]);
    for (const p of parts) {
      expect(midi(p.sounding) % 12).toBe(10);
      expect(midi(p.sounding)).toBe(midi(parsePitch('Bb3')) + 12 * p.octaves);
      expect(p.located.ok).toBe(true);
    }
    expect(parts.find((p) => p.instrument === 'clarinet')!.octaves).toBe(0);
  });

  it('sounds different notes when all read the same, each in a clef it reads', () => {
    const parts = allRead(['flute', 'clarinet', 'cello'], parsePitch('C4'));
    expect(parts.map((p) => pitchText(p.sounding))).toEqual(['C4', 'Bb3', 'C4']);
    expect(parts.map((p) => p.position)).toEqual([
      { clef: 'treble', step: -2 },
      { clef: 'treble', step: -2 },
      { clef: 'bass', step: 10 },
    ]);
  });
});

describe('two instruments of one student', () => {
  it('are warned of where finger numbers differ', () => {
    expect(clashWarning('guitar', 'keyboard')).toContain(
      'Finger 1 is the first finger on the guitar',
    );
    expect(clashWarning('cello', 'double-bass')).toContain('the same note lies elsewhere');
    expect(clashWarning('soprano-recorder', 'alto-recorder')).not.toBeNull();
    expect(clashWarning('violin', 'trumpet')).toBeNull();
    expect(clashWarning('marimba', 'xylophone')).toBeNull();
    expect(clashWarning('guitar', 'guitar')).toBeNull();
  });

  it('predict the place that the other instrument would give', () => {
    expect(misplaced('guitar', 'keyboard', parsePitch('F5'))).toContain('string 1 fret 1 finger 2');
    expect(misplaced('cello', 'double-bass', parsePitch('F#3'))).toContain('string 2 +4 finger 4');
    expect(misplaced('double-bass', 'cello', parsePitch('F#3'))).toContain('string 2 +4 finger 3');
    expect(misplaced('soprano-recorder', 'alto-recorder', parsePitch('C5'))).toEqual([
      'holes T 1 2 3',
    ]);
    expect(misplaced('violin', 'violin', parsePitch('A4'))).toEqual([]);
    expect(spotOf('string 2 +4 finger 4')).toBe('string 2 +4');
  });

  it('puts the second instrument first among those that mislead', () => {
    expect(misleaders('cello', 'double-bass')[0]).toBe('double-bass');
    expect(misleaders('guitar', null)).toEqual(expect.arrayContaining(['keyboard', 'ukulele']));
    expect(misleaders('keyboard', 'guitar')).toEqual([]);
  });
});
