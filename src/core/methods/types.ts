import type { Place } from '../instruments';
import type { Letter } from '../notation';

/** The seven schools of teaching that a group or a student can follow. */
export type MethodId =
  | 'two-sayings'
  | 'spaces-only'
  | 'stepping-lines'
  | 'landmarks'
  | 'hand-position'
  | 'instrument-first'
  | 'all-at-once';

/** How a note is found: by counting words, from a known neighbour, or from a landmark. */
export type Finding = 'sayings' | 'spaces' | 'lines' | 'landmarks' | 'neighbours' | 'instrument';

export interface Method {
  readonly id: MethodId;
  readonly name: string;
  /** One sentence for the teacher who chooses. */
  readonly about: string;
  readonly finding: Finding;
  readonly order:
    | 'spaces-lines'
    | 'lines-spaces'
    | 'landmarks'
    | 'first-five'
    | 'instrument'
    | 'all';
}

/** Something to show on the staff while a sentence is said. */
export interface Mark {
  readonly step: number;
  readonly role: 'clef' | 'count' | 'known' | 'path' | 'answer';
  /** Short label beside the mark: a word, a letter, a number. */
  readonly label?: string;
}

/** One step of the way to an answer: a sentence, and what the staff shows with it. */
export interface Step {
  readonly say: string;
  readonly marks: readonly Mark[];
  /** Fingers and gaps of the hand staff that are counted, as steps. */
  readonly hand?: readonly number[];
  /** The place on the instrument. */
  readonly place?: Place;
  /** The picture of a letter. */
  readonly picture?: Letter;
}
