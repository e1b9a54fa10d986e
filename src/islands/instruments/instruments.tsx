import { Plus, Volume2, X } from 'lucide-react';
import { type InstrumentsAddress, SIDE_BY_SIDE } from '../../contract/address';
import {
  clashWarning,
  INSTRUMENT_IDS,
  INSTRUMENTS,
  type InstrumentId,
  type Part,
} from '../../core/instruments';
import { type KeySignature, midi, type Naming, type Terms } from '../../core/notation';
import { useChosen } from '../../ui/chosen';
import { InstrumentOptions } from '../../ui/options';
import { playMidi } from '../../ui/sound';
import { About } from './about';
import { ChartLinks } from './chart-links';
import { Column } from './column';
import { NoteField } from './note-field';
import { inMode, partsOf, useView, viewNote } from './state';

interface Props {
  initial: InstrumentsAddress;
  group: { id: string; name: string; key: KeySignature; naming: Naming; terms: Terms } | null;
  chosen: readonly string[];
}

/** Staff and instrument, live both ways; up to four instruments side by side. */
export function Instruments({ initial, group, chosen: initialChosen }: Props) {
  const chosen = useChosen(initialChosen);
  const { view, touched, change, touch, setView } = useView(initial);
  const parts = partsOf(view);
  const alone = view.ids.length === 1;
  const naming = group?.naming ?? 'letters';
  const terms = group?.terms ?? 'US';
  const replace = (index: number, id: InstrumentId) =>
    change({ ids: view.ids.map((old, i) => (i === index ? id : old)) });
  const choose = (id: InstrumentId, part: Part['written']) =>
    change({ note: viewNote(view, id, part) });
  return (
    <div>
      <div className="flex flex-wrap items-end gap-x-6 gap-y-2">
        <h1>Instruments</h1>
        <NoteField
          label={alone ? 'Note' : view.mode === 'read' ? 'All read' : 'All sound'}
          note={view.note}
          setNote={(note) => change({ note })}
        />
        {alone ? null : (
          <Mode mode={view.mode} setMode={(mode) => setView((now) => inMode(now, mode))} />
        )}
        <Switches view={view} change={change} />
        {alone ? null : (
          <button
            type="button"
            className="btn"
            onClick={() =>
              playMidi([...new Set(parts.filter((p) => p.located.ok).map((p) => midi(p.sounding)))])
            }
          >
            <Volume2 aria-hidden size={16} /> Hear all
          </button>
        )}
      </div>
      <div
        className={`mt-4 grid grid-cols-1 items-start gap-5 ${alone ? 'xl:grid-cols-[minmax(0,1fr)_18rem]' : ''}`}
      >
        <div className={alone ? '' : `grid gap-3 sm:grid-cols-2 ${COLUMNS[view.ids.length]}`}>
          {parts.map((part, i) => (
            <section
              key={`${i} ${part.instrument}`}
              className="panel min-w-0 bg-white!"
              aria-label={INSTRUMENTS[part.instrument].name}
            >
              <Head view={view} index={i} replace={replace} change={change} />
              <Column
                part={part}
                touched={touched?.index === i ? touched : null}
                terms={terms}
                naming={naming}
                front={view.front}
                leftHanded={view.leftHanded}
                alone={alone}
                choose={(written) => choose(part.instrument, written)}
                touch={(code) => touch(i, code)}
              />
            </section>
          ))}
          <AddInstrument view={view} change={change} />
        </div>
        <div className={`grid items-start gap-4 ${alone ? '' : 'sm:grid-cols-2 lg:grid-cols-3'}`}>
          <Clashes ids={view.ids} />
          {view.ids.map((id, i) => (
            <About
              key={`${i} ${id}`}
              instrument={id}
              naming={naming}
              choose={(written) => choose(id, written)}
            />
          ))}
          <ChartLinks view={view} group={group} chosen={chosen} />
        </div>
      </div>
    </div>
  );
}

/** Columns on a wide screen by the number of instruments; with room for the button that adds one. */
const COLUMNS: Readonly<Record<number, string>> = {
  2: 'lg:grid-cols-3',
  3: 'lg:grid-cols-4',
  4: 'lg:grid-cols-4',
};

type Change = (part: Partial<InstrumentsAddress>) => void;

function Mode({
  mode,
  setMode,
}: {
  mode: 'read' | 'sound';
  setMode: (mode: 'read' | 'sound') => void;
}) {
  const modes = [
    ['read', 'All read this'],
    ['sound', 'All sound this'],
  ] as const;
  return (
    <fieldset className="flex">
      <legend className="sr-only">What the note means</legend>
      {modes.map(([id, name]) => (
        <button
          key={id}
          type="button"
          aria-pressed={mode === id}
          className={`btn ${mode === id ? 'btn-main' : ''}`}
          onClick={() => setMode(id)}
        >
          {name}
        </button>
      ))}
    </fieldset>
  );
}

function Switches({ view, change }: { view: InstrumentsAddress; change: Change }) {
  const turns = view.ids.some((id) => INSTRUMENTS[id].turns);
  return (
    <div className="flex flex-wrap gap-x-4 gap-y-1 text-sm">
      <label className="flex min-h-8 items-center gap-2">
        <input
          type="checkbox"
          className="size-5"
          checked={view.front}
          onChange={(e) => change({ front: e.target.checked })}
        />
        As the teacher in front sees it
      </label>
      {turns ? (
        <label className="flex min-h-8 items-center gap-2">
          <input
            type="checkbox"
            className="size-5"
            checked={view.leftHanded}
            onChange={(e) => change({ leftHanded: e.target.checked })}
          />
          Left-handed
        </label>
      ) : null}
    </div>
  );
}

interface HeadProps {
  view: InstrumentsAddress;
  index: number;
  replace: (index: number, id: InstrumentId) => void;
  change: Change;
}

function Head({ view, index, replace, change }: HeadProps) {
  const id = view.ids[index]!;
  return (
    <div className="mb-2 flex items-center gap-2">
      <select
        aria-label={`Instrument ${index + 1}`}
        className="input min-h-8! min-w-0 flex-1 font-bold"
        value={id}
        onChange={(e) => replace(index, e.target.value as InstrumentId)}
      >
        <InstrumentOptions without={['none']} />
      </select>
      {view.ids.length > 1 ? (
        <button
          type="button"
          className="inline-flex size-8 items-center justify-center text-soft"
          aria-label={`Take away ${INSTRUMENTS[id].name}`}
          onClick={() => change({ ids: view.ids.filter((_, i) => i !== index) })}
        >
          <X aria-hidden size={18} />
        </button>
      ) : null}
    </div>
  );
}

/** Puts another instrument beside: the next in the list that is not there yet. */
function AddInstrument({ view, change }: { view: InstrumentsAddress; change: Change }) {
  if (view.ids.length >= SIDE_BY_SIDE) return null;
  const next = INSTRUMENT_IDS.find((id) => !view.ids.includes(id))!;
  return (
    <button
      type="button"
      className="btn mt-3 self-start justify-self-start"
      onClick={() => change({ ids: [...view.ids, next] })}
    >
      <Plus aria-hidden size={16} /> Another instrument beside
    </button>
  );
}

/** Warnings for students who play two of the instruments shown. */
function Clashes({ ids }: { ids: readonly InstrumentId[] }) {
  const pairs = ids.flatMap((a, i) => ids.slice(i + 1).map((b) => [a, b] as const));
  const warnings = pairs.flatMap(([a, b]) => clashWarning(a, b) ?? []);
  if (warnings.length === 0) return null;
  return (
    <section className="panel text-sm" aria-labelledby="clashes">
      <h2 id="clashes">For those who play both</h2>
      <ul className="list-disc space-y-1 pl-5">
        {[...new Set(warnings)].map((w) => (
          <li key={w}>{w}</li>
        ))}
      </ul>
    </section>
  );
}
