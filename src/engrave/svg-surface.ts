import { MUSIC_WEB_FAMILY, TEXT_FAMILY } from './families';
import type { PathOp } from './ops';
import { Surface, type TextStyle } from './surface';

/** Rounds to a hundredth: finer than any printer at the sizes drawn. */
const r = (n: number) => Math.round(n * 100) / 100;

/** Makes text safe inside SVG markup and attributes. */
export function escapeXml(text: string): string {
  const codes: Record<string, string> = { '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' };
  return text.replace(/[&<>"]/g, (c) => codes[c]!);
}

/** Writes SVG as text: needs no document, so it works on the server and in workers too. */
export class SvgSurface extends Surface {
  private parts: string[] = [];

  /**
   * The finished picture. `width` and `height` are those of the drawing's coordinates;
   * `title` is its text equivalent. Sizes itself to its container unless `unit` is given.
   */
  toSvg(width: number, height: number, options: { title?: string; unit?: string } = {}): string {
    const { title, unit } = options;
    const size = unit ? ` width="${width}${unit}" height="${height}${unit}"` : '';
    const label = title ? ` role="img" aria-label="${escapeXml(title)}"` : ' aria-hidden="true"';
    return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${r(width)} ${r(height)}"${size}${label}>${this.parts.join('')}</svg>`;
  }

  at(x: number, y: number, scale: number, draw: () => void): void {
    const scaled = scale === 1 ? '' : ` scale(${Math.round(scale * 1e5) / 1e5})`;
    this.parts.push(`<g transform="translate(${r(x)} ${r(y)})${scaled}">`);
    this.save();
    draw();
    this.restore();
    this.parts.push('</g>');
  }

  text(content: string, x: number, y: number, style: TextStyle): void {
    const anchor = style.anchor && style.anchor !== 'start' ? ` text-anchor="${style.anchor}"` : '';
    const weight = style.weight === 'bold' ? ' font-weight="700"' : '';
    this.parts.push(
      `<text x="${r(x)}" y="${r(y)}" font-family="${TEXT_FAMILY}" font-size="${r(style.size)}"${weight}${anchor} fill="${escapeXml(style.color ?? '#000')}">${escapeXml(content)}</text>`,
    );
  }

  protected paintMusic(text: string, x: number, y: number): void {
    const { fontSize, fill } = this.pen;
    this.parts.push(
      `<text x="${r(x)}" y="${r(y)}" font-family="${MUSIC_WEB_FAMILY}" font-size="${r(fontSize)}" fill="${escapeXml(fill)}">${text}</text>`,
    );
  }

  protected paint(path: readonly PathOp[], mode: 'fill' | 'stroke'): void {
    const d = path.map(([op, ...numbers]) => op + numbers.map(r).join(' ')).join('');
    const { fill, stroke, lineWidth, dash } = this.pen;
    const dashed = dash.length > 0 ? ` stroke-dasharray="${dash.map(r).join(' ')}"` : '';
    const style =
      mode === 'fill'
        ? `fill="${escapeXml(fill)}"`
        : `fill="none" stroke="${escapeXml(stroke)}" stroke-width="${r(lineWidth)}"${dashed}`;
    this.parts.push(`<path d="${d}" ${style}/>`);
  }
}
