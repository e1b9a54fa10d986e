import { type Item, rightName } from '../../core/evidence';
import { bestPlace, type InstrumentId, type Place } from '../../core/instruments';
import { type ExplainOptions, explain } from '../../core/methods';
import {
  comparePositions,
  describePosition,
  type KeySignature,
  type Letter,
  noteName,
  pitchAt,
  positionId,
  type StaffPosition,
} from '../../core/notation';
import type { Section, SheetSpec } from '../../core/sheets';
import { FELT, INK } from '../colors';
import { drawPlace } from '../diagrams';
import { textWidth, wrapText } from '../fonts';
import { drawLetterPicture } from '../letter-picture';
import { MARGIN, type Page, paperSize } from '../page';
import { notePicture } from '../picture';
import type { Surface } from '../surface';
import { type Block, flow } from './block';
import { drawFooter, type SheetPrint } from './head';

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
 * Pages for whoever marks: how each exercise is checked, then for each note on the sheet
 * its name and the way to it by the group's method, so that a helper who reads no music
 * can check; with the place on the players' instruments when they are given.
 */
export function wayPages(
  spec: SheetSpec,
  sections: readonly Section[],
  options: ExplainOptions,
  print: Pick<SheetPrint, 'code'>,
  players: readonly KeyPlayer[] = [],
): Page[] {
  const { width, height } = paperSize(spec.paper);
  const shown = players.slice(0, PICTURES);
  const rows = notesOf(sections).map((item) => rowOf(spec, item, options, shown));
  const room = width - 2 * MARGIN;
  const blocks = [
    ...checkBlocks(sections, room),
    ...(rows.length > 0 ? [titleBlock('How each note is found')] : []),
    ...rows.map((row) => rowBlock(row, width)),
  ];
  if (blocks.length === 0) return [];
  const pages = flow(blocks, {
    first: MARGIN + 3,
    next: MARGIN + 3,
    bottom: height - MARGIN - 8,
  });
  return pages.map((placed, i) => ({
    width,
    height,
    title: `How to check sheet ${print.code}, page ${i + 1} of ${pages.length}`,
    draw(surface) {
      for (const { block, y } of placed) surface.at(MARGIN, y, 1, () => block.draw(surface, true));
      drawFooter(surface, print, 'how to check', { width, height });
    },
  }));
}

function titleBlock(text: string): Block {
  return {
    height: 9,
    keep: true,
    draw(surface) {
      surface.text(text, 0, SIZE.title, { size: SIZE.title, weight: 'bold', color: FELT });
    },
  };
}

/** A line or two for each exercise that has answers. */
function checkBlocks(sections: readonly Section[], room: number): Block[] {
  const printed = sections.filter((s) => s.empty === null);
  const asked = printed.filter((s) => s.questions.length > 0);
  if (asked.length === 0) return [];
  const blocks = asked.map((section): Block => {
    const number = printed.length > 1 ? `${printed.indexOf(section) + 1}. ` : '';
    const lines = wrapText(
      `${number}${section.kind.name}: ${section.kind.check}`,
      room / SIZE.text,
      6,
    );
    return {
      height: lines.length * LINE + 2,
      draw(surface) {
        lines.forEach((line, i) => {
          surface.text(line, 0, SIZE.text + i * LINE, { size: SIZE.text, color: INK });
        });
      },
    };
  });
  const last = blocks.at(-1)!;
  return [titleBlock('How to check'), ...blocks.slice(0, -1), { ...last, height: last.height + 4 }];
}

function rowOf(
  spec: SheetSpec,
  item: Item,
  options: ExplainOptions,
  players: readonly KeyPlayer[],
): Row {
  const way = explain(item, { ...options, key: item.key, naming: spec.naming, terms: spec.terms });
  const text = way.map((s) => s.say).join(' ');
  const right = players.length * (PICTURE.width + PICTURE.gap);
  const { width } = paperSize(spec.paper);
  const columnWidth = (width - 2 * MARGIN - LETTER_COLUMN - STILL.width - 3 - right) / SIZE.text;
  return {
    still: notePicture({
      position: item,
      key: item.key,
      marks: way.filter((s) => !s.place).flatMap((s) => s.marks),
      compact: true,
    }),
    picture: way.find((s) => s.picture)?.picture,
    answer: noteName(rightName(item), spec.naming, item.key),
    lines: [
      ...wrapText(describePosition(item, spec.terms), columnWidth, 2, 'bold'),
      ...wrapText(text, columnWidth, 10),
    ],
    pictures: players.flatMap((player) => {
      const place = bestPlace(player.instrument, pitchAt(item, item.key));
      return place ? [{ ...player, place }] : [];
    }),
  };
}

/** Every note that the exercises print or have drawn, once for each name it has. */
function notesOf(sections: readonly Section[]): Item[] {
  const found = new Map<string, Item>();
  const add = ({ clef, step }: StaffPosition, key: KeySignature) => {
    const item = { clef, step, key, accidental: null };
    found.set(`${positionId(item)}/${rightName(item).alter}`, item);
  };
  for (const figure of sections.flatMap((s) => s.figures)) {
    if (figure.type === 'cells') {
      for (const { clef, notes, drawn = [] } of figure.cells) {
        for (const { step } of [...notes, ...drawn]) add({ clef, step }, figure.key);
      }
    }
    if (figure.type === 'match') for (const p of figure.notes) add(p, figure.key);
    if (figure.type === 'places')
      for (const { position } of figure.cells) add(position, figure.key);
  }
  return [...found.values()].sort((a, b) =>
    a.clef === b.clef ? comparePositions(a, b) : a.clef === 'treble' ? -1 : 1,
  );
}

const rowHeight = (row: Row) =>
  Math.max(
    row.lines.length * LINE,
    STILL.height,
    row.pictures.length > 0 ? PICTURE.height + 7 : 0,
  ) + 3;

function rowBlock(row: Row, width: number): Block {
  return { height: rowHeight(row), draw: (surface) => drawRow(surface, row, width) };
}

function drawRow(surface: Surface, row: Row, width: number): void {
  surface.text(row.answer, 0, SIZE.letter * 0.75, {
    size: Math.min(SIZE.letter, (LETTER_COLUMN - 1) / textWidth(row.answer, 'bold')),
    weight: 'bold',
    color: FELT,
  });
  for (const [i, line] of row.lines.entries()) {
    surface.text(line, LETTER_COLUMN + STILL.width + 3, SIZE.text + i * LINE, {
      size: SIZE.text,
      weight: i === 0 ? 'bold' : 'regular',
      color: INK,
    });
  }
  if (row.picture) drawLetterPicture(surface, row.picture, 0, 8, 9);
  const { still } = row;
  const scale = Math.min(STILL.width / still.width, STILL.height / still.height);
  surface.at(LETTER_COLUMN, 0, scale, () => still.draw(surface));
  for (const [i, one] of row.pictures.entries()) {
    const x = width - 2 * MARGIN - (row.pictures.length - i) * (PICTURE.width + PICTURE.gap);
    surface.at(x, 0, 1, () => drawPlace(surface, one.instrument, one.place, PICTURE, one));
    const texts = wrapText(one.place.short, PICTURE.width / PICTURE.text, 2);
    for (const [line, text] of texts.entries()) {
      surface.text(text, x + PICTURE.width / 2, PICTURE.height + (line + 1) * 3.4, {
        size: PICTURE.text,
        anchor: 'middle',
        color: INK,
      });
    }
  }
}
