import { bestPlace, type InstrumentId, type Place } from '../core/instruments';
import { type ExplainOptions, explain } from '../core/methods';
import {
  comparePositions,
  describePosition,
  type Letter,
  pitchAt,
  positionId,
} from '../core/notation';
import type { SheetItem, SheetSpec } from '../core/sheets';
import { FELT, INK } from './colors';
import { drawPlace } from './diagrams';
import { wrapText } from './fonts';
import { drawLetterPicture } from './letter-picture';
import { displayName } from './names';
import { MARGIN, type Page, paperSize } from './page';
import { notePicture } from './picture';
import { drawFooter, type SheetPrint } from './sheet-page';
import type { Surface } from './surface';

const SIZE = { title: 5, text: 3.4, letter: 7 } as const;
const LETTER_COLUMN = 14;
const LINE = SIZE.text * 1.4;

/** Room for one picture of the instrument at the right of a row, in mm. */
const PICTURE = { width: 36, height: 22, gap: 3, text: 2.8 } as const;
/** Most instruments pictured beside a note of a sheet for all. */
const PICTURES = 2;

/** Whose place on the instrument a key shows. */
export interface KeyPlayer {
  readonly instrument: InstrumentId;
  readonly leftHanded: boolean;
}

/** Room for the still picture of the way, left of its words. */
const STILL = { width: 40, height: 21 } as const;

interface Row {
  /** The note with all marks of the way. */
  readonly still: ReturnType<typeof notePicture>;
  readonly answer: string;
  /** In the school of letter pictures. */
  readonly picture: Letter | undefined;
  readonly lines: readonly string[];
  readonly pictures: readonly (KeyPlayer & { readonly place: Place })[];
}

/**
 * Pages for whoever marks: for each note on the sheet its name and the way to it by the
 * group's method, so that a helper who reads no music can check; with the place on the
 * players' instruments when they are given.
 */
export function wayPages(
  spec: SheetSpec,
  items: readonly SheetItem[],
  options: ExplainOptions,
  print: SheetPrint,
  players: readonly KeyPlayer[] = [],
): Page[] {
  const { width, height } = paperSize(spec.paper);
  const shownPlayers = players.slice(0, PICTURES);
  const right = shownPlayers.length * (PICTURE.width + PICTURE.gap);
  const textWidth = (width - 2 * MARGIN - LETTER_COLUMN - STILL.width - 3 - right) / SIZE.text;
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
      still: notePicture({
        position: item,
        key: spec.key,
        marks: way.filter((s) => !s.place).flatMap((s) => s.marks),
        compact: true,
      }),
      picture: way.find((s) => s.picture)?.picture,
      answer: displayName(item.answer, spec.naming, spec.key),
      lines: [...wrapText(where, textWidth, 2, 'bold'), ...wrapText(text, textWidth, 6)],
      pictures: shownPlayers.flatMap((player) => {
        const place = bestPlace(player.instrument, pitchAt(item, spec.key));
        return place ? [{ ...player, place }] : [];
      }),
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
      drawRows(surface, pageRows, width);
      drawFooter(surface, print, 'the way to each answer', { width, height });
    },
  }));
}

function distinct(items: readonly SheetItem[]): SheetItem[] {
  return [...new Map(items.map((item) => [positionId(item), item])).values()].sort((a, b) =>
    a.clef === b.clef ? comparePositions(a, b) : a.clef === 'treble' ? -1 : 1,
  );
}

const rowHeight = (row: Row) =>
  Math.max(
    row.lines.length * LINE,
    STILL.height,
    row.pictures.length > 0 ? PICTURE.height + 7 : 0,
  ) + 3;

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

function drawRows(surface: Surface, rows: readonly Row[], width: number): void {
  let y = MARGIN + 14;
  for (const row of rows) {
    surface.text(row.answer, MARGIN, y + SIZE.letter * 0.75, {
      size: SIZE.letter,
      weight: 'bold',
      color: FELT,
    });
    for (const [i, line] of row.lines.entries()) {
      surface.text(line, MARGIN + LETTER_COLUMN + STILL.width + 3, y + SIZE.text + i * LINE, {
        size: SIZE.text,
        weight: i === 0 ? 'bold' : 'regular',
        color: INK,
      });
    }
    if (row.picture) drawLetterPicture(surface, row.picture, MARGIN, y + 8, 9);
    const { still } = row;
    const scale = Math.min(STILL.width / still.width, STILL.height / still.height);
    surface.at(MARGIN + LETTER_COLUMN, y, scale, () => still.draw(surface));
    for (const [i, one] of row.pictures.entries()) {
      const x = width - MARGIN - (row.pictures.length - i) * (PICTURE.width + PICTURE.gap);
      surface.at(x, y, 1, () => drawPlace(surface, one.instrument, one.place, PICTURE, one));
      const texts = wrapText(one.place.short, PICTURE.width / PICTURE.text, 2);
      for (const [line, text] of texts.entries()) {
        surface.text(text, x + PICTURE.width / 2, y + PICTURE.height + (line + 1) * 3.4, {
          size: PICTURE.text,
          anchor: 'middle',
          color: INK,
        });
      }
    }
    y += rowHeight(row);
  }
}
