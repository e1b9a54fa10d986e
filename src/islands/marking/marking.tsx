import { type SubmitEvent, useCallback, useEffect, useState } from 'react';
import type { MarkingKit } from '../../contract/views';
import { send } from '../../ui/api';
import { Notice } from '../../ui/notice';
import { Pile } from './pile';

/** A sheet that waits. */
interface Waiting {
  readonly code: string;
  readonly title: string;
  readonly open: number;
  readonly of: number;
}

interface Props {
  waiting: readonly Waiting[];
  /** Code in the address. */
  code: string;
  /** The group that is looked at. */
  group: string | null;
}

type Loaded = MarkingKit & { copy: number | null };

/** From paper to evidence: a code, then the letters of one student after another. */
export function Marking({ waiting, code: first, group }: Props) {
  const [code, setCode] = useState(first);
  const [kit, setKit] = useState<Loaded | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const load = useCallback(async (text: string) => {
    setCode(text);
    const address = `/api/marking/${encodeURIComponent(text.trim() || '-')}`;
    const result = await send<Loaded>('GET', address);
    setProblem(result.ok ? null : result.problem.detail);
    setKit(result.ok ? result.data : null);
  }, []);
  // A code in the address is looked up at once.
  useEffect(() => {
    if (first) void load(first);
  }, [first, load]);
  const submit = (event: SubmitEvent) => {
    event.preventDefault();
    load(code);
  };
  return (
    <div className="max-w-5xl space-y-3">
      <form onSubmit={submit} className="flex flex-wrap items-end gap-2">
        <label className="field">
          Code in the corner of the sheet
          <input
            className="input w-52! font-mono uppercase"
            value={code}
            onChange={(e) => setCode(e.target.value)}
            placeholder="7K4QX3-2"
            autoComplete="off"
          />
        </label>
        <button type="submit" className="btn btn-main">
          Mark this sheet
        </button>
      </form>
      {problem ? <Notice kind="wrong">{problem}</Notice> : null}
      {kit && group !== null && kit.group.id !== group ? (
        <Notice kind="note">
          This sheet is of another group, {kit.group.name}: the students below are theirs.
        </Notice>
      ) : null}
      {kit ? (
        <Pile key={kit.code + (kit.copy ?? '')} kit={kit} copy={kit.copy} />
      ) : (
        <WaitingList waiting={waiting} take={load} />
      )}
    </div>
  );
}

function WaitingList({
  waiting,
  take,
}: {
  waiting: readonly Waiting[];
  take: (code: string) => void;
}) {
  if (waiting.length === 0) return <p className="hint">No sheet is waiting to be marked.</p>;
  return (
    <section className="panel max-w-xl" aria-labelledby="waiting">
      <h2 id="waiting">Waiting</h2>
      <ul className="divide-y divide-rule">
        {waiting.map((s) => (
          <li key={s.code} className="flex items-center gap-3 py-1.5">
            <button type="button" className="btn font-mono" onClick={() => take(s.code)}>
              {s.code}
            </button>
            <span className="min-w-0 flex-1 truncate">{s.title}</span>
            <span className="hint">
              {s.open} of {s.of} open
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
