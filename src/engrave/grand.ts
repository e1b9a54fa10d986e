import { Stave, StaveConnector } from 'vexflow/core';
import type { KeySignature, StaffPosition } from '../core/notation';
import { INK } from './colors';
import { type DrawnNote, drawStaff, SPACE } from './staff';
import type { Surface } from './surface';

/**
 * Units from the treble's top line to the bass's: the staves stand 6 spaces apart, so
 * that middle C lies halfway with room for its own ledger line in each.
 */
export const GRAND_GAP = 10 * SPACE;
/** Units that the brace takes to the left of the staves. */
const BRACE = 16;

export interface GrandDrawing {
  readonly width: number;
  readonly key?: KeySignature;
  /** Whether the clefs are drawn; they are when left out. */
  readonly signs?: boolean;
  readonly notes?: readonly (DrawnNote & Pick<StaffPosition, 'clef'>)[];
}

/** Draws treble above bass, joined by a brace and a line; origin at the top left of the brace. */
export function drawGrandStaff(surface: Surface, drawing: GrandDrawing): void {
  const { key = 0, notes = [], signs = true } = drawing;
  const width = drawing.width - BRACE;
  const gap = width - 60;
  const placed = notes.map((note, i) => ({
    ...note,
    x: note.x ?? 60 + (gap * (i + 0.5)) / Math.max(1, notes.length),
  }));
  for (const clef of ['treble', 'bass'] as const) {
    surface.at(BRACE, clef === 'treble' ? 0 : GRAND_GAP, 1, () => {
      const own = placed.filter((n) => n.clef === clef);
      const reading = signs ? { clef, key } : { clef: null, clefOfNotes: clef };
      drawStaff(surface, { ...reading, width, notes: own });
    });
  }
  joinStaves(surface, width);
}

function joinStaves(surface: Surface, width: number): void {
  surface.save();
  surface.setFillStyle(INK).setStrokeStyle(INK).setLineWidth(1.1);
  const options = { spaceAboveStaffLn: 0 };
  const top = new Stave(BRACE, 0, width, options).setContext(surface);
  const bottom = new Stave(BRACE, GRAND_GAP, width, options).setContext(surface);
  for (const type of ['brace', 'singleLeft', 'singleRight'] as const) {
    new StaveConnector(top, bottom).setType(type).setContext(surface).draw();
  }
  surface.restore();
}
