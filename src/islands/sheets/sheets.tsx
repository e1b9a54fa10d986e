import { useEffect, useMemo, useState } from 'react';
import type { SheetInput } from '../../contract/sheets';
import type { GroupView, OwnPresetView } from '../../contract/views';
import type { InstrumentId } from '../../core/instruments';
import { positionId } from '../../core/notation';
import { stripLines } from '../../core/sayings';
import { composeSheet, type SheetCopy } from '../../core/sheets';
import { send } from '../../ui/api';
import { toPositions, useChosen } from '../../ui/chosen';
import { SelectField } from '../../ui/fields';
import { Notice } from '../../ui/notice';
import { type Draft, problemOf, specOf, startDraft } from './draft';
import { changed, type History, redone, startHistory, undone } from './history';
import { type Made, MadeSheets } from './made-sheets';
import { PresetBar } from './preset-bar';
import { Preview } from './preview';
import { SectionList } from './section-list';
import { SheetSettings } from './sheet-settings';

interface Props {
  group: GroupView;
  chosen: readonly string[];
  /** What a copy for all is made from: weights of the notes, the group's misreadings, the order of teaching. */
  copy: Pick<SheetCopy, 'weights' | 'causes' | 'taught'>;
  instrument: InstrumentId;
  sheets: readonly Made[];
  presets: readonly OwnPresetView[];
  seed: string;
  students: number;
}

/** The sheet as it will print, its exercises and settings beside it. */
export function Sheets({
  group,
  chosen: initial,
  copy,
  instrument,
  sheets,
  presets,
  seed: firstSeed,
  students,
}: Props) {
  const chosen = useChosen(initial);
  const positions = useMemo(() => toPositions(chosen), [chosen]);
  const [history, setHistory] = useState(() => startHistory(startDraft(group.key, instrument)));
  const [seed, setSeed] = useState(firstSeed);
  const [made, setMade] = useState(sheets);
  const [problem, setProblem] = useState<string | null>(null);
  const [notices, setNotices] = useState<readonly string[]>([]);
  const draft = history.now;
  const load = (next: Draft) => setHistory((h) => changed(h, next, null, Date.now()));
  const change = (part: Partial<Draft>, about: string | null) =>
    setHistory((h) => changed(h, { ...h.now, ...part }, about, Date.now()));
  const undo = history.past.length > 0 ? () => setHistory(undone) : null;
  const redo = history.future.length > 0 ? () => setHistory(redone) : null;
  useUndoKeys(setHistory);
  const wrong = problemOf(draft, positions);
  const [version, setVersion] = useState('A');
  const label = draft.versions === 'abc' ? version : undefined;
  const shown = useMemo(() => {
    if (wrong) return null;
    const spec = specOf(draft, group, positions);
    const sections = composeSheet(spec, { ...copy, seed: label ? `${seed}/${label}` : seed });
    return { spec, sections, strip: stripLines(group.sayings, positions, draft.fade) };
  }, [draft, positions, seed, wrong, group, copy, label]);
  const bySection = useMemo(
    () => new Map((shown?.sections ?? []).map((s) => [s.spec.id, s])),
    [shown],
  );
  const nothing = shown?.sections.every((s) => s.empty !== null) ?? false;
  const make = async () => {
    const body: SheetInput = {
      ...draft,
      sections: [...draft.sections],
      header: [...draft.header],
      groupId: group.id,
      positions: positions.map(positionId),
      seed,
    };
    const result = await send<{ code: string; copies: number; notices: string[] }>(
      'POST',
      '/api/sheets',
      body,
    );
    setProblem(result.ok ? null : result.problem.detail);
    if (!result.ok) return;
    const { code, copies } = result.data;
    setNotices(result.data.notices);
    setMade([
      { code, copies, title: draft.title, at: Date.now(), given: 0, back: 0, marked: 0 },
      ...made,
    ]);
    setSeed(`${seed}+`);
  };
  return (
    <div>
      <PresetBar
        draft={draft}
        own={presets}
        load={load}
        shuffle={() => setSeed(`${seed}'`)}
        undo={undo}
        redo={redo}
      />
      <div className="grid grid-cols-1 items-start gap-5 lg:grid-cols-[minmax(0,1fr)_21rem]">
        <div>
          {wrong ? <Notice kind="note">{wrong}</Notice> : null}
          {shown ? (
            <Preview {...shown} label={label} choose={setVersion} own={draft.versions === 'each'} />
          ) : null}
        </div>
        <div className="side-column space-y-4">
          <SectionList draft={draft} made={bySection} change={change} />
          <SheetSettings draft={draft} change={change} />
          <SelectField
            label="Versions"
            value={draft.versions}
            onChange={(v) => change({ versions: v }, null)}
          >
            <option value="one">One for all</option>
            <option value="abc">A, B and C for neighbours</option>
            <option value="each">One for each of {students} students</option>
          </SelectField>
          {problem ? <Notice kind="wrong">{problem}</Notice> : null}
          <button
            type="button"
            className="btn btn-main w-full justify-center"
            disabled={wrong !== null || nothing}
            onClick={make}
          >
            Make the{' '}
            {{ one: 'sheet', abc: '3 versions', each: `${students} sheets` }[draft.versions]}
          </button>
          {notices.length > 0 ? (
            <Notice kind="note">
              {notices.map((n) => (
                <p key={n}>{n}</p>
              ))}
            </Notice>
          ) : null}
          <MadeSheets made={made} />
        </div>
      </div>
    </div>
  );
}

/** Undo and redo by the usual keys; a text field being typed in keeps its own. */
function useUndoKeys(set: (step: (h: History<Draft>) => History<Draft>) => void): void {
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z') return;
      if (event.target instanceof HTMLInputElement && event.target.type === 'text') return;
      if (event.target instanceof HTMLTextAreaElement) return;
      event.preventDefault();
      set(event.shiftKey ? redone : undone);
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, [set]);
}
