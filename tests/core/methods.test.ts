import { describe, expect, it } from 'vitest';
import { explain, METHOD_IDS, nearestLandmark, nextNotes, noteOrder } from '@/core/methods';
import { CLEF_IDS, letterAt, positionId } from '@/core/notation';
import { DEFAULT_SAYINGS, sayingProblem, splitSaying, wordAt } from '@/core/sayings';

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

  it('suggests the first notes not yet introduced', () => {
    const order = noteOrder('two-sayings', ['treble']);
    expect(nextNotes(order, new Set(['t1', 't3']), 2).map(positionId)).toEqual(['t5', 't7']);
    expect(nearestLandmark({ clef: 'treble', step: 3 }).step).toBe(2);
  });
});

describe('sayings', () => {
  it('ship right for their lines and spaces, without a shared word', () => {
    const words: string[] = [];
    for (const clef of CLEF_IDS) {
      for (const part of ['lines', 'spaces'] as const) {
        expect(sayingProblem(sayings[clef][part], clef, part)).toBeNull();
        words.push(...sayings[clef][part].filter((w) => w.length > 1));
      }
    }
    expect(new Set(words).size).toBe(words.length);
  });

  it('say which word is wrong and what would be right', () => {
    const problem = (text: string) => sayingProblem(splitSaying(text), 'treble', 'lines');
    expect(problem('Eels glide below')).toMatch(/needs 5 words.*has 3/);
    expect(problem('Eels glide past dark ferries')).toMatch(/Word 3 .* start with B, but “past”/);
    expect(problem('Éclairs glide below dark ferries')).toBeNull();
    expect(problem('')).toBeNull();
    expect(sayingProblem(splitSaying('FACE'), 'treble', 'spaces')).toBeNull();
  });

  it('give no word beyond the staff', () => {
    expect(wordAt(sayings, { clef: 'bass', step: 8 })).toBe('Acorns');
    expect(wordAt(sayings, { clef: 'bass', step: 10 })).toBeNull();
  });
});
