import { isBlackKey, type Place } from '../../core/instruments';
import { INK } from '../colors';
import type { Surface } from '../surface';
import { type Diagram, type DiagramView, Frame, ROLE_COLORS, type Shown } from './frame';

const WHITE = { width: 16, height: 56 } as const;
const BLACK = { width: 9.6, height: 34 } as const;
const MIDDLE_C = 60;

/** The whole octaves, C to B, that hold the notes from `low` to `high` (MIDI numbers). */
export function wholeOctaves(low: number, high: number): { low: number; high: number } {
  return { low: low - (low % 12), high: high - (high % 12) + 11 };
}

/**
 * Keys of a keyboard, or bars of a mallet instrument in two rows, from `low` to `high`.
 * The player sees the black keys, or the back row, further away.
 */
export function keysDiagram(
  kind: 'key' | 'bar',
  { low, high }: { low: number; high: number },
  { front = false }: DiagramView = {},
): Diagram {
  const numbers = Array.from({ length: high - low + 1 }, (_, i) => low + i);
  const whites = numbers.filter((m) => !isBlackKey(m));
  const lift = kind === 'bar' ? BLACK.height * 0.75 : 0;
  const height = WHITE.height + lift;
  const frame = new Frame(whites.length * WHITE.width, height, { x: front, y: front });
  const index = new Map(whites.map((m, i) => [m, i]));
  const left = (m: number) =>
    isBlackKey(m)
      ? (index.get(m - 1) ?? -1) * WHITE.width + WHITE.width - BLACK.width / 2
      : index.get(m)! * WHITE.width;
  const spots = numbers.map((m) => {
    const size = isBlackKey(m) ? BLACK : WHITE;
    // A white key is touched in front of the black ones.
    const y = isBlackKey(m) ? BLACK.height / 2 : lift + (BLACK.height + WHITE.height - lift) / 2;
    const tall = isBlackKey(m) ? BLACK.height : WHITE.height + lift - BLACK.height;
    const label = `${kind} ${m - low + 1}, ${rowName(kind, m)}`;
    return frame.spot(
      `${kind} ${m}`,
      label,
      left(m) + size.width / 2,
      isBlackKey(m) ? y : height - tall / 2,
      size.width,
      tall,
    );
  });
  return {
    width: frame.width,
    height,
    spots,
    seen: front ? 'As the teacher in front sees it.' : 'As the player sees it.',
    draw(surface, shown) {
      for (const m of whites) drawWhite(surface, frame, kind, left(m), lift, shadeOf(m, shown), m);
      for (const m of numbers.filter(isBlackKey)) {
        if (m - 1 < low) continue;
        drawBlack(surface, frame, left(m), shadeOf(m, shown));
      }
    },
  };
}

function rowName(kind: 'key' | 'bar', m: number): string {
  if (kind === 'key') return isBlackKey(m) ? 'black' : 'white';
  return isBlackKey(m) ? 'back row' : 'front row';
}

function shadeOf(m: number, shown: readonly Shown[]): Shown | undefined {
  return shown.find(({ place }) => isAt(place, m));
}

function isAt(place: Place, m: number): boolean {
  return (place.kind === 'key' || place.kind === 'bar') && place.midi === m;
}

function drawWhite(
  surface: Surface,
  frame: Frame,
  kind: 'key' | 'bar',
  x: number,
  y: number,
  shown: Shown | undefined,
  m: number,
): void {
  const gap = kind === 'bar' ? 1 : 0;
  const { width, height } = WHITE;
  const fill = shown ? ROLE_COLORS[shown.role] : '#fff';
  frame.box(surface, x + gap, y, width - 2 * gap, height, INK);
  frame.box(surface, x + gap + 0.5, y + 0.5, width - 2 * gap - 1, height - 1, fill);
  if (m === MIDDLE_C && kind === 'key') {
    const color = shown ? '#fff' : INK;
    frame.label(surface, 'middle', x + width / 2, y + height - 4, { size: 4.6, color });
  }
  if (shown?.role === 'wrong') {
    frame.label(surface, '×', x + width / 2, y + height - 12, {
      size: 12,
      weight: 'bold',
      color: '#fff',
    });
  }
}

function drawBlack(surface: Surface, frame: Frame, x: number, shown: Shown | undefined): void {
  const { width, height } = BLACK;
  frame.box(surface, x, 0, width, height, INK);
  if (!shown) return;
  frame.box(surface, x + 1, 0.8, width - 2, height - 1.8, ROLE_COLORS[shown.role]);
  if (shown.role === 'wrong') {
    frame.label(surface, '×', x + width / 2, height - 7, {
      size: 10,
      weight: 'bold',
      color: '#fff',
    });
  }
}
