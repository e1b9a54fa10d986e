import { useState } from 'react';
import type { GroupView, SayingsView } from '../../contract/views';
import { INSTRUMENTS, type InstrumentId } from '../../core/instruments';
import { type OwnSayings, sayingText } from '../../core/sayings';
import { clashes, STAFF_TARGETS, stringsTarget, targetById } from '../../core/workshop';
import { send } from '../../ui/api';
import { Notice } from '../../ui/notice';
import { Clashes } from './clashes';
import { Editor } from './editor';
import { Files } from './files';
import { History } from './history';
import { Offers } from './offers';
import { Prints } from './prints';

interface Props {
  group: GroupView;
  initial: SayingsView;
}

/** Sayings: made, checked, compared and chosen, for the group or for one student. */
export function Sayings({ group, initial }: Props) {
  const [view, setView] = useState(initial);
  const [who, setWho] = useState('');
  const [targetId, setTargetId] = useState('treble-lines');
  const [problem, setProblem] = useState<string | null>(null);
  const [saved, setSaved] = useState(false);
  const student = view.students.find((s) => s.id === who);
  const inUse: OwnSayings = student ? { ...view.sayings, ...student.own } : view.sayings;
  const targets = [...STAFF_TARGETS, ...stringTargets(view, student?.instrument)];
  const target = targets.find((t) => t.id === targetId) ?? targets[1]!;
  const used = Object.entries(inUse).flatMap(([id, words]) => {
    const found = targetById(id);
    return found ? [{ target: found, words }] : [];
  });
  const others = used.filter((s) => s.target.id !== target.id);
  const call = async (method: string, path: string, body: object) => {
    const result = await send<SayingsView>(method, path, body);
    setProblem(result.ok ? null : result.problem.detail);
    setSaved(result.ok);
    if (result.ok) setView(result.data);
    return result.ok;
  };
  const base = `/api/groups/${group.id}`;
  return (
    <div>
      <div className="flex flex-wrap items-end gap-4">
        <h1>Sayings</h1>
        <label className="field">
          For
          <select className="input font-bold" value={who} onChange={(e) => setWho(e.target.value)}>
            <option value="">The whole group</option>
            {view.students.map((s) => (
              <option key={s.id} value={s.id}>
                {s.name}
                {Object.keys(s.own).length > 0 ? ', has own' : ''}
              </option>
            ))}
          </select>
        </label>
      </div>
      <div className="mt-3 grid grid-cols-1 items-start gap-5 lg:grid-cols-[minmax(0,1fr)_20rem]">
        <div className="space-y-4">
          <fieldset className="grid gap-2 sm:grid-cols-2 xl:grid-cols-4">
            <legend className="sr-only">Saying</legend>
            {targets.map((t) => (
              <button
                key={t.id}
                type="button"
                aria-pressed={t.id === target.id}
                onClick={() => setTargetId(t.id)}
                className={`rounded border-2 px-3 py-2 text-left ${t.id === target.id ? 'border-felt bg-felt-pale' : 'border-rule bg-sheet'}`}
              >
                <span className="block text-sm text-soft">
                  {t.name.replace(/^the /, '')} · {t.letters.join(' ')}
                </span>
                <b className="block min-h-6 wrap-anywhere">
                  {sayingText(inUse[t.id] ?? []) || '–'}
                </b>
                {student?.own[t.id] ? <span className="hint">own</span> : null}
              </button>
            ))}
          </fieldset>
          {problem ? <Notice kind="wrong">{problem}</Notice> : null}
          {saved && !problem ? <Notice kind="good">Saved.</Notice> : null}
          <Editor
            key={`${who} ${target.id}`}
            target={target}
            current={inUse[target.id] ?? []}
            own={student ? student.own[target.id] !== undefined : false}
            student={student?.name ?? null}
            others={others}
            save={(text) =>
              call('PUT', `${base}/sayings`, {
                target: target.id,
                text,
                ...(student ? { studentId: student.id } : {}),
              })
            }
            propose={(text) => call('POST', `${base}/offers`, { target: target.id, text })}
          />
          <Clashes
            found={clashes(used)}
            mend={(id, text) =>
              call('PUT', `${base}/sayings`, {
                target: id,
                text,
                ...(student ? { studentId: student.id } : {}),
              })
            }
          />
        </div>
        <div className="space-y-4">
          <Offers view={view} call={call} />
          <Prints group={group} student={student ?? null} />
          <Files group={group} done={setView} />
          <History view={view} />
        </div>
      </div>
    </div>
  );
}

/** Open strings of the instruments that are played here. */
function stringTargets(view: SayingsView, instrument: InstrumentId | undefined) {
  const played = instrument ? [instrument] : [...new Set(view.students.map((s) => s.instrument))];
  return played.filter((id) => INSTRUMENTS[id]).flatMap((id) => stringsTarget(id) ?? []);
}
