import { Redo2, Shuffle, Trash2, Undo2 } from 'lucide-react';
import { type SubmitEvent, useState } from 'react';
import type { OwnPresetView } from '../../contract/views';
import { PRESETS } from '../../core/sheets';
import { send } from '../../ui/api';
import { Notice } from '../../ui/notice';
import { type Draft, keptOf, withPreset } from './draft';

interface Props {
  draft: Draft;
  own: readonly OwnPresetView[];
  load: (draft: Draft) => void;
  shuffle: () => void;
  undo: (() => void) | null;
  redo: (() => void) | null;
}

/** Ready-made sheets, the teacher's own ones, and undoing. */
export function PresetBar({ draft, own: first, load, shuffle, undo, redo }: Props) {
  const [own, setOwn] = useState(first);
  const [name, setName] = useState('');
  const [chosen, setChosen] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const take = (id: string) => {
    setChosen(id);
    const ready = PRESETS.find((p) => p.id === id);
    if (ready) load(withPreset(draft, ready));
    const kept = own.find((p) => `own ${p.name}` === id);
    if (kept) {
      load({ ...draft, ...kept.preset });
      setName(kept.name);
    }
  };
  const keep = async (event: SubmitEvent) => {
    event.preventDefault();
    const row = { name: name.trim(), preset: keptOf(draft) };
    const result = await send('PUT', '/api/presets', row);
    setProblem(result.ok ? null : result.problem.detail);
    if (!result.ok) return;
    setOwn(
      [...own.filter((p) => p.name !== row.name), row].sort((a, b) => (a.name < b.name ? -1 : 1)),
    );
    setChosen(`own ${row.name}`);
  };
  const forget = async () => {
    const gone = chosen.slice('own '.length);
    const result = await send('DELETE', '/api/presets', { name: gone });
    setProblem(result.ok ? null : result.problem.detail);
    if (!result.ok) return;
    setOwn(own.filter((p) => p.name !== gone));
    setChosen('');
  };
  return (
    <div className="mb-3 flex flex-wrap items-end gap-2">
      <label className="field">
        Start from
        <select className="input w-52!" value={chosen} onChange={(e) => take(e.target.value)}>
          <option value="">…</option>
          {own.length > 0 ? (
            <optgroup label="My sheets">
              {own.map((p) => (
                <option key={p.name} value={`own ${p.name}`}>
                  {p.name}
                </option>
              ))}
            </optgroup>
          ) : null}
          <optgroup label="Ready-made">
            {PRESETS.map((p) => (
              <option key={p.id} value={p.id}>
                {p.name}
              </option>
            ))}
          </optgroup>
        </select>
      </label>
      {chosen.startsWith('own ') ? (
        <button type="button" className="btn btn-danger" onClick={forget}>
          <Trash2 aria-hidden size={16} /> Forget it
        </button>
      ) : null}
      <form className="flex items-end gap-2" onSubmit={keep}>
        <label className="field">
          Keep as
          <input
            className="input w-44!"
            value={name}
            maxLength={60}
            onChange={(e) => setName(e.target.value)}
          />
        </label>
        <button type="submit" className="btn" disabled={!name.trim()}>
          Keep
        </button>
      </form>
      <div className="ml-auto flex gap-2">
        <button type="button" className="btn" onClick={shuffle}>
          <Shuffle aria-hidden size={16} /> Other order
        </button>
        <button type="button" className="btn" onClick={undo ?? undefined} disabled={!undo}>
          <Undo2 aria-hidden size={16} /> Undo
        </button>
        <button
          type="button"
          className="btn"
          aria-label="Redo"
          onClick={redo ?? undefined}
          disabled={!redo}
        >
          <Redo2 aria-hidden size={16} />
        </button>
      </div>
      {problem ? <Notice kind="wrong">{problem}</Notice> : null}
    </div>
  );
}
