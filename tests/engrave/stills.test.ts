import { describe, expect, it } from 'vitest';
import type { Mark } from '@/core/methods';
import { LETTERS, type StaffPosition } from '@/core/notation';
import { drawLetterPicture, FELT, notePicture, noteSvg, SvgSurface } from '@/engrave';

const COUNTED: readonly Mark[] = [
  { step: 1, role: 'count', label: 'Foxes' },
  { step: 3, role: 'count', label: 'Ask' },
];
const at = (step: number): StaffPosition => ({ clef: 'treble', step });

function draw(picture: ReturnType<typeof notePicture>): string {
  const surface = new SvgSurface();
  picture.draw(surface);
  return surface.toSvg(picture.width, picture.height);
}

describe('a still picture of a way', () => {
  it('shows each word on its own step', () => {
    const svg = draw(notePicture({ position: at(3), marks: COUNTED, compact: true }));
    const y = (word: string) => Number(new RegExp(`y="([\\d.]+)"[^>]*>${word}<`).exec(svg)![1]);
    expect(y('Ask')).toBeLessThan(y('Foxes'));
  });

  it('is of one size on a page, with labels and without', () => {
    const labelled = notePicture({ position: at(3), marks: COUNTED, compact: true });
    const plain = notePicture({ position: at(2), compact: true });
    expect([plain.width, plain.height]).toEqual([labelled.width, labelled.height]);
    const screen = notePicture({ position: at(3) });
    expect(screen.width).toBeLessThan(notePicture({ position: at(3), marks: COUNTED }).width);
    expect(plain.height).toBeLessThan(screen.height);
  });

  it('has room for ledger lines and for marks far from the note', () => {
    const high = notePicture({ position: at(14), compact: true });
    expect(high.height).toBeGreaterThan(notePicture({ position: at(4), compact: true }).height);
    const far: Mark[] = [{ step: -6, role: 'known', label: 'F' }];
    const low = notePicture({ position: at(4), marks: far, compact: true });
    expect(low.height).toBeGreaterThan(notePicture({ position: at(4), compact: true }).height);
  });

  it('lets neighbouring labels stand side by side', () => {
    const path: Mark[] = [4, 5, 6].map((step) => ({ step, role: 'path', label: `L${step}` }));
    const svg = draw(notePicture({ position: at(6), marks: path }));
    const x = (label: string) => Number(new RegExp(`x="([\\d.]+)"[^>]*>${label}<`).exec(svg)![1]);
    expect(x('L4')).toBe(x('L6'));
    expect(x('L5')).toBeGreaterThan(x('L4'));
  });

  it('names the place and never the letter to screen readers', () => {
    expect(noteSvg({ position: at(3), marks: COUNTED })).toContain(
      'aria-label="treble clef, note in space 2"',
    );
  });
});

describe('the pictures of the letters', () => {
  it.each(LETTERS)('%s is drawn inside its box', (letter) => {
    const surface = new SvgSurface();
    drawLetterPicture(surface, letter, 0, 0, 24);
    const svg = surface.toSvg(24, 24);
    const lines = [...svg.matchAll(/d="([^"]+)"/g)].map((m) => m[1]!);
    expect(lines.length).toBeGreaterThan(0);
    for (const n of lines
      .join(' ')
      .match(/[\d.]+/g)!
      .map(Number)) {
      expect(n).toBeGreaterThanOrEqual(0);
      expect(n).toBeLessThanOrEqual(24);
    }
    expect(svg).toContain(FELT);
  });
});
