import type { Paper } from '../core/sheets';
import { FAINT, INK } from './colors';
import { wrapText } from './fonts';
import { type Page, paperSize } from './page';
import type { Surface } from './surface';

/** What a student needs to get in. */
export interface Slip {
  readonly name: string;
  readonly group: string;
  readonly code: string;
  /** Address of the page where students enter. */
  readonly address: string;
  readonly pictures: readonly string[];
}

const COLUMNS = 2;
const ROWS = 6;
const EDGE = 10;

/** Slips to cut and hand out, twelve to a page. */
export function slipPages(slips: readonly Slip[], paper: Paper): Page[] {
  const { width, height } = paperSize(paper);
  const size = { width: (width - 2 * EDGE) / COLUMNS, height: (height - 2 * EDGE) / ROWS };
  const pages: Page[] = [];
  for (let from = 0; from < slips.length; from += COLUMNS * ROWS) {
    const group = slips.slice(from, from + COLUMNS * ROWS);
    pages.push({
      width,
      height,
      title: `Entry slips, page ${pages.length + 1}: ${group.length} students`,
      draw(surface) {
        for (const [i, slip] of group.entries()) {
          const x = EDGE + (i % COLUMNS) * size.width;
          const y = EDGE + Math.floor(i / COLUMNS) * size.height;
          surface.at(x, y, 1, () => drawSlip(surface, slip, size));
        }
      },
    });
  }
  return pages;
}

function drawSlip(surface: Surface, slip: Slip, size: { width: number; height: number }): void {
  const line = (
    text: string,
    y: number,
    height: number,
    weight: 'regular' | 'bold' = 'regular',
  ) => {
    const shown = wrapText(text, (size.width - 12) / height, 1, weight)[0] ?? '';
    surface.text(shown, 6, y, { size: height, weight, color: INK });
  };
  surface.save();
  surface.setStrokeStyle(FAINT).setLineWidth(0.2).setLineDash([1.5, 1.5]);
  surface.beginPath().rect(0, 0, size.width, size.height).stroke();
  surface.restore();
  line(slip.name, 11, 6, 'bold');
  line(slip.group, 17, 3.4);
  line(`Code ${slip.code}`, 26, 5, 'bold');
  line(slip.pictures.join(', then '), 34, 5);
  line(slip.address, size.height - 5, 2.8);
}
