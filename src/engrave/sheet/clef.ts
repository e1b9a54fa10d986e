import type { ClefFigure } from '../../core/sheets';
import { BRASS, INK } from '../colors';
import { drawStaff, SPACE } from '../staff';
import type { Surface } from '../surface';
import type { Block } from './block';
import { CLEF_STROKES, type Stroke } from './clef-strokes';
import type { Look } from './look';

/** Clefs are drawn larger than they are printed: at least this many mm between lines. */
const SPACE_FOR_CLEFS = 4.4;
const PALE = '#c8c2b4';
/** Units above and below the staff that a clef reaches, with air. */
const REACH = { above: 18, below: 22 } as const;
/** Copies to trace. */
const TRACED = 3;

/** The strokes one after another, copies to trace, then lines to draw it alone. */
export function clefBlocks({ clef, lines }: ClefFigure, look: Look): Block[] {
  const strokes = CLEF_STROKES[clef];
  const scale = Math.max(SPACE_FOR_CLEFS * look.scale, look.space) / SPACE;
  const width = look.width / scale;
  const slots = strokes.length + TRACED;
  const slot = width / slots;
  const height = (REACH.above + 4 * SPACE + REACH.below) * scale;
  const line = (draw: (surface: Surface, key: boolean) => void): Block => ({
    height,
    draw(surface, key) {
      surface.at(0, REACH.above * scale, scale, () => {
        drawStaff(surface, { clef: null, width });
        draw(surface, key);
      });
    },
  });
  const model = line((surface) => {
    for (let i = 0; i < slots; i++) {
      surface.at(slot * (i + 0.5) - 16, 0, 1, () => {
        if (i >= strokes.length) drawStrokes(surface, strokes, PALE);
        else {
          drawStrokes(surface, strokes.slice(0, i), INK);
          drawStrokes(surface, [strokes[i]!], BRASS);
          drawNumber(surface, strokes[i]!, i + 1);
        }
      });
    }
  });
  const alone = Array.from({ length: lines }, () => line(() => undefined));
  return [{ ...model, keep: true }, ...alone];
}

function drawStrokes(surface: Surface, strokes: readonly Stroke[], color: string): void {
  for (const { from, curves, dots = [] } of strokes) {
    surface.save();
    surface.setStrokeStyle(color).setLineWidth(2.2);
    surface.beginPath().moveTo(...from);
    for (const curve of curves) surface.bezierCurveTo(...curve);
    if (curves.length > 0) surface.stroke();
    surface.restore();
    for (const [x, y] of dots) surface.ellipse(x, y, 2.6, 2.6, { fill: color });
  }
}

function drawNumber(surface: Surface, { label: [x, y] }: Stroke, n: number): void {
  surface.text(String(n), x, y + 3, { size: 8, weight: 'bold', anchor: 'middle', color: INK });
}
