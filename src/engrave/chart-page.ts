import { clefFor, INSTRUMENTS, type InstrumentId, type Located, locate } from '../core/instruments';
import {
  type KeySignature,
  type Naming,
  noteName,
  type Pitch,
  pitchText,
  positionOf,
} from '../core/notation';
import type { Paper } from '../core/sheets';
import { FAINT, FELT, INK } from './colors';
import { type DiagramView, diagramOf, fitDiagram } from './diagrams';
import { wrapText } from './fonts';
import { MARGIN, type Page, paperSize } from './page';
import { drawStaff, leadWidth, SPACE, stepY } from './staff';
import type { Surface } from './surface';

/** What a fingering chart shows: one instrument, and written notes in the order given. */
export interface Chart {
  readonly instrument: InstrumentId;
  readonly notes: readonly Pitch[];
  readonly key: KeySignature;
  readonly naming: Naming;
  readonly view?: DiagramView;
  /** The group's name, small at the foot. */
  readonly owner: string;
}

interface Cell {
  readonly pitch: Pitch;
  readonly located: Extract<Located, { ok: true }>;
}

const HEAD = 22;
const FOOT = 14;
const STAFF_COLUMN = 27;
/** Diagrams wider than this stand two in a row, others three. */
const WIDE = 1.3;
/** Diagrams higher than this, in their units, have keys with names: they get the largest cells. */
const TALL = 130;
/** Height of a cell in mm. */
const CELL = { plain: 50, tall: 64 } as const;
const TEXT = 3.4;

/** The pages of a chart; notes that cannot be played are listed at the end with the reason. */
export function chartPages(chart: Chart, paper: Paper): Page[] {
  const { width, height } = paperSize(paper);
  const cells: Cell[] = [];
  const missing: string[] = [];
  for (const pitch of chart.notes) {
    const located = locate(chart.instrument, pitch);
    if (located.ok) cells.push({ pitch, located });
    else missing.push(located.reason);
  }
  const { columns, cellHeight } = gridOf(chart, cells);
  const notes = missing.flatMap((reason) => wrapText(reason, (width - 2 * MARGIN) / TEXT, 2));
  const rows = Math.floor((height - 2 * MARGIN - HEAD - FOOT) / cellHeight);
  const perPage = rows * columns;
  const count = Math.max(1, Math.ceil(cells.length / perPage));
  const { name } = INSTRUMENTS[chart.instrument];
  return Array.from({ length: count }, (_, i): Page => {
    const own = cells.slice(i * perPage, (i + 1) * perPage);
    return {
      width,
      height,
      title: `Fingering chart, ${name}, page ${i + 1} of ${count}: ${own.map((c) => `${pitchText(c.pitch)} ${c.located.places[0]!.words}`).join('; ')}`,
      draw(surface) {
        drawHead(surface, chart, width);
        const size = { width: (width - 2 * MARGIN) / columns, height: cellHeight };
        for (const [j, cell] of own.entries()) {
          const x = MARGIN + (j % columns) * size.width;
          const y = MARGIN + HEAD + Math.floor(j / columns) * size.height;
          surface.at(x, y, 1, () => drawCell(surface, chart, cell, size));
        }
        const used = MARGIN + HEAD + Math.ceil(own.length / columns) * cellHeight;
        if (i === count - 1) drawMissing(surface, notes, used, height);
        drawFoot(surface, chart, { width, height }, count > 1 ? `${i + 1}/${count}` : '');
      },
    };
  });
}

/** Columns and height of the cells, by the shape of the instrument. */
function gridOf(chart: Chart, cells: readonly Cell[]): { columns: number; cellHeight: number } {
  const first = cells[0]?.located.places[0];
  const diagram = diagramOf(chart.instrument, { around: first ? [first] : [] });
  if (diagram && diagram.height > TALL) return { columns: 2, cellHeight: CELL.tall };
  const wide = diagram && diagram.width / diagram.height > WIDE;
  return { columns: wide ? 2 : 3, cellHeight: CELL.plain };
}

function drawHead(surface: Surface, { instrument, view = {} }: Chart, width: number): void {
  const { name, sounds } = INSTRUMENTS[instrument];
  surface.text(`${name}: fingering chart`, MARGIN, MARGIN + 7, {
    size: 7,
    weight: 'bold',
    color: INK,
  });
  const seen = diagramOf(instrument, view)?.seen ?? '';
  const about = `${sounds.charAt(0).toUpperCase()}${sounds.slice(1)}. ${seen}`;
  surface.text(about, MARGIN, MARGIN + 14, { size: 3.8, color: FELT });
  surface.line(MARGIN, MARGIN + 18, width - MARGIN, MARGIN + 18, 0.3, FAINT);
}

/** One note: staff and name at the left, the instrument at the right, the words under both. */
function drawCell(
  surface: Surface,
  chart: Chart,
  { pitch, located }: Cell,
  { width, height }: { width: number; height: number },
): void {
  const { instrument, key, naming, view } = chart;
  const [best, ...others] = located.places;
  drawNote(surface, instrument, pitch, key);
  surface.text(noteName(pitch, naming, key), STAFF_COLUMN / 2 - 1, 34, {
    size: 8,
    weight: 'bold',
    anchor: 'middle',
    color: INK,
  });
  const box = { width: width - STAFF_COLUMN - 4, height: height - 13 };
  const diagram = diagramOf(instrument, { ...view, around: [best!] });
  if (diagram) {
    surface.at(STAFF_COLUMN, 1, 1, () =>
      fitDiagram(surface, diagram, [{ place: best!, role: 'here' }], box),
    );
  }
  const also = others.slice(0, 2).map((p) => p.short);
  const text = [best!.short, ...also.map((short) => `or ${short}`)].join('; ');
  for (const [i, line] of wrapText(text, (width - 3) / TEXT, 2).entries()) {
    surface.text(line, 0, height - 8 + i * 4, { size: TEXT, color: INK });
  }
}

function drawNote(surface: Surface, id: InstrumentId, pitch: Pitch, key: KeySignature): void {
  const clef = clefFor(id, pitch);
  const { position, accidental } = positionOf(pitch, clef, key);
  const lead = leadWidth(clef, key);
  const width = lead + 44;
  const top = stepY(Math.max(8, position.step + 1));
  const bottom = stepY(Math.min(0, position.step - 1));
  const scale = Math.min((STAFF_COLUMN - 3) / width, 23 / (bottom - top), 1.9 / SPACE);
  surface.at(0, 2 - top * scale, scale, () => {
    const notes = [{ step: position.step, x: lead + 24, accidental }];
    drawStaff(surface, { clef, key, width, notes });
  });
}

function drawMissing(
  surface: Surface,
  lines: readonly string[],
  from: number,
  height: number,
): void {
  const room = Math.max(0, Math.floor((height - MARGIN - FOOT - from - 8) / (TEXT * 1.4)));
  if (lines.length === 0 || room === 0) return;
  surface.text('Not on this chart', MARGIN, from + 5, { size: TEXT, weight: 'bold', color: INK });
  for (const [i, line] of lines.slice(0, room).entries()) {
    surface.text(line, MARGIN, from + 10 + i * TEXT * 1.4, { size: TEXT, color: INK });
  }
}

function drawFoot(
  surface: Surface,
  { instrument, owner }: Chart,
  { width, height }: { width: number; height: number },
  number: string,
): void {
  const cautions = INSTRUMENTS[instrument].cautions.join(' ');
  const lines = wrapText(cautions, (width - 2 * MARGIN) / 3.4, 2, 'bold');
  for (const [i, line] of lines.entries()) {
    const y = height - MARGIN - 5 - (lines.length - 1 - i) * 4.4;
    surface.text(line, MARGIN, y, { size: 3.4, weight: 'bold', color: FELT });
  }
  const text = [owner, 'By the standard fingering charts of the instrument', number];
  surface.text(text.filter(Boolean).join(' · '), MARGIN, height - MARGIN, {
    size: 3.2,
    color: FAINT,
  });
}
