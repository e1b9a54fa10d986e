import { describe, expect, it } from 'vitest';
import { DEFAULT_SAYINGS } from '@/core/sayings';
import { composeNames, PAPERS, type SheetSpec } from '@/core/sheets';
import {
  cardCorner,
  cardPages,
  cardsFor,
  drawGrandStaff,
  drawStaff,
  layoutSheet,
  leadWidth,
  lineSvg,
  MARGIN,
  noteSvg,
  pageSvg,
  SvgSurface,
  sheetPages,
  stepY,
  textWidth,
  wayPages,
  wrapText,
} from '@/engrave';
import { pagesToPdf } from '@/server/pdf';

const spec: SheetSpec = {
  version: 1,
  kind: 'name-notes',
  count: 60,
  key: 0,
  weakFirst: false,
  paper: 'A4',
  staffSpace: 3,
  positions: [-2, 0, 3, 8, 12].flatMap((step) => [
    { clef: 'treble' as const, step },
    { clef: 'bass' as const, step },
  ]),
  title: 'Name the notes',
  instructions: 'Look at the clef first.',
  header: ['name', 'date'],
  naming: 'letters',
  terms: 'US',
};

/** Every staff line of a staff drawn with its top line at y = 0. */
function heads(svg: string): { x: number; y: number }[] {
  return [
    ...svg.matchAll(
      /<text x="([-\d.]+)" y="([-\d.]+)" font-family="'Lucid Music'"[^>]*>[\uE0A2-\uE0A4]</gu,
    ),
  ].map((m) => ({ x: Number(m[1]), y: Number(m[2]) }));
}

describe('a staff', () => {
  it('puts each head on its step, evenly, with the ledger lines it needs', () => {
    const surface = new SvgSurface();
    const steps = [-4, -2, 0, 4, 8, 10, 12];
    const xs = drawStaff(surface, {
      clef: 'treble',
      width: 400,
      notes: steps.map((step) => ({ step })),
    });
    const svg = surface.toSvg(400, 100);
    expect(heads(svg).map((h) => h.y)).toEqual(steps.map(stepY));
    const gaps = xs.slice(1).map((x, i) => Math.round((x - xs[i]!) * 100) / 100);
    expect(new Set(gaps).size).toBe(1);
    // Five staff lines, and ledger lines: two for -4, one for -2, one for 10, two for 12.
    expect([...svg.matchAll(/<path d="M[-\d. ]+L[-\d. ]+" fill="none"/g)]).toHaveLength(5 + 6);
  });

  it('turns stems down from the middle line up', () => {
    const surface = new SvgSurface();
    const notes = [3, 4].map((step) => ({ step, head: 'quarter' as const }));
    drawStaff(surface, { clef: 'treble', width: 200, notes });
    const stems = [
      ...surface.toSvg(1, 1).matchAll(/M([\d.]+) (-?[\d.]+)L([\d.]+) (-?[\d.]+)"/g),
    ].filter((m) => m[1] === m[3]);
    expect(stems.map((m) => Math.sign(Number(m[4]) - Number(m[2])))).toEqual([-1, 1]);
  });

  it('draws signatures, accidentals, letters in heads, numbers, tints and both staves', () => {
    const surface = new SvgSurface();
    drawStaff(surface, {
      clef: 'bass',
      key: -2,
      width: 200,
      numbers: 'both',
      anchor: true,
      tint: { 3: '#ffeecc' },
      notes: [
        { step: 3, accidental: 1, letter: 'C' },
        { step: 5, accidental: 0, head: 'half' },
      ],
    });
    const svg = surface.toSvg(200, 60);
    expect(svg.match(/\uE260/g)).toHaveLength(2);
    expect(svg).toContain('\uE262');
    expect(svg).toContain('\uE261');
    expect(svg).toContain('\uE062');
    expect(svg).toContain('>C</text>');
    expect(svg.match(/>[1-5]<\/text>/g)).toHaveLength(9);
    const grand = new SvgSurface();
    drawGrandStaff(grand, {
      width: 200,
      notes: [
        { clef: 'treble', step: 2 },
        { clef: 'bass', step: 6 },
      ],
    });
    const both = grand.toSvg(200, 160);
    expect(both).toContain('\uE050');
    expect(both).toContain('\uE062');
    expect(heads(both)).toHaveLength(2);
  });

  it('names the place of a note for screen readers, never the letter', () => {
    const svg = noteSvg({ position: { clef: 'treble', step: 2 } });
    expect(svg).toContain('aria-label="treble clef, note on line 2"');
    expect(svg).not.toMatch(/>G</);
  });

  it('escapes what people typed', () => {
    const svg = lineSvg({
      clef: 'treble',
      notes: [{ step: 2, label: '<script>' }],
      title: '"><b>',
    });
    expect(svg).not.toContain('<script>');
    expect(svg).not.toContain('"><b>');
  });
});

describe('a sheet’s pages', () => {
  it.each([
    ['A4', 2],
    ['A4', 3],
    ['Letter', 5],
    ['Letter', 8],
  ] as const)(
    'fit %s at %s mm: nothing beyond the margin, every note once, room to write',
    (paper, staffSpace) => {
      const items = composeNames(spec, { seed: 's' });
      const { pages } = layoutSheet({ ...spec, paper, staffSpace }, items, 20);
      const { width, height } = PAPERS[paper];
      expect(pages.flat().flatMap((s) => s.items)).toEqual(items);
      expect(pages.flat().map((s) => s.first)[0]).toBe(1);
      for (const page of pages) {
        let last = 0;
        for (const s of page) {
          expect(new Set(s.items.map((i) => i.clef)).size).toBe(1);
          expect(s.y).toBeGreaterThan(last);
          expect(s.width).toBeLessThanOrEqual(width - 2 * MARGIN + 0.01);
          const perNote =
            (s.width - (leadWidth(s.clef, spec.key) / 10) * staffSpace) / s.items.length;
          expect(perNote).toBeGreaterThanOrEqual(Math.min(14, 5 * staffSpace) - 0.01);
          last = s.y + s.answerDrop;
          expect(last).toBeLessThanOrEqual(height - MARGIN);
        }
      }
    },
  );

  it('wrap or cut long titles and names, and mark the key as one', () => {
    const long = { ...spec, title: 'A very long title '.repeat(20), count: 8 };
    const items = composeNames(long, { seed: 's' });
    const print = { code: 'ABC123-1', student: 'N'.repeat(200) };
    const [page] = sheetPages(long, items, print);
    const svg = pageSvg(page!);
    expect(svg).toContain('…');
    expect(svg).toContain('ABC123-1');
    const key = pageSvg(sheetPages(long, items, { ...print, key: true })[0]!);
    expect(key).toContain('Key for');
    expect([...key.matchAll(/font-size="6" font-weight="700"/g)]).toHaveLength(8);
    for (const line of wrapText('word '.repeat(100) + 'x'.repeat(300), 30, 99))
      expect(textWidth(line)).toBeLessThanOrEqual(30);
  });

  it('tell a helper the way to each note once', () => {
    const items = composeNames({ ...spec, count: 40 }, { seed: 's' });
    const pages = wayPages(
      spec,
      items,
      { method: 'two-sayings', sayings: DEFAULT_SAYINGS },
      { code: 'X' },
    );
    const text = pages.map((p) => pageSvg(p)).join('');
    expect(text.match(/font-size="7" font-weight="700"/g)).toHaveLength(spec.positions.length);
    expect(text).toContain('Eels');
  });

  it('become a PDF with the same bytes each time', async () => {
    const items = composeNames({ ...spec, count: 10, key: 2 }, { seed: 's' });
    const make = () =>
      pagesToPdf(
        sheetPages({ ...spec, key: 2 }, items, { code: 'X', student: 'Zoë Łuk', key: true }),
        'T',
      );
    const [a, b] = [await make(), await make()];
    expect(a.subarray(0, 5).toString()).toBe('%PDF-');
    expect(a.equals(b)).toBe(true);
  });
});

describe('cards', () => {
  const options = {
    key: 0 as const,
    naming: 'letters' as const,
    sayings: DEFAULT_SAYINGS,
    instrument: 'violin' as const,
    owner: 'Ada',
  };

  it('have backs that lie behind their fronts when the sheet is turned over its long edge', () => {
    const size = { width: 95, height: 69.25 };
    for (let i = 0; i < 8; i++) {
      const front = cardCorner(i, 'front', size);
      const back = cardCorner(i, 'back', size);
      expect(back.y).toBe(front.y);
      expect(210 - (back.x + size.width)).toBeCloseTo(front.x);
    }
  });

  it('show name, word and place on the back, and leave out clefs that nobody reads', () => {
    const cards = cardsFor(
      [
        { clef: 'treble', step: 0 },
        { clef: 'bass', step: 2 },
        { clef: 'treble', step: 8 },
      ],
      { ...options, key: 2 },
    );
    expect(cards.map((c) => [c.name, c.word, c.place?.short])).toEqual([
      ['E', 'Eels', 'D string, 1'],
      ['F♯', 'Ferries', 'E string, 1'],
    ]);
    const [front, back] = cardPages(cards, 'A4').map((p) => pageSvg(p));
    expect(heads(front!)).toHaveLength(2);
    expect(front).not.toContain('Eels');
    expect(heads(back!)).toHaveLength(0);
    expect(back).toContain('Eels');
    expect(back).toContain('Violin: D string, 1');
  });

  it('show how the note is found when asked, in the school’s own way', () => {
    const at = [{ clef: 'treble' as const, step: 4 }];
    const back = (way?: Parameters<typeof cardsFor>[1]['way']) => {
      const pages = cardPages(cardsFor(at, { ...options, way }), 'A4').map((p) => pageSvg(p));
      return pages[1]!;
    };
    expect(back()).not.toContain('>Glide<');
    expect(back({ method: 'two-sayings' })).toContain('>Glide<');
    expect(back({ method: 'landmarks' })).not.toContain('>Glide<');
    const [pictured] = cardsFor(at, { ...options, way: { method: 'hand-position' } });
    expect(pictured!.picture).toBe('B');
    expect(back({ method: 'hand-position' }).length).toBeGreaterThan(
      back({ method: 'landmarks' }).length,
    );
  });

  it('fade the word to its line or space, and to nothing', () => {
    const at = [{ clef: 'treble' as const, step: 4 }];
    const word = (fade: 'letters' | 'numbers' | 'none') =>
      cardsFor(at, { ...options, fade })[0]!.word;
    expect([word('letters'), word('numbers'), word('none')]).toEqual([null, 'line 3', null]);
  });

  it('draw every kind of instrument, eight to a page', () => {
    for (const instrument of ['keyboard', 'violin', 'soprano-recorder', 'trombone'] as const) {
      const cards = cardsFor(
        [0, 1, 2, 3, 4, 5, 6, 7, 8].map((step) => ({
          clef: instrument === 'trombone' ? 'bass' : 'treble',
          step,
        })),
        { ...options, instrument },
      );
      const pages = cardPages(cards, 'Letter');
      expect(pages).toHaveLength(4);
      expect(pages.every((p) => pageSvg(p).length > 500)).toBe(true);
    }
  });
});
