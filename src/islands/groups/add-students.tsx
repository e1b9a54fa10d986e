import { useState } from 'react';
import type { GroupView, StudentView } from '../../contract/views';
import { send } from '../../ui/api';
import { Notice } from '../../ui/notice';
import { InstrumentOptions } from '../../ui/options';
import { decodeText } from './read-file';

interface Props {
  group: GroupView;
  added: (students: StudentView[]) => void;
}

/** Adds students by typing, pasting a list, or choosing a CSV file. */
export function AddStudents({ group, added }: Props) {
  const [text, setText] = useState('');
  const [instrument, setInstrument] = useState('none');
  const [problem, setProblem] = useState<string | null>(null);
  const [note, setNote] = useState<string | null>(null);
  const add = async () => {
    setNote(null);
    const result = await send<{ students: StudentView[] }>(
      'POST',
      `/api/groups/${group.id}/students`,
      { text, instrument },
    );
    setProblem(result.ok ? null : result.problem.detail);
    if (!result.ok) return;
    added(result.data.students);
    setText('');
    setNote(`${result.data.students.length} added.`);
  };
  const read = async (file: File | undefined) => {
    if (!file) return;
    const { text: content, guessed } = decodeText(new Uint8Array(await file.arrayBuffer()));
    setText(content);
    setProblem(null);
    setNote(
      guessed
        ? 'The file is not in UTF-8: it was read as Western European. Check letters with accents before adding.'
        : null,
    );
  };
  return (
    <div className="mt-4 border-t border-rule pt-3">
      <h3>Add students</h3>
      <label className="field mt-1">
        One name a line, or a CSV list{' '}
        <span className="hint">
          columns: name, instrument, second instrument, left-handed, method
        </span>
        <textarea
          className="input h-24 font-mono"
          value={text}
          onChange={(e) => setText(e.target.value)}
          placeholder={'Ada\nBo\nCleo'}
        />
      </label>
      <div className="mt-2 flex flex-wrap items-end gap-3">
        <label className="field">
          Instrument, unless the list names one
          <select
            className="input"
            value={instrument}
            onChange={(e) => setInstrument(e.target.value)}
          >
            <InstrumentOptions />
          </select>
        </label>
        <label className="field">
          From a file
          <input
            className="input"
            type="file"
            accept=".csv,.txt,text/csv,text/plain"
            onChange={(e) => read(e.target.files?.[0])}
          />
        </label>
        <button type="button" className="btn btn-main" onClick={add}>
          Add
        </button>
      </div>
      {problem ? <Notice kind="wrong">{problem}</Notice> : null}
      {note ? <Notice kind="note">{note}</Notice> : null}
    </div>
  );
}
