import { chosen } from '../chosen';
import { defineKind } from '../kind';
import { askName, headsWithLetters, nameCell } from '../letters';

export const nameNotes = defineKind({
  id: 'name-notes',
  name: 'Name the notes',
  about: 'Notes on the staff, a line under each for its name.',
  options: {
    head: {
      type: 'choice',
      label: 'Heads',
      values: [
        ['whole', 'Whole notes'],
        ['quarter', 'Filled, with stems'],
      ],
      start: 'whole',
    },
  },
  count: { of: 'notes', start: 20, max: 200 },
  asksNotes: true,
  instructions: (_, { key, naming }) =>
    `Write the ${naming === 'letters' ? 'letter' : 'name'} under each note.${key === 0 ? '' : ' Look at the key signature first.'}`,
  check: 'The names stand under the notes in the order of the line: compare them one by one.',
  compose(task, { head }) {
    const { notes, notices } = chosen(task);
    const heads = headsWithLetters(task, notes);
    const cells = notes.map((p, i) => nameCell(task, p, { ...heads[i]!, head }));
    return {
      figures: [{ type: 'cells', key: task.key, cells }],
      questions: notes.map((p) => askName(task, p)),
      notices,
    };
  },
});
