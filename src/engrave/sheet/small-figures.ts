import type {
  BlankFigure,
  CaptionFigure,
  LegendFigure,
  QuestionsFigure,
  QuizFigure,
} from '../../core/sheets';
import { FELT, INK } from '../colors';
import { textWidth, wrapText } from '../fonts';
import { drawGrandStaff, GRAND_GAP } from '../grand';
import { drawStaff, SPACE } from '../staff';
import type { Block } from './block';
import { drawMarkedHead } from './letter-marks';
import type { Look } from './look';

/** Least width of a short question with its line, in mm. */
const QUESTION = 42;

/** Short questions in columns, a row a block. */
export function questionBlocks({ items }: QuestionsFigure, look: Look): Block[] {
  const columns = Math.max(1, Math.floor(look.width / (QUESTION * look.scale)));
  const rows = Math.ceil(items.length / columns);
  const column = look.width / columns;
  const size = look.text;
  return Array.from({ length: rows }, (_, r) => ({
    height: Math.max(8 * look.scale, look.write * 0.9),
    draw(surface, key) {
      items.slice(r * columns, (r + 1) * columns).forEach(({ label, answer }, c) => {
        const x = column * c;
        const y = 6 * look.scale;
        const start = x + textWidth(label) * size + 2;
        surface.text(label, x, y, { size, color: INK });
        surface.line(start, y + 0.8, x + column - 5, y + 0.8, 0.3, INK);
        if (key) surface.text(answer, start + 2, y, { size, weight: 'bold', color: FELT });
      });
    },
  }));
}

/** Which colour or pattern stands for which letter. */
export function legendBlock({ letters }: LegendFigure, look: Look): Block {
  const scale = look.space / SPACE;
  const step = Math.min(26 * look.scale, look.width / letters.length);
  return {
    height: 12 * look.scale,
    keep: true,
    draw(surface) {
      letters.forEach(({ letter, name }, i) => {
        const y = 4.5 * look.scale;
        surface.text(name, step * i, y + look.text * 0.36, {
          size: look.text * 1.1,
          weight: 'bold',
          color: INK,
        });
        const x = step * i + textWidth(name, 'bold') * look.text * 1.1 + 2 + 9 * scale;
        surface.at(x, y, scale, () => drawMarkedHead(surface, 0, 0, letter, look.colour));
      });
    },
  };
}

/** Air above the instructions of a part, in mm at ordinary size. */
const CAPTION_AIR = 4;

/** Instructions of a part. */
export function captionBlock({ text }: CaptionFigure, look: Look): Block {
  const size = look.text;
  const top = CAPTION_AIR * look.scale;
  const lines = wrapText(text, look.width / size, 4, 'bold');
  return {
    height: top + lines.length * size * 1.35 + 3,
    keep: true,
    draw(surface) {
      lines.forEach((line, i) => {
        const y = top + (i + 0.9) * size * 1.35;
        surface.text(line, 0, y, { size, weight: 'bold', color: INK });
      });
    },
  };
}

/** Time, points and pass mark, with room for the result. */
export function quizBlock({ minutes, points, pass }: QuizFigure, look: Look): Block {
  const height = 12 * look.scale;
  const texts = [`Time: ${minutes} min`, `Points:  ____ of ${points}`, `Passed with ${pass}`];
  return {
    height: height + 4,
    keep: true,
    draw(surface) {
      surface.box(0, 0, look.width, height, '#eef3ee');
      texts.forEach((text, i) => {
        surface.text(text, 4 + (look.width * i) / 3, height / 2 + look.text * 0.36, {
          size: look.text,
          weight: 'bold',
          color: INK,
        });
      });
    },
  };
}

/** Air under a blank staff in mm: two ledger lines and words. */
const UNDER = 9;

/** Blank staves, each a block. */
export function blankBlocks({ staff, clef, space, count }: BlankFigure, look: Look): Block[] {
  const scale = space / SPACE;
  const high = staff === 'grand' ? GRAND_GAP + 4 * SPACE : 4 * SPACE;
  const above = 1.5 * SPACE;
  return Array.from({ length: count }, () => ({
    height: (above + high + SPACE) * scale + UNDER,
    draw(surface) {
      surface.at(0, above * scale, scale, () => {
        const width = look.width / scale;
        if (staff === 'grand') drawGrandStaff(surface, { width, signs: clef });
        else drawStaff(surface, { clef: clef ? staff : null, width });
      });
    },
  }));
}
