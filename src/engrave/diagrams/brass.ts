import { FELT, INK } from '../colors';
import type { Surface } from '../surface';
import { type Diagram, type DiagramView, Frame, ROLE_COLORS, type Shown } from './frame';

const VALVE = { gap: 34, radius: 12, top: 20 } as const;
const VALVES = [1, 2, 3] as const;
const FINGERS = ['', 'first finger', 'second finger', 'third finger'];

/** Three valves from above, number 1 nearest to the player's mouth; pressed ones are filled. */
export function valvesDiagram(
  hand: 'left' | 'right',
  { front = false }: DiagramView = {},
): Diagram {
  const width = VALVE.gap * 3 + 10;
  const height = 54;
  const frame = new Frame(width, height, { x: front });
  const x = (valve: number) => VALVE.gap * (valve - 0.5) + 5;
  return {
    width,
    height,
    spots: VALVES.map((v) =>
      frame.spot(String(v), `valve ${v}, ${hand} ${FINGERS[v]}`, x(v), VALVE.top, 30, 30),
    ),
    seen: front
      ? 'As the teacher in front sees it.'
      : `As the player sees it: ${hand} hand, valve 1 next to the mouth.`,
    draw(surface, shown) {
      const first = shown.find((s) => s.place.kind === 'valves');
      const pressed = first?.place.kind === 'valves' ? first.place.valves : [];
      const color = first ? ROLE_COLORS[first.role] : FELT;
      frame.line(surface, [2, VALVE.top, width - 2, VALVE.top], 3, '#d9cfb4');
      for (const v of VALVES) drawValve(surface, frame, x(v), v, pressed.includes(v), color);
      const text = first && pressed.length === 0 ? 'open: press nothing' : `${hand} hand`;
      frame.label(surface, text, width / 2, 46, { size: 7, color: INK });
    },
  };
}

function drawValve(
  surface: Surface,
  frame: Frame,
  x: number,
  valve: number,
  pressed: boolean,
  color: string,
): void {
  const { top, radius } = VALVE;
  const style = { fill: pressed ? color : '#fff', stroke: INK, lineWidth: 1.2 };
  surface.ellipse(frame.x(x), top, radius, radius, style);
  const text = { size: 12, weight: 'bold', color: pressed ? '#fff' : INK } as const;
  frame.label(surface, String(valve), x, top, text);
}

const SLIDE = { start: 40, step: 16, top: 12, bottom: 24 } as const;
const POSITIONS = [1, 2, 3, 4, 5, 6, 7] as const;

/** The slide from the side, drawn out to its position; position 1 is drawn in. */
export function slideDiagram({ front = false }: DiagramView = {}): Diagram {
  const width = 160;
  const height = 52;
  const frame = new Frame(width, height, { x: front });
  const x = (position: number) => SLIDE.start + SLIDE.step * (position - 1);
  return {
    width,
    height,
    spots: POSITIONS.map((p) => frame.spot(`slide ${p}`, `position ${p}`, x(p), 30, 16, 40)),
    seen: front ? 'As the teacher in front sees it.' : 'As the player sees it: mouth at the left.',
    draw(surface, shown) {
      drawSlide(surface, frame, x, shown);
    },
  };
}

function drawSlide(
  surface: Surface,
  frame: Frame,
  x: (position: number) => number,
  shown: readonly Shown[],
): void {
  const { top, bottom } = SLIDE;
  const places = shown.flatMap((s) =>
    s.place.kind === 'slide' ? [{ ...s, at: s.place.position }] : [],
  );
  const first = places[0];
  const at = x(first?.at ?? 1);
  const color = first ? ROLE_COLORS[first.role] : INK;
  frame.box(surface, 2, top - 4, 6, 8, INK);
  frame.line(surface, [8, top, at, top], 1.6, '#8d8676');
  frame.line(surface, [20, bottom, at, bottom], 1.6, '#8d8676');
  // The outer slide moves as one: its brace is what the hand holds.
  const end = Math.min(at + 22, 158);
  for (const y of [top, bottom]) frame.line(surface, [at, y, end, y], 3, color);
  frame.line(surface, [at, top - 1.5, at, bottom + 1.5], 3, color);
  frame.line(surface, [end, top - 1.5, end, bottom + 1.5], 3, color);
  for (const p of POSITIONS) {
    const one = places.find((s) => s.at === p);
    const filled = one && one.role !== 'also';
    const fill = one ? (filled ? ROLE_COLORS[one.role] : '#fff') : '#fff';
    const stroke = one ? ROLE_COLORS[one.role] : '#b9b2a2';
    surface.ellipse(frame.x(x(p)), 40, 6, 6, { fill, stroke, lineWidth: one ? 1.4 : 0.8 });
    const style = { size: 7.5, weight: 'bold', color: filled ? '#fff' : INK } as const;
    frame.label(surface, String(p), x(p), 40, style);
  }
}
