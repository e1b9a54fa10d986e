import { CLEFS, type ClefId } from '../../notation';
import { defineKind } from '../kind';

export const drawClef = defineKind({
  id: 'draw-clef',
  name: 'Draw the clef',
  about: 'The strokes one by one, then to trace, then alone.',
  options: {
    clef: {
      type: 'choice',
      label: 'Clef',
      values: [
        ['treble', 'Treble'],
        ['bass', 'Bass'],
        ['both', 'Both'],
      ],
      start: 'treble',
    },
  },
  count: { of: 'lines to draw it alone', start: 1, max: 8 },
  asksNotes: false,
  instructions: () =>
    'Draw stroke after stroke in the order of the numbers. Trace the pale ones, then draw alone.',
  check:
    'The spiral of the treble clef must go round line 2, the second from below; the two dots of the bass clef stand above and below line 4.',
  compose(task, { clef }) {
    const clefs: ClefId[] = clef === 'both' ? ['treble', 'bass'] : [clef];
    return {
      figures: clefs.map((c) => ({ type: 'clef', clef: c, lines: task.wishes.count })),
      questions: clefs.map((c) => ({
        entry: 'tick',
        prompt: `Draw the ${CLEFS[c].name}`,
        answer: '+',
        shown: 'drawn',
      })),
      notices: [],
    };
  },
});
