import { defineKind } from '../kind';

export const blankStaves = defineKind({
  id: 'blank-staves',
  name: 'Blank staves',
  about: 'Paper to write music on.',
  options: {
    staff: {
      type: 'choice',
      label: 'Staff',
      values: [
        ['treble', 'Treble'],
        ['bass', 'Bass'],
        ['grand', 'Grand'],
      ],
      start: 'treble',
    },
    clef: { type: 'flag', label: 'With clefs', start: true },
    space: {
      type: 'number',
      label: 'Millimetres between lines',
      min: 2,
      max: 8,
      step: 0.5,
      start: 3,
    },
  },
  count: { of: 'staves', start: 8, max: 60 },
  asksNotes: false,
  instructions: () => '',
  check: 'There is nothing to check here.',
  compose: (task, { staff, clef, space }) => ({
    figures: [{ type: 'blank', staff, clef, space, count: task.wishes.count }],
    questions: [],
    notices: [],
  }),
});
