import { type Instrument, spotOf, stringCode } from '../../core/instruments';
import { INK } from '../colors';
import type { Surface } from '../surface';
import { drawFinger } from './finger';
import { type Diagram, type DiagramView, Frame, type Shown } from './frame';

const EDGE = 14;
const GAP = 14;
const NUT = 24;
const STEP = 9;
const TAPE = '#b9b2a2';

/**
 * The fingerboard of a bowed string instrument with tapes, the nut at the top, down to
 * `semitones` above the open strings. A violinist looks along the strings with the lowest
 * at the left; cellists and bassists look from behind, with the lowest at their right.
 */
export function stringsDiagram(
  { technique }: Instrument,
  semitones: number,
  { front = false }: DiagramView = {},
): Diagram {
  if (technique.kind !== 'bowed') throw new TypeError('Not a bowed string instrument.');
  const { strings, tapes, fromBehind } = technique;
  const width = 2 * EDGE + GAP * (strings.length - 1);
  const height = NUT + (semitones + 0.9) * STEP;
  // Facing a violinist, the scroll points at the teacher: turned by half a turn. Facing a
  // cellist, the scroll stays at the top and the sides change.
  const flip = fromBehind ? { x: !front } : { x: front, y: front };
  const frame = new Frame(width, height, flip);
  const stringX = (index: number) => EDGE + GAP * index;
  const fingerY = (up: number) => (up === 0 ? NUT - 1 : NUT + (up - 0.1) * STEP);
  const spots = strings.flatMap((name, index) =>
    Array.from({ length: semitones + 1 }, (_, up) =>
      frame.spot(
        spotOf(stringCode(index, up, 0)),
        up === 0 ? `open string ${name[0]}` : `string ${name[0]}, ${up} half steps up`,
        stringX(index),
        fingerY(up),
        GAP,
        up === 0 ? STEP * 1.2 : STEP,
      ),
    ),
  );
  return {
    width,
    height,
    spots,
    seen: front
      ? 'As the teacher in front sees it.'
      : `As the player sees it: the ${fromBehind ? 'highest' : 'lowest'} string at the left.`,
    draw(surface, shown) {
      drawBoard(surface, frame, { strings, tapes, semitones, stringX });
      drawFingers(surface, frame, shown, stringX, fingerY);
    },
  };
}

interface Board {
  strings: readonly string[];
  tapes: readonly number[];
  semitones: number;
  stringX: (index: number) => number;
}

function drawBoard(surface: Surface, frame: Frame, { strings, tapes, semitones, stringX }: Board) {
  const left = stringX(0) - 6;
  const right = stringX(strings.length - 1) + 6;
  const bottom = frame.height;
  frame.box(surface, left, NUT, right - left, bottom - NUT, '#f3efe4');
  frame.box(surface, left, NUT - 2.5, right - left, 2.5, INK);
  for (const up of tapes.filter((t) => t <= semitones)) {
    frame.line(surface, [left, NUT + up * STEP, right, NUT + up * STEP], 1, TAPE);
  }
  for (const [i, name] of strings.entries()) {
    const x = stringX(i);
    frame.line(surface, [x, NUT, x, bottom], 1.6 - i * 0.28, INK);
    frame.label(surface, name[0]!, x, 8, { size: 9, weight: 'bold', color: INK });
  }
}

function drawFingers(
  surface: Surface,
  frame: Frame,
  shown: readonly Shown[],
  stringX: (index: number) => number,
  fingerY: (up: number) => number,
): void {
  // The best place is drawn last, on top of the others.
  for (const one of [...shown].reverse()) {
    const { place } = one;
    if (place.kind !== 'string') continue;
    drawFinger(surface, frame, { x: stringX(place.index), y: fingerY(place.semitones) }, one, {
      open: place.semitones === 0,
      finger: place.finger,
    });
  }
}
