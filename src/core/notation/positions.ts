import { bottomLine, CLEFS, type Clef, type ClefId } from './clefs';
import { type KeySignature, keyAlter } from './key';
import type { Letter } from './letters';
import { diatonic, fromDiatonic, type Pitch } from './pitch';
import type { Terms } from './terms';

/**
 * A place on a staff. `step` counts half-spaces up from line 1: 0 is line 1, 1 is
 * space 1, 8 is line 5; −2 is the first ledger line below, 10 the first above.
 */
export interface StaffPosition {
  readonly clef: ClefId;
  readonly step: number;
}

/** Furthest step accepted from a client: six ledger lines either way. */
export const STEP_LIMITS = { min: -12, max: 20 } as const;

export type PositionKind = 'line' | 'space' | 'ledger' | 'ledger-space';

/** Where a position lies, and its number counted from the bottom or away from the staff. */
export interface PositionPlace {
  readonly kind: PositionKind;
  /** Line 1–5 or space 1–4; ledger line 1 is the nearest to the staff; a space beyond the staff is numbered by the ledger lines between it and the staff (0 touches the staff). */
  readonly number: number;
  readonly side: 'on' | 'above' | 'below';
}

/** Even steps are lines (or ledger lines), odd ones spaces. */
export function isLine(step: number): boolean {
  return step % 2 === 0;
}

/** Where a step lies: line 3, space 2, ledger 1 above… */
export function placeOf(step: number): PositionPlace {
  if (step >= 0 && step <= 8) {
    return isLine(step)
      ? { kind: 'line', number: step / 2 + 1, side: 'on' }
      : { kind: 'space', number: (step + 1) / 2, side: 'on' };
  }
  const beyond = step < 0 ? -step : step - 8;
  const side = step < 0 ? 'below' : 'above';
  return isLine(step)
    ? { kind: 'ledger', number: beyond / 2, side }
    : { kind: 'ledger-space', number: (beyond - 1) / 2, side };
}

/** How many ledger lines a note needs: only as many as reach it, never one beyond. */
export function ledgerLines(step: number): { above: number; below: number } {
  return {
    above: step > 9 ? Math.floor((step - 8) / 2) : 0,
    below: step < -1 ? Math.floor(-step / 2) : 0,
  };
}

/** A position in words, `line 2`, `space above`, `ledger line 1 below`. The same in both vocabularies but for the staff's name. */
export function placeName(step: number, terms: Terms = 'US'): string {
  const { kind, number, side } = placeOf(step);
  if (kind === 'line' || kind === 'space') return `${kind} ${number}`;
  if (kind === 'ledger') return `ledger line ${number} ${side}`;
  if (number === 0) return `space ${side} the ${terms === 'UK' ? 'stave' : 'staff'}`;
  return `space ${side} ledger line ${number} ${side}`;
}

/** The written pitch at a position under a key signature. */
export function pitchAt(position: StaffPosition, key: KeySignature = 0): Pitch {
  const natural = fromDiatonic(bottomLine(CLEFS[position.clef]) + position.step);
  return { ...natural, alter: keyAlter(key, natural.letter) };
}

/** The letter at a position; a signature never changes the letter. */
export function letterAt(position: StaffPosition): Letter {
  return pitchAt(position).letter;
}

/** Where a pitch is written on a clef's staff, and the accidental it needs under the key (null: none). */
export function positionOf(
  pitch: Pitch,
  clef: Clef | ClefId,
  key: KeySignature = 0,
): { position: StaffPosition; accidental: Pitch['alter'] | null } {
  const row = typeof clef === 'string' ? CLEFS[clef] : clef;
  return {
    position: { clef: row.id, step: diatonic(pitch) - bottomLine(row) },
    accidental: keyAlter(key, pitch.letter) === pitch.alter ? null : pitch.alter,
  };
}

/** On the middle line and above the stem goes down from the left of the head; below it, up from the right. */
export function stemDirection(step: number): 'up' | 'down' {
  return step >= 4 ? 'down' : 'up';
}

/** Short stable name of a position, such as `t2` or `b-4`: clef and step. Used in addresses, files and the database. */
export function positionId(position: StaffPosition): string {
  return `${CLEFS[position.clef].short}${position.step}`;
}

/** Reads what {@link positionId} wrote; null for anything else or beyond six ledger lines. */
export function parsePositionId(id: string): StaffPosition | null {
  const match = /^([a-z])(-?\d{1,2})$/.exec(id);
  const clef = match && Object.values(CLEFS).find((c) => c.short === match[1]);
  const step = Number(match?.[2]);
  if (!clef || step < STEP_LIMITS.min || step > STEP_LIMITS.max) return null;
  return { clef: clef.id, step };
}

/** Order from low to high on the grand staff; middle C in the bass stands before middle C in the treble. */
export function comparePositions(a: StaffPosition, b: StaffPosition): number {
  const rise = diatonic(pitchAt(a)) - diatonic(pitchAt(b));
  return rise !== 0 ? rise : (a.clef === 'bass' ? 0 : 1) - (b.clef === 'bass' ? 0 : 1);
}

/** A position with its clef in words, for screen readers: `treble clef, note on line 2`. Never the letter. */
export function describePosition(position: StaffPosition, terms: Terms = 'US'): string {
  const { kind } = placeOf(position.step);
  const where = kind === 'space' || kind === 'ledger-space' ? 'in' : 'on';
  return `${CLEFS[position.clef].name}, note ${where} ${placeName(position.step, terms)}`;
}
