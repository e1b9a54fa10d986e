import { describe, expect, it } from 'vitest';
import { chosenFrom, viewHref } from '@/contract/address';
import { positionId } from '@/core/notation';
import { newSection, PRESETS } from '@/core/sheets';
import { between, RAIL_POSITIONS, RAIL_RUNGS } from '@/islands/rail/rungs';
import { freeId, problemOf, startDraft, withPreset } from '@/islands/sheets/draft';
import { changed, redone, startHistory, undone } from '@/islands/sheets/history';
import { toPositions } from '@/ui/chosen';
import { at } from '../helpers/sheets';

describe('a sheet while it is being set', () => {
  const notes = at('treble', 2);
  const start = startDraft(0, 'none');
  const [first] = start.sections;
  const one = (part: object) => ({ ...start, sections: [{ ...first!, ...part }] });

  it('can be printed as it starts, and with every ready-made sheet', () => {
    expect(problemOf(start, notes)).toBeNull();
    for (const preset of PRESETS) expect(problemOf(withPreset(start, preset), notes)).toBeNull();
  });

  it('needs notes only for exercises that ask them', () => {
    const paper = { ...start, sections: [newSection('blank-staves', 'b')] };
    expect(problemOf(paper, [])).toBeNull();
    expect(problemOf(start, [])).toMatch(/Choose at least one note/);
  });

  it.each([
    [one({ count: 0 }), /whole number of notes from 1/],
    [one({ count: 2.5 }), /whole number/],
    [one({ count: 201 }), /more than anybody could print/],
    [one({ kind: 'match', count: 10 }), /from 1 to 9/],
    [one({ options: { head: 'square' } }), /Heads: choose/],
    [one({ ledgers: 7 }), /0 to 6 ledger lines/],
    [one({ perLine: 0 }), /items a line/],
    [one({ instructions: 'x'.repeat(241) }), /instructions are too long/],
    [{ ...start, sections: [] }, /at least one exercise/],
    [{ ...start, sections: Array(17).fill(first) }, /up to 16 exercises/],
    [{ ...start, staffSpace: 1.9 }, /2 to 8 mm/],
    [{ ...start, staffSpace: Number.NaN }, /2 to 8 mm/],
    [{ ...start, write: 30 }, /7 to 20 mm/],
    [{ ...start, title: 'x'.repeat(301) }, /title is too long/],
    [{ ...start, instructions: 'x'.repeat(300) }, /instructions are too long/],
  ])('says what would be right (%#)', (draft, message) => {
    expect(problemOf(draft, notes)).toMatch(message);
  });

  it('gives each new exercise an id of its own', () => {
    const draft = { ...start, sections: [newSection('dots', 'part-3'), newSection('dots', 'x')] };
    expect(freeId(draft)).toBe('part-4');
  });
});

describe('undoing', () => {
  it('takes back steps, typing of one thing as one, and brings them again', () => {
    let h = startHistory('a');
    h = changed(h, 'ab', 'title', 0);
    h = changed(h, 'abc', 'title', 500);
    h = changed(h, 'abcd', 'count', 600);
    h = changed(h, 'abcde', 'count', 5000);
    expect(h.past).toEqual(['a', 'abc', 'abcd']);
    h = undone(undone(h));
    expect(h.now).toBe('abc');
    expect(redone(h).now).toBe('abcd');
    expect(undone(undone(h)).now).toBe('a');
    expect(redone(changed(h, 'new', 'title', 9000)).now).toBe('new');
    const twice = changed(changed(h, 'x', null, 0), 'y', null, 1);
    expect(undone(twice).now).toBe('x');
  });
});

describe('the rail', () => {
  it('has 29 rungs with 10 staff lines and middle C twice', () => {
    expect(RAIL_RUNGS).toHaveLength(29);
    expect(RAIL_RUNGS.filter((r) => r.line === 'staff')).toHaveLength(10);
    expect(RAIL_RUNGS.filter((r) => r.line === 'ledger').map((r) => r.positions[0]!.step)).toEqual([
      12, 10, 10, -2, -4,
    ]);
    expect(RAIL_POSITIONS).toHaveLength(30);
    expect(positionId(RAIL_POSITIONS[0]!)).toBe('t12');
    expect(positionId(RAIL_POSITIONS.at(-1)!)).toBe('b-4');
  });
  it('chooses everything between two rungs, either way', () => {
    expect(between('t4', 't1')).toEqual(['t4', 't3', 't2', 't1']);
    expect(between('t1', 't4')).toEqual(['t4', 't3', 't2', 't1']);
    expect(between('t-1', 'b9')).toEqual(['t-1', 't-2', 'b10', 'b9']);
    expect(between('t4', 'x')).toEqual([]);
  });
});

describe('the chosen notes in the address', () => {
  it('are read back, once each, and nothing else is', () => {
    const read = (text: string) => chosenFrom(new URLSearchParams(text));
    expect(read('notes=t1,b-2,t1,zz,,<b>')).toEqual(['t1', 'b-2']);
    expect(read('')).toEqual([]);
    expect(
      read(`notes=${Array.from({ length: 200 }, (_, i) => `t${(i % 33) - 12}`).join(',')}`).length,
    ).toBeLessThanOrEqual(80);
  });
  it('stay when the view changes', () => {
    expect(viewHref('/cards', 'g1', ['t1', 't2'])).toBe('/cards?group=g1&notes=t1,t2');
    expect(viewHref('/cards', undefined, [])).toBe('/cards');
  });
  it('come low to high, whatever order they were chosen in', () => {
    expect(toPositions(['t4', 'b0', 'nope', 't-2', 'b10']).map(positionId)).toEqual([
      'b0',
      'b10',
      't-2',
      't4',
    ]);
  });
});
