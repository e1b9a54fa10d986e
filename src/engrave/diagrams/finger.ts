import type { Surface } from '../surface';
import { type Frame, ROLE_COLORS, type Shown } from './frame';

const RADIUS = 5.6;

/**
 * A finger on a string: a disc with its number, a ring for an open string, a pale disc
 * for a second way to play the note, a cross in a wrong one.
 */
export function drawFinger(
  surface: Surface,
  frame: Frame,
  at: { x: number; y: number },
  { role }: Shown,
  { open, finger }: { open: boolean; finger: number },
): void {
  const color = ROLE_COLORS[role];
  const filled = !open && role !== 'also';
  surface.ellipse(frame.x(at.x), frame.y(at.y), RADIUS, RADIUS, {
    fill: filled ? color : '#fff',
    stroke: color,
    lineWidth: role === 'also' ? 0.8 : 1.6,
  });
  const text = role === 'wrong' ? '×' : finger > 0 || open ? String(finger) : '';
  if (!text) return;
  const style = { size: 8, weight: 'bold', color: filled ? '#fff' : color } as const;
  frame.label(surface, text, at.x, at.y, style);
}
