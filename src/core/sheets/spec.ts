import type { CauseId } from '../evidence';
import type { InstrumentId } from '../instruments';
import type { KeySignature, Naming, StaffPosition, Terms } from '../notation';
import type { Fade } from '../sayings';
import type { KindId } from './kind-ids';
import type { RawOptions } from './options';

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
  /** Most sections: about as many pages as anybody would staple. */
  sections: 16,
  /** Most items on one sheet: ten pages of small staves. */
  items: 200,
  /** Millimetres between two staff lines. */
  staffSpace: { min: 2, max: 8 },
  /** Millimetres to write in under a staff. */
  write: { min: 7, max: 20 },
  perLine: { min: 1, max: 20 },
  ledgers: { min: 0, max: 6 },
  title: 300,
  instructions: 240,
} as const;

/** In which order notes come: any, confusable ones side by side or kept apart, or new ones as they were taught. */
export const ORDERS = ['any', 'close', 'apart', 'taught'] as const;
export type Order = (typeof ORDERS)[number];

/** How the notes of a section are chosen. */
export interface Wishes {
  /** Items of the section; what an item is, its kind says. */
  readonly count: number;
  /** One clef after the other, or changing. */
  readonly clefs: 'blocks' | 'mixed';
  readonly order: Order;
  /** More of the weak notes, by the weights of the copy. */
  readonly weakFirst: boolean;
  /** Most ledger lines of a note. */
  readonly ledgers: number;
}

/** One exercise of a sheet. */
export interface SectionSpec extends Wishes {
  /** Tells sections apart while they are moved about. */
  readonly id: string;
  readonly kind: KindId;
  readonly options: RawOptions;
  /** In the teacher's words; null: the kind's own. */
  readonly instructions: string | null;
  /** Most items on a line; null: as many as leave room to write. */
  readonly perLine: number | null;
  /** null: the sheet's. */
  readonly key: KeySignature | null;
}

/** Letters inside the heads: all, every other, the first of each note, none, or fading from all to none. */
export const HEAD_LETTERS = ['none', 'all', 'other', 'first', 'fading'] as const;
export type HeadLetters = (typeof HEAD_LETTERS)[number];

/** What a sheet asks and how it looks. Stored with its seed, so that it can be printed again for ever. */
export interface SheetSpec {
  /** Version of the composing rules; never change what a number means. */
  readonly version: 2;
  readonly positions: readonly StaffPosition[];
  readonly key: KeySignature;
  readonly sections: readonly SectionSpec[];
  readonly paper: Paper;
  /** Millimetres between two staff lines, 2 to 8. */
  readonly staffSpace: number;
  /** Millimetres to write in under a staff, 7 to 20. */
  readonly write: number;
  /** All texts, staves and writing room larger, for who sees little. */
  readonly large: boolean;
  readonly colour: boolean;
  readonly headLetters: HeadLetters;
  readonly title: string;
  readonly instructions: string;
  readonly header: readonly HeaderField[];
  readonly naming: Naming;
  readonly terms: Terms;
  /** Whose places are asked on a sheet for all; own copies have their student's. */
  readonly instrument: InstrumentId;
  /** Whether the key also shows where each note is on the instrument. */
  readonly keyPlaces: boolean;
  /** How much of the sayings stands across the top. */
  readonly fade: Fade;
}

/** A kind of misreading with its weight, to make labels wrong in the way that this group does. */
export interface WeighedCause {
  readonly id: CauseId;
  readonly weight: number;
}

/** One student's or version's copy: its seed, and what of the evidence and the student it was made from. */
export interface SheetCopy {
  readonly seed: string;
  /** Position id → weight ≥ 0; absent ones weigh 1. */
  readonly weights?: Readonly<Record<string, number>>;
  /** The sayings across its top, as printed: a later saying does not change a printed sheet. */
  readonly strip?: readonly string[];
  /** The notes of this copy, when they are only some of the spec's; all of them when left out. */
  readonly positions?: readonly StaffPosition[];
  /** A, B or C on sheets with versions. */
  readonly label?: string;
  /** Ids of positions in the order in which they were taught. */
  readonly taught?: readonly string[];
  readonly causes?: readonly WeighedCause[];
  readonly instrument?: InstrumentId;
  readonly leftHanded?: boolean;
  /** Sections of this copy alone, such as a follow-up for one student's misreadings. */
  readonly sections?: readonly SectionSpec[];
}
