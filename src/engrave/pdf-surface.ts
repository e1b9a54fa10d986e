import { textRuns, textWidth } from './fonts';
import type { PathOp } from './ops';
import { Surface, type TextStyle } from './surface';

/** The few calls of a PDFKit document that drawing needs. */
export interface PdfPen {
  save(): unknown;
  restore(): unknown;
  transform(a: number, b: number, c: number, d: number, e: number, f: number): unknown;
  moveTo(x: number, y: number): unknown;
  lineTo(x: number, y: number): unknown;
  bezierCurveTo(a: number, b: number, c: number, d: number, x: number, y: number): unknown;
  quadraticCurveTo(a: number, b: number, x: number, y: number): unknown;
  closePath(): unknown;
  lineWidth(width: number): unknown;
  dash(length: number, options: { space: number }): unknown;
  undash(): unknown;
  fillColor(color: string): unknown;
  fill(color: string): unknown;
  stroke(color: string): unknown;
  font(name: string): unknown;
  fontSize(size: number): unknown;
  text(text: string, x: number, y: number, options: object): unknown;
}

const TEXT_OPTIONS = { lineBreak: false, baseline: 'alphabetic' };

/**
 * Draws vectors into a PDFKit document. Fonts must be registered under the names
 * `music`, and `latin-regular`, `latin-ext-bold`, `signs-regular` and so on.
 */
export class PdfSurface extends Surface {
  private fontName = '';
  private fontPx = 0;

  constructor(private readonly doc: PdfPen) {
    super();
  }

  at(x: number, y: number, scale: number, draw: () => void): void {
    this.doc.save();
    this.doc.transform(scale, 0, 0, scale, x, y);
    this.save();
    draw();
    this.restore();
    this.doc.restore();
  }

  text(content: string, x: number, y: number, style: TextStyle): void {
    const weight = style.weight ?? 'regular';
    let at = x;
    if (style.anchor === 'middle') at -= (textWidth(content, weight) * style.size) / 2;
    if (style.anchor === 'end') at -= textWidth(content, weight) * style.size;
    this.doc.fillColor(style.color ?? '#000');
    for (const run of textRuns(content, weight)) {
      this.setTextFont(`${run.subset}-${weight}`, style.size);
      this.doc.text(run.text, at, y, TEXT_OPTIONS);
      at += run.width * style.size;
    }
  }

  /** The document looks a font up by its name each time; most texts have the last one's. */
  private setTextFont(name: string, size: number): void {
    if (this.fontName !== name) this.doc.font(name);
    if (this.fontName !== name || this.fontPx !== size) this.doc.fontSize(size);
    this.fontName = name;
    this.fontPx = size;
  }

  protected paintMusic(text: string, x: number, y: number): void {
    this.doc.fillColor(this.pen.fill);
    this.setTextFont('music', this.pen.fontSize);
    this.doc.text(text, x, y, TEXT_OPTIONS);
  }

  protected paint(path: readonly PathOp[], mode: 'fill' | 'stroke'): void {
    for (const op of path) {
      if (op[0] === 'M') this.doc.moveTo(op[1], op[2]);
      else if (op[0] === 'L') this.doc.lineTo(op[1], op[2]);
      else if (op[0] === 'C') this.doc.bezierCurveTo(op[1], op[2], op[3], op[4], op[5], op[6]);
      else if (op[0] === 'Q') this.doc.quadraticCurveTo(op[1], op[2], op[3], op[4]);
      else this.doc.closePath();
    }
    if (mode === 'fill') {
      this.doc.fill(this.pen.fill);
      return;
    }
    this.doc.lineWidth(this.pen.lineWidth);
    const [on, off] = this.pen.dash;
    if (on) this.doc.dash(on, { space: off ?? on });
    this.doc.stroke(this.pen.stroke);
    if (on) this.doc.undash();
  }
}
