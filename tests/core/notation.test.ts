import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  alteredLetters,
  CLEF_IDS,
  CLEFS,
  describePosition,
  grandRungs,
  KEY_SIGNATURES,
  keyAlter,
  keyName,
  ledgerLines,
  letterAt,
  midi,
  noteName,
  notesBetweenStaves,
  PRESETS,
  parsePitch,
  parsePositionId,
  pitchAt,
  pitchText,
  placeName,
  placeOf,
  positionId,
  positionOf,
  shiftLetter,
  stemDirection,
} from '@/core/notation';

const clef = fc.constantFrom(...CLEF_IDS);
const step = fc.integer({ min: -12, max: 20 });
const key = fc.constantFrom(...KEY_SIGNATURES);
const letters = (id: 'treble' | 'bass', steps: number[]) =>
  steps.map((s) => letterAt({ clef: id, step: s })).join('');

describe('staff positions', () => {
  it('names the lines and spaces of both clefs as every teacher does', () => {
    expect(letters('treble', [0, 2, 4, 6, 8])).toBe('EGBDF');
    expect(letters('treble', [1, 3, 5, 7])).toBe('FACE');
    expect(letters('bass', [0, 2, 4, 6, 8])).toBe('GBDFA');
    expect(letters('bass', [1, 3, 5, 7])).toBe('ACEG');
  });

  it('names ledger notes beyond the treble staff', () => {
    expect(letters('treble', [10, 12, 14])).toBe('ACE');
    expect(pitchText(pitchAt({ clef: 'treble', step: -2 }))).toBe('C4');
    expect(pitchText(pitchAt({ clef: 'bass', step: 10 }))).toBe('C4');
  });

  it('goes from position to pitch and back in every key', () => {
    fc.assert(
      fc.property(clef, step, key, (c, s, k) => {
        const back = positionOf(pitchAt({ clef: c, step: s }, k), c, k);
        expect(back).toEqual({ position: { clef: c, step: s }, accidental: null });
      }),
    );
  });

  it('asks for an accidental exactly where the key does not give the alteration', () => {
    const fSharp = parsePitch('F#4');
    expect(positionOf(fSharp, 'treble', 0).accidental).toBe(1);
    expect(positionOf(fSharp, 'treble', 2).accidental).toBeNull();
    expect(positionOf(parsePitch('F4'), 'treble', 2).accidental).toBe(0);
  });

  it('takes a C clef as one more row, without new code', () => {
    const alto = {
      ...CLEFS.treble,
      sign: 'C' as const,
      line: 3 as const,
      anchor: parsePitch('C4'),
    };
    expect(positionOf(parsePitch('C4'), alto).position.step).toBe(4);
    expect(positionOf(parsePitch('F3'), alto).position.step).toBe(0);
  });

  it('reads back its own identifiers and nothing else', () => {
    fc.assert(
      fc.property(clef, step, (c, s) => {
        expect(parsePositionId(positionId({ clef: c, step: s }))).toEqual({ clef: c, step: s });
      }),
    );
    for (const bad of ['', 'x3', 't99', 't-13', 't1.5', 'T2', 't2 ']) {
      expect(parsePositionId(bad)).toBeNull();
    }
  });

  it('counts lines and spaces from the bottom, ledger lines away from the staff', () => {
    expect(placeOf(0)).toEqual({ kind: 'line', number: 1, side: 'on' });
    expect(placeOf(7)).toEqual({ kind: 'space', number: 4, side: 'on' });
    expect(placeName(-1)).toBe('space below the staff');
    expect(placeName(9, 'UK')).toBe('space above the stave');
    expect(placeName(-2)).toBe('ledger line 1 below');
    expect(placeName(11)).toBe('space above ledger line 1 above');
  });

  it('draws only as many ledger lines as the note needs', () => {
    expect([-1, 9].map((s) => ledgerLines(s))).toEqual([
      { above: 0, below: 0 },
      { above: 0, below: 0 },
    ]);
    expect(ledgerLines(-2).below).toBe(1);
    expect(ledgerLines(-3).below).toBe(1);
    expect(ledgerLines(12).above).toBe(2);
  });

  it('turns stems down from the middle line up', () => {
    expect([3, 4].map(stemDirection)).toEqual(['up', 'down']);
  });

  it('describes a position without giving the letter away', () => {
    expect(describePosition({ clef: 'treble', step: 2 })).toBe('treble clef, note on line 2');
    expect(describePosition({ clef: 'bass', step: 3 })).toBe('bass clef, note in space 2');
  });
});

describe('grand staff', () => {
  it('has 29 rungs from C2 to C6, with middle C in both clefs', () => {
    const rungs = grandRungs();
    expect(rungs).toHaveLength(29);
    expect(pitchText(rungs[0]!.pitch)).toBe('C2');
    expect(pitchText(rungs[28]!.pitch)).toBe('C6');
    const doubles = rungs.filter((r) => r.positions.length === 2);
    expect(doubles.map((r) => pitchText(r.pitch))).toEqual(['C4']);
  });

  it('has B, middle C and D between the staves', () => {
    expect(notesBetweenStaves().map(pitchText)).toEqual(['B3', 'C4', 'D4']);
  });

  it('offers presets that lie on the rail', () => {
    const onRail = new Set(grandRungs().flatMap((r) => r.positions.map(positionId)));
    for (const preset of PRESETS) {
      expect(preset.positions.every((p) => onRail.has(positionId(p)))).toBe(true);
    }
  });
});

describe('pitches and keys', () => {
  it('puts middle C at MIDI 60 and steps by the major scale', () => {
    expect(['C4', 'A4', 'B3', 'F#4', 'Bb3'].map((t) => midi(parsePitch(t)))).toEqual([
      60, 69, 59, 66, 58,
    ]);
  });

  it('reads back every pitch it writes', () => {
    fc.assert(
      fc.property(clef, step, key, (c, s, k) => {
        const pitch = pitchAt({ clef: c, step: s }, k);
        expect(parsePitch(pitchText(pitch))).toEqual(pitch);
      }),
    );
  });

  it.each([
    ['H4', /A to G/],
    ['', /Write a letter A to G/],
    ['F#', /octave/],
    ['C9', /0 to 8/],
    ['F#4x', /not a note name/],
  ])('refuses %j and says what would be right', (text, message) => {
    expect(() => parsePitch(text)).toThrow(message);
  });

  it('adds sharps and flats in their order, one for each step round the circle', () => {
    expect(alteredLetters(3)).toEqual(['F', 'C', 'G']);
    expect(alteredLetters(-2)).toEqual(['B', 'E']);
    for (const k of KEY_SIGNATURES) {
      const altered = alteredLetters(k);
      expect(altered).toHaveLength(Math.abs(k));
      expect(altered.every((l) => keyAlter(k, l) === Math.sign(k))).toBe(true);
    }
    expect([2, -3, 0, 7, -7].map((k) => keyName(k as never))).toEqual([
      'D major',
      'E♭ major',
      'C major',
      'C♯ major',
      'C♭ major',
    ]);
  });

  it('wraps the alphabet both ways', () => {
    expect(shiftLetter('G', 1)).toBe('A');
    expect(shiftLetter('A', -1)).toBe('G');
    expect(shiftLetter('C', -14)).toBe('C');
  });

  it('names notes as letters, fixed do and movable do', () => {
    const fSharp = parsePitch('F#4');
    expect(noteName(fSharp)).toBe('F♯');
    expect(noteName(fSharp, 'fixed-do')).toBe('fa♯');
    expect(noteName(fSharp, 'movable-do', 2)).toBe('mi');
    expect(noteName(parsePitch('D4'), 'movable-do', 2)).toBe('do');
    expect(noteName(parsePitch('C4'), 'movable-do', 2)).toBe('te');
    expect(noteName(fSharp, 'movable-do', 0)).toBe('fi');
  });
});
