import type { Item } from '../evidence';
import type { InstrumentId } from '../instruments';
import {
  describePosition,
  type KeySignature,
  type Naming,
  type StaffPosition,
  type Terms,
} from '../notation';
import type { Random } from '../random';
import type { Figure } from './figures';
import type { KindId } from './kind-ids';
import type { OptionsOf, OptionTable, RawOptions } from './options';
import type { Question } from './questions';
import type { HeadLetters, WeighedCause, Wishes } from './spec';

/** Everything that an exercise is made from. The same task gives the same exercise. */
export interface Task {
  /** The notes that may be asked; not empty for kinds that ask notes. */
  readonly positions: readonly StaffPosition[];
  readonly wishes: Wishes;
  readonly key: KeySignature;
  readonly naming: Naming;
  readonly terms: Terms;
  readonly headLetters: HeadLetters;
  /** Named heads of the sheet before this exercise, and on all of it: letters fade over the whole sheet. */
  readonly heads: { readonly before: number; readonly all: number };
  readonly weights: Readonly<Record<string, number>> | undefined;
  readonly taught: readonly string[] | undefined;
  readonly causes: readonly WeighedCause[];
  readonly instrument: InstrumentId;
  readonly leftHanded: boolean;
  readonly random: Random;
  /** Makes an exercise of another kind from the same notes, for a quiz; `name` tells its chances apart. */
  readonly other: (
    kind: KindId,
    count: number,
    options: RawOptions,
    name: string,
  ) => Made & { readonly instructions: string };
}

/** What an exercise consists of. */
export interface Made {
  readonly figures: readonly Figure[];
  readonly questions: readonly Question[];
  /** Wishes that could not be met, each with the reason. */
  readonly notices: readonly string[];
}

/** A kind has nothing to ask with these notes; the message says what would be right. */
export class NothingToAsk extends Error {}

/** What a text of instructions may depend on. */
export interface Words {
  readonly terms: Terms;
  readonly naming: Naming;
  readonly key: KeySignature;
  readonly colour: boolean;
  /** Whose places are asked. */
  readonly instrument: InstrumentId;
}

/** An exercise kind. */
export interface Kind {
  readonly id: KindId;
  readonly name: string;
  /** In a sentence, for whoever chooses it. */
  readonly about: string;
  readonly options: OptionTable;
  /** What its count counts, how many it starts with, and how many it may have. */
  readonly count: { readonly of: string; readonly start: number; readonly max: number };
  /** Whether notes are chosen for it, by order, weights and ledger lines. */
  readonly asksNotes: boolean;
  /** What the student is told. */
  readonly instructions: (options: RawOptions, words: Words) => string;
  /** How someone who reads no music checks it with the key. */
  readonly check: string;
  readonly compose: (task: Task, options: RawOptions) => Made;
}

interface Definition<T extends OptionTable> extends Omit<Kind, 'compose' | 'instructions'> {
  readonly options: T;
  readonly instructions: (options: OptionsOf<T>, words: Words) => string;
  readonly compose: (task: Task, options: OptionsOf<T>) => Made;
}

/** A kind with its options typed by its own table. They must have been read by `readOptions`. */
export function defineKind<const T extends OptionTable>(definition: Definition<T>): Kind {
  const { compose, instructions } = definition;
  return {
    ...definition,
    compose: (task, options) => compose(task, options as OptionsOf<T>),
    instructions: (options, words) => instructions(options as OptionsOf<T>, words),
  };
}

/** A position under the task's signature, as evidence keeps it. */
export function itemAt(position: StaffPosition, key: KeySignature): Item {
  return { clef: position.clef, step: position.step, key, accidental: null };
}

/** Where a note stands, as a prompt: never its letter. */
export function promptOf(position: StaffPosition, terms: Terms): string {
  return describePosition(position, terms);
}
