import type { HeaderField, SheetSpec } from '../../core/sheets';
import { FAINT, FELT, INK } from '../colors';
import { textWidth, wrapText } from '../fonts';
import { MARGIN } from '../page';
import type { Surface } from '../surface';
import type { Look } from './look';
import { drawQr, QR_SIZE, type qrOf } from './qr';

/** What is printed on one copy besides its exercises. */
export interface SheetPrint {
  readonly code: string;
  /** Filled in for a student's own copy. */
  readonly student?: string;
  /** A, B or C, on sheets with versions. */
  readonly label?: string;
  /** Sayings across the top. */
  readonly strip?: readonly string[];
  /** Prints the answers in place. */
  readonly key?: boolean;
}

const LABELS: Record<HeaderField, string> = {
  name: 'Name',
  room: 'Room',
  number: 'Number',
  date: 'Date',
};
/** Shares of the header's width. */
const SHARES: Record<HeaderField, number> = { name: 4, room: 1.6, number: 1.6, date: 2.2 };
/** Sizes tried for a title, as shares of its full size: long ones shrink before they wrap into many lines. */
const TITLE_SIZES = [1, 0.85, 0.72] as const;
/** Height of a line of sayings, and the air round them, in mm at ordinary size. */
const STRIP = { line: 5.6, air: 5 } as const;

/** Lines to fill in: name, room, number, date. The key says that it is one. */
export function drawHeader(surface: Surface, spec: SheetSpec, print: SheetPrint, look: Look): void {
  const y = MARGIN + 5;
  const version = print.label ? `Version ${print.label}` : '';
  const size = look.text;
  if (print.key) {
    const whose = ['Key', print.student ? `for ${print.student}` : '', version]
      .filter(Boolean)
      .join(' ');
    surface.text(shorten(whose, look.width * 0.9, size), MARGIN, y, {
      size,
      weight: 'bold',
      color: FELT,
    });
    return;
  }
  const room = version ? look.width - textWidth(version, 'bold') * size - 4 : look.width;
  if (version)
    surface.text(version, MARGIN + look.width, y, {
      size,
      weight: 'bold',
      anchor: 'end',
      color: INK,
    });
  const all = spec.header.reduce((sum, f) => sum + SHARES[f], 0);
  let x = MARGIN;
  for (const field of spec.header) {
    const share = (room * SHARES[field]) / all;
    const label = LABELS[field];
    const start = x + textWidth(label) * size + 2;
    surface.text(label, x, y, { size, color: INK });
    surface.line(start, y + 0.6, x + share - 4, y + 0.6, 0.25, INK);
    if (field === 'name' && print.student)
      writeName(surface, print.student, { x: start + 1, y, width: x + share - 5 - start, size });
    x += share;
  }
}

/** A long name shrinks to two thirds; a longer one is cut. */
function writeName(
  surface: Surface,
  name: string,
  at: { x: number; y: number; width: number; size: number },
): void {
  const wanted = at.width / Math.max(0.1, textWidth(name, 'bold'));
  const size = Math.max(at.size * 0.66, Math.min(at.size, wanted));
  surface.text(shorten(name, at.width, size), at.x, at.y, { size, weight: 'bold', color: INK });
}

/** Cuts a text that is too wide, with an ellipsis. */
function shorten(text: string, width: number, size: number): string {
  return wrapText(text, width / size, 1, 'bold')[0] ?? '';
}

/** Title, instructions and sayings of the first page. */
export interface Head {
  /** In mm. */
  readonly height: number;
  readonly draw: (surface: Surface, key: boolean) => void;
}

/** What stands above the first exercise; origin at the left margin and its own top. */
export function headOf(spec: SheetSpec, strip: readonly string[], look: Look): Head {
  const { title, size } = titleOf(spec.title, look);
  const text = wrapText(spec.instructions, look.width / look.text, 4);
  const sayings = strip.flatMap((line) => wrapText(line, (look.width - 6) / look.text, 2, 'bold'));
  const texts = title.length * size * 1.25 + text.length * look.text * 1.35;
  const band = sayings.length > 0 ? (sayings.length * STRIP.line + STRIP.air) * look.scale : 0;
  return {
    height: texts + band + 4,
    draw(surface, key) {
      title.forEach((line, i) => {
        surface.text(line, 0, size + i * size * 1.25, {
          size,
          weight: 'bold',
          color: key ? FELT : INK,
        });
      });
      text.forEach((line, i) => {
        const y = title.length * size * 1.25 + (i + 1) * look.text * 1.35;
        surface.text(line, 0, y, { size: look.text, color: INK });
      });
      surface.at(0, texts, 1, () => drawStrip(surface, sayings, look));
    },
  };
}

function titleOf(text: string, look: Look): { title: string[]; size: number } {
  for (const share of TITLE_SIZES) {
    const size = look.title * share;
    const title = wrapText(text, look.width / size, 99, 'bold');
    if (title.length <= 2) return { title, size };
  }
  const size = look.title * TITLE_SIZES.at(-1)!;
  return { title: wrapText(text, look.width / size, 6, 'bold'), size };
}

/** Sayings on a pale band, so that they are seen to be a help and no task. */
function drawStrip(surface: Surface, strip: readonly string[], look: Look): void {
  if (strip.length === 0) return;
  const line = STRIP.line * look.scale;
  surface.box(0, 2.5, look.width, strip.length * line + 2.5, '#eef3ee');
  strip.forEach((text, i) => {
    surface.text(text, 3, 3 + (i + 0.85) * line, { size: look.text, weight: 'bold', color: FELT });
  });
}

/** The code in the corner, as text and for a scanner, and which page it is. */
export function drawFooter(
  surface: Surface,
  print: Pick<SheetPrint, 'code'>,
  page: string,
  size: { width: number; height: number },
  qr?: ReturnType<typeof qrOf>,
): void {
  const y = size.height - MARGIN + 2;
  const right = size.width - MARGIN;
  surface.text(page, MARGIN, y, { size: 3, color: FAINT });
  const text = { size: 4, weight: 'bold', anchor: 'end', color: INK } as const;
  surface.text(print.code, qr ? right - QR_SIZE - 2 : right, y, text);
  if (qr) drawQr(surface, qr, right - QR_SIZE, y + 2 - QR_SIZE);
}
