import {
  INSTRUMENT_IDS,
  INSTRUMENTS,
  type InstrumentId,
  locate,
  spelled,
} from '@/core/instruments';
import { midi, parsePitch } from '@/core/notation';
import { chartPages, type Page } from '@/engrave';
import { pagesToPdf } from '@/server/pdf';
import { report, time, times } from './measure';

const PLAYED = INSTRUMENT_IDS.filter((id) => id !== 'none');

/** Every place of every half step of an instrument's first years. */
function allPlaces(id: InstrumentId): number {
  const { low, high } = INSTRUMENTS[id].firstYears;
  let count = 0;
  for (let m = midi(parsePitch(low)); m <= midi(parsePitch(high)); m++) {
    const found = locate(id, spelled(m));
    if (found.ok) count += found.places.length;
  }
  return count;
}

/** A mixed group of 30: each student's own chart of twelve notes. */
function groupCharts(): Page[] {
  return Array.from({ length: 30 }, (_, i) => {
    const instrument = PLAYED[i % PLAYED.length]!;
    const notes = INSTRUMENTS[instrument].firstNotes.flatMap((o) => o.notes).slice(0, 12);
    const settings = { key: 0, naming: 'letters', owner: 'Bench' } as const;
    return chartPages({ instrument, notes: notes.map(parsePitch), ...settings }, 'A4');
  }).flat();
}

/** Places of all instruments, and charts for a mixed group of 30 as one PDF. */
export async function benchInstruments(): Promise<void> {
  let count = 0;
  const ours = await time(9, () => {
    count = PLAYED.reduce((sum, id) => sum + allPlaces(id), 0);
  });
  const text = JSON.stringify(PLAYED.map((id) => INSTRUMENTS[id]));
  const parse = await time(9, () => JSON.parse(text));
  report(
    `All ${count} places of ${PLAYED.length} instruments`,
    `${ours.toFixed(1)} ms`,
    `${times(ours, parse)} parsing the instruments' data as JSON`,
  );
  const pages = groupCharts();
  let size = 0;
  const charts = await time(3, async () => {
    size = (await pagesToPdf(groupCharts(), 'Bench')).length;
  });
  const empty = pages.map((p) => ({ ...p, draw: () => undefined }));
  const blank = await time(3, () => pagesToPdf(empty, 'Bench'));
  report(
    `Charts for a mixed group of 30 (${pages.length} pages, ${Math.round(size / 1024)} kB)`,
    `${charts.toFixed(0)} ms`,
    `${times(charts, blank)} the same pages left empty`,
  );
}
