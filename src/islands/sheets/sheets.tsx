import { useEffect, useMemo, useState } from 'react';
import type { SheetInput } from '../../contract/sheets';
import type { GroupView, OwnPresetView } from '../../contract/views';
import type { InstrumentId } from '../../core/instruments';
import { positionId } from '../../core/notation';
import {
  type CopyClass,
  type CopyOwner,
  composeSheet,
  ownCopy,
  sharedCopy,
  VERSION_LABELS,
} from '../../core/sheets';
import { send } from '../../ui/api';
import { toPositions, useChosen } from '../../ui/chosen';
import { SelectField } from '../../ui/fields';
import { newId } from '../../ui/new-id';
import { Notice } from '../../ui/notice';
import { type Draft, problemOf, specOf, startDraft } from './draft';
import { changed, type History, redone, startHistory, undone } from './history';
import { type Made, MadeSheets } from './made-sheets';
import { PresetBar } from './preset-bar';
import { type Choice, Preview, Whose } from './preview';
import { SectionList } from './section-list';
import { SheetSettings } from './sheet-settings';

interface Props {
  group: GroupView;
  chosen: readonly string[];
  /** What the copy for all is made from, and each student's own. */
  all: CopyClass;
  owners: readonly (CopyOwner & { name: string })[];
  instrument: InstrumentId;
  sheets: readonly Made[];
  presets: readonly OwnPresetView[];
  seed: string;
}

/** The sheet as it will print, its exercises and settings beside it. */
export function Sheets({
  group,
  chosen: initial,
  all,
  owners,
  instrument,
  sheets,
  presets,
  seed: firstSeed,
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
  // Which of several versions or students is seen.
  const [wanted, setWanted] = useState('');
  const choices = choicesOf(draft.versions, owners);
  const seen = choices.find((c) => c.id === wanted) ?? choices[0];
  const shown = useMemo(() => {
    if (wrong) return null;
    const spec = specOf(draft, group, positions);
    const owner = owners.find((o) => o.id === seen?.id);
    const copy =
      draft.versions === 'each' && owner
        ? ownCopy(spec, owner, all.taught, seed)
        : sharedCopy(spec, all, seed, draft.versions === 'abc' ? seen?.id : undefined);
    return copy && { spec, copy, sections: composeSheet(spec, copy) };
  }, [draft, positions, seed, wrong, group, all, owners, seen?.id]);
  const bySection = useMemo(
    () => new Map((shown?.sections ?? []).map((s) => [s.spec.id, s])),
    [shown],
  );
  // What one student cannot have, others may.
  const nothing =
    draft.versions !== 'each' && (shown?.sections.every((s) => s.empty !== null) ?? false);
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
    setSeed(newSeed());
  };
  return (
    <div>
      <PresetBar
        draft={draft}
        own={presets}
        load={load}
        shuffle={() => setSeed(newSeed())}
        undo={undo}
        redo={redo}
      />
      <div className="grid grid-cols-1 items-start gap-5 lg:grid-cols-[minmax(0,1fr)_21rem]">
        <div>
          {wrong ? <Notice kind="note">{wrong}</Notice> : null}
          {shown ? (
            <Preview
              {...shown}
              student={draft.versions === 'each' ? seen?.name : undefined}
              choices={choices}
              chosen={seen?.id}
              choose={setWanted}
            />
          ) : null}
          {wrong === null && shown === null ? (
            <>
              <Whose choices={choices} chosen={seen?.id} choose={setWanted} />
              <Notice kind="note">
                {seen?.name} reads none of the chosen notes, and gets no copy.
              </Notice>
            </>
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
            <option value="each">One for each of {owners.length} students</option>
          </SelectField>
          {problem ? <Notice kind="wrong">{problem}</Notice> : null}
          <button
            type="button"
            className="btn btn-main w-full justify-center"
            disabled={wrong !== null || nothing}
            onClick={make}
          >
            Make the{' '}
            {{ one: 'sheet', abc: '3 versions', each: `${owners.length} sheets` }[draft.versions]}
          </button>
          {notices.length > 0 ? (
            <Notice kind="note">
              {notices.map((n) => (
                <p key={n}>{n}</p>
              ))}
            </Notice>
          ) : null}
          <MadeSheets made={made} group={group.id} />
        </div>
      </div>
    </div>
  );
}

/** Another order of everything. */
const newSeed = () => newId().slice(0, 8);

/** What can be looked at: one, the versions, or each student's. */
function choicesOf(
  versions: Draft['versions'],
  owners: readonly (CopyOwner & { name: string })[],
): Choice[] {
  if (versions === 'abc') return VERSION_LABELS.map((id) => ({ id, name: `Version ${id}` }));
  return versions === 'each' ? owners.map(({ id, name }) => ({ id, name })) : [];
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
