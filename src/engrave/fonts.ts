import text from './metrics/text.json';

/** Weight of the text face. */
export type TextWeight = 'regular' | 'bold';

/** Font files that together cover a text: the one that has a character is used for it. */
export type TextSubset = 'latin' | 'latin-ext' | 'signs';

const TABLES = text as Record<TextWeight, Record<TextSubset, Record<string, number>>>;
const SUBSETS: readonly TextSubset[] = ['latin', 'latin-ext', 'signs'];
/** Width used for a character that no shipped font has, in em. */
const UNKNOWN = 0.6;

/** Which font file has a character; `latin` (whose "missing" box then shows) when none has. */
export function subsetOf(char: string, weight: TextWeight): TextSubset {
  return SUBSETS.find((s) => char in TABLES[weight][s]) ?? 'latin';
}

interface Glyph {
  readonly subset: TextSubset;
  readonly width: number;
}

/** Characters that were measured; texts use a few hundred of them over and over. */
const glyphs: Record<TextWeight, Map<string, Glyph>> = { regular: new Map(), bold: new Map() };

function glyphOf(char: string, weight: TextWeight): Glyph {
  let glyph = glyphs[weight].get(char);
  if (!glyph) {
    const subset = subsetOf(char, weight);
    glyph = { subset, width: TABLES[weight][subset][char] ?? UNKNOWN };
    glyphs[weight].set(char, glyph);
  }
  return glyph;
}

/** Width of a text in em (1 = the font size). */
export function textWidth(content: string, weight: TextWeight = 'regular'): number {
  let width = 0;
  for (const char of content) {
    width += glyphOf(char, weight).width;
  }
  return width;
}

/** Splits a text into runs that one font file covers. */
export function textRuns(
  content: string,
  weight: TextWeight,
): { subset: TextSubset; text: string; width: number }[] {
  const runs: { subset: TextSubset; text: string; width: number }[] = [];
  for (const char of content) {
    const { subset, width } = glyphOf(char, weight);
    const last = runs.at(-1);
    if (last?.subset === subset) {
      last.text += char;
      last.width += width;
    } else runs.push({ subset, text: char, width });
  }
  return runs;
}

/**
 * Breaks a text into lines of at most `width` (in em). A word longer than a line is cut.
 * Never more than `maxLines`; the last line then ends with an ellipsis.
 */
export function wrapText(
  content: string,
  width: number,
  maxLines: number,
  weight: TextWeight = 'regular',
): string[] {
  const lines: string[] = [];
  let line = '';
  let used = 0;
  const space = textWidth(' ', weight);
  const words = content
    .split(/\s+/)
    .filter(Boolean)
    .flatMap((w) => cutWord(w, width, weight));
  for (const word of words) {
    const own = textWidth(word, weight);
    if (line && used + space + own <= width) {
      line += ` ${word}`;
      used += space + own;
    } else {
      if (line) lines.push(line);
      line = word;
      used = own;
    }
  }
  if (line) lines.push(line);
  if (lines.length <= maxLines) return lines;
  const kept = lines.slice(0, maxLines);
  let last = kept[maxLines - 1]!;
  while (last && textWidth(`${last}…`, weight) > width) last = last.slice(0, -1);
  kept[maxLines - 1] = `${last}…`;
  return kept;
}

function cutWord(word: string, width: number, weight: TextWeight): string[] {
  if (textWidth(word, weight) <= width) return [word];
  const pieces: string[] = [];
  let piece = '';
  let used = 0;
  for (const char of word) {
    const own = glyphOf(char, weight).width;
    if (piece && used + own > width) {
      pieces.push(piece);
      piece = '';
      used = 0;
    }
    piece += char;
    used += own;
  }
  return [...pieces, piece];
}
