import { Element } from 'vexflow/core';
import music from './metrics/music.json';

/** Advance, then box (left, bottom, right, top), in em, by code point. */
const GLYPHS = music as unknown as Record<string, [number, number, number, number, number]>;

export interface MusicMeasure {
  readonly width: number;
  readonly actualBoundingBoxLeft: number;
  readonly actualBoundingBoxRight: number;
  readonly actualBoundingBoxAscent: number;
  readonly actualBoundingBoxDescent: number;
}

const NOTHING: MusicMeasure = {
  width: 0,
  actualBoundingBoxLeft: 0,
  actualBoundingBoxRight: 0,
  actualBoundingBoxAscent: 0,
  actualBoundingBoxDescent: 0,
};

/** Size of a string of music glyphs at a font size, in the font size's unit. Unknown glyphs measure nothing. */
export function measureMusic(text: string, size: number): MusicMeasure {
  let total = NOTHING;
  for (const char of text) {
    const glyph = GLYPHS[char.codePointAt(0)!];
    if (!glyph) continue;
    const [advance, left, bottom, right, top] = glyph;
    total = {
      width: total.width + advance * size,
      actualBoundingBoxLeft: Math.max(total.actualBoundingBoxLeft, -left * size),
      actualBoundingBoxRight: total.width + right * size,
      actualBoundingBoxAscent: Math.max(total.actualBoundingBoxAscent, top * size),
      actualBoundingBoxDescent: Math.max(total.actualBoundingBoxDescent, -bottom * size),
    };
  }
  return total;
}

/**
 * VexFlow measures through a canvas. Ours answers from the shipped table, so that a page
 * comes out the same in every browser, in a worker and on the server, with no font loaded.
 */
const ruler = {
  font: '30pt Bravura',
  measureText(text: string): MusicMeasure {
    const points = /([\d.]+)pt/.exec(this.font);
    const pixels = /([\d.]+)px/.exec(this.font);
    const size = points ? (Number(points[1]) * 4) / 3 : Number(pixels?.[1] ?? 40);
    return measureMusic(text, size);
  },
};

Element.setTextMeasurementCanvas({ getContext: () => ruler } as unknown as HTMLCanvasElement);
