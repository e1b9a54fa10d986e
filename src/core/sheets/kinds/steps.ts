import { positionId, type StaffPosition } from '../../notation';
import { shuffled } from '../../random';
import { chosen, spans } from '../chosen';
import type { Cell } from '../figures';
import { defineKind, NothingToAsk, promptOf } from '../kind';
import { answerAt, shownAt } from '../letters';
import type { Question } from '../questions';

/** Keyed as s or k and u or d: step up, step down, skip up, skip down; = for the same. */
const MOTIONS = [
  { id: 'su', by: 1, words: 'step up' },
  { id: 'sd', by: -1, words: 'step down' },
  { id: 'ku', by: 2, words: 'skip up' },
  { id: 'kd', by: -2, words: 'skip down' },
  { id: '=', by: 0, words: 'same' },
] as const;

export const steps = defineKind({
  id: 'steps',
  name: 'Steps and skips',
  about: 'Up or down, step, skip or the same; then the second note from the first.',
  options: { name: { type: 'flag', label: 'Then name the second note', start: true } },
  count: { of: 'pairs', start: 8, max: 80 },
  asksNotes: true,
  instructions: ({ name }) =>
    `From the first note to the second: step or skip, up or down, or the same?${name ? ' Then name the second note from the first.' : ''}`,
  check:
    'A step goes from a line to the next space or from a space to the next line; a skip leaves one out. Steps move one letter, skips two.',
  compose(task, { name }) {
    const span = spans(task.positions);
    const fits = (p: StaffPosition, by: number) => {
      const { low, high } = span.get(p.clef)!;
      return p.step + by >= low && p.step + by <= high;
    };
    if ([...span.values()].every(({ low, high }) => low === high)) {
      throw new NothingToAsk('Steps and skips need at least two chosen notes in one clef.');
    }
    const { notes, notices } = chosen(task);
    const cells: Cell[] = [];
    const questions: Question[] = [];
    const lines: Record<number, string> = {};
    let bag: (typeof MOTIONS)[number][] = [];
    notes.forEach((p, i) => {
      if (!bag.some((m) => fits(p, m.by))) bag = [...bag, ...shuffled(MOTIONS, task.random)];
      const motion = bag.find((m) => fits(p, m.by))!;
      bag.splice(bag.indexOf(motion), 1);
      const second = { clef: p.clef, step: p.step + motion.by };
      const group = { clef: p.clef, group: i };
      lines[i] = motion.words;
      cells.push({
        ...group,
        notes: [{ step: p.step, head: 'whole' }],
        rows: name ? [{ kind: 'print', text: shownAt(p, task.key, task.naming) }] : [],
      });
      cells.push({
        ...group,
        notes: [{ step: second.step, head: 'whole' }],
        rows: name ? [{ kind: 'write', answer: shownAt(second, task.key, task.naming) }] : [],
      });
      const prompt = `${promptOf(p, task.terms)}, then ${promptOf(second, task.terms)}`;
      questions.push({ entry: 'motion', prompt, answer: motion.id, shown: motion.words });
      // Not kept as evidence: the letter of the first note stands there as a help.
      if (name) {
        questions.push({
          entry: 'name',
          prompt: promptOf(second, task.terms),
          answer: answerAt(second, task.key),
          shown: shownAt(second, task.key, task.naming),
          names: { naming: task.naming, key: task.key },
        });
      }
    });
    const chosenIds = new Set(task.positions.map(positionId));
    const between = cells.some(
      (c) => !chosenIds.has(positionId({ clef: c.clef, step: c.notes[0]!.step })),
    );
    return {
      figures: [{ type: 'cells', key: task.key, cells, spans: lines, width: 15 }],
      questions,
      notices: between
        ? [...notices, 'Some second notes lie between the chosen ones: steps need them.']
        : notices,
    };
  },
});
