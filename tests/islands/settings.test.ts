import { describe, expect, it } from 'vitest';
import { chosenFrom, viewHref } from '@/contract/address';
import { positionId } from '@/core/notation';
import { between, RAIL_POSITIONS, RAIL_RUNGS } from '@/islands/rail/rungs';
import { problemOf, START } from '@/islands/sheets/draft';
import { toPositions } from '@/ui/chosen';

describe('a sheet while it is being set', () => {
  const notes = [{ clef: 'treble' as const, step: 2 }];
  it('can be printed as it starts', () => {
    expect(problemOf(START, notes, 'Look.')).toBeNull();
  });
  it.each([
    [START, [], '', /Choose at least one note/],
    [{ ...START, count: 0 }, notes, '', /whole number from 1/],
    [{ ...START, count: 2.5 }, notes, '', /whole number/],
    [{ ...START, count: 201 }, notes, '', /up to 200/],
    [{ ...START, staffSpace: 1.9 }, notes, '', /2 to 8 mm/],
    [{ ...START, staffSpace: Number.NaN }, notes, '', /2 to 8 mm/],
    [{ ...START, title: 'x'.repeat(300) }, notes, '', /title is too long/],
    [START, notes, 'x'.repeat(300), /instructions are too long/],
  ])('says what would be right (%#)', (draft, positions, text, message) => {
    expect(problemOf(draft, positions, text)).toMatch(message);
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
