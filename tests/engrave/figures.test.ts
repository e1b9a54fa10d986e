import { describe, expect, it } from 'vitest';
import { LETTERS } from '@/core/notation';
import {
  composeSheet,
  type KindId,
  newSection,
  type SectionSpec,
  type SheetSpec,
} from '@/core/sheets';
import { pageSvg, SvgSurface, sheetPages } from '@/engrave';
import { CLEF_STROKES } from '@/engrave/sheet/clef-strokes';
import { drawMarkedHead, LETTER_MARKS } from '@/engrave/sheet/letter-marks';
import { at, BOTH, sheet } from '../helpers/sheets';

/** The pages of one exercise, and of its key, as one text each. */
function printed(
  kind: KindId,
  differs: Partial<SectionSpec> = {},
  rest: Partial<SheetSpec> = {},
): [print: string, key: string] {
  const spec = sheet([newSection(kind, 's', differs)], { title: '', header: [], ...rest });
  const sections = composeSheet(spec, { seed: 'figures' });
  const text = (key: boolean) =>
    sheetPages(spec, sections, { code: 'X', key })
      .map((p) => pageSvg(p))
      .join('');
  return [text(false), text(true)];
}
const heads = (svg: string) => [...svg.matchAll(/[\uE0A2-\uE0A4]/gu)].length;
const FELT = '#1f5c46';

describe('the key of each exercise', () => {
  it('name the notes: letters over the lines, none on the sheet', () => {
    const [print, key] = printed('name-notes', { count: 3 }, { positions: at('treble', 0, 7) });
    expect(print).not.toContain('>E<');
    expect(key.match(/>E</g)).toHaveLength(3);
  });

  it('draw the note: heads in the colour of the key, none on the sheet', () => {
    const [print, key] = printed('draw-note', { count: 5 });
    expect([heads(print), heads(key)]).toEqual([0, 5]);
    const [, every] = printed(
      'draw-note',
      { count: 1, options: { ask: 'every' } },
      { positions: at('treble', 0) },
    );
    expect(heads(every)).toBe(2);
  });

  it('draw it five times: model and pale copies on both, the rest on the key', () => {
    const [print, key] = printed('draw-five', { count: 1, options: { traced: 2, heads: 'whole' } });
    expect([heads(print), heads(key)]).toEqual([3, 6]);
    expect(print).toContain('#b4ae9f');
  });

  it('find the mistakes: wrong labels crossed out on the key only', () => {
    const [print, key] = printed('find-mistakes', { count: 8, options: { share: 'half' } });
    expect(print).not.toContain('#a3262e');
    expect(key.match(/stroke="#a3262e"/g)).toHaveLength(4);
  });

  it('two of a letter: two rings for each group', () => {
    const [print, key] = printed('two-of-a-letter', { count: 3 });
    const rings = (svg: string) =>
      svg.match(/fill="none" stroke="#1f5c46" stroke-width="1.6"/g)?.length ?? 0;
    expect([rings(print), rings(key)]).toEqual([0, 6]);
  });

  it('match: as many lines as notes, to names and to places', () => {
    const [print, key] = printed(
      'match',
      { count: 4 },
      { positions: at('treble', 1, 2, 3, 4, 5), instrument: 'violin' },
    );
    const lines = (svg: string) =>
      svg.match(new RegExp(`stroke="${FELT}" stroke-width="0.5"`, 'g'))?.length ?? 0;
    expect([lines(print), lines(key)]).toEqual([0, 8]);
  });

  it('steps: the motion under both notes, the name under the second', () => {
    const [print, key] = printed('steps', { count: 4 });
    expect(print).not.toMatch(/step up|skip down/);
    expect(key).toMatch(/step up|step down|skip up|skip down|same/);
  });

  it('where: written, shaded, and back to the note', () => {
    const violin = { positions: at('treble', 1, 4, 7), instrument: 'violin' } as const;
    const [print, key] = printed('where', { count: 3 }, violin);
    expect(print).not.toContain('>A1<');
    expect(key).toContain('>A1<');
    const [blank, shaded] = printed('where', { count: 3, options: { way: 'shade' } }, violin);
    expect(heads(blank)).toBe(3);
    expect(shaded.length).toBeGreaterThan(blank.length + 200);
    const [ask, back] = printed('where', { count: 3, options: { way: 'back' } }, violin);
    expect([heads(ask), heads(back)]).toEqual([0, 3]);
  });

  it('dots: numbers over the dots, answers behind the questions', () => {
    const [print, key] = printed('dots', { count: 5 });
    for (const n of [1, 2, 3, 4, 5]) expect(print).toContain(`>Dot ${n}<`);
    // With the word "Key" in the corner.
    expect(key.match(new RegExp(`font-weight="700" fill="${FELT}"`, 'g'))).toHaveLength(6);
  });

  it('colour: empty heads on the sheet, patterns or colours and letters on the key', () => {
    const [print, key] = printed(
      'colour',
      { count: 7 },
      { positions: at('treble', 0, 1, 2, 3, 4, 5, 6), colour: true },
    );
    for (const { colour } of Object.values(LETTER_MARKS)) {
      // Once in the row at the top; on the key once more.
      expect(print.split(colour)).toHaveLength(2);
      expect(key.split(colour)).toHaveLength(3);
    }
    const [grey] = printed('colour', { count: 7 });
    expect(grey).not.toContain(LETTER_MARKS.A.colour);
  });

  it('quiz: time, points and pass mark at the head, parts with their points', () => {
    const [print] = printed('quiz', { count: 9, options: { minutes: 7, pass: 50 } });
    expect(print).toContain('Time: 7 min');
    expect(print).toContain('of 12');
    expect(print).toContain('Passed with 6');
    expect(print).toContain('(6 points)');
  });

  it('blank staves: as many as asked, with or without clefs, and nothing to answer', () => {
    const [print, key] = printed('blank-staves', { count: 3 }, { positions: [] });
    expect(print.match(/\uE050/g)).toHaveLength(3);
    expect(heads(key)).toBe(0);
    const [plain] = printed('blank-staves', { count: 2, options: { staff: 'grand', clef: false } });
    expect(plain).not.toMatch(/[\uE050\uE062]/);
    // The brace is the only curve.
    expect(plain).toMatch(/d="M[^"]*C/);
  });
});

describe('settings of a sheet', () => {
  it('large print makes letters, staves and room larger', () => {
    const size = (svg: string) =>
      Math.max(...[...svg.matchAll(/font-size="([\d.]+)"/g)].map((m) => Number(m[1])));
    const [usual] = printed('draw-note', { count: 4 }, { title: 'T' });
    const [large] = printed('draw-note', { count: 4 }, { title: 'T', large: true });
    expect(size(large)).toBeGreaterThanOrEqual(size(usual));
    const scale = (svg: string) => Number(/scale\(([\d.]+)\)/.exec(svg)![1]);
    expect(scale(large)).toBeCloseTo(scale(usual) * 1.4, 2);
  });

  it('letters stand in the heads that are asked for', () => {
    const [all] = printed(
      'name-notes',
      { count: 4 },
      { headLetters: 'all', positions: at('bass', 3) },
    );
    expect(all.match(/>C</g)).toHaveLength(4);
  });

  it('a sheet with a strip, versions and a student says so', () => {
    const spec = sheet([newSection('name-notes', 's', { count: 4 })]);
    const print = { code: 'X', strip: ['Treble lines: Eels'], label: 'C', student: 'Wren' };
    const svg = pageSvg(sheetPages(spec, composeSheet(spec, { seed: 's' }), print)[0]!);
    for (const text of ['Treble lines: Eels', 'Version C', '>Wren<']) expect(svg).toContain(text);
  });

  it('an exercise that has nothing to ask takes no room, and the others are numbered on', () => {
    const sections = [
      newSection('name-notes', 'a', { count: 2 }),
      newSection('where', 'b'),
      newSection('dots', 'c', { count: 2 }),
    ];
    const spec = sheet(sections, { positions: BOTH });
    const svg = pageSvg(sheetPages(spec, composeSheet(spec, { seed: 's' }), { code: 'X' })[0]!);
    expect(svg).not.toContain('where it is played');
    expect(svg).toMatch(/font-weight="700" fill="#1f5c46">2</);
    expect(svg).not.toMatch(/font-weight="700" fill="#1f5c46">3</);
  });
});

describe('marks of letters', () => {
  it('differ in colour and in pattern', () => {
    const marks = LETTERS.map((l) => LETTER_MARKS[l]);
    for (const part of ['colour', 'pattern', 'word'] as const) {
      expect(new Set(marks.map((m) => m[part])).size).toBe(7);
    }
  });

  it('differ in lightness too, for those who see few colours', () => {
    const light = LETTERS.map((l) => {
      const [r, g, b] = LETTER_MARKS[l].colour
        .match(/[0-9a-f]{2}/g)!
        .map((h) => Number.parseInt(h, 16) / 255);
      return 0.2126 * r! ** 2.2 + 0.7152 * g! ** 2.2 + 0.0722 * b! ** 2.2;
    }).sort((a, b) => a - b);
    for (let i = 1; i < light.length; i++) expect(light[i]! / light[i - 1]!).toBeGreaterThan(1.1);
  });

  it('fill a head without crossing its edge', () => {
    for (const letter of LETTERS) {
      const surface = new SvgSurface();
      drawMarkedHead(surface, 0, 0, letter, false);
      const lines = [
        ...surface.toSvg(1, 1).matchAll(/d="M([-\d.]+) ([-\d.]+)L([-\d.]+) ([-\d.]+)"/g),
      ];
      for (const [, ...n] of lines) {
        for (const [x, y] of [n.slice(0, 2), n.slice(2)].map((p) => p.map(Number))) {
          expect((x! / 9) ** 2 + (y! / 6.6) ** 2).toBeLessThanOrEqual(1.01);
        }
      }
    }
  });
});

describe('clefs stroke by stroke', () => {
  const last = (clef: 'treble' | 'bass', i: number) =>
    CLEF_STROKES[clef][i]!.curves.at(-1)!.slice(4);

  it('treble: a tall stroke with a hook, a bowl, a spiral that ends round line 2', () => {
    const [tall, bowl, spiral] = CLEF_STROKES.treble;
    expect(tall!.from[1]).toBeLessThan(0);
    expect(last('treble', 0)[1]!).toBeGreaterThan(40);
    expect(bowl!.from).toEqual(tall!.from);
    expect(spiral!.from).toEqual(last('treble', 1));
    // Line 2 is at 30: the spiral goes below and above it.
    const ys = spiral!.curves.map((c) => c[5]);
    expect(Math.max(...ys)).toBeGreaterThan(35);
    expect(Math.min(...ys)).toBeLessThan(25);
  });

  it('bass: a dot on line 4, a curve that touches line 5 and ends past line 2, dots in spaces 3 and 4', () => {
    const [dot, curve, dots] = CLEF_STROKES.bass;
    expect(dot!.dots![0]![1]).toBe(10);
    expect(curve!.curves.some((c) => c[5] === 0)).toBe(true);
    expect(last('bass', 1)[1]!).toBeGreaterThan(30);
    expect(dots!.dots!.map(([, y]) => y)).toEqual([5, 15]);
  });
});
