import type { ClefId, StaffPosition } from '@/core/notation';
import {
  composeSheet,
  type KindId,
  newSection,
  type Question,
  type Section,
  type SectionSpec,
  type SheetCopy,
  type SheetSpec,
} from '@/core/sheets';

export const at = (clef: ClefId, ...steps: number[]): StaffPosition[] =>
  steps.map((step) => ({ clef, step }));

/** The whole of both staves. */
export const BOTH = [
  ...at('treble', 0, 1, 2, 3, 4, 5, 6, 7, 8),
  ...at('bass', 0, 1, 2, 3, 4, 5, 6, 7, 8),
];

export function sheet(sections: readonly SectionSpec[], rest: Partial<SheetSpec> = {}): SheetSpec {
  return {
    version: 2,
    positions: BOTH,
    key: 0,
    sections,
    paper: 'A4',
    staffSpace: 3,
    write: 10,
    large: false,
    colour: false,
    headLetters: 'none',
    title: 'Sheet',
    instructions: '',
    header: ['name', 'date'],
    naming: 'letters',
    terms: 'US',
    instrument: 'none',
    keyPlaces: false,
    fade: 'none',
    ...rest,
  };
}

/** One section of a kind, composed. */
export function made(
  kind: KindId,
  differs: Partial<SectionSpec> = {},
  rest: Partial<SheetSpec> = {},
  copy: Partial<SheetCopy> = {},
): Section {
  const spec = sheet([newSection(kind, 's', differs)], rest);
  return composeSheet(spec, { seed: 'seed', ...copy })[0]!;
}

/** What somebody types who keys in the right answers. */
export function rightly(questions: readonly Question[]): string {
  return questions.map((q) => q.answer).join(' ');
}

/** Cells of the section's first figure of that type. */
export function cellsOf(section: Section) {
  const figure = section.figures.find((f) => f.type === 'cells');
  return figure?.type === 'cells' ? figure.cells : [];
}
