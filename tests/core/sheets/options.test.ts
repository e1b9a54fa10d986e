import { describe, expect, it } from 'vitest';
import { KIND_IDS, KINDS, newSection, readOptions, sectionProblem } from '@/core/sheets';

const table = {
  way: {
    type: 'choice',
    label: 'Way',
    values: [
      ['up', 'Up'],
      ['down', 'Down'],
    ],
    start: 'up',
  },
  size: { type: 'number', label: 'Size', min: 2, max: 5, start: 3 },
  on: { type: 'flag', label: 'On', start: false },
} as const;

describe('options of a kind', () => {
  it('left out start as their table says; unknown ones are dropped', () => {
    expect(readOptions(table, { size: 4, colour: 'x' })).toEqual({
      ok: true,
      options: { way: 'up', size: 4, on: false },
    });
  });

  it.each([
    [{ way: 'sideways' }, 'Way: choose Up, Down.'],
    [{ size: 6 }, 'Size: a number from 2 to 5.'],
    [{ size: Number.NaN }, 'Size: a number from 2 to 5.'],
    [{ size: '3' }, 'Size: a number from 2 to 5.'],
    [{ on: 'yes' }, 'On: choose yes or no.'],
  ])('say what would be right (%#)', (raw, reason) => {
    expect(readOptions(table, raw)).toEqual({ ok: false, reason });
  });
});

describe('every kind', () => {
  it.each(KIND_IDS)('%s starts as it can be made, and says what it is', (id) => {
    const kind = KINDS[id];
    expect(kind.id).toBe(id);
    expect(sectionProblem(newSection(id, 's'))).toBeNull();
    expect(sectionProblem(newSection(id, 's', { count: kind.count.max }))).toBeNull();
    expect(sectionProblem(newSection(id, 's', { count: kind.count.max + 1 }))).toContain(kind.name);
    for (const text of [kind.name, kind.about, kind.check]) expect(text.length).toBeGreaterThan(3);
  });

  it('is told to students in the vocabulary of the group', () => {
    const words = { naming: 'letters', key: 0, colour: true, instrument: 'none' } as const;
    const say = (id: 'colour' | 'draw-note', terms: 'US' | 'UK') => {
      const kind = KINDS[id];
      const options = newSection(
        id,
        's',
        id === 'draw-note' ? { options: { ask: 'every' } } : {},
      ).options;
      return kind.instructions(options, { ...words, terms });
    };
    expect([say('colour', 'US'), say('colour', 'UK')]).toEqual([
      'Color each note as its letter has it above.',
      'Colour each note as its letter has it above.',
    ]);
    expect(say('draw-note', 'US')).toContain('on this staff');
    expect(say('draw-note', 'UK')).toContain('on this stave');
  });
});
