import { type FontInfo, RenderContext } from 'vexflow/core';
import { measureMusic } from './measure';
import { type PathOp, type PenState, type Stencil, shifted } from './ops';

export interface TextStyle {
  /** Font size in the units of the moment. */
  readonly size: number;
  readonly weight?: 'regular' | 'bold';
  readonly anchor?: 'start' | 'middle' | 'end';
  readonly color?: string;
}

/** VexFlow gives sizes in points for a screen of 96 dots an inch. */
const POINT = 4 / 3;

/**
 * What the drawing functions draw on: VexFlow's context, with text in the product's own
 * face and with nested coordinates. One subclass writes SVG, one PDF; both lay out alike
 * because sizes come from the shipped tables.
 */
export abstract class Surface extends RenderContext {
  protected pen: PenState = { fill: '#000', stroke: '#000', lineWidth: 1, dash: [], fontSize: 40 };
  private stack: PenState[] = [];
  private path: PathOp[] = [];

  /** Paints a finished path. */
  protected abstract paint(path: readonly PathOp[], mode: 'fill' | 'stroke'): void;
  /** Paints a music glyph string with its origin at x, y. */
  protected abstract paintMusic(text: string, x: number, y: number): void;
  /** Writes text with its baseline at y. */
  abstract text(content: string, x: number, y: number, style: TextStyle): void;
  /** Runs `draw` with the origin moved to x, y and everything `scale` times as large. */
  abstract at(x: number, y: number, scale: number, draw: () => void): void;

  /** Draws a stencil again, moved by `dx` to the right. */
  stamp(stencil: Stencil, dx: number): void {
    const pen = this.pen;
    for (const op of stencil) {
      this.pen = op.pen;
      if (op.kind === 'music') this.paintMusic(op.text, op.x + dx, op.y);
      else this.paint(dx === 0 ? op.path : op.path.map((p) => shifted(p, dx)), op.mode);
    }
    this.pen = pen;
  }

  /** A filled rectangle with square corners. */
  box(x: number, y: number, width: number, height: number, fill: string): void {
    this.save();
    this.setFillStyle(fill);
    this.fillRect(x, y, width, height);
    this.restore();
  }

  /** A straight line. */
  line(x1: number, y1: number, x2: number, y2: number, width: number, color = '#000'): void {
    this.save();
    this.setStrokeStyle(color).setLineWidth(width);
    this.beginPath().moveTo(x1, y1).lineTo(x2, y2).stroke();
    this.restore();
  }

  /** An ellipse, filled, outlined or both. */
  ellipse(
    cx: number,
    cy: number,
    rx: number,
    ry: number,
    style: { fill?: string | undefined; stroke?: string | undefined; lineWidth?: number },
  ): void {
    this.save();
    if (style.fill) {
      this.setFillStyle(style.fill);
      this.ellipsePath(cx, cy, rx, ry);
      this.fill();
    }
    if (style.stroke) {
      this.setStrokeStyle(style.stroke).setLineWidth(style.lineWidth ?? 1);
      this.ellipsePath(cx, cy, rx, ry);
      this.stroke();
    }
    this.restore();
  }

  private ellipsePath(cx: number, cy: number, rx: number, ry: number): void {
    // Four cubic curves; the factor is the usual approximation of a quarter circle.
    const k = 0.5523;
    this.beginPath().moveTo(cx + rx, cy);
    this.bezierCurveTo(cx + rx, cy + k * ry, cx + k * rx, cy + ry, cx, cy + ry);
    this.bezierCurveTo(cx - k * rx, cy + ry, cx - rx, cy + k * ry, cx - rx, cy);
    this.bezierCurveTo(cx - rx, cy - k * ry, cx - k * rx, cy - ry, cx, cy - ry);
    this.bezierCurveTo(cx + k * rx, cy - ry, cx + rx, cy - k * ry, cx + rx, cy);
  }

  // --- VexFlow's side ---------------------------------------------------------------

  setFillStyle(style: string): this {
    this.pen.fill = style;
    return this;
  }
  setStrokeStyle(style: string): this {
    this.pen.stroke = style;
    return this;
  }
  setLineWidth(width: number): this {
    this.pen.lineWidth = width;
    return this;
  }
  setLineDash(dash: number[]): this {
    this.pen.dash = dash;
    return this;
  }
  setFont(font?: string | FontInfo, size?: string | number): this {
    const wanted = typeof font === 'object' ? font.size : size;
    if (wanted !== undefined) this.pen.fontSize = Number.parseFloat(String(wanted)) * POINT;
    return this;
  }
  getFont(): string {
    return `${this.pen.fontSize / POINT}pt Bravura`;
  }
  save(): this {
    this.stack.push({ ...this.pen });
    return this;
  }
  restore(): this {
    this.pen = this.stack.pop() ?? this.pen;
    return this;
  }
  beginPath(): this {
    this.path = [];
    return this;
  }
  moveTo(x: number, y: number): this {
    this.path.push(['M', x, y]);
    return this;
  }
  lineTo(x: number, y: number): this {
    this.path.push(['L', x, y]);
    return this;
  }
  bezierCurveTo(a: number, b: number, c: number, d: number, x: number, y: number): this {
    this.path.push(['C', a, b, c, d, x, y]);
    return this;
  }
  quadraticCurveTo(a: number, b: number, x: number, y: number): this {
    this.path.push(['Q', a, b, x, y]);
    return this;
  }
  closePath(): this {
    this.path.push(['Z']);
    return this;
  }
  rect(x: number, y: number, width: number, height: number): this {
    this.path.push(['M', x, y], ['L', x + width, y], ['L', x + width, y + height]);
    this.path.push(['L', x, y + height], ['Z']);
    return this;
  }
  fillRect(x: number, y: number, width: number, height: number): this {
    this.beginPath();
    return this.rect(x, y, width, height).fill();
  }
  fill(): this {
    this.paint(this.path, 'fill');
    return this;
  }
  stroke(): this {
    if (this.pen.stroke !== 'none') this.paint(this.path, 'stroke');
    return this;
  }
  fillText(text: string, x: number, y: number): this {
    this.paintMusic(text, x, y);
    return this;
  }
  measureText(text: string) {
    const m = measureMusic(text, this.pen.fontSize);
    const height = m.actualBoundingBoxAscent + m.actualBoundingBoxDescent;
    return { x: 0, y: -m.actualBoundingBoxAscent, width: m.width, height };
  }

  set fillStyle(style: string | CanvasGradient | CanvasPattern) {
    this.pen.fill = String(style);
  }
  get fillStyle(): string {
    return this.pen.fill;
  }
  set strokeStyle(style: string | CanvasGradient | CanvasPattern) {
    this.pen.stroke = String(style);
  }
  get strokeStyle(): string {
    return this.pen.stroke;
  }

  // What VexFlow asks of a screen and paper has no use for.
  clear(): void {}
  add(): void {}
  openGroup(): void {}
  closeGroup(): void {}
  openRotation(): void {}
  closeRotation(): void {}
  setBackgroundFillStyle(): this {
    return this;
  }
  setShadowColor(): this {
    return this;
  }
  setShadowBlur(): this {
    return this;
  }
  setLineCap(): this {
    return this;
  }
  scale(): this {
    return this;
  }
  resize(): this {
    return this;
  }
  clearRect(): this {
    return this;
  }
  pointerRect(): this {
    return this;
  }
  arc(): this {
    throw new Error('Use ellipse(): the surfaces do not draw arcs.');
  }
}
