import type { ClefId } from '../notation';

/** Every instrument that a student can have. */
export const INSTRUMENT_IDS = [
  'keyboard',
  'violin',
  'cello',
  'double-bass',
  'guitar',
  'ukulele',
  'soprano-recorder',
  'soprano-recorder-german',
  'alto-recorder',
  'flute',
  'clarinet',
  'alto-saxophone',
  'bassoon',
  'trumpet',
  'horn',
  'trombone',
  'euphonium',
  'tuba',
  'marimba',
  'xylophone',
  'glockenspiel',
  'soprano',
  'alto',
  'tenor',
  'bass-voice',
  'none',
] as const;
export type InstrumentId = (typeof INSTRUMENT_IDS)[number];

/** Instruments whose places are found in the same way; each has a file of its own. */
export type Family =
  | 'keyboard'
  | 'bowed'
  | 'fretted'
  | 'recorders'
  | 'woodwind'
  | 'brass'
  | 'mallets'
  | 'voices'
  | 'none';

export const FAMILY_NAMES: Readonly<Record<Family, string>> = {
  keyboard: 'Keyboard',
  bowed: 'Bowed strings',
  fretted: 'Plucked strings',
  recorders: 'Recorders',
  woodwind: 'Woodwind',
  brass: 'Brass',
  mallets: 'Mallet percussion',
  voices: 'Voices',
  none: 'None yet',
};

/** Lowest and highest written note, as scientific pitch. */
export interface Range {
  readonly low: string;
  readonly high: string;
}

/** An order in which first notes are taught; the usual one stands first. */
export interface NoteOrder {
  readonly id: string;
  readonly name: string;
  /** Written notes as scientific pitch. */
  readonly notes: readonly string[];
}

/** One place of the hand on a bowed string: which finger reaches which half steps above the open string. */
export interface HandPlace {
  /** Name of the position, `first position`. */
  readonly name: string;
  /** Only on these strings (index from the lowest); all when left out. */
  readonly strings?: readonly number[];
  /** Half steps above the open string → finger, and a word when it is stretched or drawn back. */
  readonly reach: readonly (readonly [semitones: number, finger: number, how?: string])[];
}

/** A touch that can be closed: a hole, key or lever. */
export interface Touch {
  /** As charts write it. */
  readonly id: string;
  /** In words, `thumb`, `the register key`. */
  readonly words: string;
  readonly hand: 'left' | 'right';
  /** Number of a finger that always covers this hole; keys have none. */
  readonly finger?: number;
  /** Can be covered by half. */
  readonly half?: boolean;
}

/** What can be closed on a kind of woodwind instrument. */
export type LayoutId = 'recorder' | 'flute' | 'clarinet' | 'saxophone' | 'bassoon';

/** Written note → fingerings, the usual one first: touches closed, `~` before one half covered. */
export type FingeringChart = readonly (readonly [note: string, ...fingerings: string[]])[];

/** How places are found on the instrument. */
export type Technique =
  | { readonly kind: 'keys' }
  | {
      readonly kind: 'bowed';
      /** Open strings, written, from the lowest. */
      readonly strings: readonly string[];
      readonly places: readonly HandPlace[];
      /** Half steps at which tapes usually lie. */
      readonly tapes: readonly number[];
      /** Fingers are named by the letter distance from the open string, `low` or `high`. */
      readonly byLetter: boolean;
      /** Whether the player looks at the strings from behind, the lowest at the right. */
      readonly fromBehind: boolean;
    }
  | {
      readonly kind: 'fretted';
      /** Open strings, written, string 1 first. */
      readonly strings: readonly string[];
      /** Highest fret of first position, reached with the finger of its number. */
      readonly frets: number;
      /** A shift: fret on string 1 that finger 4 also reaches. */
      readonly reach: number;
      /** Strings that tunes use only where no other has the note. */
      readonly spare: readonly number[];
    }
  | { readonly kind: 'holes'; readonly layout: LayoutId; readonly chart: FingeringChart }
  | {
      readonly kind: 'valves';
      /** Written pitch of the first partial with nothing pressed. */
      readonly fundamental: string;
      readonly partials: readonly number[];
      readonly hand: 'left' | 'right';
    }
  | { readonly kind: 'slide'; readonly fundamental: string; readonly partials: readonly number[] }
  | { readonly kind: 'bars' }
  | { readonly kind: 'voice' }
  | { readonly kind: 'none' };

export type TechniqueKind = Technique['kind'];

/** What finger number 1 is, for instruments that number fingers. */
export type FingerNumbers = 'thumb' | 'index';

export interface Instrument {
  readonly id: InstrumentId;
  readonly name: string;
  readonly family: Family;
  /** Clefs a beginner reads on it, the usual one first. */
  readonly clefs: readonly ClefId[];
  /** Sounding minus written pitch: half steps, and steps of the staff. */
  readonly transposition: { readonly semitones: number; readonly steps: number };
  /** What the transposition means, in a phrase: `sounds an octave higher`. */
  readonly sounds: string;
  /** Written notes of a beginner's first terms. */
  readonly beginner: Range;
  /** Written notes of the whole first years. */
  readonly firstYears: Range;
  /** Written notes of the instrument in a good player's hands. */
  readonly compass: Range;
  readonly firstNotes: readonly NoteOrder[];
  /** The first five-note position, written. */
  readonly firstFive: readonly string[];
  /** What finger 1 is; null where fingers are not numbered. */
  readonly fingerOne: FingerNumbers | null;
  /** Can be held the other way round by a left-handed player. */
  readonly turns: boolean;
  readonly technique: Technique;
  /** Short, for the instrument's page, chart and cards. */
  readonly cautions: readonly string[];
}

interface PlaceText {
  /**
   * The place as a short text, the same for every spelling of the note: what is stored
   * when a student shows it.
   */
  readonly code: string;
  /** Fits on a card. */
  readonly short: string;
  /** The text equivalent. */
  readonly words: string;
}

/** One way to play a written note. */
export type Place =
  | KeyPlace
  | StringPlace
  | FretPlace
  | HolesPlace
  | ValvesPlace
  | SlidePlace
  | BarPlace
  | VoicePlace;

export interface KeyPlace extends PlaceText {
  readonly kind: 'key';
  /** MIDI number of the written note. */
  readonly midi: number;
}

export interface BarPlace extends PlaceText {
  readonly kind: 'bar';
  readonly midi: number;
}

export interface VoicePlace extends PlaceText {
  readonly kind: 'voice';
  readonly midi: number;
}

export interface StringPlace extends PlaceText {
  readonly kind: 'string';
  /** Open string's letter. */
  readonly string: string;
  /** Index of the string from the lowest, 0 upwards. */
  readonly index: number;
  /** 0 is the open string. */
  readonly finger: number;
  /** Half steps above the open string. */
  readonly semitones: number;
  /** Position of the hand; empty for an open string. */
  readonly position: string;
}

export interface FretPlace extends PlaceText {
  readonly kind: 'fret';
  /** 1 is the first string, the thinnest. */
  readonly string: number;
  /** 0 is the open string. */
  readonly fret: number;
  readonly finger: number;
}

/** How far a touch is closed. */
export type Hole = 'half' | 'closed';

export interface HolesPlace extends PlaceText {
  readonly kind: 'holes';
  readonly layout: LayoutId;
  /** What is closed; everything else is open. */
  readonly touches: Readonly<Record<string, Hole>>;
}

export interface ValvesPlace extends PlaceText {
  readonly kind: 'valves';
  readonly valves: readonly number[];
  /** Which note of the tube's series: 1 is the lowest. */
  readonly partial: number;
}

export interface SlidePlace extends PlaceText {
  readonly kind: 'slide';
  /** 1 (drawn in) to 7. */
  readonly position: number;
  readonly partial: number;
}

/** Why a note has no place: beyond the instrument, beyond the first years, or a clef not read. */
export type Unplayable = 'below' | 'above' | 'later' | 'no-instrument';

export type Located =
  | { readonly ok: true; readonly places: readonly Place[] }
  | { readonly ok: false; readonly why: Unplayable; readonly reason: string };

/** How far the student is: beginners are offered first position and usual fingerings only. */
export type Stage = 'beginner' | 'first-years';
