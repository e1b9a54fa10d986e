import type { LayoutId, Touch } from './types';

const hole = (finger: number, hand: 'left' | 'right', half = false): Touch => ({
  id: String(finger),
  words: `finger ${finger}`,
  hand,
  finger: hand === 'left' ? finger : finger - 3,
  half,
});
const LEFT = [1, 2, 3].map((n) => hole(n, 'left'));
const RIGHT = [4, 5, 6].map((n) => hole(n, 'right'));
const key = (id: string, words: string, hand: 'left' | 'right'): Touch => ({ id, words, hand });

/**
 * What can be closed on each kind of woodwind instrument, in the order in which charts
 * write it: left hand, then right hand. Source: standard fingering charts.
 */
export const LAYOUTS: Readonly<Record<LayoutId, readonly Touch[]>> = {
  recorder: [
    { id: 'T', words: 'thumb', hand: 'left', half: true },
    ...LEFT,
    ...[4, 5, 6, 7].map((n) => hole(n, 'right', n >= 6)),
  ],
  flute: [
    key('T', 'thumb', 'left'),
    key('Tb', 'thumb on the B flat key', 'left'),
    ...LEFT,
    key('G#', 'the G sharp key', 'left'),
    ...RIGHT,
    key('Eb', 'the E flat key', 'right'),
    key('C#', 'the C sharp key', 'right'),
    key('C', 'the C key', 'right'),
  ],
  clarinet: [
    key('T', 'thumb', 'left'),
    key('R', 'the register key', 'left'),
    ...LEFT,
    key('A', 'the A key', 'left'),
    key('G#', 'the G sharp key', 'left'),
    key('C#', 'the left C sharp key', 'left'),
    key('L-E', 'the left E key', 'left'),
    key('L-F', 'the left F key', 'left'),
    key('L-F#', 'the left F sharp key', 'left'),
    ...RIGHT,
    key('side', 'the side E flat key', 'right'),
    key('R-F', 'the right F key', 'right'),
    key('R-E', 'the right E key', 'right'),
    key('R-F#', 'the right F sharp key', 'right'),
    key('R-G#', 'the right G sharp key', 'right'),
  ],
  saxophone: [
    key('O', 'the octave key', 'left'),
    ...LEFT,
    key('bis', 'the small B flat key', 'left'),
    key('palm-D', 'the palm D key', 'left'),
    key('G#', 'the G sharp key', 'left'),
    key('C#', 'the low C sharp key', 'left'),
    key('B', 'the low B key', 'left'),
    key('Bb', 'the low B flat key', 'left'),
    ...RIGHT,
    key('side-C', 'the side C key', 'right'),
    key('side-Bb', 'the side B flat key', 'right'),
    key('Eb', 'the E flat key', 'right'),
    key('C', 'the low C key', 'right'),
  ],
  bassoon: [
    key('W', 'the whisper key', 'left'),
    key('flick', 'a touch of the flick key', 'left'),
    key('C#', 'the thumb C sharp key', 'left'),
    hole(1, 'left', true),
    hole(2, 'left'),
    hole(3, 'left'),
    ...RIGHT,
    key('Bb', 'the thumb B flat key', 'right'),
    key('F#', 'the thumb F sharp key', 'right'),
    key('F', 'the F key', 'right'),
    key('G#', 'the G sharp key', 'right'),
  ],
};
