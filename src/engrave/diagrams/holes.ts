import { type HolesPlace, LAYOUTS, type LayoutId, type Touch } from '../../core/instruments';
import { FELT, INK } from '../colors';
import type { Surface } from '../surface';
import { type Diagram, type DiagramView, Frame, ROLE_COLORS } from './frame';
import { SHAPES, type TouchShape } from './holes-data';

const HOLE = 5.4;
/** What a touch takes up: the least distance between two of them. */
const SPOT = 12;
const KEY = { width: 10, height: 6.4 } as const;

/** Holes and keys of a woodwind instrument; what is closed is filled, half closed by half. */
export function holesDiagram(layout: LayoutId, { front = false }: DiagramView = {}): Diagram {
  const shape = SHAPES[layout];
  const frame = new Frame(shape.width, shape.height, { x: front });
  const touches = LAYOUTS[layout];
  return {
    width: shape.width,
    height: shape.height,
    spots: touches.map((t) => {
      const { x, y } = shape.touches[t.id]!;
      return frame.spot(t.id, touchLabel(layout, t), x, y, SPOT, SPOT);
    }),
    seen: front
      ? 'As the teacher in front sees it.'
      : 'As the player holds it: left hand keys at the left.',
    draw(surface, shown) {
      frame.box(surface, ...shape.body, '#f3efe4');
      const first = shown.find((s) => s.place.kind === 'holes');
      const place = first?.place.kind === 'holes' ? first.place : null;
      const color = first ? ROLE_COLORS[first.role] : FELT;
      for (const t of touches) drawTouch(surface, frame, shape.touches[t.id]!, t, place, color);
    },
  };
}

function touchLabel(layout: LayoutId, touch: Touch): string {
  if (touch.finger === undefined) return touch.words;
  return layout === 'recorder' ? `hole ${touch.id}` : `${touch.hand} finger ${touch.finger}`;
}

function drawTouch(
  surface: Surface,
  frame: Frame,
  shape: TouchShape,
  touch: Touch,
  place: HolesPlace | null,
  color: string,
): void {
  const state = place?.touches[touch.id];
  const closed = state === 'closed';
  if (shape.look === 'key') {
    const { width, height } = KEY;
    frame.box(surface, shape.x - width / 2, shape.y - height / 2, width, height, INK);
    const fill = closed ? color : '#fff';
    frame.box(
      surface,
      shape.x - width / 2 + 0.6,
      shape.y - height / 2 + 0.6,
      width - 1.2,
      height - 1.2,
      fill,
    );
  } else {
    const [x, y] = [frame.x(shape.x), frame.y(shape.y)];
    surface.ellipse(x, y, HOLE, HOLE, { fill: closed ? color : '#fff', stroke: INK, lineWidth: 1 });
    if (state === 'half') drawHalf(surface, x, y, color);
    if (touch.finger !== undefined && state !== 'half') {
      frame.label(surface, touch.id, shape.x, shape.y, {
        size: 6,
        weight: 'bold',
        color: closed ? '#fff' : INK,
      });
    }
  }
  drawLabel(surface, frame, shape, touch, closed || state === 'half');
}

/** The lower half of a hole, as a filled half disc. */
function drawHalf(surface: Surface, x: number, y: number, color: string): void {
  const k = 0.5523 * HOLE;
  surface.save();
  surface.setFillStyle(color);
  surface
    .beginPath()
    .moveTo(x - HOLE, y)
    .bezierCurveTo(x - HOLE, y + k, x - k, y + HOLE, x, y + HOLE)
    .bezierCurveTo(x + k, y + HOLE, x + HOLE, y + k, x + HOLE, y)
    .closePath()
    .fill();
  surface.restore();
  surface.ellipse(x, y, HOLE, HOLE, { stroke: INK, lineWidth: 1 });
}

/** A key's short name beside it, bold when it is pressed. */
function drawLabel(surface: Surface, frame: Frame, shape: TouchShape, touch: Touch, on: boolean) {
  if (!shape.label) return;
  const text = touch.id === 'T' ? 'thumb' : touch.id === 'Tb' ? 'B♭' : labelOf(touch.id);
  const style = { size: on ? 8.5 : 6, weight: on ? 'bold' : 'regular', color: INK } as const;
  const { x, y } = shape;
  if (shape.label === 'left') frame.label(surface, text, x - 7.5, y, { ...style, anchor: 'end' });
  else if (shape.label === 'right')
    frame.label(surface, text, x + 7.5, y, { ...style, anchor: 'start' });
  else frame.label(surface, text, x, shape.label === 'under' ? y + 10 : y - 14, style);
}

/** `G♯` for `G#`, `side B♭` for `side-Bb`; the hand in `L-E` is told by its side. */
function labelOf(id: string): string {
  const plain = id
    .replace(/^[LR]-/, '')
    .replace('-', ' ')
    .replace('#', '♯');
  return plain.replace(/\b([A-G])b\b/, '$1♭');
}
