import { describe, expect, it } from 'vitest';
import { CARD_COUNTS, CARD_SETS, CARD_START, type CardSettings } from '@/core/cards';
import { DEFAULT_SAYINGS } from '@/core/sayings';
import { PAPERS } from '@/core/sheets';
import { cardCorner, cardPages, cardsFor, cardTestPages, pageSvg } from '@/engrave';
import { gridOf } from '@/engrave/cards/grid';
import { at, BOTH } from '../helpers/sheets';
import { boxOf } from '../helpers/svg-box';

const options = {
  key: 0 as const,
  naming: 'letters' as const,
  sayings: DEFAULT_SAYINGS,
  instrument: 'violin' as const,
  owner: 'Ada',
};
const heads = (svg: string) => [...svg.matchAll(/[\uE0A2-\uE0A4]/gu)].length;
const sides = (
  settings: Partial<CardSettings>,
  rest: Partial<typeof options> = {},
  notes = at('treble', 4),
) => {
  const cards = cardsFor(notes, {
    ...options,
    way: { method: 'two-sayings' },
    ...settings,
    ...rest,
  });
  return cardPages(cards, 'A4', { ...CARD_START, ...settings }).map((p) => pageSvg(p)) as [
    string,
    string,
  ];
};

describe('cards behind each other', () => {
  const { width, height } = PAPERS.A4;

  it.each(CARD_COUNTS)(
    '%s to a page: a back turned over the long edge lies behind its front',
    (n) => {
      const grid = gridOf(n, 'long', PAPERS.A4);
      for (let i = 0; i < grid.cards; i++) {
        const front = cardCorner(i, 'front', grid, 'long');
        const back = cardCorner(i, 'back', grid, 'long');
        expect(back.y).toBe(front.y);
        expect(width - (back.x + grid.width)).toBeCloseTo(front.x);
        expect(back.turned).toBe(false);
      }
    },
  );

  it.each(CARD_COUNTS)(
    '%s to a page: over the short edge, upside down, so that it is upright on the card',
    (n) => {
      const grid = gridOf(n, 'short', PAPERS.A4);
      for (let i = 0; i < grid.cards; i++) {
        const front = cardCorner(i, 'front', grid, 'short');
        const back = cardCorner(i, 'back', grid, 'short');
        // The corner of a turned side is its lower right one.
        expect(back.x - grid.width).toBeCloseTo(front.x);
        expect(height - back.y).toBeCloseTo(front.y);
        expect(back.turned).toBe(true);
      }
    },
  );

  it('to be folded: the back beside its front, half as many', () => {
    const grid = gridOf(8, 'fold', PAPERS.A4);
    expect(grid.cards).toBe(4);
    const [front, back] = (['front', 'back'] as const).map((s) => cardCorner(2, s, grid, 'fold'));
    expect(back!.y).toBe(front!.y);
    expect(back!.x - front!.x).toBeCloseTo(grid.width);
    const pages = cardPages(cardsFor(at('treble', 0, 1, 2, 3, 4), options), 'A4', {
      ...CARD_START,
      backs: 'fold',
    });
    expect(pages).toHaveLength(2);
    expect(pageSvg(pages[0]!)).toContain('stroke-dasharray');
  });

  it('are moved by the printer’s error, right and down as the card is seen', () => {
    const shift = { right: 2, down: -1 };
    for (const backs of ['long', 'short'] as const) {
      const grid = gridOf(8, backs, PAPERS.A4);
      const plain = cardCorner(3, 'back', grid, backs);
      const moved = cardCorner(3, 'back', grid, backs, shift);
      const sign = backs === 'long' ? 1 : -1;
      expect(moved.x - plain.x).toBeCloseTo(2 * sign);
      expect(moved.y - plain.y).toBeCloseTo(-1 * sign);
      expect(cardCorner(3, 'front', grid, backs, shift)).toEqual(
        cardCorner(3, 'front', grid, backs),
      );
    }
  });

  it('have a test page that says which edge', () => {
    const [front, back] = cardTestPages('Letter').map((p) => pageSvg(p));
    expect(front).toContain('turn it over sideways');
    expect(back).toContain('short edge');
  });
});

describe('what stands on cards', () => {
  it('name, word and place behind the note; none for a clef that nobody reads', () => {
    const notes = [...at('treble', 0, 8), ...at('bass', 2)];
    const cards = cardsFor(notes, { ...options, key: 2 });
    expect(cards).toHaveLength(2);
    const [front, back] = cardPages(cards, 'A4').map((p) => pageSvg(p));
    expect(heads(front!)).toBe(2);
    expect(front).not.toContain('Eels');
    expect(heads(back!)).toBe(0);
    for (const text of ['Eels', '>F♯<', 'Ferries', 'Violin: D string, 1', 'treble line 1'])
      expect(back).toContain(text);
  });

  it('any side in front, and never twice', () => {
    const [front, back] = sides({ front: 'place', back: ['note', 'name', 'place'] });
    expect(front).toContain('Violin: A string, 1');
    expect(front).not.toContain('>B<');
    expect(heads(front)).toBe(0);
    expect(back).not.toContain('Violin');
    expect(heads(back)).toBe(1);
    const [name, note] = sides({ front: 'name', back: ['note'] });
    expect(name).toContain('>B<');
    // The foot of the back would give the note away to nobody: it is on it.
    expect(heads(note)).toBe(1);
  });

  it('no card without a front: a place is asked only where there is one', () => {
    const ask = (instrument: 'none' | 'violin') =>
      cardsFor(at('treble', -6, 4), { ...options, front: 'place', instrument });
    expect(ask('none')).toEqual([]);
    expect(ask('violin')).toHaveLength(1);
  });

  it('how the note is found, in the school’s own way', () => {
    const back = (method: 'two-sayings' | 'landmarks' | 'hand-position') => {
      const cards = cardsFor(at('treble', 4), {
        ...options,
        back: ['name', 'way'],
        way: { method },
      });
      return pageSvg(cardPages(cards, 'A4')[1]!);
    };
    expect(back('two-sayings')).toContain('>Glide<');
    expect(back('landmarks')).not.toContain('>Glide<');
    expect(back('hand-position').length).toBeGreaterThan(back('landmarks').length);
  });

  it('the word fades to its line or space, and to nothing', () => {
    expect(sides({ fade: 'sentence' })[1]).toContain('>Below<');
    expect(sides({ fade: 'numbers' })[1]).toContain('>line 3<');
    expect(sides({ fade: 'none' })[1]).not.toContain('>line 3<');
  });

  it('a key signature only when wanted; the name follows it', () => {
    const f = at('treble', 8);
    expect(sides({}, { key: 2 as 0 }, f)[1]).toContain('>F♯<');
    const [front, back] = sides({ signature: false }, { key: 2 as 0 }, f);
    expect(back).toContain('>F<');
    expect(front).not.toContain('\uE262');
  });

  it('letters, clefs, lines and spaces, sayings', () => {
    expect(cardsFor([], { ...options, set: 'letters' })).toHaveLength(7);
    expect(sides({ set: 'letters' })[1]).toContain('after G comes A');
    expect(cardsFor([], { ...options, set: 'clefs', instrument: 'keyboard' })).toHaveLength(2);
    const [front, back] = sides({ set: 'line-space' });
    expect(front).not.toContain('\uE050');
    expect(back).toContain('Line 3');
    expect(cardsFor([], { ...options, set: 'sayings' })).toHaveLength(2);
    expect(cardsFor(at('treble', 1), { ...options, set: 'sayings' })).toHaveLength(1);
  });

  it('name and colour of the set, and a card for the helper', () => {
    const [front] = sides({ label: 'Set 2', colour: 'plum', helper: true });
    expect(front).toContain('Set 2');
    expect(front).toContain('#6b2f7a');
    expect(front).toContain('For the helper');
    expect(sides({ marks: false })[0].length).toBeLessThan(sides({})[0].length);
  });

  it.each(CARD_COUNTS.flatMap((n) => CARD_SETS.map((set) => [n, set] as const)))(
    '%s to a page, %s: nothing beyond the paper’s edge, for every kind of instrument',
    (perPage, set) => {
      for (const instrument of ['keyboard', 'guitar', 'soprano-recorder', 'trombone'] as const) {
        const settings = {
          ...CARD_START,
          perPage,
          set,
          helper: true,
          back: ['name', 'word', 'place', 'way'] as const,
          label: 'A set with a long name',
        };
        const cards = cardsFor(BOTH, {
          ...options,
          ...settings,
          instrument,
          way: { method: 'two-sayings' },
        });
        for (const page of cardPages(cards, 'Letter', settings)) {
          const box = boxOf(pageSvg(page));
          expect(box.left).toBeGreaterThan(3);
          expect(box.right).toBeLessThan(PAPERS.Letter.width - 3);
          expect(box.bottom).toBeLessThan(PAPERS.Letter.height - 3);
        }
      }
    },
  );
});
