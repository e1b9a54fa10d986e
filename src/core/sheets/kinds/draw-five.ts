import type { StaffPosition } from '../../notation';
import { chosenOnce } from '../chosen';
import type { Cell } from '../figures';
import { defineKind, promptOf } from '../kind';
import { askDrawn, shownAt } from '../letters';

/** How often each note is drawn, after the model. */
const TIMES = 5;

export const drawFive = defineKind({
  id: 'draw-five',
  name: 'Draw it five times',
  about: 'A model, pale copies to trace, then the same note alone.',
  options: {
    traced: { type: 'number', label: 'Of the five, traced', min: 0, max: 4, start: 2 },
    heads: {
      type: 'choice',
      label: 'Heads',
      values: [
        ['whole', 'Whole notes'],
        ['quarter', 'With stems'],
        ['both', 'Whole notes, then stems'],
      ],
      start: 'both',
    },
  },
  count: { of: 'different notes', start: 3, max: 30 },
  asksNotes: true,
  instructions: ({ traced }) =>
    traced > 0
      ? 'Look at the first note. Trace the pale ones, then draw the same note yourself.'
      : 'Look at the first note, then draw it five times.',
  check: 'Every note of a row must sit where the first one sits, with the stem on the same side.',
  compose(task, { traced, heads }) {
    const { notes, notices } = chosenOnce(task, 'position');
    const ways = heads === 'both' ? (['whole', 'quarter'] as const) : [heads];
    const cells = notes.flatMap((p, i) =>
      ways.flatMap((head, k) =>
        row(p, head, traced, i * ways.length + k, shownAt(p, task.key, task.naming)),
      ),
    );
    return {
      figures: [{ type: 'cells', key: task.key, cells, width: 18 }],
      questions: notes.map((p) => askDrawn(task, p, `Five times: ${promptOf(p, task.terms)}`)),
      notices,
    };
  },
});

function row(
  { clef, step }: StaffPosition,
  head: 'whole' | 'quarter',
  traced: number,
  group: number,
  name: string,
): Cell[] {
  const model: Cell = {
    clef,
    group,
    notes: [{ step, head }],
    rows: [{ kind: 'print', text: name }],
  };
  const copies = Array.from({ length: TIMES }, (_, i): Cell => {
    const faint = i < traced;
    return {
      clef,
      group,
      notes: faint ? [{ step, head, faint: true }] : [],
      drawn: faint ? [] : [{ step, head }],
      rows: [{ kind: 'none' }],
    };
  });
  return [model, ...copies];
}
