import { CLEFS, type ClefId, placeName } from '../core/notation';
import { FELT, INK, MADDER } from './colors';
import type { Diagram, Spot } from './diagrams/frame';
import type { Surface } from './surface';

/** Which hand is held up, palm towards its owner, thumb on top. */
export type Hand = 'left' | 'right';

export interface HandDrawing {
  readonly hand: Hand;
  readonly clef: ClefId;
  /** Step → text on that finger or in that gap. */
  readonly labels?: Readonly<Record<number, string>>;
  /** Step → colour of that finger or gap. */
  readonly marks?: Readonly<Record<number, 'asked' | 'right' | 'wrong'>>;
}

const WIDTH = 240;
const HEIGHT = 168;
const FINGER = 19;
const GAP = 29;
const LITTLE = 146;
const PALM = 92;
/** How far each finger reaches, from the little finger up to the thumb. */
const REACH: Readonly<Record<number, number>> = { 0: 178, 2: 206, 4: 220, 6: 204, 8: 152 };
const SKIN = '#f6e7d3';
const COLORS = { asked: '#e2c27a', right: FELT, wrong: MADDER } as const;
const NAMES = ['little finger', 'ring finger', 'middle finger', 'first finger', 'thumb'];

const y = (step: number) => LITTLE - (GAP * step) / 2;

/** What a step is on the hand, `ring finger`, `gap above the ring finger`. */
export function handPlace(step: number): string {
  return step % 2 === 0 ? NAMES[step / 2]! : `gap above the ${NAMES[(step - 1) / 2]}`;
}

/**
 * The hand as a staff: fingers are lines, gaps are spaces, counted from the little finger
 * up. A left hand held before the face points to the right, a right hand to the left.
 */
export function handDiagram(drawing: HandDrawing): Diagram {
  const { hand, clef, labels = {}, marks = {} } = drawing;
  const x = (at: number) => (hand === 'left' ? at : WIDTH - at);
  const steps = [0, 1, 2, 3, 4, 5, 6, 7, 8];
  const spots = steps.map(
    (step): Spot => ({
      id: String(step),
      label: handPlace(step),
      x: x(PALM + 52),
      y: y(step),
      width: 104,
      height: step % 2 === 0 ? FINGER - 2 : GAP - FINGER + 2,
    }),
  );
  return {
    width: WIDTH,
    height: HEIGHT,
    spots,
    seen: `The ${hand} hand, palm towards you, as the ${CLEFS[clef].name}’s staff.`,
    draw(surface) {
      drawPalm(surface, x);
      for (const step of [1, 3, 5, 7]) drawGap(surface, x, step, marks[step], labels[step]);
      for (const step of [0, 2, 4, 6, 8]) drawFinger(surface, x, step, marks[step], labels[step]);
    },
  };
}

/** Text equivalent of the hand, with what is written on it. */
export function handTitle(drawing: HandDrawing): string {
  const told = Object.entries(drawing.labels ?? {})
    .filter(([, text]) => text !== '')
    .map(([step, text]) => `${handPlace(Number(step))}, ${placeName(Number(step))}: ${text}`);
  const asked = Object.entries(drawing.marks ?? {}).map(([step]) => handPlace(Number(step)));
  return [`The ${drawing.hand} hand as a staff`, ...asked, ...told].join('. ');
}

type ToX = (at: number) => number;

function drawPalm(surface: Surface, x: ToX): void {
  roundedBox(surface, x(14), x(PALM + 8), y(8) - 12, LITTLE + FINGER / 2 + 2, 22, SKIN, INK);
  // The wrist goes off the picture.
  surface.box(Math.min(x(0), x(20)), y(5) - 10, 20, LITTLE - y(5) + 12, SKIN);
  surface.line(x(0), y(5) - 10, x(22), y(5) - 10, 1.2, INK);
  surface.line(x(0), LITTLE + 2, x(22), LITTLE + 2, 1.2, INK);
}

type Mark = keyof typeof COLORS | undefined;

function drawFinger(surface: Surface, x: ToX, step: number, mark: Mark, label = ''): void {
  const top = y(step) - FINGER / 2;
  const fill = mark ? COLORS[mark] : SKIN;
  roundedBox(surface, x(PALM - 6), x(REACH[step]!), top, top + FINGER, FINGER / 2, fill, INK);
  // The finger grows out of the palm: no line between them.
  const joint = Math.min(x(PALM - 8), x(PALM + 9));
  surface.box(joint, top + 0.7, 17, FINGER - 1.4, SKIN);
  const number = String(step / 2 + 1);
  const light = mark === 'right' || mark === 'wrong';
  surface.text(number, x(REACH[step]! + 9), y(step) + 3, {
    size: 8,
    anchor: 'middle',
    color: '#5b5549',
  });
  if (label === '') return;
  surface.text(label, x((PALM + REACH[step]!) / 2), y(step) + 3.6, {
    size: 10,
    weight: 'bold',
    anchor: 'middle',
    color: light ? '#fff' : INK,
  });
}

function drawGap(surface: Surface, x: ToX, step: number, mark: Mark, label = ''): void {
  const height = GAP - FINGER;
  if (mark) {
    const left = Math.min(x(PALM + 4), x(PALM + 70));
    surface.box(left, y(step) - height / 2, 66, height, COLORS[mark]);
  }
  if (label === '') return;
  const light = mark === 'right' || mark === 'wrong';
  surface.text(label, x(PALM + 36), y(step) + 2.9, {
    size: 8,
    weight: 'bold',
    anchor: 'middle',
    color: light ? '#fff' : FELT,
  });
}

/** A filled and outlined box with round corners, between two x in either order. */
function roundedBox(
  surface: Surface,
  x1: number,
  x2: number,
  top: number,
  bottom: number,
  radius: number,
  fill: string,
  stroke: string,
): void {
  const [l, r] = [Math.min(x1, x2), Math.max(x1, x2)];
  const k = radius * 0.4477;
  const path = () =>
    surface
      .beginPath()
      .moveTo(l + radius, top)
      .lineTo(r - radius, top)
      .bezierCurveTo(r - k, top, r, top + k, r, top + radius)
      .lineTo(r, bottom - radius)
      .bezierCurveTo(r, bottom - k, r - k, bottom, r - radius, bottom)
      .lineTo(l + radius, bottom)
      .bezierCurveTo(l + k, bottom, l, bottom - k, l, bottom - radius)
      .lineTo(l, top + radius)
      .bezierCurveTo(l, top + k, l + k, top, l + radius, top)
      .closePath();
  surface.save();
  surface.setFillStyle(fill).setStrokeStyle(stroke).setLineWidth(1.2);
  path().fill();
  path().stroke();
  surface.restore();
}
