import { Accidental, ModifierContext, Stave, StaveNote, TickContext } from 'vexflow/core';
import {
  type Alter,
  alterText,
  CLEFS,
  type ClefId,
  type KeySignature,
  pitchAt,
  stemDirection,
  tonic,
} from '../core/notation';
import { INK } from './colors';
import { stencilOf } from './stencil';
import type { Surface } from './surface';

/** Units of a staff drawing between two lines; VexFlow's own. One staff space is 10 units. */
export const SPACE = 10;

export type HeadShape = 'whole' | 'half' | 'quarter';
const DURATIONS: Record<HeadShape, string> = { whole: 'w', half: 'h', quarter: 'q' };

export interface DrawnNote {
  readonly step: number;
  readonly head?: HeadShape;
  /** Printed in front of the note. */
  readonly accidental?: Alter | null;
  readonly color?: string;
  /** A letter inside the head, for readers who still need it. */
  readonly letter?: string;
  /** Text under the staff, in one row with the others. */
  readonly label?: string;
  readonly labelColor?: string;
  /** Centre of the head in units from the staff's left edge; spread evenly when left out. */
  readonly x?: number;
}

export interface StaffDrawing {
  /** null: a staff without a clef sign; `clefOfNotes` then says how notes are read. */
  readonly clef: ClefId | null;
  readonly clefOfNotes?: ClefId;
  readonly key?: KeySignature;
  /** Width in units. */
  readonly width: number;
  readonly notes?: readonly DrawnNote[];
  /** Step → colour of that line, or of that space as a band. */
  readonly tint?: Readonly<Record<number, string>>;
  /** Numbers of lines and spaces at the left edge. */
  readonly numbers?: 'lines' | 'spaces' | 'both';
  /** Marks the line that the clef names. */
  readonly anchor?: boolean;
  readonly color?: string;
  /** Units under line 1 at which the row of labels has its baseline; clears the lowest note when left out. */
  readonly labelDrop?: number;
  readonly labelSize?: number;
}

/** Height in units of a step above the top line: line 5 is 0, line 1 is 40. */
export function stepY(step: number): number {
  return 4 * SPACE - (step * SPACE) / 2;
}

/** VexFlow's name of the key signature. */
function keySpec(key: KeySignature): string {
  const { letter, alter } = tonic(key);
  return `${letter}${alterText(alter)}`;
}

/** Width in units that clef and key signature take, with air before the first note. */
export function leadWidth(clef: ClefId | null, key: KeySignature = 0): number {
  return (clef ? 38 : 10) + Math.abs(key) * 10 + (key === 0 ? 0 : 8);
}

/**
 * Draws one staff with the origin at the left end of its top line, in units of a tenth
 * of a staff space. Returns the centre x of each note.
 */
export function drawStaff(surface: Surface, drawing: StaffDrawing): number[] {
  const { clef, key = 0, width, notes = [], color = INK } = drawing;
  const left = drawing.numbers ? 12 : 0;
  const read = clef ?? drawing.clefOfNotes ?? 'treble';
  surface.save();
  drawTints(surface, drawing, left);
  const id = ['staff', clef, key, width, left, color].join();
  surface.stamp(
    stencilOf(id, (s) => drawLines(s, clef, key, { left, width, color })),
    0,
  );
  if (drawing.numbers) drawNumbers(surface, drawing.numbers);
  const xs = noteXs(drawing, left);
  for (const [i, note] of notes.entries()) drawNote(surface, note, read, xs[i]!);
  drawLabels(surface, drawing, xs);
  surface.restore();
  return xs;
}

/** Lines, clef and key signature, without notes. */
function drawLines(
  surface: Surface,
  clef: ClefId | null,
  key: KeySignature,
  { left, width, color }: { left: number; width: number; color: string },
): void {
  surface.setStrokeStyle(color).setFillStyle(color).setLineWidth(1.1);
  // An even line width in the style makes VexFlow leave out its half-pixel shift of the lines.
  const stave = new Stave(left, 0, width - left, { spaceAboveStaffLn: 0 }).setStyle({
    lineWidth: 2,
  });
  stave.setContext(surface);
  if (clef) stave.addClef(clef);
  if (key !== 0) stave.addKeySignature(keySpec(key));
  stave.setBegBarType(7).setEndBarType(7);
  stave.draw();
}

/** Centres of the notes: evenly over what clef and signature leave, or where they say. */
function noteXs({ clef, key = 0, width, notes = [] }: StaffDrawing, left: number): number[] {
  const start = left + leadWidth(clef, key);
  const gap = (width - start) / Math.max(1, notes.length);
  return notes.map((note, i) => note.x ?? start + gap * (i + 0.5));
}

function drawTints(surface: Surface, drawing: StaffDrawing, left: number): void {
  const tint: Record<number, string> = { ...drawing.tint };
  const clef = drawing.clef ? CLEFS[drawing.clef] : null;
  if (drawing.anchor && clef) tint[clef.line * 2 - 2] = '#b98a2e';
  for (const [text, fill] of Object.entries(tint)) {
    const step = Number(text);
    const thick = step % 2 === 0 ? 3 : SPACE;
    surface.box(left, stepY(step) - thick / 2, drawing.width - left, thick, fill);
  }
}

function drawNumbers(surface: Surface, which: 'lines' | 'spaces' | 'both'): void {
  for (let step = 0; step <= 8; step++) {
    const line = step % 2 === 0;
    if (which !== 'both' && which !== (line ? 'lines' : 'spaces')) continue;
    const x = which === 'both' && !line ? 8 : 4;
    const text = String(line ? step / 2 + 1 : (step + 1) / 2);
    surface.text(text, x, stepY(step) + 2.4, { size: 7, anchor: 'middle', color: '#5b5549' });
  }
}

function drawNote(surface: Surface, note: DrawnNote, clef: ClefId, x: number): void {
  const { step, head = 'whole', accidental = null, color = INK } = note;
  const id = ['note', clef, step, head, accidental, color].join();
  surface.stamp(
    stencilOf(id, (s) => engraveNote(s, { step, head, accidental, color }, clef)),
    x,
  );
  if (note.letter) drawLetterHead(surface, note, x, color);
}

/** One note by VexFlow, the centre of its head at x = 0. */
function engraveNote(
  surface: Surface,
  {
    step,
    head,
    accidental,
    color,
  }: Required<Pick<DrawnNote, 'step' | 'head' | 'accidental' | 'color'>>,
  clef: ClefId,
): void {
  const pitch = pitchAt({ clef, step });
  const drawn = new StaveNote({
    keys: [`${pitch.letter.toLowerCase()}/${pitch.octave}`],
    duration: DURATIONS[head],
    clef,
    stemDirection: stemDirection(step) === 'up' ? 1 : -1,
  });
  drawn.setStyle({ fillStyle: color, strokeStyle: color });
  drawn.setLedgerLineStyle({ strokeStyle: INK, lineWidth: 1.3 });
  if (accidental !== null) {
    drawn.addModifier(new Accidental(accidental === 0 ? 'n' : alterText(accidental)), 0);
    const modifiers = new ModifierContext();
    drawn.addToModifierContext(modifiers);
    modifiers.preFormat();
  }
  const ticks = new TickContext().addTickable(drawn).preFormat();
  const stave = new Stave(0, 0, 0, { spaceAboveStaffLn: 0 }).setContext(surface);
  drawn.setStave(stave).setContext(surface);
  ticks.setX(0);
  ticks.setX(-drawn.getAbsoluteX() - drawn.getGlyphWidth() / 2);
  drawn.drawWithStyle();
}

/** A head wide enough for a letter: open for whole and half notes, filled for quarters. */
function drawLetterHead(surface: Surface, note: DrawnNote, x: number, color: string): void {
  const y = stepY(note.step);
  const filled = note.head === 'quarter';
  surface.ellipse(x, y, 7.6, 5, { fill: filled ? color : '#fff', stroke: color, lineWidth: 1.2 });
  surface.text(note.letter!, x, y + 2.9, {
    size: 8,
    weight: 'bold',
    anchor: 'middle',
    color: filled ? '#fff' : color,
  });
}

/** Labels in one straight row that does not climb with the notes. */
function drawLabels(surface: Surface, drawing: StaffDrawing, xs: readonly number[]): void {
  const { notes = [], labelSize = 14 } = drawing;
  const lowest = Math.min(0, ...notes.map((n) => n.step));
  const y = 4 * SPACE + (drawing.labelDrop ?? 8 - (lowest * SPACE) / 2 + labelSize);
  for (const [i, note] of notes.entries()) {
    if (!note.label) continue;
    const style = { size: labelSize, weight: 'bold', anchor: 'middle' } as const;
    surface.text(note.label, xs[i]!, y, { ...style, color: note.labelColor ?? INK });
  }
}
