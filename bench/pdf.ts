import PDFDocument from 'pdfkit';
import { DEFAULT_SAYINGS } from '@/core/sayings';
import { composeSheet, newSection, type SheetSpec } from '@/core/sheets';
import { type Page, sheetPages, wayPages } from '@/engrave';
import { type PdfPen, PdfSurface } from '@/engrave/pdf-surface';
import { pagesToPdf, pdfFonts } from '@/server/pdf';
import { report, time, times } from './measure';

/** Two pages of mixed exercises, of the kinds that classes are given. */
export const MIXED: SheetSpec = {
  version: 2,
  key: 0,
  sections: [
    newSection('name-notes', '1', { count: 20, weakFirst: true }),
    newSection('line-space', '2', { count: 10 }),
    newSection('draw-note', '3', { count: 10 }),
    newSection('find-mistakes', '4', { count: 10 }),
    newSection('dots', '5', { count: 8 }),
  ],
  paper: 'A4',
  staffSpace: 2.8,
  write: 9,
  large: false,
  colour: false,
  headLetters: 'none',
  positions: [0, 1, 2, 3, 4, 5, 6, 7, 8].flatMap((step) => [
    { clef: 'treble' as const, step },
    { clef: 'bass' as const, step },
  ]),
  title: 'Notes from all sides',
  instructions: '',
  header: ['name', 'date'],
  naming: 'letters',
  terms: 'US',
  instrument: 'violin',
  keyPlaces: false,
  fade: 'none',
};

function classSet(): Page[] {
  return Array.from({ length: 30 }, (_, i) => {
    const sections = composeSheet(MIXED, { seed: `s${i}` });
    const print = { code: `BENCH1-${i + 1}`, student: 'Ada' };
    return [
      ...sheetPages(MIXED, sections, print),
      ...sheetPages(MIXED, sections, { ...print, key: true }),
      ...wayPages(MIXED, sections, { method: 'two-sayings', sayings: DEFAULT_SAYINGS }, print),
    ];
  }).flat();
}

/** What the pages draw: lines, curves and pieces of text, counted by a pen that draws nothing. */
function count(pages: readonly Page[]) {
  const tally = { lines: 0, curves: 0, music: 0, text: [] as string[] };
  let font = '';
  const nothing = () => undefined;
  const pen: PdfPen = {
    save: nothing,
    restore: nothing,
    transform: nothing,
    moveTo: nothing,
    bezierCurveTo: () => {
      tally.curves++;
    },
    quadraticCurveTo: nothing,
    closePath: nothing,
    lineWidth: nothing,
    dash: nothing,
    undash: nothing,
    fillColor: nothing,
    fill: nothing,
    stroke: nothing,
    fontSize: nothing,
    lineTo: () => {
      tally.lines++;
    },
    font: (name) => {
      font = name;
    },
    text: (text) => {
      if (font === 'music') tally.music++;
      else tally.text.push(text);
    },
  };
  for (const page of pages) page.draw(new PdfSurface(pen));
  return tally;
}

/** The same number of bare lines, curves and glyphs on the same number of pages, by PDFKit alone. */
async function bare(pages: number, tally: ReturnType<typeof count>): Promise<void> {
  const doc = new PDFDocument({ autoFirstPage: false, margin: 0 });
  for (const [name, data] of await pdfFonts()) doc.registerFont(name, data);
  const done = new Promise((resolve) => doc.on('end', resolve));
  doc.on('data', () => {});
  const each = (total: number) => Math.ceil(total / pages);
  const options = { lineBreak: false };
  for (let p = 0; p < pages; p++) {
    doc.addPage({ size: 'A4', margin: 0 });
    for (let i = 0; i < each(tally.lines); i++)
      doc
        .moveTo(50, 50 + i)
        .lineTo(500, 50 + i)
        .stroke();
    for (let i = 0; i < each(tally.curves); i++)
      doc
        .moveTo(50, 50 + i)
        .bezierCurveTo(50, 60, 60, 60, 60, 50 + i)
        .fill('#000');
    doc.font('music').fontSize(24);
    for (let i = 0; i < each(tally.music); i++) doc.text('\uE0A2', 50 + i, 100, options);
    doc.font('latin-regular').fontSize(11);
    const from = p * each(tally.text.length);
    for (const text of tally.text.slice(from, from + each(tally.text.length)))
      doc.text(text, 50, 200, options);
  }
  doc.end();
  await done;
}

/** A class set of mixed two-page sheets with keys in one PDF. */
export async function benchPdf(): Promise<void> {
  const pages = classSet();
  const tally = count(pages);
  let size = 0;
  const ours = await time(3, async () => {
    size = (await pagesToPdf(classSet(), 'Bench')).length;
  });
  const peak = process.resourceUsage().maxRSS / 1024;
  const baseline = await time(3, () => bare(pages.length, tally));
  report(
    `30 two-page mixed sheets with keys, ${pages.length} pages, ${Math.round(size / 1024)} kB`,
    `${ours.toFixed(0)} ms`,
    `${times(ours, baseline)} bare PDFKit lines, curves and glyphs (limit 3)`,
  );
  report('  peak memory of the process until then', `${peak.toFixed(0)} MB`, '(limit 300)');
}
