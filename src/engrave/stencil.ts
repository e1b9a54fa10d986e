import type { Op, PathOp, Stencil } from './ops';
import { Surface, type TextStyle } from './surface';

/** Takes down what VexFlow draws. */
class Cutter extends Surface {
  readonly ops: Op[] = [];
  protected paint(path: readonly PathOp[], mode: 'fill' | 'stroke'): void {
    this.ops.push({ kind: 'path', path: [...path], mode, pen: { ...this.pen } });
  }
  protected paintMusic(text: string, x: number, y: number): void {
    this.ops.push({ kind: 'music', text, x, y, pen: { ...this.pen } });
  }
  text(_content: string, _x: number, _y: number, _style: TextStyle): void {
    throw new Error('Text is drawn directly: it differs from note to note.');
  }
  at(): void {
    throw new Error('Stencils have no nested coordinates.');
  }
}

/** Stencils kept; a class set of sheets uses about a hundred. */
const KEPT = 600;
const kept = new Map<string, Stencil>();

/**
 * What `draw` draws, worked out once for each `id`: setting up a note costs VexFlow many
 * times what drawing it does, and a page repeats few different ones.
 */
export function stencilOf(id: string, draw: (surface: Surface) => void): Stencil {
  const known = kept.get(id);
  if (known) return known;
  const cutter = new Cutter();
  draw(cutter);
  if (kept.size >= KEPT) kept.clear();
  kept.set(id, cutter.ops);
  return cutter.ops;
}
