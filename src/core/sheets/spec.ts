import type { KeySignature, Naming, StaffPosition, Terms } from '../notation';
import type { Fade } from '../sayings';

export const PAPERS = {
  A4: { width: 210, height: 297 },
  Letter: { width: 215.9, height: 279.4 },
} as const;
/** Paper sizes in millimetres. Source: ISO 216 and ANSI/ASME Y14.1. */
export type Paper = keyof typeof PAPERS;

/** Which lines the header offers to fill in. */
export const HEADER_FIELDS = ['name', 'room', 'number', 'date'] as const;
export type HeaderField = (typeof HEADER_FIELDS)[number];

export const SHEET_LIMITS = {
  /** Most items on one sheet: ten pages of small staves. */
  items: 200,
  /** Millimetres between two staff lines. */
  staffSpace: { min: 2, max: 8 },
  title: 120,
  instructions: 240,
} as const;

/** What a sheet asks and how it looks. Stored with its seed, so that it can be printed again for ever. */
export interface SheetSpec {
  /** Version of the composing rules; never change what a number means. */
  readonly version: 1;
  readonly kind: 'name-notes';
  readonly positions: readonly StaffPosition[];
  readonly count: number;
  readonly key: KeySignature;
  /** More of the weak notes, by the weights of the copy. */
  readonly weakFirst: boolean;
  readonly paper: Paper;
  /** Millimetres between two staff lines, 2 to 8. */
  readonly staffSpace: number;
  readonly title: string;
  readonly instructions: string;
  readonly header: readonly HeaderField[];
  readonly naming: Naming;
  readonly terms: Terms;
  /** Whether the key also shows where each note is on the instrument. */
  readonly keyPlaces?: boolean;
  /** How much of the sayings stands across the top; none when left out. */
  readonly fade?: Fade;
}

/** One student's or version's copy: its seed and, when weighted, how much each position weighs. */
export interface SheetCopy {
  readonly seed: string;
  /** Position id → weight ≥ 0; absent ones weigh 1. */
  readonly weights?: Readonly<Record<string, number>>;
  /** The sayings across its top, as printed: a later saying does not change a printed sheet. */
  readonly strip?: readonly string[];
  /** The notes of this copy, when they are only some of the spec's; all of them when left out. */
  readonly positions?: readonly StaffPosition[];
}

export interface SheetItem extends StaffPosition {
  readonly key: KeySignature;
  readonly accidental: null;
  /** The right name as printed on the key. */
  readonly answer: string;
}
