import { type ClefId, letterAt, type StaffPosition } from '../../notation';
import { pickWeighted, shuffled } from '../../random';
import type { Cell } from '../figures';
import { defineKind, NothingToAsk } from '../kind';
import { askDrawn, askName, nameCell } from '../letters';
import { NOTE_WORDS } from '../words-data';

export const words = defineKind({
  id: 'words',
  name: 'Words on the staff',
  about: 'Words of the letters A to G, to read or to write in notes.',
  options: {
    way: {
      type: 'choice',
      label: 'Words are',
      values: [
        ['read', 'Read'],
        ['write', 'Written in notes'],
      ],
      start: 'read',
    },
    level: {
      type: 'choice',
      label: 'Words',
      values: [
        ['1', 'Easy'],
        ['2', 'Easy and harder'],
        ['3', 'All'],
      ],
      start: '1',
    },
    longest: { type: 'number', label: 'Letters, at most', min: 3, max: 8, start: 5 },
  },
  count: { of: 'words', start: 8, max: 60 },
  asksNotes: true,
  instructions: ({ way }) =>
    way === 'read'
      ? 'Each group of notes spells a word. Write its letters.'
      : 'Write each word in notes: one note above each letter.',
  check:
    'The letters must spell an English word. When the word is written in notes, each head sits as on the key; the same letter higher or lower is right too.',
  compose(task, { way, level, longest }) {
    const list = ([1, 2, 3] as const)
      .filter((n) => n <= Number(level))
      .flatMap((n) => NOTE_WORDS[n])
      .filter((w) => w.length <= longest);
    // Words are of plain letters: a note that the signature changes spells none of them.
    const plain = task.positions;
    const clefs = [...new Set(plain.map((p) => p.clef))]
      .map((clef) => ({ clef, can: list.filter((w) => spellable(w, clef, plain)) }))
      .filter(({ can }) => can.length > 0);
    if (clefs.length === 0) {
      const letters = [...new Set(plain.map(letterAt))].sort().join(' ');
      throw new NothingToAsk(
        `No word of the list can be written with ${letters} in one clef: choose more notes, harder words or longer ones.`,
      );
    }
    const order = clefs.map(({ can }) => shuffled(can, task.random));
    const { count } = task.wishes;
    const cells: Cell[] = [];
    const asked: StaffPosition[] = [];
    for (let i = 0; i < count; i++) {
      const k =
        task.wishes.clefs === 'mixed' ? i % clefs.length : Math.floor((i * clefs.length) / count);
      const nth =
        task.wishes.clefs === 'mixed'
          ? Math.floor(i / clefs.length)
          : i - Math.ceil((k * count) / clefs.length);
      const word = order[k]![nth % order[k]!.length]!;
      for (const letter of word.toUpperCase()) {
        const places = plain.filter((p) => p.clef === clefs[k]!.clef && letterAt(p) === letter);
        const p = pickWeighted(places, () => 1, task.random);
        asked.push(p);
        const head = { step: p.step, head: 'whole' } as const;
        cells.push(
          way === 'read'
            ? { ...nameCell({ ...task, key: 0, naming: 'letters' }, p, head), group: i }
            : {
                clef: p.clef,
                group: i,
                notes: [],
                drawn: [head],
                rows: [{ kind: 'print', text: letter }],
              },
        );
      }
    }
    const different = new Set(order.flat()).size;
    const notices = [
      ...(different < count
        ? [`Words come again: only ${different} can be written with the chosen notes.`]
        : []),
      ...(task.key === 0
        ? []
        : ['Words have plain letters, so this section has no key signature.']),
    ];
    const plainTask = { ...task, key: 0, naming: 'letters' } as const;
    return {
      figures: [{ type: 'cells', key: 0, cells, width: 12 }],
      questions: asked.map((p) =>
        way === 'read'
          ? askName(plainTask, p)
          : askDrawn(plainTask, p, `Draw ${letterAt(p)}`, { anywhere: true }),
      ),
      notices,
    };
  },
});

function spellable(word: string, clef: ClefId, positions: readonly StaffPosition[]): boolean {
  return [...word.toUpperCase()].every((l) =>
    positions.some((p) => p.clef === clef && letterAt(p) === l),
  );
}
