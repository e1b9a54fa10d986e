import { CAUSES, nameText, rightName } from '../../evidence';
import { noteName, type StaffPosition } from '../../notation';
import { pickWeighted, shuffled } from '../../random';
import { chosen } from '../chosen';
import { defineKind, itemAt, NothingToAsk, promptOf, type Task } from '../kind';
import { answerAt, shownAt } from '../letters';

/** Share of wrong labels. */
const SHARES = { few: 1 / 4, third: 1 / 3, half: 1 / 2 } as const;

export const findMistakes = defineKind({
  id: 'find-mistakes',
  name: 'Find the mistakes',
  about: 'A labelled line with wrong labels of the kinds that this group really makes.',
  options: {
    share: {
      type: 'choice',
      label: 'Wrong labels',
      values: [
        ['few', 'A quarter'],
        ['third', 'A third'],
        ['half', 'Half'],
      ],
      start: 'third',
    },
  },
  count: { of: 'notes', start: 12, max: 120 },
  asksNotes: true,
  instructions: (_, { naming }) =>
    `Some of these ${naming === 'letters' ? 'letters' : 'names'} are wrong. Cross them out and write the right ones below.`,
  check: 'The key has the right name under each wrong label; the other labels must be left alone.',
  compose(task, { share }) {
    const { notes, notices } = chosen(task);
    const causes = task.causes.filter((c) => CAUSES.some(({ id }) => id === c.id));
    const wrong = wrongLabels(task, notes, Math.max(1, Math.round(notes.length * SHARES[share])));
    if (wrong.size === 0) {
      throw new NothingToAsk(
        'No wrong label can be made for the chosen notes: choose more of them.',
      );
    }
    const right = notes.map((p) => shownAt(p, task.key, task.naming));
    return {
      figures: [
        {
          type: 'cells',
          key: task.key,
          width: 15,
          cells: notes.map((p, i) => {
            const bad = wrong.get(i);
            return {
              clef: p.clef,
              notes: [{ step: p.step, head: 'whole' }],
              rows: [
                { kind: 'print', text: bad?.shown ?? right[i]!, wrong: bad !== undefined },
                { kind: 'write', answer: bad ? right[i]! : '' },
              ],
            };
          }),
        },
      ],
      questions: notes.map((p, i) => ({
        entry: 'correction',
        prompt: promptOf(p, task.terms),
        answer: wrong.has(i) ? answerAt(p, task.key) : '.',
        shown: wrong.has(i) ? right[i]! : 'left as it is',
        evidence: { item: itemAt(p, task.key), task: 'name' },
        names: { naming: task.naming, key: task.key },
        label: wrong.get(i)?.name ?? answerAt(p, task.key),
      })),
      notices:
        causes.length > 0
          ? notices
          : [
              ...notices,
              'Wrong labels are of the commonest kinds: no misreading of these students is known yet.',
            ],
    };
  },
});

/** Labels that a known misreading would give, at notes drawn by chance; never one that is right after all. */
function wrongLabels(task: Task, notes: readonly StaffPosition[], count: number) {
  const known = new Map(task.causes.map((c) => [c.id, c.weight]));
  const found = new Map<number, { name: string; shown: string }>();
  for (const i of shuffled(
    notes.map((_, k) => k),
    task.random,
  )) {
    if (found.size >= count) break;
    const item = itemAt(notes[i]!, task.key);
    const right = nameText(rightName(item));
    const can = CAUSES.flatMap((cause) => {
      const name = cause.predict(item);
      if (name === null || name === 'any' || nameText(name) === right) return [];
      // Nobody in the group makes the others: they come only where none of its own fits.
      return [
        { name, weight: known.get(cause.id) ?? (known.size > 0 ? cause.prior / 50 : cause.prior) },
      ];
    });
    if (can.length === 0) continue;
    const { name } = pickWeighted(can, (c) => c.weight, task.random);
    found.set(i, { name: nameText(name), shown: noteName(name, task.naming, task.key) });
  }
  return found;
}
