import { letterAt, positionId, type StaffPosition, term } from '../../notation';
import { chosen, placesOfLetter } from '../chosen';
import type { CellNote } from '../figures';
import { defineKind } from '../kind';
import { askDrawn, shownAt } from '../letters';

/** What tells the places of one letter apart, from low to high. */
const HEIGHTS: Readonly<Record<number, readonly string[]>> = {
  1: [''],
  2: ['low', 'high'],
  3: ['low', 'middle', 'high'],
};

export const drawNote = defineKind({
  id: 'draw-note',
  name: 'Draw the note',
  about: 'A letter is given, the note is drawn.',
  options: {
    ask: {
      type: 'choice',
      label: 'Where',
      values: [
        ['one', 'Any one place'],
        ['every', 'Every place on this staff'],
        ['octave', 'The octave asked for'],
      ],
      start: 'one',
    },
    stems: { type: 'flag', label: 'With stems', start: false },
  },
  count: { of: 'letters', start: 12, max: 100 },
  asksNotes: true,
  instructions: ({ ask, stems }, { terms }) => {
    const note = stems ? 'note with its stem' : 'note';
    if (ask === 'every')
      return `Draw each ${note} in every place it has on this ${term('staff', terms)}.`;
    if (ask === 'octave') return `Draw the ${note}, low or high as the word says.`;
    return `Draw a ${note} for each letter.`;
  },
  check:
    'The drawn head must sit on the same line or in the same space as on the key. Where any place is right, the key shows one; the same letter higher or lower is right too.',
  compose(task, { ask, stems }) {
    const { notes, notices } = chosen(task);
    const { ledgers } = task.wishes;
    const head = stems ? 'quarter' : 'whole';
    const words = notes.map((p) => wordOf(p, placesOfLetter(p, ledgers)));
    const name = (p: StaffPosition) => shownAt(p, task.key, task.naming);
    const drawn = (p: StaffPosition): CellNote[] => {
      const places = ask === 'every' ? placesOfLetter(p, ledgers) : [p];
      return places.map(({ step }) => ({ step, head }));
    };
    return {
      figures: [
        {
          type: 'cells',
          key: task.key,
          width: ask === 'one' ? 16 : 22,
          cells: notes.map((p, i) => ({
            clef: p.clef,
            notes: [],
            drawn: drawn(p),
            rows: [
              { kind: 'print', text: `${ask === 'octave' ? words[i] : ''} ${name(p)}`.trim() },
            ],
          })),
        },
      ],
      questions: notes.map((p) => {
        const anywhere = ask === 'one' && placesOfLetter(p, ledgers).length > 1;
        return askDrawn(task, p, `Draw ${letterAt(p)}`, { anywhere });
      }),
      notices,
    };
  },
});

function wordOf(position: StaffPosition, places: readonly StaffPosition[]): string {
  const i = places.findIndex((p) => positionId(p) === positionId(position));
  return HEIGHTS[places.length]?.[i] ?? `number ${i + 1} from below:`;
}
