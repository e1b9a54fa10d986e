import { INSTRUMENTS } from '../../core/instruments';
import { FAINT, INK } from '../colors';
import { drawPlace } from '../diagrams';
import { textWidth, wrapText } from '../fonts';
import { drawLetterPicture } from '../letter-picture';
import { notePicture } from '../picture';
import { drawStaff, leadWidth, SPACE } from '../staff';
import type { Surface } from '../surface';
import type { Piece } from './card';

interface Box {
  readonly width: number;
  readonly height: number;
}

/** Air round what stands on a side, and room at the foot, in mm. */
const AIR = 5;
const FOOT = 6;
/** Largest sizes in mm. */
const MOST = { staffSpace: 5, name: 26, word: 7, text: 4.4 } as const;
/** Shares of height that pieces take when they stand under each other. */
const WEIGHTS: Readonly<Record<Piece['kind'], number>> = {
  note: 4,
  clef: 4,
  place: 4,
  way: 3,
  name: 3,
  picture: 2,
  word: 1.2,
  text: 1.6,
};
/** Pictures, which stand beside the words where a card is wide enough. */
const PICTURES: readonly Piece['kind'][] = ['note', 'place', 'clef', 'way'];

/** Draws one side of a card into a box, with its foot. */
export function drawSide(surface: Surface, pieces: readonly Piece[], foot: string, box: Box): void {
  const inner = { width: box.width - 2 * AIR, height: box.height - AIR - FOOT - 2 };
  surface.at(AIR, AIR, 1, () => arrange(surface, pieces, inner));
  const size = Math.min(3.2, box.width / 18);
  const text = wrapText(foot, (box.width - 2 * AIR) / size, 1)[0];
  if (text) surface.text(text, AIR, box.height - 4, { size, color: FAINT });
}

/** Words at the left and a picture at the right on wide cards; one under the other else. */
function arrange(surface: Surface, pieces: readonly Piece[], box: Box): void {
  const last = pieces.findLast((p) => PICTURES.includes(p.kind));
  const rest = pieces.filter((p) => p !== last);
  if (!last || rest.length === 0 || box.width < box.height * 1.1) {
    stack(surface, pieces, box);
    return;
  }
  const left = box.width * 0.44;
  stack(surface, rest, { width: left - 2, height: box.height });
  surface.at(left + 2, 0, 1, () =>
    drawPiece(surface, last, { width: box.width - left - 2, height: box.height }),
  );
}

function stack(surface: Surface, pieces: readonly Piece[], box: Box): void {
  const total = pieces.reduce((sum, p) => sum + WEIGHTS[p.kind], 0);
  let y = 0;
  for (const piece of pieces) {
    const height = (box.height * WEIGHTS[piece.kind]) / total;
    surface.at(0, y, 1, () => drawPiece(surface, piece, { width: box.width, height }));
    y += height;
  }
}

function drawPiece(surface: Surface, piece: Piece, box: Box): void {
  switch (piece.kind) {
    case 'note':
      drawNote(surface, piece, box);
      return;
    case 'clef': {
      const scale = Math.min(MOST.staffSpace / SPACE, box.width / 90, box.height / 80);
      surface.at((box.width - 90 * scale) / 2, (box.height - 40 * scale) / 2, scale, () => {
        drawStaff(surface, { clef: piece.clef, width: 90 });
      });
      return;
    }
    case 'name': {
      const wide = textWidth(piece.text, 'bold');
      const size = Math.min(MOST.name, box.height * 0.85, box.width / wide);
      middle(surface, [piece.text], { size, weight: 'bold', line: 1 }, box);
      return;
    }
    case 'word': {
      const size = Math.min(MOST.word, box.width / 9, box.height * 0.6);
      middle(
        surface,
        wrapText(piece.text, box.width / size, 3, 'bold'),
        { size, weight: 'bold', line: 1.2 },
        box,
      );
      return;
    }
    case 'text':
      drawText(surface, piece.text, box);
      return;
    case 'picture': {
      const size = Math.min(box.width, box.height, 14);
      drawLetterPicture(
        surface,
        piece.letter,
        (box.width - size) / 2,
        (box.height - size) / 2,
        size,
      );
      return;
    }
    case 'place':
      drawPlacePiece(surface, piece, box);
      return;
    case 'way': {
      const { position, key, marks } = piece;
      const still = notePicture({ position, key, marks, compact: true });
      const scale = Math.min(box.width / still.width, box.height / still.height);
      surface.at(
        (box.width - still.width * scale) / 2,
        (box.height - still.height * scale) / 2,
        scale,
        () => still.draw(surface),
      );
    }
  }
}

function drawNote(surface: Surface, piece: Extract<Piece, { kind: 'note' }>, box: Box): void {
  const { position, key, head, bare = false } = piece;
  const { clef, step } = position;
  const lead = leadWidth(bare ? null : clef, key);
  const units = lead + 54;
  const above = Math.max(16, ((step - 8) / 2) * SPACE + 8);
  const below = Math.max(16, (-step / 2) * SPACE + 8);
  const scale = Math.min(
    MOST.staffSpace / SPACE,
    box.width / units,
    box.height / (above + 40 + below),
  );
  const x = (box.width - units * scale) / 2;
  const y = (box.height - (above + 40 + below) * scale) / 2 + above * scale;
  surface.at(x, y, scale, () => {
    const notes = [{ step, head, x: lead + 22 }];
    const reading = bare ? { clef: null, clefOfNotes: clef } : { clef, key };
    drawStaff(surface, { ...reading, width: units, notes });
  });
}

function drawPlacePiece(
  surface: Surface,
  piece: Extract<Piece, { kind: 'place' }>,
  box: Box,
): void {
  const { instrument, place, leftHanded } = piece;
  const size = Math.min(3.8, box.width / 14, box.height / 8);
  const lines = wrapText(`${INSTRUMENTS[instrument].name}: ${place.short}`, box.width / size, 3);
  const height = box.height - lines.length * size * 1.3 - 2;
  drawPlace(surface, instrument, place, { width: box.width, height }, { leftHanded });
  lines.forEach((line, i) => {
    surface.text(line, box.width / 2, height + 2 + (i + 0.8) * size * 1.3, {
      size,
      anchor: 'middle',
      color: INK,
    });
  });
}

/** A sentence or two, as large as they fit. */
function drawText(surface: Surface, text: string, box: Box): void {
  for (let size = Math.min(MOST.text, box.width / 11); ; size *= 0.9) {
    const lines = wrapText(text, box.width / size, 20);
    if (lines.length * size * 1.3 > box.height && size > 1.8) continue;
    middle(surface, lines, { size, weight: 'regular', line: 1.3 }, box);
    return;
  }
}

function middle(
  surface: Surface,
  lines: readonly string[],
  { size, weight, line }: { size: number; weight: 'regular' | 'bold'; line: number },
  box: Box,
): void {
  const top = (box.height - lines.length * size * line) / 2;
  lines.forEach((text, i) => {
    const y = top + i * size * line + size * (line / 2 + 0.36);
    surface.text(text, box.width / 2, y, { size, weight, anchor: 'middle', color: INK });
  });
}
