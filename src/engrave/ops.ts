/** Straight and curved pieces of a path, in the coordinates of the moment. */
export type PathOp =
  | ['M' | 'L', number, number]
  | ['C', number, number, number, number, number, number]
  | ['Q', number, number, number, number]
  | ['Z'];

/** How the next path or glyph is painted. */
export interface PenState {
  fill: string;
  stroke: string;
  lineWidth: number;
  dash: readonly number[];
  /** Size of the music font in the units of the moment. */
  fontSize: number;
}

/** One thing that was painted. */
export type Op =
  | {
      readonly kind: 'path';
      readonly path: readonly PathOp[];
      readonly mode: 'fill' | 'stroke';
      readonly pen: PenState;
    }
  | {
      readonly kind: 'music';
      readonly text: string;
      readonly x: number;
      readonly y: number;
      readonly pen: PenState;
    };

/** What was drawn, to be drawn again elsewhere. */
export type Stencil = readonly Op[];

/** A piece of a path moved by `dx` to the right. */
export function shifted(op: PathOp, dx: number): PathOp {
  switch (op[0]) {
    case 'Z':
      return op;
    case 'C':
      return ['C', op[1] + dx, op[2], op[3] + dx, op[4], op[5] + dx, op[6]];
    case 'Q':
      return ['Q', op[1] + dx, op[2], op[3] + dx, op[4]];
    default:
      return [op[0], op[1] + dx, op[2]];
  }
}
