import type { LayoutId } from '../../core/instruments';

/** Where a touch lies and how it is drawn: a round hole, a small key, its label beside it. */
export interface TouchShape {
  readonly x: number;
  readonly y: number;
  readonly look: 'hole' | 'key';
  /** Side on which the label stands; holes carry their number inside. */
  readonly label?: 'left' | 'right' | 'under' | 'over';
}

export interface LayoutShape {
  readonly width: number;
  readonly height: number;
  /** The body: x, y, width, height. */
  readonly body: readonly [number, number, number, number];
  readonly touches: Readonly<Record<string, TouchShape>>;
}

const hole = (x: number, y: number): TouchShape => ({ x, y, look: 'hole' });
const key = (x: number, y: number, label: TouchShape['label'] = 'right'): TouchShape => ({
  x,
  y,
  look: 'key',
  label,
});

/**
 * The players' own sides: what their left hand closes from the left stands at the left.
 * Upright instruments have the mouthpiece at the top, the flute at the left. Not to
 * scale: what is touched is large, the rest is left out.
 */
export const SHAPES: Readonly<Record<LayoutId, LayoutShape>> = {
  recorder: {
    width: 78,
    height: 122,
    body: [34, 2, 18, 118],
    touches: {
      T: { ...hole(18, 26), label: 'under' },
      '1': hole(43, 26),
      '2': hole(43, 39),
      '3': hole(43, 52),
      '4': hole(43, 70),
      '5': hole(43, 83),
      '6': hole(43, 96),
      '7': hole(46, 110),
    },
  },
  flute: {
    width: 152,
    height: 68,
    body: [2, 18, 148, 16],
    touches: {
      T: key(38, 48, 'under'),
      Tb: key(12, 48, 'under'),
      '1': hole(22, 26),
      '2': hole(38, 26),
      '3': hole(51, 26),
      'G#': key(64, 44, 'right'),
      '4': hole(80, 26),
      '5': hole(93, 26),
      '6': hole(106, 26),
      Eb: key(118, 46, 'right'),
      'C#': key(124, 26, 'over'),
      C: key(141, 26, 'over'),
    },
  },
  clarinet: {
    width: 112,
    height: 136,
    body: [46, 2, 16, 132],
    touches: {
      R: key(37, 12, 'left'),
      T: { ...hole(37, 26), label: 'left' },
      A: key(72, 8),
      'G#': key(72, 20),
      '1': hole(54, 26),
      '2': hole(54, 39),
      '3': hole(54, 52),
      'C#': key(34, 58, 'left'),
      'L-E': key(34, 70, 'left'),
      'L-F#': key(34, 82, 'left'),
      'L-F': key(34, 94, 'left'),
      side: key(72, 64),
      '4': hole(54, 76),
      '5': hole(54, 89),
      '6': hole(54, 102),
      'R-G#': key(72, 90),
      'R-F#': key(72, 102),
      'R-E': key(72, 114),
      'R-F': key(72, 126),
    },
  },
  saxophone: {
    width: 112,
    height: 138,
    body: [46, 2, 16, 134],
    touches: {
      O: key(38, 14, 'left'),
      'palm-D': key(38, 28, 'left'),
      '1': hole(54, 22),
      bis: key(68, 30),
      '2': hole(54, 38),
      '3': hole(54, 51),
      'G#': key(34, 58, 'left'),
      'C#': key(34, 70, 'left'),
      B: key(34, 82, 'left'),
      Bb: key(34, 94, 'left'),
      'side-C': key(72, 60),
      'side-Bb': key(72, 72),
      '4': hole(54, 82),
      '5': hole(54, 95),
      '6': hole(54, 108),
      Eb: key(72, 114),
      C: key(72, 127),
    },
  },
  bassoon: {
    width: 112,
    height: 132,
    body: [46, 2, 16, 128],
    touches: {
      W: key(32, 20, 'left'),
      flick: key(32, 32, 'left'),
      'C#': key(32, 44, 'left'),
      '1': hole(54, 20),
      '2': hole(54, 34),
      '3': hole(54, 48),
      '4': hole(54, 74),
      '5': hole(54, 88),
      '6': hole(54, 102),
      Bb: key(74, 76),
      'F#': key(74, 88),
      F: key(74, 108),
      'G#': key(74, 120),
    },
  },
};
