import type { Item, Task } from '../evidence';
import type { InstrumentId } from '../instruments';
import type { KeySignature, Naming } from '../notation';

/** How an answer is keyed in: see `entries.ts`. */
export const ENTRY_IDS = [
  'name',
  'line-space',
  'number',
  'tag',
  'motion',
  'pair',
  'correction',
  'place',
  'tick',
] as const;
export type EntryId = (typeof ENTRY_IDS)[number];

/** One thing that a sheet asks. */
export interface Question {
  readonly entry: EntryId;
  /** What is asked, in words that do not give the answer away. */
  readonly prompt: string;
  /** The right answer in the form in which answers are stored. */
  readonly answer: string;
  /** Others that are right as well. */
  readonly others?: readonly string[];
  /** As the key prints it, when that differs from `answer`. */
  readonly shown?: string;
  /** What it says about which note; left out when it says nothing that is kept. */
  readonly evidence?: {
    readonly item: Item;
    readonly task: Task;
    readonly instrument?: InstrumentId;
  };
  /** How names are written here, and under which signature; for answers that are names. */
  readonly names?: { readonly naming: Naming; readonly key: KeySignature };
  /** The label that stands there already, on a line with mistakes. */
  readonly label?: string;
  /** The notes by their numbers, where the answer is a number: the one given was taken for the name asked. */
  readonly numbered?: { readonly items: readonly Item[]; readonly name: string };
  /** Codes of the places by their tags, from 1. */
  readonly tagged?: readonly string[];
  /** Points in a quiz; 1 when left out. */
  readonly points?: number;
}
