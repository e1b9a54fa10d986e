import type { InstrumentId } from '../instruments';
import type { Alter, ClefId, KeySignature } from '../notation';

/**
 * What was asked: the letter, the place on the instrument, to play it, or to write the
 * note (of a letter or a place) on the staff.
 */
export const TASKS = ['name', 'place', 'play', 'write'] as const;
export type Task = (typeof TASKS)[number];

/** Where an answer came from. */
export const SOURCES = ['drill', 'sheet', 'card', 'spoken'] as const;
export type Source = (typeof SOURCES)[number];

/** One item as it was asked: a position under a key signature, with a printed accidental or none. */
export interface Item {
  readonly clef: ClefId;
  readonly step: number;
  readonly key: KeySignature;
  /** Printed in front of the note; null when nothing is printed. */
  readonly accidental: Alter | null;
}

/**
 * One answer, never changed once stored. `ms` is null on paper. `given` is the name in
 * ASCII (`F#`, `Bb`), a place's code, or a position's identifier, as the task asks; null
 * for a blank.
 */
export interface Answer extends Item {
  /** Made by the client, so that sending it twice stores it once. */
  readonly id: string;
  readonly task: Task;
  readonly given: string | null;
  readonly correct: boolean;
  readonly ms: number | null;
  /** How many hints were open when it was given. */
  readonly hints: number;
  readonly source: Source;
  /** Milliseconds since 1970. */
  readonly at: number;
  /** On which instrument a place was asked; not needed for names. */
  readonly instrument?: InstrumentId | null;
}

/** How well a note is known. */
export type Security = 'not-met' | 'learning' | 'secure' | 'instant' | 'fading';

export const SECURITY_WORDS: Readonly<Record<Security, string>> = {
  'not-met': 'not met',
  learning: 'learning',
  secure: 'secure',
  instant: 'instant',
  fading: 'fading',
};
