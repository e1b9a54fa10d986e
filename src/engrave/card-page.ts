import { INSTRUMENTS, type InstrumentId, type Place } from '../core/instruments';
import type { Mark } from '../core/methods';
import { type KeySignature, type Letter, placeName, type StaffPosition } from '../core/notation';
import type { Paper } from '../core/sheets';
import { FAINT, INK } from './colors';
import { drawPlace } from './diagrams';
import { wrapText } from './fonts';
import { drawLetterPicture } from './letter-picture';
import { type Page, paperSize } from './page';
import { notePicture } from './picture';
import { drawStaff, leadWidth, SPACE } from './staff';
import type { Surface } from './surface';

/** What stands on one card. */
export interface Card {
  readonly position: StaffPosition;
  readonly key: KeySignature;
  /** The name as printed on the back. */
  readonly name: string;
  /** The saying's word, when there is one. */
  readonly word: string | null;
  readonly place: Place | null;
  /** The way to the name, as marks beside a small staff; empty: not wanted. */
  readonly way: readonly Mark[];
  /** The picture of the letter, in the school that teaches by pictures. */
  readonly picture: Letter | null;
  readonly instrument: InstrumentId;
  readonly leftHanded: boolean;
  /** Student's or group's name, printed small on the front. */
  readonly owner: string;
}

const COLUMNS = 2;
const ROWS = 4;
export const CARDS_PER_PAGE = COLUMNS * ROWS;
/** Margin of the card grid: less than a sheet's, so that cards are as large as can be. */
const EDGE = 10;
/** Millimetres between staff lines on a card. */
const STAFF_SPACE = 4.6;

/**
 * Fronts and backs in turn, eight to a page. Backs are mirrored left to right, so that
 * printing on both sides and turning over the long edge brings each behind its front.
 */
export function cardPages(cards: readonly Card[], paper: Paper): Page[] {
  const { width, height } = paperSize(paper);
  const size = { width: (width - 2 * EDGE) / COLUMNS, height: (height - 2 * EDGE) / ROWS };
  const pages: Page[] = [];
  for (let from = 0; from < cards.length; from += CARDS_PER_PAGE) {
    const group = cards.slice(from, from + CARDS_PER_PAGE);
    const number = from / CARDS_PER_PAGE + 1;
    for (const side of ['front', 'back'] as const) {
      pages.push({
        width,
        height,
        title: `Cards, page ${number}, ${side}s: ${group.length} cards`,
        draw(surface) {
          drawCutMarks(surface, width, height, size);
          for (const [i, card] of group.entries()) {
            const { x, y } = cardCorner(i, side, size);
            surface.at(x, y, 1, () => {
              if (side === 'front') drawFront(surface, card, size);
              else drawBack(surface, card, size);
            });
          }
        },
      });
    }
  }
  return pages;
}

interface CardSize {
  readonly width: number;
  readonly height: number;
}

/** Top left corner of a card in mm; on the back the columns change places. */
export function cardCorner(index: number, side: 'front' | 'back', size: CardSize) {
  const column = index % COLUMNS;
  const seen = side === 'front' ? column : COLUMNS - 1 - column;
  return { x: EDGE + seen * size.width, y: EDGE + Math.floor(index / COLUMNS) * size.height };
}

/** Short lines in the margin where to cut, on both sides alike. */
function drawCutMarks(surface: Surface, width: number, height: number, size: CardSize): void {
  for (let c = 0; c <= COLUMNS; c++) {
    const x = EDGE + c * size.width;
    surface.line(x, EDGE - 6, x, EDGE - 1, 0.2, FAINT);
    surface.line(x, height - EDGE + 1, x, height - EDGE + 6, 0.2, FAINT);
  }
  for (let r = 0; r <= ROWS; r++) {
    const y = EDGE + r * size.height;
    surface.line(EDGE - 6, y, EDGE - 1, y, 0.2, FAINT);
    surface.line(width - EDGE + 1, y, width - EDGE + 6, y, 0.2, FAINT);
  }
}

function drawFront(surface: Surface, card: Card, size: CardSize): void {
  const scale = STAFF_SPACE / SPACE;
  const lead = leadWidth(card.position.clef, card.key);
  const units = lead + 54;
  const x = (size.width - units * scale) / 2;
  const y = (size.height - 4 * STAFF_SPACE) / 2 - 1;
  surface.at(x, y, scale, () => {
    const notes = [{ step: card.position.step, x: lead + 22 }];
    drawStaff(surface, { clef: card.position.clef, key: card.key, width: units, notes });
  });
  const owner = wrapText(card.owner, (size.width - 12) / 3.2, 1)[0] ?? '';
  surface.text(owner, 6, size.height - 5, { size: 3.2, color: FAINT });
}

/** The way as a small staff under the name, and the letter's picture beside it. */
function drawWay(surface: Surface, card: Card, half: number, height: number): void {
  if (card.picture) drawLetterPicture(surface, card.picture, half - 12, 6, 10);
  if (card.way.length === 0) return;
  const { position, key, way } = card;
  const still = notePicture({ position, key, marks: way, compact: true });
  const box = { width: half - 8, height: height * 0.38 };
  const scale = Math.min(box.width / still.width, box.height / still.height);
  surface.at(5, height - 10 - still.height * scale, scale, () => still.draw(surface));
}

function drawBack(surface: Surface, card: Card, size: CardSize): void {
  const half = size.width * 0.42;
  // With the way under it, the name stands higher.
  const lift = card.way.length > 0 ? 14 : 0;
  surface.text(card.name, half / 2, size.height / 2 + 5 - lift, {
    size: lift > 0 ? 18 : 24,
    weight: 'bold',
    anchor: 'middle',
    color: INK,
  });
  if (card.word && card.word.length > 1) {
    surface.text(card.word, half / 2, size.height / 2 + 15 - lift, {
      size: 5.4,
      anchor: 'middle',
      color: INK,
    });
  }
  drawWay(surface, card, half, size.height);
  const where = `${card.position.clef} ${placeName(card.position.step)}`;
  surface.text(where, 6, size.height - 5, { size: 3.2, color: FAINT });
  if (!card.place) return;
  const { place } = card;
  const box = { width: size.width - half - 6, height: size.height * 0.62 };
  surface.at(half, 6, 1, () => drawPlace(surface, card.instrument, place, box, card));
  const lines = wrapText(
    `${INSTRUMENTS[card.instrument].name}: ${place.short}`,
    box.width / 3.8,
    3,
  );
  for (const [i, line] of lines.entries()) {
    surface.text(line, half + box.width / 2, 6 + box.height + 6 + i * 5, {
      size: 3.8,
      anchor: 'middle',
      color: INK,
    });
  }
}
