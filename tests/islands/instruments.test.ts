import { describe, expect, it } from 'vitest';
import type { InstrumentsAddress } from '@/contract/address';
import { midi, parsePitch, pitchText } from '@/core/notation';
import { inMode, noteOfPlace, partsOf, viewNote } from '@/islands/instruments/state';

const view: InstrumentsAddress = {
  ids: ['clarinet', 'flute'],
  note: parsePitch('D4'),
  mode: 'read',
  front: false,
  leftHanded: false,
};
const text = (id: Parameters<typeof noteOfPlace>[0], code: string, shown: string) => {
  const note = noteOfPlace(id, code, parsePitch(shown));
  return note && pitchText(note);
};

describe('a touched place', () => {
  it('is taken for its note, plainly spelled', () => {
    expect(text('violin', 'string 1 +7', 'C4')).toBe('A4');
    expect(text('keyboard', 'key 61', 'C4')).toBe('C#4');
    expect(text('guitar', 'string 1 fret 3', 'C4')).toBe('G5');
  });

  it('climbs through the notes of a brass instrument and begins again', () => {
    const notes = ['C4'];
    for (let i = 0; i < 4; i++) notes.push(text('trumpet', 'valves open', notes.at(-1)!)!);
    expect(notes).toEqual(['C4', 'G4', 'C5', 'E5', 'G5']);
    expect(text('trumpet', 'valves open', 'G5')).toBe('C4');
  });

  it('can mean no note', () => {
    expect(text('clarinet', 'holes 3', 'C4')).toBeNull();
  });
});

describe('the note of the view', () => {
  it('is what all read, or what all sound', () => {
    expect(partsOf(view).map((p) => pitchText(p.sounding))).toEqual(['C4', 'D4']);
    const sound = inMode(view, 'sound');
    expect(pitchText(sound.note)).toBe('C4');
    expect(partsOf(sound).map((p) => pitchText(p.written))).toEqual(['D4', 'C4']);
    expect(inMode(sound, 'read')).toEqual(view);
    expect(inMode(view, 'read')).toBe(view);
  });

  it('follows a written note of any of the instruments', () => {
    const sound = inMode(view, 'sound');
    expect(pitchText(viewNote(sound, 'clarinet', parsePitch('E4')))).toBe('D4');
    expect(midi(viewNote(view, 'clarinet', parsePitch('E4')))).toBe(64);
  });
});
