import { Printer } from 'lucide-react';
import { useState } from 'react';
import type { InstrumentsAddress } from '../../contract/address';
import type { ChartSet } from '../../contract/charts';
import { INSTRUMENTS } from '../../core/instruments';
import type { Paper } from '../../core/sheets';

interface Props {
  view: InstrumentsAddress;
  group: { id: string; name: string } | null;
  chosen: readonly string[];
}

const SETS: readonly { id: ChartSet; name: string }[] = [
  { id: 'chosen', name: 'the chosen notes' },
  { id: 'first', name: 'the first notes' },
  { id: 'range', name: 'all notes of the first years' },
];

/** Fingering charts as PDF: each instrument of the view, or each section of the group. */
export function ChartLinks({ view, group, chosen }: Props) {
  const [set, setSet] = useState<ChartSet>(chosen.length > 0 ? 'chosen' : 'first');
  const [paper, setPaper] = useState<Paper>('A4');
  const empty = set === 'chosen' && chosen.length === 0;
  const href = (instrument: string | null) => {
    const query = new URLSearchParams({ set, paper });
    if (group) query.set('group', group.id);
    if (instrument) query.set('instrument', instrument);
    if (set === 'chosen') query.set('notes', chosen.join(','));
    if (view.front) query.set('front', '1');
    if (view.leftHanded) query.set('left', '1');
    return `/api/charts.pdf?${query.toString().replaceAll('%2C', ',')}`;
  };
  const link = 'btn min-h-8! w-full';
  return (
    <section className="panel space-y-2 text-sm" aria-labelledby="charts">
      <h2 id="charts">Fingering charts</h2>
      <div className="flex flex-wrap gap-2">
        <label>
          <span className="sr-only">Notes of the chart</span>
          <select
            className="input min-h-8!"
            value={set}
            onChange={(e) => setSet(e.target.value as ChartSet)}
          >
            {SETS.map((s) => (
              <option key={s.id} value={s.id}>
                With {s.name}
              </option>
            ))}
          </select>
        </label>
        <label>
          <span className="sr-only">Paper of the chart</span>
          <select
            className="input min-h-8!"
            value={paper}
            onChange={(e) => setPaper(e.target.value as Paper)}
          >
            <option>A4</option>
            <option>Letter</option>
          </select>
        </label>
      </div>
      {empty ? (
        <p className="hint">Choose notes on the staff at the left.</p>
      ) : (
        <div className="space-y-1.5">
          {view.ids.map((id) => (
            <a key={id} className={link} href={href(id)} target="_blank" rel="noreferrer">
              <Printer aria-hidden size={16} /> {INSTRUMENTS[id].name}
            </a>
          ))}
          {group ? (
            <a className={link} href={href(null)} target="_blank" rel="noreferrer">
              <Printer aria-hidden size={16} /> {group.name}: a page for each section
            </a>
          ) : null}
        </div>
      )}
    </section>
  );
}
