import type { ClefId } from '../notation';

/** The words of one saying, from the bottom position up. */
export type Words = readonly string[];

/** A clef's two sayings. Empty: none in use. */
export interface ClefSayings {
  readonly spaces: Words;
  readonly lines: Words;
}

/** Words by what they are for: `treble-lines`, `strings-guitar`. */
export type OwnSayings = Readonly<Record<string, Words>>;

/** All sayings that a group uses. */
export type SayingSet = Readonly<Record<ClefId, ClefSayings>>;
