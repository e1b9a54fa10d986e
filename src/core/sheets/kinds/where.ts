import { INSTRUMENTS, lowerName } from '../../instruments';
import type { StaffPosition } from '../../notation';
import { chosen } from '../chosen';
import { defineKind, itemAt, promptOf, type Task } from '../kind';
import { askDrawn, shownAt } from '../letters';
import { placeAt, placedNotes } from '../placed';
import type { Question } from '../questions';
import { writesPlaces, writtenPlace } from '../written-place';

export const where = defineKind({
  id: 'where',
  name: 'Where is it played',
  about:
    'Write the finger, fret, holes or valves; shade the diagram; or draw the note of a diagram.',
  options: {
    way: {
      type: 'choice',
      label: 'Asked',
      values: [
        ['write', 'Write the place'],
        ['shade', 'Shade the diagram'],
        ['back', 'From the diagram to the note'],
      ],
      start: 'write',
    },
  },
  count: { of: 'notes', start: 8, max: 100 },
  asksNotes: true,
  instructions: ({ way }, { instrument }) =>
    way === 'write' && writesPlaces(instrument)
      ? 'Write under each note where it is played.'
      : way === 'back'
        ? 'Draw the note that is played at the marked place, and write its name.'
        : 'Show on the picture where each note is played.',
  check: 'The key has the place under or beside each note: compare it sign by sign.',
  compose(task, { way }) {
    const placed = placedNotes(task);
    const { notes, notices } = chosen(task, { only: placed.only });
    const written = notes.map((p) => writtenPlace(placeAt(p, task)));
    const { instrument, leftHanded, key } = task;
    const shade = way === 'write' && !writesPlaces(instrument);
    const all = [
      ...placed.notices,
      ...notices,
      ...(shade
        ? [`Places on the ${lowerName(INSTRUMENTS[instrument])} are shaded: they are not written.`]
        : []),
    ];
    if (way === 'write' && !shade) {
      const wide = Math.max(...written.map((w) => w!.length));
      return {
        figures: [
          {
            type: 'cells',
            key,
            width: Math.max(14, 3.4 * wide),
            cells: notes.map((p, i) => ({
              clef: p.clef,
              notes: [{ step: p.step, head: 'whole' }],
              rows: [{ kind: 'write', answer: written[i]! }],
            })),
          },
        ],
        questions: notes.map((p, i) => askPlace(task, p, 'place', written[i]!)),
        notices: all,
      };
    }
    return {
      figures: [
        {
          type: 'places',
          way: way === 'back' ? 'back' : 'shade',
          key,
          cells: notes.map((p) => ({
            position: p,
            place: placeAt(p, task),
            name: shownAt(p, key, task.naming),
          })),
          instrument,
          leftHanded,
        },
      ],
      questions: notes.map((p) =>
        way === 'back'
          ? askDrawn(task, p, `Draw the note of the place ${placeAt(p, task).short}`)
          : askPlace(task, p, 'tick', '+'),
      ),
      notices: all,
    };
  },
});

function askPlace(task: Task, p: StaffPosition, entry: 'place' | 'tick', answer: string): Question {
  return {
    entry,
    prompt: promptOf(p, task.terms),
    answer,
    shown: placeAt(p, task).short,
    evidence: { item: itemAt(p, task.key), task: 'place', instrument: task.instrument },
  };
}
