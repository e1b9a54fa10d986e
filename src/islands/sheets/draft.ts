import type { KeySignature, StaffPosition } from '../../core/notation';
import type { Fade } from '../../core/sayings';
import { type HeaderField, type Paper, SHEET_LIMITS } from '../../core/sheets';

/** A sheet while it is being set. */
export interface Draft {
  readonly count: number;
  readonly key: KeySignature;
  readonly weakFirst: boolean;
  readonly paper: Paper;
  readonly staffSpace: number;
  readonly title: string;
  /** null: follow the settings. */
  readonly instructions: string | null;
  readonly header: readonly HeaderField[];
  readonly keyPlaces: boolean;
  readonly fade: Fade;
  readonly versions: 'one' | 'each';
}

export const START: Draft = {
  count: 24,
  key: 0,
  weakFirst: true,
  paper: 'A4',
  staffSpace: 2.8,
  title: 'Name the notes',
  instructions: null,
  header: ['name', 'room', 'number', 'date'],
  keyPlaces: true,
  fade: 'none',
  versions: 'one',
};

/** What keeps a draft from being printed, in a sentence that says what to do, or null. */
export function problemOf(
  draft: Draft,
  positions: readonly StaffPosition[],
  instructions: string,
): string | null {
  const { items, staffSpace, title, instructions: longest } = SHEET_LIMITS;
  if (positions.length === 0) return 'Choose at least one note on the staff at the left.';
  if (!Number.isInteger(draft.count) || draft.count < 1)
    return 'Write how many notes: a whole number from 1.';
  if (draft.count > items) return `A sheet holds up to ${items} notes. Make two sheets for more.`;
  if (!(draft.staffSpace >= staffSpace.min && draft.staffSpace <= staffSpace.max)) {
    return `Staff lines stand ${staffSpace.min} to ${staffSpace.max} mm apart.`;
  }
  if (draft.title.length > title) return `The title is too long: up to ${title} letters.`;
  return instructions.length > longest
    ? `The instructions are too long: up to ${longest} letters.`
    : null;
}
