import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { positionId } from '@/core/notation';
import { seeded } from '@/core/random';
import {
  composeNames,
  copyCode,
  makeSheetCode,
  markNames,
  readSheetCode,
  type SheetSpec,
} from '@/core/sheets';

const positions = [
  ...[0, 1, 2, 3].map((step) => ({ clef: 'treble' as const, step })),
  ...[5, 6].map((step) => ({ clef: 'bass' as const, step })),
];
const spec: SheetSpec = {
  version: 1,
  kind: 'name-notes',
  positions,
  count: 24,
  key: 0,
  weakFirst: false,
  paper: 'A4',
  staffSpace: 3,
  title: '',
  instructions: '',
  header: [],
  naming: 'letters',
  terms: 'US',
};
const ids = (s: SheetSpec, seed: string, weights = {}) =>
  composeNames(s, { seed, weights }).map((i) => positionId(i));

describe('composing', () => {
  it('gives the same sheet for the same spec and seed, for ever', () => {
    expect(ids(spec, 'golden').join(' ')).toBe(
      't0 t3 t2 t1 t0 t1 t2 t3 t2 t1 t3 t0 t1 t2 t3 t0 b5 b6 b5 b6 b5 b6 b5 b6',
    );
    expect(ids(spec, 'other')).not.toEqual(ids(spec, 'golden'));
  });

  it('covers the notes evenly, never one twice in a row, one clef after the other', () => {
    fc.assert(
      fc.property(fc.string({ minLength: 1 }), fc.integer({ min: 1, max: 60 }), (seed, count) => {
        const list = ids({ ...spec, count }, seed);
        expect(list).toHaveLength(count);
        for (let i = 1; i < list.length; i++) expect(list[i]).not.toBe(list[i - 1]);
        const tally = positions.map((p) => list.filter((id) => id === positionId(p)).length);
        expect(Math.max(...tally) - Math.min(...tally)).toBeLessThanOrEqual(2);
        expect(list.map((id) => id[0]).join('')).toMatch(/^t*b*$/);
      }),
    );
  });

  it('asks weak notes more often when told to', () => {
    const list = ids({ ...spec, weakFirst: true, count: 40 }, 's', { t0: 4 });
    const times = (id: string) => list.filter((x) => x === id).length;
    expect(times('t0')).toBeGreaterThan(2 * times('t1'));
    expect(times('t1')).toBeGreaterThan(0);
  });

  it('repeats a note only when there is no other', () => {
    expect(ids({ ...spec, positions: positions.slice(0, 1), count: 3 }, 's')).toEqual([
      't0',
      't0',
      't0',
    ]);
    expect(() => ids({ ...spec, positions: [] }, 's')).toThrow('Choose at least one note');
    expect(() => ids({ ...spec, count: 0 }, 's')).toThrow('at least one');
  });

  it('gives the answers of the key signature', () => {
    const [item] = composeNames(
      { ...spec, key: 2, positions: [{ clef: 'treble', step: 8 }], count: 1 },
      { seed: 's' },
    );
    expect(item!.answer).toBe('F#');
  });
});

describe('sheet codes', () => {
  it('are read back as typed by tired people', () => {
    fc.assert(
      fc.property(fc.string(), fc.integer({ min: 1, max: 300 }), (seed, copy) => {
        const code = makeSheetCode(seeded(seed));
        const typed = ` ${copyCode(code, copy).toLowerCase().replaceAll('0', 'o').replaceAll('1', 'l')} `;
        expect(readSheetCode(typed)).toEqual({ ok: true, sheet: code, copy });
      }),
    );
    expect(readSheetCode(makeSheetCode(seeded('x')))).toMatchObject({ ok: true, copy: null });
  });

  it('notice one wrong character and two swapped ones', () => {
    const code = makeSheetCode(seeded('check'));
    let refused = 0;
    for (const c of '23456789ABCDEFGH') {
      const typed = code[0] === c ? null : c + code.slice(1);
      if (typed && !readSheetCode(typed).ok) refused++;
      else if (!typed) refused++;
    }
    expect(refused).toBe(16);
    const swapped = code[1]! + code[0]! + code.slice(2);
    expect(code[0] === code[1] || !readSheetCode(swapped).ok).toBe(true);
    expect(readSheetCode('hello')).toMatchObject({
      ok: false,
      reason: expect.stringContaining('7K4QX3-2'),
    });
  });
});

describe('marking', () => {
  const items = composeNames(
    { ...spec, positions: positions.slice(0, 4), count: 4 },
    { seed: 'm' },
  );
  const right = items.map((i) => i.answer);

  it('reads letters run together, apart, large or small, with blanks', () => {
    for (const typed of [right.join(' '), right.join('').toLowerCase(), right.join(', ')]) {
      const marked = markNames(items, typed);
      expect(marked.ok && marked.marks.every((m) => m.correct)).toBe(true);
    }
    const blank = markNames(items, `- ${right[1]}`);
    expect(blank).toMatchObject({
      ok: true,
      left: 2,
      marks: [{ given: null, correct: false }, { correct: true }],
    });
  });

  it('keeps a sign with its letter, and two Bs apart inside a run', () => {
    const flat = composeNames(
      { ...spec, key: -1, positions: [{ clef: 'treble', step: 4 }], count: 2 },
      { seed: 'f' },
    );
    expect(markNames(flat, 'Bb bb')).toMatchObject({
      marks: [{ correct: true }, { correct: true }],
    });
    expect(markNames(flat, 'b♭ b')).toMatchObject({
      marks: [{ correct: true }, { given: 'B', correct: false }],
    });
    expect(markNames(items, 'fbbe')).toMatchObject({
      marks: [{ given: 'F' }, { given: 'B' }, { given: 'B' }, { given: 'E' }],
    });
  });

  it('says where a letter is not one, and when there are too many', () => {
    expect(markNames(items, 'e h')).toMatchObject({
      ok: false,
      reason: expect.stringMatching(/Number 2 is “h”.*A to G/),
    });
    expect(markNames(items, 'e f g a b')).toMatchObject({
      ok: false,
      reason: expect.stringMatching(/has 4 notes, but 5/),
    });
    expect(markNames(items, '  ')).toMatchObject({ ok: true, left: 4 });
  });
});
