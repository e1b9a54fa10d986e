import type { ClefId } from '../../core/notation';

/** A curve by hand: a start, then cubic curves of six numbers each. */
export interface Stroke {
  readonly from: readonly [number, number];
  readonly curves: readonly (readonly [number, number, number, number, number, number])[];
  /** Filled dots instead of a line: centre x, y. */
  readonly dots?: readonly (readonly [number, number])[];
  /** Where its number stands. */
  readonly label: readonly [number, number];
}

/**
 * The strokes in which a clef is drawn by hand, in staff units from the top line (line 5
 * is 0, line 1 is 40). Treble: a tall stroke with a hook at the foot, a narrow bowl at the
 * top right, a spiral round line 2. Bass: a dot on line 4, a curve that touches line 5 and
 * falls to just past line 2, two dots in spaces 3 and 4.
 */
export const CLEF_STROKES: Readonly<Record<ClefId, readonly Stroke[]>> = {
  treble: [
    {
      from: [15, -14],
      curves: [
        [14, -2, 19, 30, 19, 48],
        [19, 57, 9, 57, 8, 50],
      ],
      label: [23, 54],
    },
    {
      from: [15, -14],
      curves: [[24, -12, 24, 4, 15.8, 10]],
      label: [27, -6],
    },
    {
      from: [15.8, 10],
      curves: [
        [8, 15, 3, 21, 4, 29],
        [5, 38, 14, 41, 20, 39.5],
        [28, 37, 28, 22, 18.5, 20.5],
        [10, 20, 8.5, 31, 14, 34],
      ],
      label: [0, 18],
    },
  ],
  bass: [
    { from: [7, 10], curves: [], dots: [[7, 10]], label: [0, 8] },
    {
      from: [7, 10],
      curves: [
        [6, 3, 10, 0, 15, 0],
        [26, 0, 27, 22, 5, 34],
      ],
      label: [22, 30],
    },
    {
      from: [30, 5],
      curves: [],
      dots: [
        [30, 5],
        [30, 15],
      ],
      label: [37, 11],
    },
  ],
};
