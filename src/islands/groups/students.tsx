import { KeyRound, Printer, Trash2 } from 'lucide-react';
import { useState } from 'react';
import type { GroupView, StudentView } from '../../contract/views';
import { clashWarning, INSTRUMENTS } from '../../core/instruments';
import { METHODS } from '../../core/methods';
import { send } from '../../ui/api';
import { Notice } from '../../ui/notice';
import { InstrumentOptions, MethodOptions } from '../../ui/options';
import { Picture } from '../../ui/pictures';
import { AddStudents } from './add-students';

/** The students of a group: name, instrument, method, key. */
export function Students({
  group,
  initial,
}: {
  group: GroupView;
  initial: readonly StudentView[];
}) {
  const [students, setStudents] = useState(initial);
  const [problem, setProblem] = useState<string | null>(null);
  const put = (changed: StudentView) =>
    setStudents((all) => all.map((s) => (s.id === changed.id ? changed : s)));
  const change = async (id: string, body: object) => {
    const result = await send<StudentView>('PATCH', `/api/students/${id}`, body);
    setProblem(result.ok ? null : result.problem.detail);
    if (result.ok) put(result.data);
  };
  const newKey = async (student: StudentView) => {
    const result = await send<StudentView>('POST', `/api/students/${student.id}/key`, {});
    setProblem(result.ok ? null : result.problem.detail);
    if (result.ok) put(result.data);
  };
  const remove = async (student: StudentView) => {
    if (!window.confirm(`Delete ${student.name} with all answers, for good?`)) return;
    const result = await send('DELETE', `/api/students/${student.id}`);
    setProblem(result.ok ? null : result.problem.detail);
    if (result.ok) setStudents((all) => all.filter((s) => s.id !== student.id));
  };
  return (
    <section className="panel min-w-0" aria-labelledby="students">
      <div className="flex flex-wrap items-center justify-between gap-2">
        <h2 id="students">
          {students.length} {students.length === 1 ? 'student' : 'students'}
        </h2>
        {students.length > 0 ? (
          <a
            className="btn"
            href={`/api/groups/${group.id}/slips.pdf`}
            target="_blank"
            rel="noreferrer"
          >
            <Printer aria-hidden size={16} /> Entry slips
          </a>
        ) : null}
      </div>
      {problem ? <Notice kind="wrong">{problem}</Notice> : null}
      {students.length > 0 ? (
        <div className="relative overflow-x-auto">
          <table className="mt-2 w-full text-left text-sm">
            <thead className="border-b border-rule">
              <tr>
                <th className="py-1 pr-2">Name</th>
                <th className="pr-2">Instrument</th>
                <th className="pr-2">Method</th>
                <th className="pr-2">Key</th>
                <th>
                  <span className="sr-only">Actions</span>
                </th>
              </tr>
            </thead>
            <tbody className="divide-y divide-rule">
              {students.map((s) => (
                <StudentLine
                  key={s.id}
                  student={s}
                  group={group}
                  change={change}
                  newKey={newKey}
                  remove={remove}
                />
              ))}
            </tbody>
          </table>
        </div>
      ) : (
        <p className="hint my-2">No students yet. First names or initials are enough.</p>
      )}
      <AddStudents group={group} added={(more) => setStudents((all) => [...all, ...more])} />
    </section>
  );
}

interface LineProps {
  student: StudentView;
  group: GroupView;
  change: (id: string, body: object) => void;
  newKey: (student: StudentView) => void;
  remove: (student: StudentView) => void;
}

function StudentLine({ student, group, change, newKey, remove }: LineProps) {
  const locked = student.lockedUntil > Date.now();
  const box = 'min-h-8 rounded border border-rule bg-white px-1';
  return (
    <tr>
      <td className="py-1 pr-2">
        <input
          aria-label={`Name of ${student.name}`}
          className={`${box} w-28 font-bold`}
          defaultValue={student.name}
          key={student.name}
          onBlur={(e) =>
            e.target.value !== student.name && change(student.id, { name: e.target.value })
          }
        />
      </td>
      <td className="pr-2">
        <select
          aria-label={`Instrument of ${student.name}`}
          className={box}
          value={student.instrument}
          onChange={(e) => change(student.id, { instrument: e.target.value })}
        >
          <InstrumentOptions />
        </select>
        <SecondInstrument student={student} change={change} />
      </td>
      <td className="pr-2">
        <select
          aria-label={`Method of ${student.name}`}
          className={`${box} max-w-36`}
          value={student.method ?? ''}
          onChange={(e) => change(student.id, { method: e.target.value || null })}
        >
          <option value="">Group: {METHODS[group.method].name}</option>
          <MethodOptions />
        </select>
      </td>
      <td className="pr-2">
        <span className="flex flex-wrap gap-x-2">
          {student.pictures.map((p, i) => (
            <Picture key={i} id={p} size={16} />
          ))}
        </span>
        {locked ? <b className="text-madder">locked after five wrong keys</b> : null}
      </td>
      <td className="whitespace-nowrap text-right">
        <button
          type="button"
          className="inline-flex size-8 items-center justify-center text-felt"
          title={`New key for ${student.name}`}
          aria-label={`New key for ${student.name}`}
          onClick={() => newKey(student)}
        >
          <KeyRound aria-hidden size={18} />
        </button>
        <button
          type="button"
          className="inline-flex size-8 items-center justify-center text-madder"
          title={`Delete ${student.name}`}
          aria-label={`Delete ${student.name}`}
          onClick={() => remove(student)}
        >
          <Trash2 aria-hidden size={18} />
        </button>
      </td>
    </tr>
  );
}

/** Another instrument whose fingers may be mixed up with the first, and the hand for guitars. */
function SecondInstrument({ student, change }: Pick<LineProps, 'student' | 'change'>) {
  const { id, name, instrument, secondInstrument: second, leftHanded } = student;
  const warning = second && clashWarning(instrument, second);
  const turns = INSTRUMENTS[instrument].turns || (second && INSTRUMENTS[second].turns);
  if (instrument === 'none') return null;
  return (
    <div className="mt-1 flex max-w-64 flex-wrap items-center gap-x-3">
      <select
        aria-label={`Second instrument of ${name}`}
        className="min-h-7 max-w-52 rounded border border-rule bg-white px-1 text-soft"
        value={second ?? ''}
        onChange={(e) => change(id, { secondInstrument: e.target.value || null })}
      >
        <option value="">plays no other</option>
        <InstrumentOptions without={[instrument, 'none']} />
      </select>
      {turns ? (
        <label className="flex items-center gap-1">
          <input
            type="checkbox"
            className="size-6"
            checked={leftHanded}
            onChange={(e) => change(id, { leftHanded: e.target.checked })}
          />
          left-handed
        </label>
      ) : null}
      {warning ? <p className="w-full text-brass">{warning}</p> : null}
    </div>
  );
}
