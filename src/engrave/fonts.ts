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

/** Width of a text in em (1 = the font size). */
export function textWidth(content: string, weight: TextWeight = 'regular'): number {
  let width = 0;
  for (const char of content) {
    width += TABLES[weight][subsetOf(char, weight)][char] ?? UNKNOWN;
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
    const subset = subsetOf(char, weight);
    const width = TABLES[weight][subset][char] ?? UNKNOWN;
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
  const words = content
    .split(/\s+/)
    .filter(Boolean)
    .flatMap((w) => cutWord(w, width, weight));
  for (const word of words) {
    const longer = line ? `${line} ${word}` : word;
    if (textWidth(longer, weight) <= width) line = longer;
    else {
      lines.push(line);
      line = word;
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
  const pieces: string[] = [];
  let piece = '';
  for (const char of word) {
    if (piece && textWidth(piece + char, weight) > width) {
      pieces.push(piece);
      piece = '';
    }
    piece += char;
  }
  return [...pieces, piece];
}
