import { CLEF_IDS, type ClefId, type StaffPosition } from '../../notation';
import { chosen } from '../chosen';
import { defineKind, NothingToAsk, type Task } from '../kind';
import { askName, headsWithLetters, nameCell } from '../letters';

export const mixedClefs = defineKind({
  id: 'mixed-clefs',
  name: 'Mixed-clef check',
  about: 'Every note has a clef of its own: look at the clef first.',
  options: {},
  count: { of: 'notes', start: 12, max: 100 },
  asksNotes: true,
  instructions: (_, { naming }) =>
    `Look at the clef first, then write the ${naming === 'letters' ? 'letter' : 'name'} of the note.`,
  check: 'The names stand under the notes: compare them one by one.',
  compose(task) {
    const parts = CLEF_IDS.map((clef) => task.positions.filter((p) => p.clef === clef));
    if (parts.some((part) => part.length === 0)) {
      throw new NothingToAsk(
        'The clefs can only change when notes of both are chosen: add notes in the other clef.',
      );
    }
    const clefs = clefRun(task);
    const runs = CLEF_IDS.map((clef, i) => {
      const count = clefs.filter((c) => c === clef).length;
      return count === 0
        ? { notes: [], notices: [] }
        : chosen(
            { ...task, wishes: { ...task.wishes, clefs: 'blocks' } },
            { only: parts[i]!, count },
          );
    });
    const next = runs.map(({ notes }) => [...notes]);
    const notes: StaffPosition[] = clefs.map((c) => next[CLEF_IDS.indexOf(c)]!.shift()!);
    const heads = headsWithLetters(task, notes);
    return {
      figures: [
        {
          type: 'cells',
          key: task.key,
          single: true,
          width: 24,
          cells: notes.map((p, i) => nameCell(task, p, heads[i]!)),
        },
      ],
      questions: notes.map((p) => askName(task, p)),
      notices: [...new Set(runs.flatMap((r) => r.notices))],
    };
  },
});

/** A clef for each note: by chance, but never three of one kind in a row. */
function clefRun({ wishes, random }: Task): ClefId[] {
  const run: ClefId[] = [];
  for (let i = 0; i < wishes.count; i++) {
    const [a, b] = run.slice(-2);
    const again = a === b && b !== undefined;
    run.push(again ? CLEF_IDS.find((c) => c !== b)! : CLEF_IDS[random() < 0.5 ? 0 : 1]!);
  }
  return run;
}
