import { CLEFS, type ClefId, type KeySignature } from '../core/notation';
import { type Fade, faded, type SayingPart, type SayingSet, sayingLetters } from '../core/sayings';
import { FAINT, FELT, INK } from './colors';
import { fitDiagram } from './diagrams';
import { textWidth } from './fonts';
import { type Hand, handDiagram } from './hand';
import type { Page } from './page';
import { drawStaff, leadWidth, SPACE } from './staff';
import type { Surface } from './surface';

/** Papers of wall posters, lying, in millimetres. Source: ISO 216 and ANSI/ASME Y14.1. */
export const POSTER_PAPERS = {
  A4: { width: 297, height: 210 },
  A3: { width: 420, height: 297 },
  Letter: { width: 279.4, height: 215.9 },
} as const;
export type PosterPaper = keyof typeof POSTER_PAPERS;

export interface Poster {
  readonly sayings: SayingSet;
  /** One clef, or treble above bass. */
  readonly clefs: readonly ClefId[];
  readonly fade: Fade;
  readonly paper: PosterPaper;
  /** Group or student, small at the foot. */
  readonly owner: string;
}

const KEY: KeySignature = 0;
const PARTS: readonly SayingPart[] = ['lines', 'spaces'];

/** A wall poster: lines and spaces of each clef with their letters and words, large. */
export function posterPage({ sayings, clefs, fade, paper, owner }: Poster): Page {
  const { width, height } = POSTER_PAPERS[paper];
  const rows = clefs.flatMap((clef) => PARTS.map((part) => ({ clef, part })));
  const margin = height * 0.06;
  const rowHeight = (height - 2 * margin - 8) / rows.length;
  const names = clefs.map((c) => CLEFS[c].name).join(' and ');
  return {
    width,
    height,
    title: `Poster of the sayings, ${names}`,
    draw(surface) {
      for (const [i, row] of rows.entries()) {
        surface.at(margin, margin + i * rowHeight, 1, () =>
          drawRow(surface, row, sayings[row.clef][row.part], fade, {
            width: width - 2 * margin,
            height: rowHeight,
          }),
        );
      }
      surface.text(owner, margin, height - margin + 4, { size: 4, color: FAINT });
    },
  };
}

/** One saying: its notes on a staff, the letters under them, the words under those. */
function drawRow(
  surface: Surface,
  { clef, part }: { clef: ClefId; part: SayingPart },
  words: readonly string[],
  fade: Fade,
  box: { width: number; height: number },
): void {
  const letters = sayingLetters(clef, part);
  const shown = faded(words, letters, fade);
  const first = part === 'lines' ? 0 : 1;
  const lead = leadWidth(clef, KEY);
  // The staff takes half the height of the row, its letters and words the rest.
  const scale = (box.height * 0.42) / (4 * SPACE);
  const units = box.width / scale;
  const gap = (units - lead) / letters.length;
  const notes = letters.map((_, i) => ({ step: first + 2 * i, x: lead + gap * (i + 0.5) }));
  const top = box.height * 0.1;
  surface.at(0, top, scale, () => drawStaff(surface, { clef, key: KEY, width: units, notes }));
  const letterSize = box.height * 0.17;
  const letterY = top + 4 * SPACE * scale + letterSize * 1.15;
  const longest = Math.max(1, ...shown.map((w) => textWidth(w, 'bold')));
  const wordSize = Math.min(box.height * 0.15, (gap * scale * 0.94) / longest);
  for (const [i, letter] of letters.entries()) {
    const x = notes[i]!.x * scale;
    const style = { weight: 'bold', anchor: 'middle' } as const;
    surface.text(letter, x, letterY, { ...style, size: letterSize, color: INK });
    const word = shown[i]!;
    if (word === '' || word === letter) continue;
    surface.text(word, x, letterY + wordSize * 1.35, { ...style, size: wordSize, color: FELT });
  }
}

export interface HandHandout {
  readonly sayings: SayingSet;
  readonly clef: ClefId;
  readonly hand: Hand;
  readonly fade: Fade;
  readonly paper: PosterPaper;
  readonly owner: string;
}

/** The hand as a staff, as a handout: fingers are lines, gaps are spaces. */
export function handPage({ sayings, clef, hand, fade, paper, owner }: HandHandout): Page {
  const { width, height } = POSTER_PAPERS[paper];
  const margin = height * 0.07;
  const diagram = handDiagram({ hand, clef, labels: handLabels(sayings, clef, fade) });
  return {
    width,
    height,
    title: `The ${hand} hand as a staff, ${CLEFS[clef].name}`,
    draw(surface) {
      const heading = `My ${hand} hand is a staff: ${CLEFS[clef].name}`;
      surface.text(heading, margin, margin + 6, { size: 9, weight: 'bold', color: INK });
      const help =
        'Palm towards you, thumb on top. Fingers are lines, gaps are spaces. Count from the little finger.';
      surface.text(help, margin, margin + 15, { size: 5, color: FELT });
      const box = { width: width - 2 * margin, height: height - 2 * margin - 26 };
      surface.at(margin, margin + 20, 1, () => fitDiagram(surface, diagram, [], box));
      surface.text(owner, margin, height - margin + 4, { size: 4, color: FAINT });
    },
  };
}

/** What stands on each finger and in each gap: letter, and word or number by the fade. */
export function handLabels(
  sayings: SayingSet,
  clef: ClefId,
  fade: Fade,
): Readonly<Record<number, string>> {
  const labels: Record<number, string> = {};
  for (const part of PARTS) {
    const letters = sayingLetters(clef, part);
    const shown = faded(sayings[clef][part], letters, fade);
    for (const [i, text] of shown.entries()) {
      labels[(part === 'lines' ? 0 : 1) + 2 * i] =
        text.length > 1 ? `${letters[i]} · ${text}` : text;
    }
  }
  return labels;
}
