import {
  CLEF_IDS,
  type ClefId,
  ledgerLines,
  letterAt,
  positionId,
  type StaffPosition,
} from '../notation';
import { type Chosen, chooseNotes } from './choose';
import type { Task } from './kind';
import { answerAt } from './letters';

/** The notes of an exercise as its wishes have them; `only` and `count` narrow them. */
export function chosen(
  task: Task,
  {
    only = task.positions,
    count = task.wishes.count,
  }: { only?: readonly StaffPosition[]; count?: number } = {},
): Chosen {
  const { wishes, weights, taught, random } = task;
  return chooseNotes({ positions: only, wishes: { ...wishes, count }, weights, taught, random });
}

/** Like {@link chosen}, but no two of one name (or of one position), and only as many as there are. */
export function chosenOnce(task: Task, by: 'name' | 'position'): Chosen {
  const { wishes, key } = task;
  const nameOf = by === 'name' ? (p: StaffPosition) => answerAt(p, key) : positionId;
  const names = new Set(task.positions.map(nameOf)).size;
  const count = Math.min(wishes.count, names);
  const found = new Map<string, StaffPosition>();
  // Even cover brings every note within a few rounds, whatever the weights.
  const { notes } = chosen(task, { count: Math.max(count, task.positions.length * 4) });
  for (const p of [...notes, ...task.positions]) {
    if (found.size < count && !found.has(nameOf(p))) found.set(nameOf(p), p);
  }
  const notices =
    count < wishes.count
      ? [
          `${count} instead of ${wishes.count}: the chosen notes have only ${names} different ${by === 'name' ? 'names' : 'places'}.`,
        ]
      : [];
  return { notes: [...found.values()], notices };
}

/** Lowest and highest chosen step of each clef that has chosen notes. */
export function spans(
  positions: readonly StaffPosition[],
): Map<ClefId, { low: number; high: number }> {
  const found = new Map<ClefId, { low: number; high: number }>();
  for (const clef of CLEF_IDS) {
    const steps = positions.filter((p) => p.clef === clef).map((p) => p.step);
    if (steps.length > 0) found.set(clef, { low: Math.min(...steps), high: Math.max(...steps) });
  }
  return found;
}

/** Every place of a note's letter on its staff with at most so many ledger lines, from low to high. */
export function placesOfLetter(position: StaffPosition, ledgers: number): StaffPosition[] {
  const places: StaffPosition[] = [];
  for (let step = -2 * ledgers - 1; step <= 9 + 2 * ledgers; step++) {
    const { above, below } = ledgerLines(step);
    const at = { clef: position.clef, step };
    if (above <= ledgers && below <= ledgers && letterAt(at) === letterAt(position))
      places.push(at);
  }
  return places;
}
