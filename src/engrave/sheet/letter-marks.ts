import type { Letter } from '../../core/notation';
import { INK } from '../colors';
import type { Surface } from '../surface';

/** How a letter's head is filled on paper without colours. */
type Pattern = 'plain' | 'rows' | 'posts' | 'rise' | 'net' | 'spots' | 'full';

/**
 * A colour and a pattern for each letter, our own. The colours differ in lightness as
 * well as in hue, so that colour-blind readers tell them apart (darkest to lightest: D,
 * A, F, C, G, E, B).
 */
export const LETTER_MARKS: Readonly<
  Record<Letter, { colour: string; word: string; pattern: Pattern }>
> = {
  A: { colour: '#6b2f7a', word: 'plum', pattern: 'spots' },
  B: { colour: '#f3e08c', word: 'straw', pattern: 'plain' },
  C: { colour: '#c4622d', word: 'rust', pattern: 'rise' },
  D: { colour: '#1d2f5e', word: 'night blue', pattern: 'full' },
  E: { colour: '#a9c9e8', word: 'sky', pattern: 'rows' },
  F: { colour: '#3f7f57', word: 'moss', pattern: 'posts' },
  G: { colour: '#e08fa6', word: 'rose', pattern: 'net' },
};

/** Half axes of a head that is coloured in: larger than a printed one, for a crayon. */
const HEAD = { rx: 9, ry: 6.6 } as const;

/** A head to be coloured in, in staff units, with its letter's colour or pattern when given. */
export function drawMarkedHead(
  surface: Surface,
  x: number,
  y: number,
  letter: Letter | null,
  colour: boolean,
): void {
  const mark = letter && LETTER_MARKS[letter];
  const full = mark && (colour || mark.pattern === 'full');
  const fill = full ? (colour ? mark.colour : INK) : '#fff';
  surface.ellipse(x, y, HEAD.rx, HEAD.ry, { fill });
  if (mark && !full) drawPattern(surface, mark.pattern, x, y);
  surface.ellipse(x, y, HEAD.rx, HEAD.ry, { stroke: INK, lineWidth: 1.2 });
}

function drawPattern(surface: Surface, pattern: Pattern, x: number, y: number): void {
  if (pattern === 'spots') {
    for (const [dx, dy] of [
      [-5, 0],
      [0, -3.2],
      [0, 3.2],
      [5, 0],
      [0, 0],
    ] as const) {
      surface.ellipse(x + dx, y + dy, 1.1, 1.1, { fill: INK });
    }
  }
  for (const angle of ANGLES[pattern] ?? []) hatch(surface, x, y, angle);
}

const ANGLES: Partial<Record<Pattern, readonly number[]>> = {
  rows: [0],
  posts: [90],
  rise: [45],
  net: [45, 135],
};

/** Parallel chords of the head, at an angle in degrees. */
function hatch(surface: Surface, x: number, y: number, angle: number): void {
  const [ux, uy] = [Math.cos((angle * Math.PI) / 180), -Math.sin((angle * Math.PI) / 180)];
  const { rx, ry } = HEAD;
  for (let offset = -9; offset <= 9; offset += 2.6) {
    // The line p + t·u cuts the ellipse where a·t² + 2b·t + c = 0.
    const [px, py] = [-uy * offset, ux * offset];
    const a = (ux / rx) ** 2 + (uy / ry) ** 2;
    const b = (ux * px) / rx ** 2 + (uy * py) / ry ** 2;
    const c = (px / rx) ** 2 + (py / ry) ** 2 - 1;
    const root = b * b - a * c;
    if (root <= 0) continue;
    const [t1, t2] = [(-b - Math.sqrt(root)) / a, (-b + Math.sqrt(root)) / a];
    surface.line(x + px + t1 * ux, y + py + t1 * uy, x + px + t2 * ux, y + py + t2 * uy, 0.7, INK);
  }
}
