import * as fontkit from 'fontkit';
import { type Page, SvgSurface, textRuns, textWidth } from '../engrave';
import type { TextStyle } from '../engrave/surface';
import { pdfFonts } from './pdf';

type Face = ReturnType<typeof fontkit.create> & fontkit.Font;

let faces: Promise<ReadonlyMap<string, Face>> | undefined;

async function readFaces(): Promise<ReadonlyMap<string, Face>> {
  const files = await pdfFonts();
  return new Map([...files].map(([name, data]) => [name, fontkit.create(data) as Face]));
}

/** Writes letters and music as outlines, so that the picture needs no fonts where it is opened. */
class OutlineSurface extends SvgSurface {
  constructor(private readonly fonts: ReadonlyMap<string, Face>) {
    super();
  }

  override text(content: string, x: number, y: number, style: TextStyle): void {
    const weight = style.weight ?? 'regular';
    const width = textWidth(content, weight) * style.size;
    let at = x - (style.anchor === 'middle' ? width / 2 : style.anchor === 'end' ? width : 0);
    this.save();
    this.setFillStyle(style.color ?? '#000');
    for (const run of textRuns(content, weight)) {
      this.outline(this.fonts.get(`${run.subset}-${weight}`)!, run.text, {
        x: at,
        y,
        size: style.size,
      });
      at += run.width * style.size;
    }
    this.restore();
  }

  protected override paintMusic(text: string, x: number, y: number): void {
    this.outline(this.fonts.get('music')!, text, { x, y, size: this.pen.fontSize });
  }

  private outline(face: Face, text: string, at: { x: number; y: number; size: number }): void {
    const scale = at.size / face.unitsPerEm;
    let x = at.x;
    for (const glyph of face.glyphsForString(text)) {
      const { commands } = glyph.path;
      this.beginPath();
      for (const { command, args } of commands) {
        // Fonts count upwards, pages downwards.
        const p = args.map((n, i) => (i % 2 === 0 ? x + n * scale : at.y - n * scale));
        if (command === 'moveTo') this.moveTo(p[0]!, p[1]!);
        else if (command === 'lineTo') this.lineTo(p[0]!, p[1]!);
        else if (command === 'quadraticCurveTo') this.quadraticCurveTo(p[0]!, p[1]!, p[2]!, p[3]!);
        else if (command === 'bezierCurveTo')
          this.bezierCurveTo(p[0]!, p[1]!, p[2]!, p[3]!, p[4]!, p[5]!);
        else this.closePath();
      }
      if (commands.length > 0) this.fill();
      x += glyph.advanceWidth * scale;
    }
  }
}

/** A page as an SVG file that looks the same in every program: no fonts needed, in millimetres. */
export async function pageToSvg(page: Page): Promise<string> {
  faces ??= readFaces();
  const surface = new OutlineSurface(await faces);
  page.draw(surface);
  return surface.toSvg(page.width, page.height, { title: page.title, unit: 'mm' });
}
