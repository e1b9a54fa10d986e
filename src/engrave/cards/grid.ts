import type { CardBacks, CardCount } from '../../core/cards';

/** Margin of the card grid in mm: less than a sheet's, so that cards are as large as can be. */
export const EDGE = 10;

/** Columns and rows of each size, on paper that stands. */
const GRIDS: Readonly<Record<CardCount, { columns: number; rows: number }>> = {
  4: { columns: 2, rows: 2 },
  8: { columns: 2, rows: 4 },
  16: { columns: 4, rows: 4 },
};

export interface Grid {
  readonly columns: number;
  readonly rows: number;
  /** Of one card, in mm. */
  readonly width: number;
  readonly height: number;
  /** Cards on a page: half as many when both sides stand beside each other to be folded. */
  readonly cards: number;
}

/** The grid of a page. */
export function gridOf(
  perPage: CardCount,
  backs: CardBacks,
  paper: { width: number; height: number },
): Grid {
  const { columns, rows } = GRIDS[perPage];
  const cards = backs === 'fold' ? (columns * rows) / 2 : columns * rows;
  return {
    columns,
    rows,
    width: (paper.width - 2 * EDGE) / columns,
    height: (paper.height - 2 * EDGE) / rows,
    cards,
  };
}

/** Where a side of a card is drawn: its top left corner in mm, or its bottom right one when turned. */
export interface Corner {
  readonly x: number;
  readonly y: number;
  /** Upside down, so that it is upright when the card is turned over sideways. */
  readonly turned: boolean;
}

/**
 * Corner of a card's side. Turned over the long edge of standing paper, columns change
 * places; over the short edge, rows do, and backs stand upside down. To be folded, the
 * back stands right of its front. `index` counts cards on the page from 0.
 */
export function cardCorner(
  index: number,
  side: 'front' | 'back',
  grid: Grid,
  backs: CardBacks,
  shift: { right: number; down: number } = { right: 0, down: 0 },
): Corner {
  const { columns, rows, width, height } = grid;
  const at = (column: number, row: number) => ({
    x: EDGE + column * width,
    y: EDGE + row * height,
  });
  if (backs === 'fold') {
    const pairs = columns / 2;
    const column = (index % pairs) * 2 + (side === 'front' ? 0 : 1);
    return { ...at(column, Math.floor(index / pairs)), turned: false };
  }
  const column = index % columns;
  const row = Math.floor(index / columns);
  if (side === 'front') return { ...at(column, row), turned: false };
  const { right, down } = shift;
  if (backs === 'long') {
    const { x, y } = at(columns - 1 - column, row);
    return { x: x + right, y: y + down, turned: false };
  }
  const { x, y } = at(column, rows - 1 - row);
  // Right and down as the turned card is seen.
  return { x: x + width - right, y: y + height - down, turned: true };
}
