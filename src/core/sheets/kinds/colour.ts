import { LETTERS, letterAt, noteName } from '../../notation';
import { chosen } from '../chosen';
import { defineKind } from '../kind';
import { askName, shownAt } from '../letters';

export const colour = defineKind({
  id: 'colour',
  name: 'Colour the notes',
  about: 'A colour or pattern for each letter; the heads are coloured in.',
  options: {},
  count: { of: 'notes', start: 16, max: 100 },
  asksNotes: true,
  instructions: (_, { colour: inColour, terms }) =>
    inColour
      ? `${terms === 'UK' ? 'Colour' : 'Color'} each note as its letter has it above.`
      : 'Fill each note with the pattern of its letter above.',
  check:
    'The key has the letter under each note: look its colour or pattern up in the row at the top.',
  compose(task) {
    const { notes, notices } = chosen(task);
    const used = new Set(notes.map(letterAt));
    return {
      figures: [
        {
          type: 'legend',
          letters: LETTERS.filter((l) => used.has(l)).map((letter) => ({
            letter,
            name: noteName({ letter, alter: 0 }, task.naming, task.key),
          })),
        },
        {
          type: 'cells',
          key: 0,
          width: 16,
          cells: notes.map((p) => ({
            clef: p.clef,
            notes: [{ step: p.step, head: 'open', colour: letterAt(p) }],
            rows: [{ kind: 'key', answer: shownAt(p, 0, task.naming) }],
          })),
        },
      ],
      // Keyed in as the letter whose colour was used.
      questions: notes.map((p) => askName({ ...task, key: 0 }, p)),
      notices,
    };
  },
});
