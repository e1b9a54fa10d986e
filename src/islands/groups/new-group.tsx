import { type SubmitEvent, useState } from 'react';
import { METHODS, type MethodId } from '../../core/methods';
import { send } from '../../ui/api';
import { Notice } from '../../ui/notice';
import { MethodOptions } from '../../ui/options';

/** The few things a group needs to begin. */
export function NewGroup() {
  const [problem, setProblem] = useState<string | null>(null);
  const [method, setMethod] = useState<MethodId>('two-sayings');
  const submit = async (event: SubmitEvent<HTMLFormElement>) => {
    event.preventDefault();
    const form = Object.fromEntries(new FormData(event.currentTarget));
    const result = await send<{ id: string }>('POST', '/api/groups', form);
    if (result.ok) window.location.href = `/groups?group=${result.data.id}`;
    else setProblem(result.problem.detail);
  };
  return (
    <form onSubmit={submit} className="panel max-w-lg space-y-3">
      <label className="field">
        Name of the group
        <input className="input" name="name" required placeholder="Tuesday keys" />
      </label>
      <label className="field">
        Way of teaching
        <select
          className="input"
          name="method"
          value={method}
          onChange={(e) => setMethod(e.target.value as MethodId)}
        >
          <MethodOptions />
        </select>
        <span className="hint">{METHODS[method].about}</span>
      </label>
      <div className="grid grid-cols-2 gap-3">
        <label className="field">
          Words
          <select className="input" name="terms">
            <option value="US">American: staff, whole note</option>
            <option value="UK">British: stave, semibreve</option>
          </select>
        </label>
        <label className="field">
          Names of notes
          <select className="input" name="naming">
            <option value="letters">Letters</option>
            <option value="fixed-do">Fixed do</option>
            <option value="movable-do">Movable do</option>
          </select>
        </label>
      </div>
      {problem ? <Notice kind="wrong">{problem}</Notice> : null}
      <button type="submit" className="btn btn-main">
        Make the group
      </button>
    </form>
  );
}
