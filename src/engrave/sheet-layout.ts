import type { ClefId } from '../core/notation';
import type { SheetItem, SheetSpec } from '../core/sheets';
import { MARGIN, paperSize } from './page';
import { leadWidth, SPACE } from './staff';

/** Figures of the layout in millimetres; room for small hands to write a capital under each note. */
const ROOM = {
  /** Least width for one note and its answer. */
  item: 14,
  /** Least width in staff spaces, so that heads never crowd. */
  itemSpaces: 5,
  /** Height of the writing space under the lowest note. */
  write: 10,
  /** Air above the highest note. */
  above: 3,
  /** Between two systems. */
  between: 5,
  header: 14,
  footer: 8,
} as const;

/** One line of a sheet: notes of one clef with its place on the page. */
export interface SystemBox {
  readonly clef: ClefId;
  readonly items: readonly SheetItem[];
  /** Number of its first item, from 1. */
  readonly first: number;
  /** Top staff line, mm from the top of the page. */
  readonly y: number;
  readonly width: number;
  /** Baseline of the answers, mm under the top staff line. */
  readonly answerDrop: number;
}

export interface SheetLayout {
  readonly pages: readonly (readonly SystemBox[])[];
  readonly itemsPerLine: number;
  /** Where the staves begin on the first page. */
  readonly top: number;
}

/**
 * Places the items: as many on a line as leave room to write, a new line where the clef
 * changes, and as many lines on a page as fit, never a cut staff. `head` is the height in
 * mm that title and instructions take on the first page.
 */
export function layoutSheet(
  spec: SheetSpec,
  items: readonly SheetItem[],
  head: number,
): SheetLayout {
  const { width, height } = paperSize(spec.paper);
  const usable = width - 2 * MARGIN;
  const space = spec.staffSpace;
  const lead = (leadWidth('treble', spec.key) / SPACE) * space;
  const itemWidth = Math.max(ROOM.item, ROOM.itemSpaces * space);
  const itemsPerLine = Math.max(1, Math.floor((usable - lead) / itemWidth));
  const above = rise(items, space);
  const answerDrop = 4 * space + fall(items, space) + ROOM.write;
  const systemHeight = above + answerDrop + ROOM.between;
  const bottom = height - MARGIN - ROOM.footer;
  const top = MARGIN + ROOM.header + head;
  const pages: SystemBox[][] = [[]];
  let y = top;
  let first = 1;
  for (const { line, slots } of lines(items, itemsPerLine)) {
    if (y + systemHeight > bottom && pages.at(-1)!.length > 0) {
      pages.push([]);
      y = MARGIN + ROOM.header;
    }
    pages.at(-1)!.push({
      clef: line[0]!.clef,
      items: line,
      first,
      y: y + above,
      width: lead + (usable - lead) * (line.length / slots),
      answerDrop,
    });
    first += line.length;
    y += systemHeight;
  }
  return { pages, itemsPerLine, top };
}

/**
 * Breaks each clef's items into lines of about the same number, so that no note stands
 * alone on the last. `slots` is how many notes the full width holds, the same on all.
 */
function lines(items: readonly SheetItem[], perLine: number) {
  const blocks: SheetItem[][] = [];
  for (const item of items) {
    const block = blocks.at(-1);
    if (block?.[0]?.clef === item.clef) block.push(item);
    else blocks.push([item]);
  }
  const each = blocks.map((b) => Math.ceil(b.length / Math.ceil(b.length / perLine)));
  const full = each.filter((_, i) => blocks[i]!.length > perLine);
  const slots = full.length > 0 ? Math.max(...each) : perLine;
  return blocks.flatMap((block, b) =>
    Array.from({ length: Math.ceil(block.length / each[b]!) }, (_, i) => ({
      line: block.slice(i * each[b]!, (i + 1) * each[b]!),
      slots,
    })),
  );
}

/** Room above the top line: for the clef, or the highest note. */
function rise(items: readonly SheetItem[], space: number): number {
  const highest = Math.max(...items.map((i) => i.step), 10);
  return ((highest - 8) / 2) * space + ROOM.above;
}

/** Room under the bottom line: for the clef, or the lowest note. */
function fall(items: readonly SheetItem[], space: number): number {
  const lowest = Math.min(...items.map((i) => i.step), -2);
  return (-lowest / 2) * space;
}
