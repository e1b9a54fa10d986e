import type { z } from 'zod';
import type { chartQuery } from '../../contract/charts';
import { INSTRUMENTS, type InstrumentId, locate, lowerName, spelled } from '../../core/instruments';
import {
  type KeySignature,
  midi,
  type Naming,
  type Pitch,
  parsePitch,
  pitchAt,
  type StaffPosition,
} from '../../core/notation';
import { type Chart, chartPages, type Page } from '../../engrave';
import { badInput } from '../errors';

type ChartQuery = z.output<typeof chartQuery>;

interface Setting {
  readonly key: KeySignature;
  readonly naming: Naming;
  readonly owner: string;
}

/**
 * Pages of fingering charts, one instrument after the other.
 * @throws Problem 400 when no instrument reads any of the notes.
 */
export function chartsOf(
  ids: readonly InstrumentId[],
  query: ChartQuery,
  setting: Setting,
): Page[] {
  const view = { front: query.front, leftHanded: query.left };
  const pages = ids.flatMap((instrument) => {
    const notes = chartNotes(instrument, query, setting.key);
    if (notes.length === 0) return [];
    const chart: Chart = { instrument, notes, view, ...setting };
    return chartPages(chart, query.paper);
  });
  if (pages.length > 0) return pages;
  throw badInput(
    ids.length === 1
      ? `The ${lowerName(INSTRUMENTS[ids[0]!])} reads none of the chosen notes. Choose notes of its clef, or its first notes.`
      : 'There is no instrument here that reads the chosen notes. Give the students instruments, or choose notes of their clefs.',
  );
}

function chartNotes(id: InstrumentId, query: ChartQuery, key: KeySignature): Pitch[] {
  const instrument = INSTRUMENTS[id];
  if (instrument.technique.kind === 'none') return [];
  if (query.set === 'chosen') return chosen(id, query.notes, key);
  if (query.set === 'first') return instrument.firstNotes[0]!.notes.map(parsePitch);
  const { low, high } = instrument.firstYears;
  const from = midi(parsePitch(low));
  const count = midi(parsePitch(high)) - from + 1;
  const all = Array.from({ length: count }, (_, i) => spelled(from + i, key));
  return all.filter((pitch) => locate(id, pitch).ok);
}

function chosen(id: InstrumentId, positions: readonly StaffPosition[], key: KeySignature): Pitch[] {
  const { clefs } = INSTRUMENTS[id];
  return positions.filter((p) => clefs.includes(p.clef)).map((p) => pitchAt(p, key));
}
