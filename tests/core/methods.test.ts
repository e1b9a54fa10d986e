import { describe, expect, it } from 'vitest';
import {
  explain,
  METHOD_IDS,
  nearestLandmark,
  nextNotes,
  noteOrder,
  positionsOfText,
  textOfPositions,
} from '@/core/methods';
import { CLEF_IDS, letterAt, positionId } from '@/core/notation';
import { DEFAULT_SAYINGS } from '@/core/sayings';

const sayings = DEFAULT_SAYINGS;

describe('explanations', () => {
  it('end at the right letter for every method, clef and position', () => {
    for (const method of METHOD_IDS) {
      for (const clef of CLEF_IDS) {
        for (let step = -6; step <= 14; step++) {
          const position = { clef, step };
          const steps = explain(position, { method, sayings });
          const answer = steps
            .flatMap((s) => s.marks)
            .filter((m) => m.role === 'answer' && m.label);
          expect(answer.map((m) => m.label)).toEqual([letterAt(position)]);
          const path = steps.flatMap((s) => s.marks).filter((m) => m.role === 'path');
          for (const mark of path) expect(mark.label).toBe(letterAt({ clef, step: mark.step }));
        }
      }
    }
  });

  it('counts the saying from the bottom', () => {
    const says = explain({ clef: 'treble', step: 4 }, { method: 'two-sayings', sayings });
    expect(says.map((s) => s.say)).toContain('Count lines from the bottom: Eels, Glide, Below.');
  });

  it('goes backward when it steps down from a landmark', () => {
    const says = explain({ clef: 'bass', step: 5 }, { method: 'landmarks', sayings });
    expect(says.map((s) => s.say)).toContain('Step down: letters go backward: F E.');
  });

  it('finds a line between spaces with the spaces only', () => {
    const says = explain({ clef: 'treble', step: 4 }, { method: 'spaces-only', sayings });
    expect(says.map((s) => s.say).join(' ')).toContain('space 2 is A');
  });

  it('skips to a note that is far from what is known', () => {
    const says = explain({ clef: 'treble', step: 14 }, { method: 'two-sayings', sayings }).map(
      (s) => s.say,
    );
    expect(says).toContain('Skip up from line to line: F A C E.');
    const odd = explain({ clef: 'bass', step: -5 }, { method: 'landmarks', sayings });
    expect(odd.map((s) => s.say).join(' ')).toMatch(/Skip down from space to space: C A F D B\./);
  });

  it('leans on nothing that the student has not been shown', () => {
    const known = new Set(['t1', 't3', 't4']);
    for (const method of METHOD_IDS) {
      const steps = explain({ clef: 'treble', step: 4 }, { method, sayings, known });
      const starts = steps.flatMap((s) => s.marks.filter((m) => m.role === 'known'));
      for (const mark of starts) {
        expect(known.has(`t${mark.step}`) || mark.step === 2, `${method} ${mark.step}`).toBe(true);
      }
    }
    const untaught = explain(
      { clef: 'treble', step: 4 },
      { method: 'two-sayings', sayings, known: new Set(['t1', 't3']) },
    );
    expect(untaught.map((s) => s.say).join(' ')).not.toContain('Eels');
    expect(untaught.map((s) => s.say).join(' ')).toContain('Start from a note you know');
  });

  it('says it by the clef alone on the clef’s own line', () => {
    const says = explain({ clef: 'treble', step: 2 }, { method: 'two-sayings', sayings });
    expect(says.map((s) => s.say)).toEqual([
      'The treble clef curls round line 2. That line is G.',
      'Line 2 is G.',
    ]);
  });

  it('fades the saying to letters, then to numbers', () => {
    const count = (fade: 'letters' | 'numbers') =>
      explain({ clef: 'treble', step: 4 }, { method: 'two-sayings', sayings, fade })[2]!.say;
    expect(count('letters')).toBe('Count lines from the bottom: E, G, B.');
    expect(count('numbers')).toBe('Count lines from the bottom: 1, 2, 3.');
  });

  it('follows a teacher’s own landmarks, clefs with sayings and pictures', () => {
    const own = { landmarks: positionsOfText('C5 F3'), sayingClefs: ['treble' as const] };
    const c = explain({ clef: 'treble', step: 6 }, { method: 'landmarks', sayings, settings: own });
    expect(c.map((s) => s.say).join(' ')).toContain('Start from the C in space 3');
    const bass = { clef: 'bass', step: 3 } as const;
    const steps = explain(bass, { method: 'two-sayings', sayings, settings: own });
    expect(steps.map((s) => s.say).join(' ')).not.toContain('Carry');
    const pictured = explain(bass, { method: 'hand-position', sayings });
    expect(pictured.some((s) => s.picture === 'C' && s.say.includes('cat'))).toBe(true);
  });

  it('brings in the key signature and the instrument', () => {
    const says = explain(
      { clef: 'treble', step: 8 },
      { method: 'instrument-first', sayings, key: 2, instrument: 'violin' },
    ).map((s) => s.say);
    expect(says.at(-1)).toContain('makes every F sharp');
    expect(says.some((s) => s.includes('first finger on the E string'))).toBe(true);
  });
});

describe('order of notes', () => {
  it('has every position within two ledger lines once', () => {
    for (const method of METHOD_IDS) {
      const order = noteOrder(method, CLEF_IDS, 'violin').map(positionId);
      expect(new Set(order).size).toBe(order.length);
      expect(order).toHaveLength(34);
    }
  });

  it('starts where each school starts', () => {
    const first = (m: Parameters<typeof noteOrder>[0]) =>
      noteOrder(m, ['treble'], 'violin').slice(0, 4).map(letterAt).join('');
    expect(first('two-sayings')).toBe('FACE');
    expect(first('stepping-lines')).toBe('EGBD');
    expect(first('landmarks')[0]).toBe('G');
    expect(first('hand-position')).toBe('ABCD');
    const keys = noteOrder('hand-position', ['treble'], 'keyboard').map(letterAt);
    expect(keys.slice(0, 5).join('')).toBe('CDEFG');
    expect(first('instrument-first')).toBe('AEDB');
  });

  it('puts a teacher’s own order first', () => {
    const settings = { order: positionsOfText('B4, A4 g4') };
    const order = noteOrder('two-sayings', ['treble'], 'none', settings).map(positionId);
    expect(order.slice(0, 4)).toEqual(['t4', 't3', 't2', 't1']);
    expect(new Set(order).size).toBe(order.length);
    expect(textOfPositions(positionsOfText('C4 G4 F3'))).toBe('C4 G4 F3');
    expect(() => positionsOfText('H4')).toThrow('from A to G');
  });

  it('suggests the first notes not yet introduced', () => {
    const order = noteOrder('two-sayings', ['treble']);
    expect(nextNotes(order, new Set(['t1', 't3']), 2).map(positionId)).toEqual(['t5', 't7']);
    expect(nearestLandmark({ clef: 'treble', step: 3 }).step).toBe(2);
  });
});
