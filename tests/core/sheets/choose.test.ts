import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { letterAt, positionId, type StaffPosition } from '@/core/notation';
import { seeded } from '@/core/random';
import { confusable } from '@/core/sheets';
import { type ChooseFrom, chooseNotes } from '@/core/sheets/choose';
import { at, BOTH } from '../../helpers/sheets';

const wishes = { count: 20, clefs: 'mixed', order: 'any', weakFirst: false } as const;
const choose = (
  positions: readonly StaffPosition[],
  differs: Partial<ChooseFrom['wishes']> = {},
  rest: Partial<ChooseFrom> = {},
) =>
  chooseNotes({
    positions,
    wishes: { ...wishes, ...differs },
    random: seeded('choose'),
    ...rest,
  });

describe('notes that beginners take for each other', () => {
  it.each([
    ['neighbours', at('treble', 2, 3)],
    ['a line further', at('treble', 2, 4)],
    ['counted from the other end', at('bass', 2, 6)],
    ['the same letter', at('treble', 0, 7)],
    ['the same place in the other clef', [...at('treble', 3), ...at('bass', 3)]],
  ] as const)('%s', (_, [a, b]) => {
    expect(confusable(a!, b!)).toBe(true);
    expect(confusable(b!, a!)).toBe(true);
  });

  it.each([
    ['itself', at('treble', 2, 2)],
    ['a fourth apart', at('treble', 1, 4)],
    ['elsewhere in the other clef', [...at('treble', 3), ...at('bass', 5)]],
  ] as const)('but not %s', (_, [a, b]) => {
    expect(confusable(a!, b!)).toBe(false);
  });
});

describe('wishes', () => {
  const positions = fc
    .subarray([...BOTH, ...at('treble', -2, 9, 10), ...at('bass', -2, 10)], { minLength: 2 })
    .map((all) => all as StaffPosition[]);
  const order = fc.constantFrom('any', 'close', 'apart', 'taught') as fc.Arbitrary<
    ChooseFrom['wishes']['order']
  >;

  it('give the count asked for, of the chosen notes, none twice in a row', () => {
    fc.assert(
      fc.property(
        positions,
        order,
        fc.integer({ min: 1, max: 50 }),
        fc.string(),
        (all, o, count, seed) => {
          const { notes } = choose(all, { order: o, count }, { random: seeded(seed) });
          expect(notes).toHaveLength(count);
          const ids = new Set(all.map(positionId));
          for (const [i, p] of notes.entries()) {
            expect(ids.has(positionId(p))).toBe(true);
            if (i > 0) expect(positionId(p)).not.toBe(positionId(notes[i - 1]!));
          }
        },
      ),
    );
  });

  it('cover every note before one comes three times, however they are ordered', () => {
    fc.assert(
      fc.property(positions, order, fc.string(), (all, o, seed) => {
        const count = all.length * 2;
        const { notes } = choose(all, { order: o, count }, { random: seeded(seed) });
        const times = (p: StaffPosition) =>
          notes.filter((q) => positionId(q) === positionId(p)).length;
        // Pairs and distances may move a note by one round.
        for (const p of all) expect(times(p)).toBeLessThanOrEqual(o === 'taught' ? count : 4);
        if (o === 'any') expect(Math.min(...all.map(times))).toBeGreaterThanOrEqual(1);
      }),
    );
  });

  it('share the count between the clefs by the weight of their notes', () => {
    const all = [...at('treble', 0, 1, 2, 3), ...at('bass', 0, 1, 2, 3)];
    const weights = Object.fromEntries(at('bass', 0, 1, 2, 3).map((p) => [positionId(p), 3]));
    const { notes } = choose(all, { clefs: 'blocks', weakFirst: true, count: 16 }, { weights });
    expect(notes.filter((p) => p.clef === 'bass')).toHaveLength(12);
    expect(notes.slice(0, 4).every((p) => p.clef === 'treble')).toBe(true);
  });

  it('bring a note in as it was taught, before the next one', () => {
    const taught = ['t6', 't0', 't3', 't8'];
    const { notes } = choose(at('treble', 0, 3, 6, 8), { order: 'taught' }, { taught });
    const first = taught.map((id) => notes.findIndex((p) => positionId(p) === id));
    expect(first).toEqual([...first].sort((a, b) => a - b));
    // The last one is in before the last third, to be asked more than once.
    expect(first[3]!).toBeLessThan(14);
    expect(notes.filter((p) => positionId(p) === 't8').length).toBeGreaterThan(1);
  });

  it('a note taught at no time comes after those that were', () => {
    const { notes } = choose(at('treble', 0, 3), { order: 'taught' }, { taught: ['t3'] });
    expect(positionId(notes[0]!)).toBe('t3');
  });

  it('keep letters of one name apart where there are enough others', () => {
    const all = at('treble', 0, 3, 7, 12, -4);
    const { notes } = choose(all, { order: 'apart', count: 10 });
    const near = notes.filter((p, i) => i > 0 && letterAt(p) === letterAt(notes[i - 1]!));
    expect(near).toHaveLength(0);
  });
});

describe('what cannot be met is said', () => {
  it.each([
    [at('treble', 0, 1), { clefs: 'mixed' }, {}, 'all chosen notes are in the treble clef'],
    [BOTH, { weakFirst: true }, {}, 'No note is weaker than another yet'],
    [BOTH, { count: 5 }, {}, '13 chosen notes will not come: there are only 5 items for 18 notes'],
    [at('treble', 0), {}, {}, 'there is no other to put between'],
    [at('treble', 0, 3), { order: 'close', count: 4 }, {}, 'Only 0 of 2 pairs'],
    [at('treble', 0, 1, 2), { order: 'apart', count: 4 }, {}, 'too few of the chosen notes differ'],
  ] as const)('(%#)', (positions, differs, rest, text) => {
    expect(choose(positions, differs, rest).notices.join(' ')).toContain(text);
  });

  it('and nothing is said when all is met', () => {
    const weights = { t0: 4 };
    const { notices } = choose(BOTH, { count: 40, weakFirst: true }, { weights });
    expect(notices).toEqual([]);
  });
});
