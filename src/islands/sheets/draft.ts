import type { GroupView } from '../../contract/views';
import type { InstrumentId } from '../../core/instruments';
import type { KeySignature, StaffPosition } from '../../core/notation';
import {
  type KeptPreset,
  KINDS,
  newSection,
  type Preset,
  type SheetSpec,
  START_SETTINGS,
  sheetProblem,
} from '../../core/sheets';

/** A sheet while it is being set. */
export interface Draft extends KeptPreset {
  readonly key: KeySignature;
  readonly instrument: InstrumentId;
  readonly versions: 'one' | 'abc' | 'each';
}

/** The sheet that the view starts with. */
export function startDraft(key: KeySignature, instrument: InstrumentId): Draft {
  return {
    sections: [newSection('name-notes', 'first', { weakFirst: true })],
    ...START_SETTINGS,
    title: 'Name the notes',
    key,
    instrument,
    versions: 'one',
  };
}

/** A draft with a ready-made sheet's exercises; paper, header and versions stay. */
export function withPreset(draft: Draft, preset: Preset): Draft {
  const { title, sections, settings } = preset;
  const { staffSpace, write, large, headLetters, instructions } = START_SETTINGS;
  const plain = { staffSpace, write, large, headLetters, instructions };
  return { ...draft, ...plain, ...settings, title, sections };
}

/** What of a draft is kept under a name. */
export function keptOf(draft: Draft): KeptPreset {
  const { key: _, instrument: __, versions: ___, ...kept } = draft;
  return kept;
}

/** The spec that a draft stands for, with the chosen notes in the group's words. */
export function specOf(
  draft: Draft,
  { naming, terms }: Pick<GroupView, 'naming' | 'terms'>,
  positions: readonly StaffPosition[],
): SheetSpec {
  const { versions: _, ...settings } = draft;
  return { ...settings, version: 2, positions, naming, terms };
}

/** What keeps a draft from being printed, in a sentence that says what to do, or null. */
export function problemOf(draft: Draft, positions: readonly StaffPosition[]): string | null {
  if (positions.length === 0 && draft.sections.some((s) => KINDS[s.kind].asksNotes)) {
    return 'Choose at least one note on the staff at the left.';
  }
  return sheetProblem(draft);
}

/** An id that no section of the draft has. */
export function freeId(draft: Pick<Draft, 'sections'>): string {
  const used = new Set(draft.sections.map((s) => s.id));
  let n = draft.sections.length + 1;
  while (used.has(`part-${n}`)) n++;
  return `part-${n}`;
}
