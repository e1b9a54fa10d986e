import { type ClefId, positionId, type StaffPosition } from '../../notation';
import { pickWeighted } from '../../random';
import { spans } from '../chosen';
import type { Cell } from '../figures';
import { defineKind, NothingToAsk, promptOf, type Task } from '../kind';
import { askDrawn, askName, shownAt } from '../letters';
import type { Question } from '../questions';

/** Fewer notes than this are no run. */
const SHORTEST = 3;

export const fillGap = defineKind({
  id: 'fill-gap',
  name: 'Fill the gap',
  about: 'A run up or down with some of its letters or notes left out.',
  options: {
    length: { type: 'number', label: 'Notes of a run', min: 3, max: 9, start: 5 },
    way: {
      type: 'choice',
      label: 'Runs go',
      values: [
        ['up', 'Up'],
        ['down', 'Down'],
        ['both', 'Up and down in turn'],
      ],
      start: 'both',
    },
    gaps: {
      type: 'choice',
      label: 'Left out',
      values: [
        ['letters', 'Letters'],
        ['notes', 'Notes'],
        ['both', 'Letters and notes'],
      ],
      start: 'letters',
    },
  },
  count: { of: 'runs', start: 6, max: 40 },
  asksNotes: true,
  instructions: ({ gaps }) =>
    gaps === 'letters'
      ? 'The notes go up or down step by step. Write the missing letters.'
      : gaps === 'notes'
        ? 'The letters go up or down step by step. Draw the missing notes.'
        : 'Each run goes up or down step by step. Write the missing letters and draw the missing notes.',
  check:
    'Going up, the letters go forward through A to G and round again; going down, backward. A missing note sits one step from its neighbours.',
  compose(task, { length, way, gaps }) {
    const wide = [...spans(task.positions)].filter(([, s]) => s.high - s.low + 1 >= SHORTEST);
    if (wide.length === 0) {
      throw new NothingToAsk(
        'A run needs three steps side by side: choose notes that lie at least a third apart in one clef.',
      );
    }
    const cells: Cell[] = [];
    const questions: Question[] = [];
    let shortened = false;
    for (let i = 0; i < task.wishes.count; i++) {
      const [clef, span] = wide[clefOf(i, wide.length, task)]!;
      const size = Math.min(length, span.high - span.low + 1);
      shortened ||= size < length;
      const low = span.low + Math.floor(task.random() * (span.high - span.low + 2 - size));
      const up = way === 'up' || (way === 'both' && i % 2 === 0);
      const run = Array.from({ length: size }, (_, k) => ({
        clef,
        step: up ? low + k : low + size - 1 - k,
      }));
      const hide = hidden(run, task);
      run.forEach((p, k) => {
        // Letters and notes in turn when both are left out.
        const letter = gaps === 'letters' || (gaps === 'both' && (i + k) % 2 === 0);
        cells.push(cellOf(task, p, i, hide.has(k) ? (letter ? 'letter' : 'note') : null));
        if (hide.has(k))
          questions.push(
            letter
              ? askName(task, p)
              : askDrawn(task, p, `Draw the missing note: ${promptOf(p, task.terms)}`),
          );
      });
    }
    const notices = shortened
      ? [`Runs are shorter than ${length}: the chosen notes do not reach further.`]
      : [];
    return { figures: [{ type: 'cells', key: task.key, cells, width: 13 }], questions, notices };
  },
});

/** Runs share the clefs, in blocks or in turn. */
function clefOf(i: number, clefs: number, { wishes }: Task): number {
  return wishes.clefs === 'mixed' ? i % clefs : Math.floor((i * clefs) / wishes.count);
}

/** Two gaps in five notes, never the first; chosen notes rather than those between them, and weak ones rather than strong. */
function hidden(run: readonly { clef: ClefId; step: number }[], task: Task): Set<number> {
  const chosen = new Set(task.positions.map(positionId));
  const weight = (k: number) => {
    const id = positionId(run[k]!);
    return (
      (chosen.has(id) ? 1 : 0.1) *
      (task.wishes.weakFirst ? Math.max(0.05, task.weights?.[id] ?? 1) : 1)
    );
  };
  const found = new Set<number>();
  const gaps = Math.max(1, Math.round((run.length * 2) / 5));
  while (found.size < gaps) {
    const rest = run.map((_, k) => k).filter((k) => k > 0 && !found.has(k));
    found.add(pickWeighted(rest, weight, task.random));
  }
  return found;
}

function cellOf(task: Task, p: StaffPosition, group: number, gap: 'letter' | 'note' | null): Cell {
  const name = shownAt(p, task.key, task.naming);
  const head = { step: p.step, head: 'whole' } as const;
  return {
    clef: p.clef,
    group,
    notes: gap === 'note' ? [] : [head],
    ...(gap === 'note' ? { drawn: [head] } : {}),
    rows: [gap === 'letter' ? { kind: 'write', answer: name } : { kind: 'print', text: name }],
  };
}
