import type { Cell, CellNote, CellRow, CellsFigure } from '../../core/sheets';
import { FAINT, FELT, INK, MADDER } from '../colors';
import { textWidth } from '../fonts';
import { type DrawnNote, drawStaff, leadWidth, SPACE, stepY } from '../staff';
import type { Surface } from '../surface';
import type { Block } from './block';
import { type CellLine, cellLines } from './cell-lines';
import { drawMarkedHead } from './letter-marks';
import type { Look } from './look';

/** Copies to trace: dark enough to follow, light enough to write over. */
const PALE = '#b4ae9f';
/** In mm at ordinary size. */
const ROOM = { above: 3, between: 4.5, print: 7, key: 7.5, mark: 4.5 } as const;

/** The staves of cells, one block a line. */
export function cellBlocks(figure: CellsFigure, look: Look, perLine: number | null): Block[] {
  const sizes = heights(figure, look);
  return cellLines(figure, look, perLine).map((line) => ({
    height: sizes.total,
    draw: (surface, key) => drawLine(surface, { figure, line, look, sizes, key }),
  }));
}

interface Heights {
  /** Top staff line under the block's top. */
  readonly top: number;
  /** Baseline of each row under the top staff line, then of the line under groups. */
  readonly rows: readonly number[];
  readonly total: number;
}

/** The same for all lines of a figure, so that they stand evenly. */
function heights({ cells, spans }: CellsFigure, look: Look): Heights {
  const steps = cells.flatMap((c) => [...c.notes, ...(c.drawn ?? [])].map((n) => n.step));
  const rise = ((Math.max(10, ...steps) - 8) / 2) * look.space + ROOM.above;
  const mark = cells.some((c) => c.mark) ? ROOM.mark * look.scale : 0;
  const top = rise + mark;
  // The lowest head's centre, and half of the head.
  let y = 4 * look.space + ((1 - Math.min(-2, ...steps)) / 2) * look.space;
  const kinds = cells[0]!.rows.map((_, i) => cells.map((c) => c.rows[i]!.kind));
  const rows = kinds.map((kind) => {
    y += rowHeight(kind, look);
    return y;
  });
  if (spans) {
    y += look.write;
    rows.push(y);
  }
  return { top, rows, total: top + y + ROOM.between * look.scale };
}

function rowHeight(kinds: readonly CellRow['kind'][], look: Look): number {
  if (kinds.includes('write')) return look.write;
  return (kinds.includes('print') ? ROOM.print : ROOM.key) * look.scale;
}

interface Line {
  readonly figure: CellsFigure;
  readonly line: CellLine;
  readonly look: Look;
  readonly sizes: Heights;
  readonly key: boolean;
}

function drawLine(surface: Surface, { figure, line, look, sizes, key }: Line): void {
  const scale = look.space / SPACE;
  const { cells, slot } = line;
  const single = figure.single === true;
  const clef = cells[0]!.clef;
  const lead = leadWidth(clef, figure.key) * scale;
  const centre = (i: number) =>
    single
      ? slot * i + leadWidth(cells[i]!.clef, figure.key) * scale + (slot * 0.9 - lead) / 2
      : lead + slot * (i + 0.5);
  const spread = single ? slot * 0.9 - lead : slot;
  surface.at(0, sizes.top, scale, () => {
    const staff = { key: figure.key };
    if (single) {
      cells.forEach((cell, i) => {
        surface.at((slot * i) / scale, 0, 1, () => {
          drawStaff(surface, { ...staff, clef: cell.clef, width: (slot * 0.9) / scale });
        });
      });
    } else {
      drawStaff(surface, { ...staff, clef, width: (lead + slot * cells.length) / scale });
      drawBars(surface, cells, (i) => (lead + slot * (i + 1)) / scale);
    }
    cells.forEach((cell, i) => {
      drawNotes(surface, cell, { x: centre(i) / scale, spread: spread / scale, look, key });
    });
  });
  // Marked cells have numbers of their own.
  const marked = cells[0]!.mark !== undefined && cells[0]!.group === undefined;
  surface.text(marked ? '' : String(line.first), -2, sizes.top + 2 * look.space + 1, {
    size: 3,
    anchor: 'end',
    color: FAINT,
  });
  cells.forEach((cell, i) => {
    cell.rows.forEach((row, r) => {
      drawRow(surface, row, { x: centre(i), y: sizes.top + sizes.rows[r]!, room: slot, look, key });
    });
  });
  if (figure.spans)
    drawSpans(surface, figure.spans, {
      cells,
      lead,
      slot,
      y: sizes.top + sizes.rows.at(-1)!,
      look,
      key,
    });
}

/** A bar line after each group, and a final one after none. */
function drawBars(surface: Surface, cells: readonly Cell[], edge: (i: number) => number): void {
  cells.forEach((cell, i) => {
    if (cell.group === undefined || cells[i + 1]?.group === cell.group) return;
    surface.line(edge(i), 0, edge(i), 4 * SPACE, 1.2, INK);
  });
}

interface At {
  readonly x: number;
  readonly spread: number;
  readonly look: Look;
  readonly key: boolean;
}

function drawNotes(surface: Surface, cell: Cell, { x, spread, look, key }: At): void {
  const drawn = key ? (cell.drawn ?? []) : [];
  const all: (CellNote & { color: string })[] = [
    ...cell.notes.map((n) => ({ ...n, color: n.faint ? PALE : INK })),
    ...drawn.map((n) => ({ ...n, color: FELT })),
  ];
  all.forEach((note, k) => {
    const at = x + spread * ((k + 0.5) / all.length - 0.5) * 0.8;
    drawHead(surface, cell, note, { x: at, look, key });
    if (key && cell.ring)
      surface.ellipse(at, stepY(note.step), 11, 9, { stroke: FELT, lineWidth: 1.6 });
  });
  if (cell.mark) {
    const highest = Math.max(8, ...cell.notes.map((n) => n.step));
    const size = (3.4 * look.scale * SPACE) / look.space;
    surface.text(cell.mark, x, stepY(highest) - 0.9 * SPACE, {
      size,
      anchor: 'middle',
      weight: 'bold',
      color: INK,
    });
  }
}

function drawHead(
  surface: Surface,
  { clef }: Cell,
  note: CellNote & { color: string },
  { x, look, key }: Omit<At, 'spread'>,
): void {
  const { step, head, color } = note;
  if (head === 'open') {
    drawMarkedHead(surface, x, stepY(step), key ? (note.colour ?? null) : null, look.colour);
    drawLedgers(surface, step, x);
    return;
  }
  if (head === 'dot') {
    drawLedgers(surface, step, x);
    surface.ellipse(x, stepY(step), 4.6, 4.6, { fill: color });
    return;
  }
  const plain: DrawnNote = {
    step,
    head,
    color,
    x,
    ...(note.letter ? { letter: note.letter } : {}),
  };
  drawStaff(surface, { clef: null, clefOfNotes: clef, width: 0, notes: [plain] });
}

/** Ledger lines by a note of another shape than a head of music. */
function drawLedgers(surface: Surface, step: number, x: number): void {
  for (let s = 10; s <= step; s += 2) surface.line(x - 11, stepY(s), x + 11, stepY(s), 1.3, INK);
  for (let s = -2; s >= step; s -= 2) surface.line(x - 11, stepY(s), x + 11, stepY(s), 1.3, INK);
}

interface RowAt {
  readonly x: number;
  readonly y: number;
  readonly room: number;
  readonly look: Look;
  readonly key: boolean;
}

function drawRow(surface: Surface, row: CellRow, at: RowAt): void {
  const { x, y, room, look, key } = at;
  if (row.kind === 'none') return;
  if (row.kind === 'print') {
    const size = fitted(row.text, 4.6 * look.scale, room);
    surface.text(row.text, x, y, { size, weight: 'bold', anchor: 'middle', color: INK });
    if (row.wrong && key) {
      surface.line(x - size * 0.6, y - size * 0.1, x + size * 0.6, y - size * 0.6, 0.5, MADDER);
    }
    return;
  }
  if (row.kind === 'write') drawRule(surface, at);
  if (key && row.answer) {
    const size = fitted(row.answer, Math.min(6 * look.scale, look.write * 0.75), room);
    surface.text(row.answer, x, y - 1.4, { size, weight: 'bold', anchor: 'middle', color: FELT });
  }
}

function drawRule(surface: Surface, { x, y, room, look }: RowAt): void {
  const rule = Math.min(Math.max(11 * look.scale, room * 0.55), room * 0.74);
  surface.line(x - rule / 2, y, x + rule / 2, y, 0.3, INK);
}

/** A size at which the text fits its cell. */
function fitted(text: string, size: number, room: number): number {
  return Math.min(size, (room * 0.92) / Math.max(0.1, textWidth(text, 'bold')));
}

interface SpansAt {
  readonly cells: readonly Cell[];
  readonly lead: number;
  readonly slot: number;
  readonly y: number;
  readonly look: Look;
  readonly key: boolean;
}

/** A line under each group, for an answer about all of it. */
function drawSpans(surface: Surface, spans: Readonly<Record<number, string>>, at: SpansAt): void {
  const { cells, lead, slot, y, look, key } = at;
  const groups = new Set(cells.flatMap((c) => (c.group === undefined ? [] : [c.group])));
  for (const group of groups) {
    const from = cells.findIndex((c) => c.group === group);
    const count = cells.filter((c) => c.group === group).length;
    const x = lead + slot * (from + count / 2);
    const room = slot * count;
    surface.line(x - room * 0.42, y, x + room * 0.42, y, 0.3, INK);
    if (!key) continue;
    const text = spans[group] ?? '';
    const size = fitted(text, 4.6 * look.scale, room);
    surface.text(text, x, y - 1.4, { size, weight: 'bold', anchor: 'middle', color: FELT });
  }
}
