import { CARD_START, type CardSettings, type SetColour } from '../../core/cards';
import type { Paper } from '../../core/sheets';
import { BRASS, FAINT, FELT, INK, MADDER } from '../colors';
import { textWidth, wrapText } from '../fonts';
import { type Page, paperSize } from '../page';
import type { Surface } from '../surface';
import type { Card } from './card';
import { drawSide } from './draw-side';
import { cardCorner, EDGE, type Grid, gridOf } from './grid';

type Layout = Pick<
  CardSettings,
  'perPage' | 'backs' | 'right' | 'down' | 'marks' | 'label' | 'colour'
>;

const COLOURS: Readonly<Record<SetColour, string | null>> = {
  none: null,
  green: FELT,
  ochre: BRASS,
  red: MADDER,
  blue: '#24507a',
  plum: '#6b2f7a',
};

/**
 * Fronts and backs in turn, so that printing on both sides brings each behind its front;
 * or both side by side, to be folded along the dashed line.
 */
export function cardPages(
  cards: readonly Card[],
  paper: Paper,
  layout: Layout = CARD_START,
): Page[] {
  const size = paperSize(paper);
  const grid = gridOf(layout.perPage, layout.backs, size);
  const sides =
    layout.backs === 'fold' ? ([['front', 'back']] as const) : ([['front'], ['back']] as const);
  const pages: Page[] = [];
  for (let from = 0; from < cards.length; from += grid.cards) {
    const group = cards.slice(from, from + grid.cards);
    const number = from / grid.cards + 1;
    for (const shown of sides) {
      const what = shown.length === 2 ? 'to fold' : `${shown[0]}s`;
      pages.push({
        ...size,
        title: `Cards, page ${number}, ${what}: ${group.length} cards`,
        draw(surface) {
          if (layout.marks) drawCutMarks(surface, size, grid, layout.backs === 'fold');
          for (const [i, card] of group.entries()) {
            for (const side of shown) drawCard(surface, card, { i, side, grid, layout });
          }
        },
      });
    }
  }
  return pages;
}

interface At {
  readonly i: number;
  readonly side: 'front' | 'back';
  readonly grid: Grid;
  readonly layout: Layout;
}

function drawCard(surface: Surface, card: Card, { i, side, grid, layout }: At): void {
  const { x, y, turned } = cardCorner(i, side, grid, layout.backs, layout);
  // Half a turn is both axes the other way round.
  surface.at(x, y, turned ? -1 : 1, () => {
    drawSide(surface, card[side], card.foot[side], grid);
    drawLabel(surface, layout, grid);
  });
}

/** The set's colour and name in the lower right corner. */
function drawLabel(surface: Surface, { label, colour }: Layout, { width, height }: Grid): void {
  const fill = COLOURS[colour];
  const size = Math.min(3.2, width / 18);
  const dot = fill ? size * 1.4 : 0;
  const text = wrapText(label, (width * 0.4) / size, 1, 'bold')[0] ?? '';
  const right = width - 5;
  if (text)
    surface.text(text, right, height - 4, { size, weight: 'bold', anchor: 'end', color: INK });
  if (!fill) return;
  const wide = text ? textWidth(text, 'bold') * size + 1 : 0;
  surface.ellipse(right - wide - dot / 2, height - 4 - size * 0.35, dot / 2, dot / 2, { fill });
}

/** Short lines in the margin where to cut, and dashed ones where to fold. */
function drawCutMarks(
  surface: Surface,
  { width, height }: { width: number; height: number },
  grid: Grid,
  fold: boolean,
): void {
  for (let c = 0; c <= grid.columns; c++) {
    const x = EDGE + c * grid.width;
    if (fold && c % 2 === 1) {
      drawFold(surface, x, height);
      continue;
    }
    surface.line(x, EDGE - 6, x, EDGE - 1, 0.2, FAINT);
    surface.line(x, height - EDGE + 1, x, height - EDGE + 6, 0.2, FAINT);
  }
  for (let r = 0; r <= grid.rows; r++) {
    const y = EDGE + r * grid.height;
    surface.line(EDGE - 6, y, EDGE - 1, y, 0.2, FAINT);
    surface.line(width - EDGE + 1, y, width - EDGE + 6, y, 0.2, FAINT);
  }
}

function drawFold(surface: Surface, x: number, height: number): void {
  surface.save();
  surface.setStrokeStyle(FAINT).setLineWidth(0.2).setLineDash([1.5, 1.5]);
  surface
    .beginPath()
    .moveTo(x, EDGE - 6)
    .lineTo(x, height - EDGE + 6)
    .stroke();
  surface.restore();
}
