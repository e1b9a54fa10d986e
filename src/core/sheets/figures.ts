import type { InstrumentId, Place } from '../instruments';
import type { ClefId, KeySignature, Letter, StaffPosition } from '../notation';

/**
 * What an exercise puts on the page, without geometry: the engraver turns each figure
 * into staves, lines and texts. `answer` fields are printed on the key only.
 */
export type Figure =
  | CellsFigure
  | QuestionsFigure
  | LegendFigure
  | MatchFigure
  | PlacesFigure
  | ClefFigure
  | BlankFigure
  | QuizFigure
  | CaptionFigure;

/** A head on a staff. */
export interface CellNote {
  readonly step: number;
  /** `open`: larger and empty, to be coloured; `dot`: without any stem. */
  readonly head: 'whole' | 'quarter' | 'open' | 'dot';
  /** Pale, to be traced. */
  readonly faint?: boolean;
  /** A letter inside the head. */
  readonly letter?: string;
  /** Coloured on the key, for its letter. */
  readonly colour?: Letter;
}

/** One line under a cell: to write on, with something printed, or with something on the key only. */
export type CellRow =
  | { readonly kind: 'write'; readonly answer: string }
  | { readonly kind: 'print'; readonly text: string; readonly wrong?: boolean }
  | { readonly kind: 'key'; readonly answer: string }
  | { readonly kind: 'none' };

/** One place along a staff. */
export interface Cell {
  readonly clef: ClefId;
  readonly notes: readonly CellNote[];
  /** What a right student has drawn; on the key. */
  readonly drawn?: readonly CellNote[];
  /** A small number above. */
  readonly mark?: string;
  /** Ringed on the key. */
  readonly ring?: boolean;
  readonly rows: readonly CellRow[];
  /** Cells of one group stay on one line, with a bar line after them. */
  readonly group?: number;
}

/** Cells one after another on staves. All have the same number of rows. */
export interface CellsFigure {
  readonly type: 'cells';
  readonly key: KeySignature;
  readonly cells: readonly Cell[];
  /** Every cell has a short staff of its own, with its clef. */
  readonly single?: boolean;
  /** Least width of a cell in millimetres at ordinary size; 14 when left out. */
  readonly width?: number;
  /** A line to write on under a whole group, by its number, below the rows. */
  readonly spans?: Readonly<Record<number, string>>;
}

/** Short questions with a line behind each: `Dot 3`. */
export interface QuestionsFigure {
  readonly type: 'questions';
  readonly items: readonly { readonly label: string; readonly answer: string }[];
}

/** Which colour or pattern stands for which letter. */
export interface LegendFigure {
  readonly type: 'legend';
  readonly letters: readonly { readonly letter: Letter; readonly name: string }[];
}

/** Notes at the left, letters and places with tags to join them to. */
export interface MatchFigure {
  readonly type: 'match';
  readonly key: KeySignature;
  readonly notes: readonly StaffPosition[];
  readonly names: readonly string[];
  /** Index into `names` for each note. */
  readonly nameOf: readonly number[];
  readonly places: readonly { readonly tag: string; readonly place: Place }[];
  readonly placeOf: readonly number[];
  readonly instrument: InstrumentId;
  readonly leftHanded: boolean;
}

/** Notes beside diagrams: to shade one, or to read one back. */
export interface PlacesFigure {
  readonly type: 'places';
  readonly way: 'shade' | 'back';
  readonly key: KeySignature;
  readonly cells: readonly {
    readonly position: StaffPosition;
    readonly place: Place;
    readonly name: string;
  }[];
  readonly instrument: InstrumentId;
  readonly leftHanded: boolean;
}

/** A clef stroke by stroke, then to trace, then alone. */
export interface ClefFigure {
  readonly type: 'clef';
  readonly clef: ClefId;
  /** Further lines to draw it on alone. */
  readonly lines: number;
}

export interface BlankFigure {
  readonly type: 'blank';
  readonly staff: 'treble' | 'bass' | 'grand';
  readonly clef: boolean;
  /** Millimetres between two lines. */
  readonly space: number;
  readonly count: number;
}

/** The head of a quiz. */
export interface QuizFigure {
  readonly type: 'quiz';
  readonly minutes: number;
  readonly points: number;
  readonly pass: number;
}

/** Instructions of a part of an exercise. */
export interface CaptionFigure {
  readonly type: 'caption';
  readonly text: string;
}
