import type { Section, SheetSpec } from '../../core/sheets';
import { FELT, INK } from '../colors';
import { wrapText } from '../fonts';
import { MARGIN, type Page, paperSize } from '../page';
import { type Block, flow } from './block';
import { figureBlocks } from './figures';
import { drawFooter, drawHeader, headOf, type SheetPrint } from './head';
import { type Look, lookOf } from './look';
import { qrOf } from './qr';

/** Height of the header on every page, and of the footer, in mm. */
const ROOM = { header: 14, footer: 10 } as const;
/** Between two exercises, in mm. */
const GAP = 6;

/** The pages of a composed sheet or of its key; both have the same layout. */
export function sheetPages(
  spec: SheetSpec,
  sections: readonly Section[],
  print: SheetPrint,
): Page[] {
  const { width, height } = paperSize(spec.paper);
  const look = lookOf(spec);
  const head = headOf(spec, print.strip ?? [], look);
  const top = MARGIN + ROOM.header * Math.sqrt(look.scale);
  const pages = flow(sheetBlocks(sections, look), {
    first: top + head.height,
    next: top,
    bottom: height - MARGIN - ROOM.footer,
  });
  const qr = qrOf(print.code);
  const key = print.key === true;
  return pages.map((placed, number) => ({
    width,
    height,
    title: `${key ? 'Key' : 'Sheet'} ${print.code}, page ${number + 1} of ${pages.length}: ${spec.title}`,
    draw(surface) {
      drawHeader(surface, spec, print, look);
      if (number === 0) surface.at(MARGIN, top, 1, () => head.draw(surface, key));
      for (const { block, y } of placed) surface.at(MARGIN, y, 1, () => block.draw(surface, key));
      drawFooter(surface, print, `page ${number + 1} of ${pages.length}`, { width, height }, qr);
    },
  }));
}

/** Sections with their headings. One that has nothing to ask takes no room. */
export function sheetBlocks(sections: readonly Section[], look: Look): Block[] {
  const printed = sections.filter((s) => s.empty === null);
  const numbered = printed.filter((s) => s.instructions !== '');
  let part = 0;
  return printed.flatMap((section, i) => {
    const number = numbered.length > 1 ? numbered.indexOf(section) + 1 : null;
    const blocks: Block[] = headingOf(section, number, look).map((b) => ({ ...b, part }));
    for (const figure of section.figures) {
      // Each part of a quiz is an exercise of its own.
      if (figure.type === 'caption') part++;
      for (const b of figureBlocks(figure, look, section.spec.perLine)) blocks.push({ ...b, part });
    }
    part++;
    const last = i === printed.length - 1;
    return last ? blocks : [...blocks, { height: GAP * look.scale, draw: () => undefined }];
  });
}

/** The number of the exercise and what to do; kept with its first line. */
function headingOf({ instructions }: Section, number: number | null, look: Look): Block[] {
  if (instructions === '') return [];
  const indent = number === null ? 0 : look.text * 1.5;
  const lines = wrapText(instructions, (look.width - indent) / look.text, 5);
  const height = Math.max(1, lines.length) * look.text * 1.35 + 2;
  return [
    {
      height,
      keep: true,
      draw(surface) {
        const size = look.text;
        if (number !== null)
          surface.text(`${number}`, 0, size, { size: size * 1.15, weight: 'bold', color: FELT });
        lines.forEach((line, i) => {
          surface.text(line, indent, size + i * size * 1.35, { size, color: INK });
        });
      },
    },
  ];
}
