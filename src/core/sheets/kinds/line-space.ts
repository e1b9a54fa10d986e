import { placeOf } from '../../notation';
import { chosen } from '../chosen';
import { defineKind, NothingToAsk, promptOf } from '../kind';

export const lineSpace = defineKind({
  id: 'line-space',
  name: 'Line or space',
  about: 'Does a line run through the head, or does it sit in a space, and which?',
  options: { number: { type: 'flag', label: 'With its number', start: true } },
  count: { of: 'notes', start: 16, max: 200 },
  asksNotes: true,
  instructions: ({ number }) =>
    number
      ? 'L for a line note, S for a space note, and its number: count from the bottom.'
      : 'L for a line note, S for a space note.',
  check: 'L2 means line 2, S3 means space 3; the lowest line and the lowest space are number 1.',
  compose(task, { number }) {
    // Beyond the staff a number would not say what it counts.
    const only = number ? task.positions.filter((p) => p.step >= 0 && p.step <= 8) : task.positions;
    if (only.length === 0) {
      throw new NothingToAsk(
        'Lines and spaces have numbers on the staff only: choose notes on it, or ask without the number.',
      );
    }
    const left = task.positions.length - only.length;
    const { notes, notices } = chosen(task, { only });
    const answers = notes.map((p) => {
      const { kind, number: n } = placeOf(p.step);
      const line = kind === 'line' || kind === 'ledger';
      return `${line ? 'L' : 'S'}${number ? n : ''}`;
    });
    return {
      figures: [
        {
          type: 'cells',
          key: 0,
          cells: notes.map((p, i) => ({
            clef: p.clef,
            notes: [{ step: p.step, head: 'whole' }],
            rows: [{ kind: 'write', answer: answers[i]! }],
          })),
        },
      ],
      questions: notes.map((p, i) => ({
        entry: 'line-space',
        prompt: promptOf(p, task.terms).replace(/ (on|in) .*/, ''),
        answer: answers[i]!,
      })),
      notices:
        left > 0
          ? [...notices, 'Notes beyond the staff are left out: they have no number.']
          : notices,
    };
  },
});
