import { shuffled } from '../../random';
import { chosenOnce } from '../chosen';
import { defineKind, itemAt, NothingToAsk, promptOf } from '../kind';
import { answerAt, askName, shownAt } from '../letters';
import { hasPlaces, placeAt, placedNotes } from '../placed';

export const match = defineKind({
  id: 'match',
  name: 'Match',
  about: 'Lines from notes to their letters and to their places on the instrument.',
  options: { places: { type: 'flag', label: 'With places on the instrument', start: true } },
  count: { of: 'notes', start: 6, max: 9 },
  asksNotes: true,
  instructions: ({ places }, { naming, instrument }) => {
    const name = naming === 'letters' ? 'letter' : 'name';
    return places && hasPlaces({ instrument })
      ? `Draw a line from each note to its ${name}, and from the ${name} to its place.`
      : `Draw a line from each note to its ${name}.`;
  },
  check: 'The key has the lines. Follow each line from the note: it must end at the same places.',
  compose(task, { places }) {
    const placed = places && hasPlaces(task) ? placedNotes(task) : null;
    const from = placed ? { ...task, positions: placed.only } : task;
    const { notes, notices } = chosenOnce(from, 'name');
    if (notes.length < 2) {
      throw new NothingToAsk('Matching needs notes with at least two different names.');
    }
    // One place may serve two notes of a wind instrument: it is shown once.
    const every = placed ? notes.map((p) => placeAt(p, task)) : [];
    const boxes = shuffled(
      every.filter((p, i) => every.findIndex((q) => q.code === p.code) === i),
      task.random,
    );
    const names = shuffled([...new Set(notes.map((p) => answerAt(p, task.key)))], task.random);
    const nameOf = notes.map((p) => names.indexOf(answerAt(p, task.key)));
    const placeOf = every.map((p) => boxes.findIndex((q) => q.code === p.code));
    const shown = names.map((n) =>
      shownAt(notes[nameOf.indexOf(names.indexOf(n))]!, task.key, task.naming),
    );
    return {
      figures: [
        {
          type: 'match',
          key: task.key,
          notes,
          names: shown,
          nameOf,
          places: boxes.map((place, i) => ({ tag: String(i + 1), place })),
          placeOf,
          instrument: task.instrument,
          leftHanded: task.leftHanded,
        },
      ],
      questions: [
        ...notes.map((p) => askName(task, p)),
        ...placeOf.map((k, i) => ({
          entry: 'tag' as const,
          prompt: `Place of the ${promptOf(notes[i]!, task.terms)}`,
          answer: String(k + 1),
          evidence: {
            item: itemAt(notes[i]!, task.key),
            task: 'place' as const,
            instrument: task.instrument,
          },
          tagged: boxes.map((b) => b.code),
        })),
      ],
      notices: [
        ...(placed?.notices ?? []),
        ...notices,
        ...(places && !placed
          ? ['Without places: this copy has no instrument with places to show.']
          : []),
      ],
    };
  },
});
