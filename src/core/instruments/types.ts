import type { ClefId } from '../notation';

export type InstrumentId =
  | 'keyboard'
  | 'violin'
  | 'cello'
  | 'double-bass'
  | 'guitar'
  | 'soprano-recorder'
  | 'clarinet'
  | 'trumpet'
  | 'trombone'
  | 'none';

/** One way to play a written note. `words` is the text equivalent; `short` fits on a card. */
export type Place = KeyPlace | StringPlace | HolesPlace;

export interface KeyPlace {
  readonly kind: 'key';
  /** MIDI number of the key. */
  readonly midi: number;
  readonly short: string;
  readonly words: string;
}

export interface StringPlace {
  readonly kind: 'string';
  /** Open string's name, such as `D`. */
  readonly string: string;
  /** Index of the string from the lowest, 0 upwards. */
  readonly index: number;
  /** 0 is the open string. */
  readonly finger: number;
  /** Semitones above the open string. */
  readonly semitones: number;
  readonly short: string;
  readonly words: string;
}

/** How far a hole is covered. */
export type Hole = 'open' | 'half' | 'closed';

export interface HolesPlace {
  readonly kind: 'holes';
  /** Thumb first, then holes 1 to 7 from the top. */
  readonly holes: readonly Hole[];
  readonly short: string;
  readonly words: string;
}

export interface Instrument {
  readonly id: InstrumentId;
  readonly name: string;
  /** Clefs a beginner reads on it, the usual one first. */
  readonly clefs: readonly ClefId[];
  /** Sounding pitch minus written pitch, in semitones. */
  readonly transposition: number;
  /** Written names of the first notes in the usual order, as scientific pitch. */
  readonly firstNotes: readonly string[];
  /** A caution for the instrument's cards and pages. */
  readonly caution?: string;
}
