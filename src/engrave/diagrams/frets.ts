import { fretCode, type Instrument, spotOf } from '../../core/instruments';
import { FAINT, INK } from '../colors';
import type { Surface } from '../surface';
import { drawFinger } from './finger';
import { type Diagram, type DiagramView, Frame, type Shown } from './frame';

const NUT = 26;
const FRET = 21;
const TOP = 9;
const GAP = 11;
const TAB = { gap: 6, top: 14 } as const;

/**
 * Frets as the player sees them looking down: nut at the left, string 1 furthest away at
 * the top, as in tablature; with the tablature under it. Left-handed players have the nut
 * at their right; the teacher in front sees it turned by half a turn.
 */
export function fretsDiagram(
  { technique }: Instrument,
  { front = false, leftHanded = false }: DiagramView = {},
): Diagram {
  if (technique.kind !== 'fretted') throw new TypeError('Not a fretted instrument.');
  const { strings, reach } = technique;
  const neck = TOP * 2 + GAP * (strings.length - 1) + 7;
  const width = NUT + FRET * reach + 8;
  const height = neck + TAB.top + TAB.gap * (strings.length - 1) + 4;
  const frame = new Frame(width, neck, { x: front !== leftHanded, y: front });
  const stringY = (string: number) => TOP + GAP * (string - 1);
  const fretX = (fret: number) => (fret === 0 ? NUT - 7 : NUT + FRET * (fret - 0.5));
  const spots = strings.flatMap((_, i) =>
    Array.from({ length: reach + 1 }, (_, fret) =>
      frame.spot(
        spotOf(fretCode(i + 1, fret, 0)),
        fret === 0 ? `open string ${i + 1}` : `string ${i + 1}, fret ${fret}`,
        fretX(fret),
        stringY(i + 1),
        fret === 0 ? 14 : FRET,
        GAP,
      ),
    ),
  );
  const side = front !== leftHanded ? 'right' : 'left';
  return {
    width,
    height,
    spots,
    seen: `${front ? 'As the teacher in front sees it' : 'As the player sees it'}: nut at the ${side}.`,
    draw(surface, shown) {
      drawNeck(surface, frame, strings, reach, stringY);
      for (const one of [...shown].reverse()) {
        const { place } = one;
        if (place.kind !== 'fret') continue;
        const at = { x: fretX(place.fret), y: stringY(place.string) };
        drawFinger(surface, frame, at, one, { open: place.fret === 0, finger: place.finger });
      }
      surface.at(0, neck + TAB.top, 1, () => drawTab(surface, width, strings.length, shown));
    },
  };
}

function drawNeck(
  surface: Surface,
  frame: Frame,
  strings: readonly string[],
  reach: number,
  stringY: (string: number) => number,
): void {
  const top = stringY(1) - 5;
  const bottom = stringY(strings.length) + 5;
  frame.box(surface, NUT, top, FRET * reach + 6, bottom - top, '#f3efe4');
  frame.box(surface, NUT - 2, top, 3, bottom - top, INK);
  for (let fret = 1; fret <= reach; fret++) {
    const x = NUT + FRET * fret;
    frame.line(surface, [x, top, x, bottom], 1, FAINT);
    frame.label(surface, String(fret), x - FRET / 2, bottom + 6, { size: 6, color: INK });
  }
  for (const [i, open] of strings.entries()) {
    const y = stringY(i + 1);
    frame.line(surface, [NUT, y, NUT + FRET * reach + 6, y], 0.7 + i * 0.22, INK);
    frame.label(surface, open[0]!, 5, y, { size: 6.5, weight: 'bold', color: INK });
  }
}

/** Tablature: as many lines as strings, string 1 on top, the fret's number on its line. */
function drawTab(surface: Surface, width: number, strings: number, shown: readonly Shown[]): void {
  const bottom = TAB.gap * (strings - 1);
  for (let i = 0; i < strings; i++) surface.line(4, i * TAB.gap, width - 4, i * TAB.gap, 0.5, INK);
  const middle = bottom / 2;
  const style = { size: 6.5, weight: 'bold', color: INK, anchor: 'middle' } as const;
  surface.box(5.5, middle - 11, 7, 22, '#fff');
  for (const [i, letter] of ['T', 'A', 'B'].entries()) {
    surface.text(letter, 9, middle + (i - 1) * 7 + 2.4, style);
  }
  const first = shown.find((s) => s.role !== 'also')?.place ?? shown[0]?.place;
  if (first?.kind !== 'fret') return;
  const y = (first.string - 1) * TAB.gap;
  surface.box(width / 2 - 4, y - 3.6, 8, 7.2, '#fff');
  surface.text(String(first.fret), width / 2, y + 2.9, { ...style, size: 8 });
}
