import { CLEF_IDS, CLEFS, term } from '../core/notation';
import type { HeaderField, SheetItem, SheetSpec } from '../core/sheets';
import { FAINT, FELT, INK } from './colors';
import { textWidth, wrapText } from './fonts';
import { displayName } from './names';
import { MARGIN, type Page, paperSize } from './page';
import { layoutSheet, type SystemBox } from './sheet-layout';
import { drawStaff, leadWidth, SPACE } from './staff';
import type { Surface } from './surface';

/** What is printed on one copy besides its items. */
export interface SheetPrint {
  readonly code: string;
  /** Filled in for a student's own copy. */
  readonly student?: string;
  /** Sayings across the top. */
  readonly strip?: readonly string[];
  /** Prints the answers in place. */
  readonly key?: boolean;
}

const SIZE = { title: 6.4, text: 4, small: 3 } as const;
/** Height of a line of sayings, and the air round them, in mm. */
const STRIP = { line: 5.6, air: 5 } as const;
const LABELS: Record<HeaderField, string> = {
  name: 'Name',
  room: 'Room',
  number: 'Number',
  date: 'Date',
};
/** Shares of the header's width. */
const SHARES: Record<HeaderField, number> = { name: 4, room: 1.6, number: 1.6, date: 2.2 };

/** The pages of a "name the notes" sheet or of its key. */
export function sheetPages(
  spec: SheetSpec,
  items: readonly SheetItem[],
  print: SheetPrint,
): Page[] {
  const { width, height } = paperSize(spec.paper);
  const usable = width - 2 * MARGIN;
  const title = wrapText(spec.title, usable / SIZE.title, 3, 'bold');
  const text = wrapText(spec.instructions, usable / SIZE.text, 4);
  const strip = (print.strip ?? []).flatMap((line) =>
    wrapText(line, (usable - 6) / SIZE.text, 2, 'bold'),
  );
  const below = strip.length > 0 ? strip.length * STRIP.line + STRIP.air : 0;
  const texts = title.length * SIZE.title * 1.25 + text.length * SIZE.text * 1.35;
  const head = texts + below + 4;
  const layout = layoutSheet(spec, items, head);
  return layout.pages.map((systems, number) => ({
    width,
    height,
    title: pageTitle(spec, print, number, layout.pages.length),
    draw(surface) {
      drawHeader(surface, spec, print, usable);
      if (number === 0) {
        drawTitle(surface, title, text, print);
        surface.at(MARGIN, MARGIN + 14 + texts, 1, () => drawStrip(surface, strip, usable));
      }
      for (const system of systems) drawSystem(surface, spec, system, print.key === true);
      drawFooter(surface, print, `page ${number + 1} of ${layout.pages.length}`, { width, height });
    },
  }));
}

function pageTitle(spec: SheetSpec, print: SheetPrint, index: number, pages: number): string {
  const kind = print.key ? 'Key' : 'Sheet';
  return `${kind} ${print.code}, page ${index + 1} of ${pages}: ${spec.title}`;
}

/** Lines to fill in: name, room, number, date. The key says that it is one. */
function drawHeader(surface: Surface, spec: SheetSpec, print: SheetPrint, usable: number): void {
  const y = MARGIN + 5;
  if (print.key) {
    const whose = print.student ? `Key for ${print.student}` : 'Key';
    surface.text(shorten(whose, usable * 0.7, SIZE.text), MARGIN, y, {
      size: SIZE.text,
      weight: 'bold',
      color: FELT,
    });
    return;
  }
  const all = spec.header.reduce((sum, f) => sum + SHARES[f], 0);
  let x = MARGIN;
  for (const field of spec.header) {
    const share = (usable * SHARES[field]) / all;
    const label = LABELS[field];
    const start = x + textWidth(label) * SIZE.text + 2;
    surface.text(label, x, y, { size: SIZE.text, color: INK });
    surface.line(start, y + 0.6, x + share - 4, y + 0.6, 0.25, INK);
    if (field === 'name' && print.student) {
      const name = shorten(print.student, x + share - 4 - start, SIZE.text);
      surface.text(name, start + 1, y, { size: SIZE.text, weight: 'bold', color: INK });
    }
    x += share;
  }
}

/** Cuts a text that is too wide, with an ellipsis. */
function shorten(text: string, width: number, size: number): string {
  return wrapText(text, width / size, 1, 'bold')[0] ?? '';
}

function drawTitle(surface: Surface, title: string[], text: string[], print: SheetPrint): void {
  let y = MARGIN + 14;
  for (const line of title) {
    y += SIZE.title;
    surface.text(line, MARGIN, y, {
      size: SIZE.title,
      weight: 'bold',
      color: print.key ? FELT : INK,
    });
    y += SIZE.title * 0.25;
  }
  for (const line of text) {
    y += SIZE.text * 1.35;
    surface.text(line, MARGIN, y, { size: SIZE.text, color: INK });
  }
}

/** Sayings on a pale band, so that they are seen to be a help and no task. */
function drawStrip(surface: Surface, strip: readonly string[], width: number): void {
  if (strip.length === 0) return;
  surface.box(0, 2.5, width, strip.length * STRIP.line + 2.5, '#eef3ee');
  for (const [i, line] of strip.entries()) {
    const y = 3 + (i + 0.85) * STRIP.line;
    surface.text(line, 3, y, { size: SIZE.text, weight: 'bold', color: FELT });
  }
}

function drawSystem(surface: Surface, spec: SheetSpec, system: SystemBox, key: boolean): void {
  const scale = spec.staffSpace / SPACE;
  const units = system.width / scale;
  const lead = leadWidth(system.clef, spec.key);
  const gap = (units - lead) / system.items.length;
  const notes = system.items.map((item, i) => ({ step: item.step, x: lead + gap * (i + 0.5) }));
  surface.at(MARGIN, system.y, scale, () => {
    drawStaff(surface, { clef: system.clef, key: spec.key, width: units, notes });
  });
  surface.text(String(system.first), MARGIN - 2, system.y + 2 * spec.staffSpace + 1, {
    size: SIZE.small,
    anchor: 'end',
    color: FAINT,
  });
  const y = system.y + system.answerDrop;
  const rule = Math.min(11, gap * scale * 0.7);
  for (const [i, item] of system.items.entries()) {
    const x = MARGIN + notes[i]!.x * scale;
    surface.line(x - rule / 2, y, x + rule / 2, y, 0.3, INK);
    if (!key) continue;
    surface.text(displayName(item.answer, spec.naming, spec.key), x, y - 1.4, {
      size: spec.naming === 'letters' ? 6 : 4.6,
      weight: 'bold',
      anchor: 'middle',
      color: FELT,
    });
  }
}

/** The code in the corner, and which page it is. */
export function drawFooter(
  surface: Surface,
  print: SheetPrint,
  page: string,
  size: { width: number; height: number },
): void {
  const y = size.height - MARGIN + 2;
  surface.text(page, MARGIN, y, { size: SIZE.small, color: FAINT });
  surface.text(print.code, size.width - MARGIN, y, {
    size: SIZE.text,
    weight: 'bold',
    anchor: 'end',
    color: INK,
  });
}

/** Instructions that a sheet starts with, in the teacher's vocabulary. */
export function defaultInstructions(spec: Pick<SheetSpec, 'positions' | 'terms' | 'key'>): string {
  const used = CLEF_IDS.filter((id) => spec.positions.some((p) => p.clef === id));
  const clefs = used.map((id) => CLEFS[id].name).join(' or ');
  const staff = term('staff', spec.terms);
  const key = spec.key === 0 ? '' : ' Mind the key signature.';
  return `Look at the clef first${clefs ? ` (${clefs})` : ''}. Write the name under each note, in one straight row below the ${staff}.${key}`;
}
