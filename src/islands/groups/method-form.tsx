import { type SubmitEvent, useState } from 'react';
import type { GroupView, OwnMethodView } from '../../contract/views';
import { METHODS, type MethodId, textOfPositions } from '../../core/methods';
import { CLEF_IDS, type ClefId } from '../../core/notation';
import { send } from '../../ui/api';
import { Notice } from '../../ui/notice';
import { MethodOptions } from '../../ui/options';

interface Props {
  group: GroupView;
  own: readonly OwnMethodView[];
  changed: (group: GroupView) => void;
}

interface Draft {
  method: MethodId;
  name: string;
  landmarks: string;
  order: string;
  sayingClefs: readonly ClefId[];
  pictures: string;
}

/** The way of teaching: a school, a kept one, or a school adjusted. */
export function MethodForm({ group, own: initial, changed }: Props) {
  const [own, setOwn] = useState(initial);
  const [draft, setDraft] = useState<Draft>(() => draftOf(group));
  const [problem, setProblem] = useState<string | null>(null);
  const [saved, setSaved] = useState(false);
  const set = (part: Partial<Draft>) => {
    setSaved(false);
    setDraft({ ...draft, ...part });
  };
  const store = async (next: Draft) => {
    setDraft(next);
    const result = await send<{ group: GroupView; own: OwnMethodView[] }>(
      'PUT',
      `/api/groups/${group.id}/method`,
      next,
    );
    setProblem(result.ok ? null : result.problem.detail);
    setSaved(result.ok);
    if (!result.ok) return;
    setOwn(result.data.own);
    changed(result.data.group);
  };
  const choose = (value: string) => {
    const kept = own.find((o) => `own ${o.name}` === value);
    const next = kept
      ? draftOf({ method: kept.method, methodName: kept.name, methodSettings: kept.settings })
      : draftOf({ method: value as MethodId, methodName: '', methodSettings: {} });
    void store(next);
  };
  const forget = async () => {
    const path = `/api/groups/${group.id}/method`;
    const result = await send<{ own: OwnMethodView[] }>('DELETE', path, { name: draft.name });
    setProblem(result.ok ? null : result.problem.detail);
    if (result.ok) setOwn(result.data.own);
  };
  const submit = (event: SubmitEvent) => {
    event.preventDefault();
    void store(draft);
  };
  const kept = own.some((o) => o.name === draft.name);
  return (
    <div>
      <label className="field">
        Way of teaching
        <select
          className="input"
          value={kept ? `own ${draft.name}` : draft.method}
          onChange={(e) => choose(e.target.value)}
        >
          <MethodOptions />
          {own.length > 0 ? (
            <optgroup label="Your own">
              {own.map((o) => (
                <option key={o.name} value={`own ${o.name}`}>
                  {o.name}
                </option>
              ))}
            </optgroup>
          ) : null}
        </select>
        <span className="hint">{METHODS[draft.method].about}</span>
      </label>
      <details className="mt-1">
        <summary className="min-h-8 font-bold text-felt">Adjust it</summary>
        <form onSubmit={submit} className="mt-1 space-y-2">
          <Text
            label="Landmarks"
            hint="notes from which others are found, such as C4 G4 F3; empty: the usual ones"
            value={draft.landmarks}
            change={(landmarks) => set({ landmarks })}
          />
          <Text
            label="Order of the first notes"
            hint="such as B4 A4 G4 C5 D5; the rest follows the school"
            value={draft.order}
            change={(order) => set({ order })}
          />
          <fieldset className="flex gap-4 text-sm">
            <legend className="font-bold">Sayings in</legend>
            {CLEF_IDS.map((clef) => (
              <label key={clef} className="flex min-h-8 items-center gap-1.5">
                <input
                  type="checkbox"
                  className="size-5"
                  checked={draft.sayingClefs.includes(clef)}
                  onChange={(e) =>
                    set({
                      sayingClefs: CLEF_IDS.filter((c) =>
                        c === clef ? e.target.checked : draft.sayingClefs.includes(c),
                      ),
                    })
                  }
                />
                {clef}
              </label>
            ))}
          </fieldset>
          <Text
            label="Letters with a picture"
            hint="such as C D E F G; empty: as the school has it"
            value={draft.pictures}
            change={(pictures) => set({ pictures })}
          />
          <Text
            label="Keep it as"
            hint="a name, to use it for other groups; empty: only here"
            value={draft.name}
            change={(name) => set({ name })}
          />
          {problem ? <Notice kind="wrong">{problem}</Notice> : null}
          {saved ? <Notice kind="good">Saved.</Notice> : null}
          <div className="flex gap-2">
            <button type="submit" className="btn">
              Save the way of teaching
            </button>
            {kept ? (
              <button type="button" className="btn" onClick={forget}>
                Forget “{draft.name}”
              </button>
            ) : null}
          </div>
        </form>
      </details>
    </div>
  );
}

interface TextProps {
  label: string;
  hint: string;
  value: string;
  change: (value: string) => void;
}

function Text({ label, hint, value, change }: TextProps) {
  return (
    <label className="field">
      {label} <span className="hint">{hint}</span>
      <input className="input" value={value} onChange={(e) => change(e.target.value)} />
    </label>
  );
}

function draftOf(row: Pick<GroupView, 'method' | 'methodName' | 'methodSettings'>): Draft {
  const { landmarks = [], order = [], sayingClefs = CLEF_IDS, pictures = [] } = row.methodSettings;
  return {
    method: row.method,
    name: row.methodName,
    landmarks: textOfPositions(landmarks),
    order: textOfPositions(order),
    sayingClefs,
    pictures: pictures.join(' '),
  };
}
