import { useState } from 'react';
import type { GroupView, OwnMethodView } from '../../contract/views';
import { send } from '../../ui/api';
import { Notice } from '../../ui/notice';
import { FadeOptions, KeyOptions } from '../../ui/options';
import { Svg } from '../../ui/svg';
import { MethodForm } from './method-form';
import { RulesForm } from './rules-form';

interface Props {
  group: GroupView;
  qr: string;
  entry: string;
  ownMethods: readonly OwnMethodView[];
}

/** How students get in, how the group is taught, and its data. */
export function GroupSettings({ group: initial, qr, entry, ownMethods }: Props) {
  const [group, setGroup] = useState(initial);
  const [problem, setProblem] = useState<string | null>(null);
  const [saved, setSaved] = useState(false);
  const change = async (body: object) => {
    const result = await send<GroupView>('PATCH', `/api/groups/${group.id}`, body);
    setProblem(result.ok ? null : result.problem.detail);
    setSaved(result.ok);
    if (result.ok) setGroup({ ...group, ...result.data });
    return result.ok;
  };
  return (
    <div className="space-y-4">
      <section className="panel flex items-center gap-4" aria-label="Group code">
        <Svg markup={qr} className="size-28 shrink-0" />
        <div className="min-w-0">
          <p className="hint">Group code</p>
          <p className="font-title text-3xl font-bold tracking-widest">{group.code}</p>
          <p className="hint wrap-anywhere">{entry}</p>
        </div>
      </section>
      <section className="panel space-y-3" aria-labelledby="teaching">
        <h2 id="teaching">How it is taught</h2>
        <label className="field">
          Name
          <input
            className="input"
            defaultValue={group.name}
            onBlur={(e) => e.target.value !== group.name && change({ name: e.target.value })}
          />
        </label>
        <MethodForm
          group={group}
          own={ownMethods}
          changed={(view) => setGroup({ ...group, ...view })}
        />
        <label className="field">
          A hint says of a saying
          <select
            className="input"
            value={group.hintFade}
            onChange={(e) => change({ hintFade: e.target.value })}
          >
            <FadeOptions />
          </select>
        </label>
        <label className="field">
          Key signature in practice
          <select
            className="input"
            value={group.key}
            onChange={(e) => change({ key: Number(e.target.value) })}
          >
            <KeyOptions />
          </select>
        </label>
        <div className="grid grid-cols-2 gap-3">
          <label className="field">
            Words
            <select
              className="input"
              value={group.terms}
              onChange={(e) => change({ terms: e.target.value })}
            >
              <option value="US">American</option>
              <option value="UK">British</option>
            </select>
          </label>
          <label className="field">
            Names of notes
            <select
              className="input"
              value={group.naming}
              onChange={(e) => change({ naming: e.target.value })}
            >
              <option value="letters">Letters</option>
              <option value="fixed-do">Fixed do</option>
              <option value="movable-do">Movable do</option>
            </select>
          </label>
        </div>
        {problem ? (
          <Notice kind="wrong">{problem}</Notice>
        ) : saved ? (
          <Notice kind="good">Saved.</Notice>
        ) : null}
        <p className="text-sm">
          Sayings are made and chosen in <a href={`/sayings?group=${group.id}`}>Sayings</a>.
        </p>
        <RulesForm group={group} change={change} />
      </section>
      <GroupData group={group} />
    </div>
  );
}

/** Children's data belongs to them: it can be taken out and deleted. */
function GroupData({ group }: { group: GroupView }) {
  const [problem, setProblem] = useState<string | null>(null);
  const remove = async () => {
    const typed = window.prompt(
      `This deletes the group with its students, answers and sheets, for good. Type its name to go on: ${group.name}`,
    );
    if (typed === null) return;
    if (typed.trim() !== group.name) {
      setProblem('Nothing was deleted: the name was not the same.');
      return;
    }
    const result = await send('DELETE', `/api/groups/${group.id}`);
    if (result.ok) window.location.href = '/groups';
    else setProblem(result.problem.detail);
  };
  return (
    <section className="panel" aria-labelledby="data">
      <h2 id="data">Data</h2>
      <p className="mt-2 flex flex-wrap gap-2">
        <a className="btn" href={`/api/groups/${group.id}/export`} download>
          Export all as JSON
        </a>
        <button type="button" className="btn btn-danger" onClick={remove}>
          Delete the group
        </button>
      </p>
      {problem ? <Notice kind="wrong">{problem}</Notice> : null}
    </section>
  );
}
