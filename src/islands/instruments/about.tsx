import { ArrowLeftToLine } from 'lucide-react';
import { useState } from 'react';
import { INSTRUMENTS, type InstrumentId } from '../../core/instruments';
import {
  CLEFS,
  type Naming,
  noteName,
  type Pitch,
  parsePitch,
  positionId,
  positionOf,
} from '../../core/notation';
import { setChosen } from '../../ui/chosen';

interface Props {
  instrument: InstrumentId;
  naming: Naming;
  choose: (written: Pitch) => void;
}

/** Ranges, first notes in the orders of the main schools, and cautions. */
export function About({ instrument, naming, choose }: Props) {
  const row = INSTRUMENTS[instrument];
  const [orderId, setOrderId] = useState(row.firstNotes[0]!.id);
  const order = row.firstNotes.find((o) => o.id === orderId) ?? row.firstNotes[0]!;
  const toRail = (notes: readonly string[]) => {
    const ids = notes.flatMap((text) => {
      const pitch = parsePitch(text);
      return row.clefs
        .map((clef) => positionOf(pitch, CLEFS[clef]).position)
        .filter((p) => p.step >= -4 && p.step <= 12)
        .slice(0, 1)
        .map(positionId);
    });
    setChosen([...new Set(ids)]);
  };
  return (
    <section className="panel space-y-2 text-sm" aria-label={`About the ${row.name}`}>
      <h2>{row.name}</h2>
      <p>
        Reads {row.clefs.map((c) => CLEFS[c].name).join(' and ')}; {row.sounds}. Beginners from{' '}
        {row.beginner.low} to {row.beginner.high}, first years from {row.firstYears.low} to{' '}
        {row.firstYears.high}.
      </p>
      <div className="flex flex-wrap items-center gap-1.5">
        <label>
          <span className="sr-only">Order of first notes</span>
          <select
            className="input min-h-8!"
            value={order.id}
            onChange={(e) => setOrderId(e.target.value)}
          >
            {row.firstNotes.map((o) => (
              <option key={o.id} value={o.id}>
                First notes: {o.name}
              </option>
            ))}
          </select>
        </label>
        {order.notes.map((text) => {
          const pitch = parsePitch(text);
          return (
            <button
              key={text}
              type="button"
              className="btn min-h-8! min-w-8 justify-center px-1.5!"
              aria-label={`Show ${text}`}
              onClick={() => choose(pitch)}
            >
              {noteName(pitch, naming)}
            </button>
          );
        })}
      </div>
      <div className="flex flex-wrap gap-2">
        <button
          type="button"
          className="btn min-h-8!"
          onClick={() => toRail(order.notes.slice(0, 5))}
        >
          <ArrowLeftToLine aria-hidden size={16} /> First five onto the staff at the left
        </button>
        <button type="button" className="btn min-h-8!" onClick={() => toRail(row.firstFive)}>
          <ArrowLeftToLine aria-hidden size={16} /> First five-note position
        </button>
      </div>
      {row.cautions.length > 0 ? (
        <p>
          <b>Take care:</b> {row.cautions.join(' ')}
        </p>
      ) : null}
    </section>
  );
}
