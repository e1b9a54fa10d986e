import type { KindId } from './kind-ids';
import { newSection } from './section';
import type { SectionSpec, SheetSpec } from './spec';

/** Sections, and the settings that matter for them. */
export interface Preset {
  readonly id: string;
  readonly name: string;
  readonly title: string;
  readonly sections: readonly SectionSpec[];
  readonly settings?: Partial<
    Pick<SheetSpec, 'staffSpace' | 'write' | 'large' | 'headLetters' | 'instructions'>
  >;
}

/** A sheet's exercises and settings as a teacher keeps them, without notes and key. */
export type KeptPreset = Pick<
  SheetSpec,
  | 'sections'
  | 'paper'
  | 'staffSpace'
  | 'write'
  | 'large'
  | 'colour'
  | 'headLetters'
  | 'title'
  | 'instructions'
  | 'header'
  | 'keyPlaces'
  | 'fade'
>;

/** Settings that a sheet starts with. */
export const START_SETTINGS: Omit<KeptPreset, 'sections' | 'title'> = {
  paper: 'A4',
  staffSpace: 2.8,
  write: 10,
  large: false,
  colour: false,
  headLetters: 'none',
  instructions: '',
  header: ['name', 'room', 'number', 'date'],
  keyPlaces: true,
  fade: 'none',
};

type Part = readonly [kind: KindId, differs?: Parameters<typeof newSection>[2]];

function preset(
  id: string,
  name: string,
  title: string,
  parts: readonly Part[],
  settings: NonNullable<Preset['settings']> = {},
): Preset {
  const sections = parts.map(([kind, differs], i) => newSection(kind, `${id}-${i + 1}`, differs));
  return { id, name, title, sections, settings };
}

/** The usual jobs. */
export const PRESETS: readonly Preset[] = [
  preset('name', 'Name the notes', 'Name the notes', [['name-notes']]),
  preset(
    'first',
    'First notes',
    'My first notes',
    [
      ['draw-five', { count: 2 }],
      ['name-notes', { count: 10, order: 'taught' }],
    ],
    { staffSpace: 4, headLetters: 'fading' },
  ),
  preset('look', 'Line or space first', 'Look closely', [
    ['line-space', { count: 12 }],
    ['two-of-a-letter', { count: 4 }],
  ]),
  preset('pen', 'Pencil work', 'Draw your notes', [
    ['draw-clef'],
    ['draw-five', { count: 2, options: { heads: 'whole' } }],
    ['draw-note', { count: 8 }],
  ]),
  preset('runs', 'Steps and runs', 'Step by step', [
    ['steps', { count: 8 }],
    ['fill-gap', { count: 6 }],
  ]),
  preset('words', 'Words', 'Words in notes', [
    ['words', { count: 6 }],
    ['words', { count: 4, options: { way: 'write' } }],
  ]),
  preset('mixed', 'A mixed page', 'Notes from all sides', [
    ['name-notes', { count: 10 }],
    ['dots', { count: 8 }],
    ['draw-note', { count: 6 }],
  ]),
  preset('clefs', 'Both clefs', 'Which clef?', [
    ['mixed-clefs', { count: 12 }],
    ['find-mistakes', { count: 10, clefs: 'mixed' }],
  ]),
  preset('places', 'On the instrument', 'Where is it?', [
    ['match', { count: 5 }],
    ['where', { count: 8 }],
    ['where', { count: 4, options: { way: 'back' } }],
  ]),
  preset('play', 'Colours and dots', 'Colours and dots', [
    ['colour', { count: 16 }],
    ['dots', { count: 8, options: { ask: 'number' } }],
  ]),
  preset('quiz', 'Quiz', 'Quiz', [['quiz']]),
  preset('paper', 'Music paper', 'Music paper', [['blank-staves', { count: 10 }]]),
];
