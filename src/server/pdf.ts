import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import fontverter from 'fontverter';
import PDFDocument from 'pdfkit';
import { type Page, PT } from '../engrave';
import { PdfSurface } from '../engrave/pdf-surface';

const require = createRequire(import.meta.url);
const TEXT = '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-';
/** PDFKit shows no note with the music font as WOFF2, so it gets the OpenType file. */
const FILES: Record<string, string> = {
  music: '@vexflow-fonts/bravura/bravura.otf',
  'latin-regular': `${TEXT}latin-400-normal.woff`,
  'latin-bold': `${TEXT}latin-700-normal.woff`,
  'latin-ext-regular': `${TEXT}latin-ext-400-normal.woff`,
  'latin-ext-bold': `${TEXT}latin-ext-700-normal.woff`,
  'signs-regular': '@fontsource/dejavu-sans/files/dejavu-sans-latin-400-normal.woff',
  'signs-bold': '@fontsource/dejavu-sans/files/dejavu-sans-latin-400-normal.woff',
};

let fonts: Promise<ReadonlyMap<string, Buffer>> | undefined;

/**
 * Font files by the names that the PDF surface uses, read once. Web fonts are unpacked:
 * PDFKit would unpack their tables anew for every glyph it has not met.
 */
export function pdfFonts(): Promise<ReadonlyMap<string, Buffer>> {
  fonts ??= readFonts();
  return fonts;
}

async function readFonts(): Promise<ReadonlyMap<string, Buffer>> {
  const files = Object.entries(FILES).map(async ([name, path]): Promise<[string, Buffer]> => {
    const file = readFileSync(require.resolve(path));
    return [name, path.endsWith('.woff') ? await fontverter.convert(file, 'sfnt') : file];
  });
  return new Map(await Promise.all(files));
}

/**
 * Pages as one PDF with vectors and embedded fonts. `title` stands in the document's
 * properties. The date is left out, so that the same pages give the same bytes.
 */
export async function pagesToPdf(pages: readonly Page[], title: string): Promise<Buffer> {
  const doc = new PDFDocument({
    autoFirstPage: false,
    margin: 0,
    info: {
      Title: title,
      Producer: 'Lucid Staff',
      Creator: 'Lucid Staff',
      CreationDate: new Date(0),
    },
  });
  for (const [name, data] of await pdfFonts()) doc.registerFont(name, data);
  const chunks: Buffer[] = [];
  const done = new Promise<Buffer>((resolve, reject) => {
    doc.on('data', (chunk: Buffer) => chunks.push(chunk));
    doc.on('end', () => resolve(Buffer.concat(chunks)));
    doc.on('error', reject);
  });
  for (const page of pages) {
    doc.addPage({ size: [page.width / PT, page.height / PT], margin: 0 });
    const surface = new PdfSurface(doc);
    surface.at(0, 0, 1 / PT, () => page.draw(surface));
  }
  doc.end();
  return done;
}

/** A PDF as an answer that opens in the browser. `name` is the file's name without ending. */
export function pdfResponse(pdf: Buffer, name: string): Response {
  return new Response(new Uint8Array(pdf), {
    headers: {
      'content-type': 'application/pdf',
      'content-disposition': `inline; filename="${name}.pdf"`,
    },
  });
}
