import { describe, expect, it } from 'vitest';
import { DEFAULT_SAYINGS } from '@/core/sayings';
import {
  type CellsFigure,
  composeSheet,
  KIND_IDS,
  newSection,
  PAPERS,
  type SheetSpec,
} from '@/core/sheets';
import {
  type Block,
  drawGrandStaff,
  drawStaff,
  flow,
  lineSvg,
  lookOf,
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
import { cellLines } from '@/engrave/sheet/cell-lines';
import { qrOf } from '@/engrave/sheet/qr';
import { pageToSvg } from '@/server/outline-svg';
import { pagesToPdf } from '@/server/pdf';
import { at, sheet } from '../helpers/sheets';
import { boxOf } from '../helpers/svg-box';

const POSITIONS = [-2, 0, 3, 8, 12].flatMap((step) => [...at('treble', step), ...at('bass', step)]);
const naming = (count: number, rest: Partial<SheetSpec> = {}) =>
  sheet([newSection('name-notes', 's', { count, ledgers: 6 })], { positions: POSITIONS, ...rest });
const composed = (spec: SheetSpec) => composeSheet(spec, { seed: 's' });

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
  const room = { first: 60, next: 30, bottom: 280 };
  const block = (height: number, rest: Partial<Block> = {}): Block => ({
    height,
    draw: () => undefined,
    ...rest,
  });

  it('never cut a block, and keep a heading with what follows', () => {
    const blocks = [block(100), block(100), block(15, { keep: true }), block(60)];
    const pages = flow(blocks, room);
    expect(pages.map((p) => p.map((b) => b.y))).toEqual([
      [60, 160],
      [30, 45],
    ]);
    const high = flow([block(20, { keep: true }), block(300)], room);
    expect(high.flat()).toHaveLength(2);
  });

  it('move a short exercise to the next page whole, and split a long one between its lines', () => {
    const lines = (n: number, part: number) => Array.from({ length: n }, () => block(30, { part }));
    const pages = flow([...lines(5, 0), ...lines(3, 1)], room);
    expect(pages.map((p) => p.length)).toEqual([5, 3]);
    expect(flow(lines(12, 0), room).map((p) => p.length)).toEqual([7, 5]);
  });

  it.each(
    KIND_IDS.flatMap(
      (kind) =>
        [
          [kind, 'A4', 2, false],
          [kind, 'Letter', 8, false],
          [kind, 'Letter', 4, true],
        ] as const,
    ),
  )(
    '%s fits %s at %s mm (large: %s), nothing beyond the margins',
    (kind, paper, staffSpace, large) => {
      const spec = sheet([newSection(kind, 's')], {
        positions: [...POSITIONS, ...at('treble', 1, 2, 7), ...at('bass', 1, 7)],
        paper,
        staffSpace,
        large,
        instrument: 'violin',
      });
      const pages = sheetPages(spec, composed(spec), { code: '7K4QX3-1', key: true });
      const { width, height } = PAPERS[paper];
      for (const page of pages) {
        const box = boxOf(pageSvg(page));
        expect(box.left).toBeGreaterThanOrEqual(MARGIN - 6);
        expect(box.right).toBeLessThanOrEqual(width - MARGIN + 1.5);
        expect(box.bottom).toBeLessThanOrEqual(height - MARGIN + 4.1);
      }
    },
  );

  it('print every note once, with its ledger lines', () => {
    const spec = naming(60);
    const all = sheetPages(spec, composed(spec), { code: 'X' })
      .map((p) => pageSvg(p))
      .join('');
    expect(all.match(/[\uE0A2-\uE0A4]/gu)).toHaveLength(60);
  });

  it('put as many items on a line as asked, and no more than fit', () => {
    const lines = (perLine: number | null) => {
      const spec = sheet([newSection('name-notes', 's', { count: 20, perLine })], {
        positions: at('treble', 0, 1, 2),
      });
      return cellLines(composed(spec)[0]!.figures[0] as CellsFigure, lookOf(spec), perLine);
    };
    expect(lines(4).map((l) => l.cells.length)).toEqual([4, 4, 4, 4, 4]);
    expect(Math.max(...lines(20).map((l) => l.cells.length))).toBeLessThanOrEqual(12);
    expect(lines(null).map((l) => l.first)).toEqual([1, 11]);
  });

  it('shrink, wrap or cut long titles and names, and mark the key as one', () => {
    const long = naming(8, { title: 'A very long title '.repeat(16) });
    const print = { code: 'ABC123-1', student: 'N'.repeat(200), label: 'B' };
    const svg = pageSvg(sheetPages(long, composed(long), print)[0]!);
    expect(svg).toContain('…');
    expect(svg).toContain('ABC123-1');
    expect(svg).toContain('Version B');
    expect(boxOf(svg).right).toBeLessThanOrEqual(210 - MARGIN + 1.5);
    const key = pageSvg(sheetPages(long, composed(long), { ...print, key: true })[0]!);
    expect(key).toContain('Key for');
    expect([...key.matchAll(/font-size="6" font-weight="700"/g)]).toHaveLength(8);
    for (const line of wrapText('word '.repeat(100) + 'x'.repeat(300), 30, 99))
      expect(textWidth(line)).toBeLessThanOrEqual(30);
  });

  it('have the same layout as their key', () => {
    const spec = sheet([newSection('draw-note', 'a'), newSection('words', 'b')]);
    const [sheetSvg, keySvg] = [false, true].map((key) =>
      sheetPages(spec, composed(spec), { code: 'X', key }).map((p) => pageSvg(p)),
    );
    const tops = (svgs: string[]) =>
      svgs.map((s) => [...s.matchAll(/translate\(15 ([\d.]+)\)/g)].map((m) => m[1]));
    expect(tops(keySvg!)).toEqual(tops(sheetSvg!));
    expect(keySvg!.join('').length).toBeGreaterThan(sheetSvg!.join('').length);
  });

  it('carry their code for scanners', () => {
    const { side, dark } = qrOf('7K4QX3-12');
    expect(side).toBe(21);
    // The three finders, and the white round them.
    for (const [r, c] of [
      [0, 0],
      [0, side - 1],
      [side - 1, 0],
    ] as const)
      expect(dark(r, c)).toBe(true);
    expect(dark(7, 7)).toBe(false);
  });

  it('tell a helper how to check each exercise, and the way to each note once', () => {
    const spec = naming(40);
    const pages = wayPages(
      spec,
      composed(spec),
      { method: 'two-sayings', sayings: DEFAULT_SAYINGS },
      { code: 'X' },
    );
    const text = pages.map((p) => pageSvg(p)).join('');
    expect(text.match(/font-size="7" font-weight="700"/g)).toHaveLength(POSITIONS.length);
    expect(text).toContain('How to check');
    expect(text).toContain('Eels');
  });

  it('become a PDF with the same bytes each time', async () => {
    const spec = naming(10, { key: 2 });
    const print = { code: 'X', student: 'Zoë Łuk', key: true };
    const make = () => pagesToPdf(sheetPages(spec, composed(spec), print), 'T');
    const [a, b] = [await make(), await make()];
    expect(a.subarray(0, 5).toString()).toBe('%PDF-');
    expect(a.equals(b)).toBe(true);
  });

  it('become an SVG without fonts', async () => {
    const spec = naming(4);
    const svg = await pageToSvg(sheetPages(spec, composed(spec), { code: 'X' })[0]!);
    expect(svg).toContain('width="210mm"');
    expect(svg).not.toContain('<text');
    expect(svg.match(/<path/g)!.length).toBeGreaterThan(40);
  });
});
