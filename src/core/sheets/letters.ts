import { nameText, rightName } from '../evidence';
import {
  type KeySignature,
  letterAt,
  type Naming,
  noteName,
  positionId,
  type StaffPosition,
} from '../notation';
import type { Cell, CellNote } from './figures';
import { itemAt, promptOf, type Task } from './kind';
import type { Question } from './questions';
import type { HeadLetters } from './spec';

/** The right name of a position in ASCII, as answers are stored. */
export function answerAt(position: StaffPosition, key: KeySignature): string {
  return nameText(rightName(itemAt(position, key)));
}

/** The right name as a key prints it. */
export function shownAt(position: StaffPosition, key: KeySignature, naming: Naming): string {
  return noteName(rightName(itemAt(position, key)), naming, key);
}

/** Asks the name of a note, to be written. */
export function askName(task: Task, position: StaffPosition): Question {
  return {
    entry: 'name',
    prompt: promptOf(position, task.terms),
    answer: answerAt(position, task.key),
    shown: shownAt(position, task.key, task.naming),
    evidence: { item: itemAt(position, task.key), task: 'name' },
    names: { naming: task.naming, key: task.key },
  };
}

/**
 * Asks for a note to be drawn; seen and ticked by whoever marks. Where any octave is right
 * (`anywhere`), a tick does not say which position was known.
 */
export function askDrawn(
  task: Task,
  position: StaffPosition,
  prompt: string,
  { anywhere = false }: { anywhere?: boolean } = {},
): Question {
  const { key, instrument } = task;
  const evidence = { item: itemAt(position, key), task: 'write', instrument } as const;
  return {
    entry: 'tick',
    prompt,
    answer: '+',
    shown: promptOf(position, task.terms),
    ...(anywhere ? {} : { evidence }),
  };
}

/** A cell with one note and a line for its name. */
export function nameCell(task: Task, position: StaffPosition, head: CellNote): Cell {
  return {
    clef: position.clef,
    notes: [head],
    rows: [{ kind: 'write', answer: shownAt(position, task.key, task.naming) }],
  };
}

/** Plain heads of a run of notes, with letters inside as the sheet says; fading goes over the whole sheet. */
export function headsWithLetters(task: Task, notes: readonly StaffPosition[]): CellNote[] {
  const seen = new Map<string, number>();
  return notes.map((p, i) => {
    const id = positionId(p);
    const times = seen.get(id) ?? 0;
    seen.set(id, times + 1);
    const plain = { step: p.step, head: 'whole' } as const;
    const { before, all } = task.heads;
    const on = hasLetter(task.headLetters, { i: before + i, of: all, times });
    return on ? { ...plain, letter: letterAt(p) } : plain;
  });
}

/** Whether the head at `i` of `of` still has its letter; `times`: how often its note came before. */
export function hasLetter(
  mode: HeadLetters,
  { i, of, times }: { i: number; of: number; times: number },
): boolean {
  switch (mode) {
    case 'all':
      return true;
    case 'other':
      return i % 2 === 0;
    case 'first':
      return times === 0;
    case 'fading':
      // Thirds: all, every other, none.
      return i < of / 3 || (i < (2 * of) / 3 && i % 2 === 0);
    case 'none':
      return false;
  }
}
