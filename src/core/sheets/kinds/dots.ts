import { shuffled } from '../../random';
import { chosen } from '../chosen';
import { defineKind, itemAt } from '../kind';
import { answerAt, askName, shownAt } from '../letters';

export const dots = defineKind({
  id: 'dots',
  name: 'Dots',
  about: 'Numbered dots on the staff: which note is the one marked 3?',
  options: {
    ask: {
      type: 'choice',
      label: 'Asked',
      values: [
        ['name', 'Which note is dot 3?'],
        ['number', 'Which dot is F?'],
      ],
      start: 'name',
    },
  },
  count: { of: 'dots', start: 9, max: 40 },
  asksNotes: true,
  instructions: ({ ask }, { naming }) =>
    ask === 'name'
      ? `Which note is it? Write its ${naming === 'letters' ? 'letter' : 'name'}.`
      : 'Which dot is it? Write its number; where several are right, one is enough.',
  check: 'The key has the answer behind each question.',
  compose(task, { ask }) {
    const { notes, notices } = chosen(task);
    const order = shuffled(
      notes.map((_, i) => i),
      task.random,
    );
    const names = notes.map((p) => answerAt(p, task.key));
    const shown = notes.map((p) => shownAt(p, task.key, task.naming));
    const same = (i: number) => names.flatMap((n, k) => (n === names[i] ? [String(k + 1)] : []));
    // Asked for by its name, a letter is asked once.
    const asked =
      ask === 'name'
        ? order
        : order.filter((i, at) => order.findIndex((k) => names[k] === names[i]) === at);
    return {
      figures: [
        {
          type: 'cells',
          key: task.key,
          width: 11,
          cells: notes.map((p, i) => ({
            clef: p.clef,
            notes: [{ step: p.step, head: 'dot' }],
            mark: String(i + 1),
            rows: [],
          })),
        },
        {
          type: 'questions',
          items: asked.map((i) =>
            ask === 'name'
              ? { label: `Dot ${i + 1}`, answer: shown[i]! }
              : { label: `${shown[i]} is dot`, answer: same(i).join(' or ') },
          ),
        },
      ],
      questions: asked.map((i) => {
        if (ask === 'name') return { ...askName(task, notes[i]!), prompt: `Dot ${i + 1}` };
        const [answer = '', ...others] = same(i);
        return {
          entry: 'number',
          prompt: `Which dot is ${shown[i]}?`,
          answer,
          others,
          shown: same(i).join(' or '),
          numbered: { items: notes.map((p) => itemAt(p, task.key)), name: names[i]! },
        };
      }),
      notices,
    };
  },
});
