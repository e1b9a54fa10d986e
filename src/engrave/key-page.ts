import { type ExplainOptions, explain } from '../core/methods';
import { comparePositions, describePosition, positionId } from '../core/notation';
import type { SheetItem, SheetSpec } from '../core/sheets';
import { FELT, INK } from './colors';
import { wrapText } from './fonts';
import { displayName } from './names';
import { MARGIN, type Page, paperSize } from './page';
import { drawFooter, type SheetPrint } from './sheet-page';
import type { Surface } from './surface';

const SIZE = { title: 5, text: 3.4, letter: 7 } as const;
const LETTER_COLUMN = 14;
const LINE = SIZE.text * 1.4;

interface Row {
  readonly answer: string;
  readonly lines: readonly string[];
}

/**
 * Pages for whoever marks: for each note on the sheet its name and the way to it by the
 * group's method, so that a helper who reads no music can check.
 */
export function wayPages(
  spec: SheetSpec,
  items: readonly SheetItem[],
  options: ExplainOptions,
  print: SheetPrint,
): Page[] {
  const { width, height } = paperSize(spec.paper);
  const textWidth = (width - 2 * MARGIN - LETTER_COLUMN) / SIZE.text;
  const rows = distinct(items).map((item): Row => {
    const way = explain(item, {
      ...options,
      key: spec.key,
      naming: spec.naming,
      terms: spec.terms,
    });
    const text = way.map((s) => s.say).join(' ');
    const where = describePosition(item, spec.terms);
    return {
      answer: displayName(item.answer, spec.naming, spec.key),
      lines: [where, ...wrapText(text, textWidth, 5)],
    };
  });
  const pages = paginate(rows, height - 2 * MARGIN - 22);
  return pages.map((pageRows, i) => ({
    width,
    height,
    title: `How to check sheet ${print.code}, page ${i + 1} of ${pages.length}`,
    draw(surface) {
      surface.text('How to check each note', MARGIN, MARGIN + 6, {
        size: SIZE.title,
        weight: 'bold',
        color: FELT,
      });
      drawRows(surface, pageRows);
      drawFooter(surface, print, 'the way to each answer', { width, height });
    },
  }));
}

function distinct(items: readonly SheetItem[]): SheetItem[] {
  return [...new Map(items.map((item) => [positionId(item), item])).values()].sort((a, b) =>
    a.clef === b.clef ? comparePositions(a, b) : a.clef === 'treble' ? -1 : 1,
  );
}

const rowHeight = (row: Row) => row.lines.length * LINE + 3;

function paginate(rows: readonly Row[], room: number): Row[][] {
  const pages: Row[][] = [[]];
  let used = 0;
  for (const row of rows) {
    if (used + rowHeight(row) > room && pages.at(-1)!.length > 0) {
      pages.push([]);
      used = 0;
    }
    pages.at(-1)!.push(row);
    used += rowHeight(row);
  }
  return pages;
}

function drawRows(surface: Surface, rows: readonly Row[]): void {
  let y = MARGIN + 14;
  for (const row of rows) {
    surface.text(row.answer, MARGIN, y + SIZE.letter * 0.75, {
      size: SIZE.letter,
      weight: 'bold',
      color: FELT,
    });
    for (const [i, line] of row.lines.entries()) {
      surface.text(line, MARGIN + LETTER_COLUMN, y + SIZE.text + i * LINE, {
        size: SIZE.text,
        weight: i === 0 ? 'bold' : 'regular',
        color: INK,
      });
    }
    y += rowHeight(row);
  }
}
