import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { ledgerLines, letterAt, positionId } from '@/core/notation';
import {
  composeSheet,
  confusable,
  currentSpec,
  KIND_IDS,
  markTyped,
  newSection,
} from '@/core/sheets';
import { at, BOTH, cellsOf, made, rightly, sheet } from '../../helpers/sheets';

const FEW = [...at('treble', 0, 1, 2, 3), ...at('bass', 5, 6)];
const ids = (
  seed: string,
  wishes: Parameters<typeof newSection>[2],
  {
    positions = FEW,
    weights = {},
    taught,
  }: { positions?: typeof FEW; weights?: Record<string, number>; taught?: string[] } = {},
) =>
  cellsOf(
    composeSheet(sheet([newSection('name-notes', 's', wishes)], { positions }), {
      seed,
      weights,
      ...(taught ? { taught } : {}),
    })[0]!,
  ).map((c) => positionId({ clef: c.clef, step: c.notes[0]!.step }));

describe('the choice of notes', () => {
  it('gives the same sheet for the same spec and seed, for ever', () => {
    const golden = 't0 t3 t2 t1 t0 t1 t2 t3 t2 t1 t3 t0 t1 t2 t3 t0 b5 b6 b5 b6 b5 b6 b5 b6';
    expect(ids('golden', { count: 24 }).join(' ')).toBe(golden);
    expect(ids('other', { count: 24 })).not.toEqual(ids('golden', { count: 24 }));
  });

  it('prints sheets of the first version as they were', () => {
    const first = {
      version: 1,
      kind: 'name-notes',
      positions: FEW,
      count: 24,
      key: 0,
      weakFirst: false,
      paper: 'A4',
      staffSpace: 3,
      title: 'T',
      instructions: 'Do it.',
      header: [],
      naming: 'letters',
      terms: 'US',
    } as const;
    const [section] = composeSheet(currentSpec(first), { seed: 'golden' });
    expect(section!.questions.map((q) => q.answer).join('')).toBe('EAGFEFGAGFAEFGAEEFEFEFEF');
    expect(section!.instructions).toBe('Do it.');
  });

  it('covers the notes evenly, never one twice in a row, one clef after the other', () => {
    fc.assert(
      fc.property(fc.string({ minLength: 1 }), fc.integer({ min: 2, max: 60 }), (seed, count) => {
        const list = ids(seed, { count });
        expect(list).toHaveLength(count);
        for (let i = 1; i < list.length; i++) expect(list[i]).not.toBe(list[i - 1]);
        const tally = FEW.map((p) => list.filter((id) => id === positionId(p)).length);
        expect(Math.max(...tally) - Math.min(...tally)).toBeLessThanOrEqual(2);
        expect(list.map((id) => id[0]).join('')).toMatch(/^t*b*$/);
      }),
    );
  });

  it('mixes the clefs when asked', () => {
    const clefs = ids('m', { count: 24, clefs: 'mixed' })
      .map((id) => id[0])
      .join('');
    expect(clefs).toMatch(/bt.*bt/);
  });

  it('asks weak notes more often when told to', () => {
    const list = ids('s', { count: 40, weakFirst: true }, { weights: { t0: 4 } });
    const times = (id: string) => list.filter((x) => x === id).length;
    expect(times('t0')).toBeGreaterThan(2 * times('t1'));
    expect(times('t1')).toBeGreaterThan(0);
  });

  it('puts similar notes side by side, or keeps them apart', () => {
    const notes = (order: 'close' | 'apart', positions = BOTH) => {
      const s = made('name-notes', { count: 12, order, clefs: 'mixed' }, { positions });
      return {
        list: cellsOf(s).map((c) => ({ clef: c.clef, step: c.notes[0]!.step })),
        notices: s.notices,
      };
    };
    const close = notes('close');
    for (let i = 0; i < 12; i += 2)
      expect(confusable(close.list[i]!, close.list[i + 1]!)).toBe(true);
    expect(close.notices.join()).not.toContain('side by side');
    const apart = notes('apart');
    const near = apart.list.filter((p, i) => i > 0 && confusable(p, apart.list[i - 1]!)).length;
    const any = cellsOf(made('name-notes', { count: 12, clefs: 'mixed' }));
    expect(near).toBeLessThan(any.length / 3);
    // Three neighbours cannot be kept apart; the sheet says so.
    expect(notes('apart', at('treble', 0, 1, 2)).notices.join()).toContain(
      'could not all be kept apart',
    );
    expect(notes('close', at('treble', 0, 5)).notices.join()).toContain('0 of 6 pairs');
  });

  it('brings new notes in the order of teaching', () => {
    const taught = ['t3', 't1', 't0', 't2'];
    const list = ids(
      'x',
      { count: 16, order: 'taught' },
      { positions: at('treble', 0, 1, 2, 3), taught },
    );
    expect([...new Set(list)]).toEqual(taught);
  });

  it('never prints more ledger lines than allowed, and says which notes fell away', () => {
    const positions = at('treble', -6, -2, 0, 10, 14);
    const s = made('name-notes', { ledgers: 1, count: 30 }, { positions });
    for (const c of cellsOf(s)) {
      const { above, below } = ledgerLines(c.notes[0]!.step);
      expect(Math.max(above, below)).toBeLessThanOrEqual(1);
    }
    expect(s.notices).toContain('2 chosen notes need more than 1 ledger line and are left out.');
    expect(made('name-notes', { ledgers: 0 }, { positions: at('treble', -2) }).empty).toContain(
      'needs more than 0 ledger lines',
    );
  });

  it('says when a note must come twice, and when there is none', () => {
    const s = made('name-notes', { count: 3 }, { positions: at('treble', 0) });
    expect(s.questions).toHaveLength(3);
    expect(s.notices.join()).toContain('twice in a row');
    expect(made('name-notes', {}, { positions: [] }).empty).toContain('at least one note');
  });

  it('leaves the other sections alone when one has nothing to ask', () => {
    const spec = sheet(
      [newSection('mixed-clefs', 'a'), newSection('name-notes', 'b', { count: 5 })],
      { positions: at('treble', 0, 1) },
    );
    const [a, b] = composeSheet(spec, { seed: 's' });
    expect(a!.empty).toContain('notes in the other clef');
    expect(b!.questions).toHaveLength(5);
  });
});

describe('every kind', () => {
  const positions = fc.subarray([
    ...BOTH,
    ...at('treble', -2, -1, 9, 10),
    ...at('bass', -2, 9, 10),
  ]);
  for (const kind of KIND_IDS) {
    it(`${kind}: gives the same exercise again, and takes its own answers`, () => {
      fc.assert(
        fc.property(
          positions,
          fc.string({ minLength: 1 }),
          fc.integer({ min: 1, max: 9 }),
          fc.constantFrom(-2, 0, 1, 3),
          fc.constantFrom('none', 'violin', 'guitar', 'trumpet', 'keyboard', 'soprano-recorder'),
          (chosen, seed, count, key, instrument) => {
            const spec = sheet([newSection(kind, 's', { count })], {
              positions: chosen,
              key: key as 0,
              instrument: instrument as 'none',
            });
            const [section] = composeSheet(spec, { seed });
            expect(composeSheet(spec, { seed })[0]).toEqual({
              ...section,
              kind: expect.anything(),
            });
            if (section!.empty !== null) {
              expect(section!.empty.length).toBeGreaterThan(20);
              expect(section!.questions).toHaveLength(0);
              return;
            }
            const { questions } = section!;
            const marked = markTyped(questions, rightly(questions));
            expect(marked).toMatchObject({ ok: true, left: 0 });
            expect(marked.ok && marked.marks.every((m) => m.correct)).toBe(true);
            // What is asked never gives the letter of a note that is to be named.
            for (const q of questions) {
              if (q.entry === 'name') expect(q.prompt).not.toMatch(/\b[A-G][♯♭#b]?\b(?! clef)/);
            }
          },
        ),
        { numRuns: 40 },
      );
    });
  }
});

describe('wrong labels', () => {
  it('are never right by chance, and are those that the group makes', () => {
    for (let i = 0; i < 40; i++) {
      const s = made(
        'find-mistakes',
        { count: 12, options: { share: 'half' } },
        { key: 2 },
        {
          seed: `w${i}`,
          causes: [{ id: 'from-top', weight: 1 }],
        },
      );
      const wrong = s.questions.filter((q) => q.answer !== '.');
      expect(wrong).toHaveLength(6);
      for (const q of wrong) expect(q.label).not.toBe(q.answer);
      expect(s.notices.join()).not.toContain('commonest');
    }
    const s = made(
      'find-mistakes',
      { count: 8, options: { share: 'half' } },
      { positions: at('treble', 0, 1, 2, 6, 7, 8) },
      {
        causes: [{ id: 'from-top', weight: 1 }],
      },
    );
    const top = s.questions.filter((q) => {
      if (q.answer === '.') return false;
      const { clef, step } = q.evidence!.item;
      return q.label === letterAt({ clef, step: 8 - step });
    });
    expect(top.length).toBeGreaterThanOrEqual(3);
  });
});
