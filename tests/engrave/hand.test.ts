import { describe, expect, it } from 'vitest';
import { DEFAULT_SAYINGS, type FADES } from '@/core/sayings';
import {
  diagramSvg,
  FELT,
  type Hand,
  handDiagram,
  handLabels,
  handPage,
  handPlace,
  handTitle,
  MADDER,
  POSTER_PAPERS,
  type Poster,
  pageSvg,
  posterPage,
} from '@/engrave';

const hand = (side: Hand, marks: Parameters<typeof handDiagram>[0]['marks'] = {}) =>
  handDiagram({ hand: side, clef: 'treble', marks });

describe('the hand as a staff', () => {
  it('counts from the little finger up: fingers are lines, gaps are spaces', () => {
    expect([0, 2, 4, 6, 8].map(handPlace)).toEqual([
      'little finger',
      'ring finger',
      'middle finger',
      'first finger',
      'thumb',
    ]);
    expect(handPlace(1)).toBe('gap above the little finger');
    expect(handPlace(7)).toBe('gap above the first finger');
    const y = (step: number) => hand('left').spots[step]!.y;
    for (let step = 1; step <= 8; step++) expect(y(step)).toBeLessThan(y(step - 1));
  });

  it('points to the right with the left hand and to the left with the right hand', () => {
    const x = (side: Hand) => hand(side).spots[0]!.x / hand(side).width;
    expect(x('left')).toBeGreaterThan(0.5);
    expect(x('right')).toBeLessThan(0.5);
    expect(x('left') + x('right')).toBeCloseTo(1);
  });

  it('shows what is asked, right and wrong, and says it without the name', () => {
    const svg = (marks: Parameters<typeof handDiagram>[0]['marks']) =>
      diagramSvg(hand('left', marks), [], '');
    expect(svg({})).not.toContain(FELT);
    expect(svg({ 2: 'right' })).toContain(FELT);
    expect(svg({ 3: 'wrong' })).toContain(MADDER);
    const title = handTitle({ hand: 'left', clef: 'treble', marks: { 3: 'asked' } });
    expect(title).toBe('The left hand as a staff. gap above the ring finger');
    const told = handTitle({ hand: 'right', clef: 'bass', labels: { 0: 'G' } });
    expect(told).toContain('little finger, line 1: G');
  });

  it('fades from words to letters, numbers and nothing', () => {
    const on = (fade: (typeof FADES)[number]) => {
      const labels = handLabels(DEFAULT_SAYINGS, 'bass', fade);
      return [labels[0], labels[1], labels[8]];
    };
    expect(on('sentence')).toEqual(['G · Giant', 'A · Ants', 'A · Acorns']);
    expect(on('letters')).toEqual(['G', 'A', 'A']);
    expect(on('numbers')).toEqual(['1', '1', '5']);
    expect(on('none')).toEqual(['', '', '']);
  });

  it('is a handout on every paper, left or right', () => {
    for (const paper of ['A4', 'A3', 'Letter'] as const) {
      for (const side of ['left', 'right'] as const) {
        const page = handPage({
          sayings: DEFAULT_SAYINGS,
          clef: 'treble',
          hand: side,
          fade: 'sentence',
          paper,
          owner: 'Monday',
        });
        expect([page.width, page.height]).toEqual([
          POSTER_PAPERS[paper].width,
          POSTER_PAPERS[paper].height,
        ]);
        expect(pageSvg(page)).toContain(`My ${side} hand is a staff: treble clef`);
      }
    }
  });
});

describe('wall posters', () => {
  const poster = (part: Partial<Poster>) =>
    pageSvg(
      posterPage({
        sayings: DEFAULT_SAYINGS,
        clefs: ['treble', 'bass'],
        fade: 'sentence',
        paper: 'A4',
        owner: 'Monday keys',
        ...part,
      }),
    );
  const texts = (svg: string) => [...svg.matchAll(/>([^<>]+)<\/text>/g)].map((m) => m[1]);

  it('show the words of each clef under their notes', () => {
    const both = texts(poster({}));
    for (const word of ['Eels', 'Ferries', 'Ants', 'Acorns']) expect(both).toContain(word);
    expect(texts(poster({ clefs: ['bass'] }))).not.toContain('Eels');
    expect(both).toContain('Monday keys');
  });

  it('keep the letters when the words fade', () => {
    const faded = texts(poster({ fade: 'none' }));
    expect(faded).not.toContain('Eels');
    expect(faded.filter((t) => t === 'E')).toHaveLength(3);
    expect(texts(poster({ fade: 'numbers' })).filter((t) => t === '5')).toHaveLength(2);
  });

  it('never let a long word run into the next', () => {
    const long = {
      ...DEFAULT_SAYINGS.treble,
      lines: ['E', 'G', 'B', 'D', 'F'].map((l) => l + 'm'.repeat(19)),
    };
    const svg = poster({ sayings: { ...DEFAULT_SAYINGS, treble: long } });
    const size = (word: string) =>
      Number(new RegExp(`font-size="([\\d.]+)"[^>]*>${word}<`).exec(svg)![1]);
    expect(size(`E${'m'.repeat(19)}`)).toBeLessThan(size('Giant') / 2);
  });
});
