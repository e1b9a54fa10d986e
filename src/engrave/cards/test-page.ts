import type { Paper } from '../../core/sheets';
import { FAINT, INK } from '../colors';
import { wrapText } from '../fonts';
import { MARGIN, type Page, paperSize } from '../page';
import type { Surface } from '../surface';

const SIZE = { title: 7, text: 4.4 } as const;
/** Millimetres that the scales reach either way. */
const REACH = 10;

const FRONT = [
  'Print this page and the next one on both sides of one sheet of paper, at actual size.',
  'Take the paper so that this arrow points up, then turn it over sideways, as you turn a page of a book.',
];
const BACK = [
  'If this arrow points up too, your printer turns over the long edge: choose “long edge”.',
  'If it points down, choose “short edge”.',
  'Now hold the paper against the light. Read where the middle of this cross lies on the scales of the other side, and write both numbers, with their signs, into “Move right” and “Move down”.',
];

/**
 * Two pages that show how a printer turns the paper over, and by how many millimetres its
 * backs are out.
 */
export function cardTestPages(paper: Paper): Page[] {
  const { width, height } = paperSize(paper);
  const centre = { x: width / 2, y: height / 2 };
  const page = (
    title: string,
    texts: readonly string[],
    cross: (surface: Surface) => void,
  ): Page => ({
    width,
    height,
    title,
    draw(surface) {
      surface.text(title, MARGIN, MARGIN + 8, { size: SIZE.title, weight: 'bold', color: INK });
      drawArrow(surface, centre.x, MARGIN + 60);
      surface.text('UP', centre.x, MARGIN + 72, {
        size: 6,
        weight: 'bold',
        anchor: 'middle',
        color: INK,
      });
      cross(surface);
      let y = height - MARGIN - 50;
      for (const text of texts) {
        for (const line of wrapText(text, (width - 2 * MARGIN) / SIZE.text, 4)) {
          surface.text(line, MARGIN, y, { size: SIZE.text, color: INK });
          y += SIZE.text * 1.35;
        }
        y += 2;
      }
    },
  });
  return [
    page('Test for cards: front', FRONT, (s) => drawScales(s, centre.x, centre.y)),
    page('Test for cards: back', BACK, (s) => {
      s.line(centre.x - 6, centre.y, centre.x + 6, centre.y, 0.3, INK);
      s.line(centre.x, centre.y - 6, centre.x, centre.y + 6, 0.3, INK);
    }),
  ];
}

function drawArrow(surface: Surface, x: number, y: number): void {
  surface.line(x, y, x, y - 34, 2, INK);
  surface.line(x - 8, y - 24, x, y - 34, 2, INK);
  surface.line(x + 8, y - 24, x, y - 34, 2, INK);
}

/**
 * Scales in millimetres through the middle. Seen through the paper from the front, a back
 * that lies to the left of the middle was moved to the right on its own side.
 */
function drawScales(surface: Surface, x: number, y: number): void {
  surface.line(x - REACH, y, x + REACH, y, 0.2, FAINT);
  surface.line(x, y - REACH, x, y + REACH, 0.2, FAINT);
  for (let mm = -REACH; mm <= REACH; mm++) {
    const long = mm % 5 === 0 ? 2.4 : 1.2;
    surface.line(x + mm, y - long / 2, x + mm, y + long / 2, 0.2, INK);
    surface.line(x - long / 2, y + mm, x + long / 2, y + mm, 0.2, INK);
    if (mm % 5 !== 0 || mm === 0) continue;
    const label = mm > 0 ? `+${mm}` : `−${-mm}`;
    surface.text(label, x + mm, y + 4.6, { size: 2.6, anchor: 'middle', color: INK });
    surface.text(mm > 0 ? `−${mm}` : `+${-mm}`, x + 3, y + mm + 0.9, { size: 2.6, color: INK });
  }
  surface.text('right', x + REACH + 3, y + 0.9, { size: 3, color: INK });
  surface.text('down', x, y - REACH - 2, { size: 3, anchor: 'middle', color: INK });
}
