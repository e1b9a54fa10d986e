/**
 * Makes what the product ships of its fonts: the music font cut down to the glyphs that
 * are drawn, and tables of glyph sizes, so that every machine lays out a page alike.
 * Run again after a change to src/engrave/glyphs.ts: `npx tsx scripts/fonts.ts`.
 */
import { readFileSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import * as fontkit from 'fontkit';
import fontverter from 'fontverter';
import subsetFont from 'subset-font';
import { MUSIC_GLYPHS } from '../src/engrave/glyphs';

const require = createRequire(import.meta.url);
const file = (path: string) => readFileSync(require.resolve(path));
const MUSIC = '@vexflow-fonts/bravura/bravura.otf';
/** Sharp, natural and flat for note names inside text; this face sets them on the baseline like capitals. */
const SIGNS = '@fontsource/dejavu-sans/files/dejavu-sans-latin-400-normal.woff';
const SIGN_TEXT = '♭♮♯';
const TEXT = '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-';

/** The font's licence reserves its name: a changed font must carry another of its own. */
function rename(font: Buffer): Buffer {
  const swap = (encoding: 'latin1' | 'utf16le') => {
    const from = Buffer.from('Bravura', encoding);
    const to = Buffer.from('LucidMu', encoding);
    for (let at = font.indexOf(from); at >= 0; at = font.indexOf(from, at + 1)) {
      // The copyright notice quotes the reserved name and stays as it is.
      const quoted = font.subarray(at - 2, at).includes(0x22);
      if (!quoted) to.copy(font, at);
    }
  };
  swap('latin1');
  // The name table is UTF-16BE; shifted by one byte, the little-endian pattern finds it too.
  swap('utf16le');
  return font;
}

const round = (n: number) => Math.round(n * 1e4) / 1e4;

function musicMetrics() {
  const font = fontkit.create(file(MUSIC)) as fontkit.Font;
  const rows = Object.values(MUSIC_GLYPHS).map((code) => {
    const glyph = font.glyphForCodePoint(code);
    const em = font.unitsPerEm;
    const { minX, minY, maxX, maxY } = glyph.bbox;
    return [code, [glyph.advanceWidth, minX, minY, maxX, maxY].map((n) => round(n / em))];
  });
  return Object.fromEntries(rows);
}

function widths(path: string, keep: (code: number) => boolean): Record<string, number> {
  const font = fontkit.create(file(path)) as fontkit.Font;
  return Object.fromEntries(
    font.characterSet
      .filter(keep)
      .map((code) => [
        String.fromCodePoint(code),
        round(font.glyphForCodePoint(code).advanceWidth / font.unitsPerEm),
      ]),
  );
}

function textMetrics(weight: 400 | 700) {
  const printable = (code: number) => code >= 32;
  return {
    latin: widths(`${TEXT}latin-${weight}-normal.woff`, printable),
    'latin-ext': widths(`${TEXT}latin-ext-${weight}-normal.woff`, printable),
    signs: widths(SIGNS, (code) => SIGN_TEXT.includes(String.fromCodePoint(code))),
  };
}

const text = String.fromCodePoint(...Object.values(MUSIC_GLYPHS));
const sfnt = rename(await subsetFont(file(MUSIC), text, { targetFormat: 'sfnt' }));
writeFileSync('public/fonts/music.woff2', await fontverter.convert(sfnt, 'woff2'));
writeFileSync(
  'public/fonts/signs.woff2',
  await subsetFont(file(SIGNS), SIGN_TEXT, { targetFormat: 'woff2' }),
);
writeFileSync('src/engrave/metrics/music.json', JSON.stringify(musicMetrics()));
writeFileSync(
  'src/engrave/metrics/text.json',
  JSON.stringify({ regular: textMetrics(400), bold: textMetrics(700) }),
);
