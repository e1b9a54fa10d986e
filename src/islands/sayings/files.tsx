import { Download } from 'lucide-react';
import { useState } from 'react';
import type { GroupView, SayingsView } from '../../contract/views';
import { send } from '../../ui/api';
import { Notice } from '../../ui/notice';

interface Props {
  group: GroupView;
  done: (view: SayingsView) => void;
}

/** Sayings out and in as CSV or JSON. */
export function Files({ group, done }: Props) {
  const [problem, setProblem] = useState<string | null>(null);
  const [note, setNote] = useState<string | null>(null);
  const base = `/api/groups/${group.id}`;
  const read = async (file: File | undefined) => {
    if (!file) return;
    const result = await send<{ count: number; view: SayingsView }>('POST', `${base}/sayings`, {
      text: await file.text(),
    });
    setProblem(result.ok ? null : result.problem.detail);
    setNote(result.ok ? `${result.data.count} sayings are in use now.` : null);
    if (result.ok) done(result.data.view);
  };
  return (
    <section className="panel space-y-2 text-sm" aria-labelledby="files">
      <h2 id="files">Files</h2>
      <p className="flex flex-wrap gap-2">
        {['csv', 'json'].map((as) => (
          <a key={as} className="btn min-h-8!" href={`${base}/sayings-file?as=${as}`} download>
            <Download aria-hidden size={16} /> {as.toUpperCase()}
          </a>
        ))}
      </p>
      <label className="field">
        Read a file in <span className="hint">columns: target, saying, student</span>
        <input
          className="input"
          type="file"
          accept=".csv,.json,text/csv,application/json"
          onChange={(e) => read(e.target.files?.[0])}
        />
      </label>
      {problem ? <Notice kind="wrong">{problem}</Notice> : null}
      {note ? <Notice kind="good">{note}</Notice> : null}
    </section>
  );
}
