import { useMemo, useState } from 'react';
import type { SheetInput } from '../../contract/sheets';
import type { GroupView } from '../../contract/views';
import { positionId } from '../../core/notation';
import { stripLines } from '../../core/sayings';
import { composeNames, type SheetSpec } from '../../core/sheets';
import { defaultInstructions, pageSvg, sheetPages } from '../../engrave';
import { send } from '../../ui/api';
import { toPositions, useChosen } from '../../ui/chosen';
import { Notice } from '../../ui/notice';
import { Svg } from '../../ui/svg';
import { type Draft, problemOf, START } from './draft';
import { type Made, MadeSheets } from './made-sheets';
import { SheetSettings } from './sheet-settings';

interface Props {
  group: GroupView;
  chosen: readonly string[];
  /** Weights of every position for a sheet that favours weak notes. */
  weights: Readonly<Record<string, number>>;
  sheets: readonly Made[];
  seed: string;
  students: number;
}

/** The sheet as it will print, its settings beside it. */
export function Sheets({
  group,
  chosen: initial,
  weights,
  sheets,
  seed: firstSeed,
  students,
}: Props) {
  const chosen = useChosen(initial);
  const positions = useMemo(() => toPositions(chosen), [chosen]);
  const [draft, setDraft] = useState<Draft>({ ...START, key: group.key });
  const [seed, setSeed] = useState(firstSeed);
  const [made, setMade] = useState(sheets);
  const [problem, setProblem] = useState<string | null>(null);
  const instructions =
    draft.instructions ?? defaultInstructions({ positions, terms: group.terms, key: draft.key });
  const wrong = problemOf(draft, positions, instructions);
  const pages = useMemo(() => {
    if (wrong) return [];
    const { versions: _, ...settings } = draft;
    const { naming, terms } = group;
    const spec: SheetSpec = {
      ...settings,
      instructions,
      positions,
      naming,
      terms,
      version: 1,
      kind: 'name-notes',
    };
    const items = composeNames(spec, { seed, weights });
    const strip = stripLines(group.sayings, positions, draft.fade);
    return sheetPages(spec, items, { code: 'preview', strip }).map((page) => pageSvg(page));
  }, [draft, positions, instructions, seed, wrong, group, weights]);
  const make = async () => {
    const body: SheetInput = {
      ...draft,
      instructions,
      header: [...draft.header],
      groupId: group.id,
      positions: positions.map(positionId),
      seed,
    };
    const result = await send<{ code: string; copies: number }>('POST', '/api/sheets', body);
    setProblem(result.ok ? null : result.problem.detail);
    if (!result.ok) return;
    const { code, copies } = result.data;
    setMade([{ code, copies, title: draft.title, at: Date.now(), marked: 0 }, ...made]);
    setSeed(`${seed}+`);
  };
  return (
    <div className="grid grid-cols-1 items-start gap-5 lg:grid-cols-[minmax(0,1fr)_19rem]">
      <div className="space-y-4" aria-live="polite">
        {wrong ? <Notice kind="note">{wrong}</Notice> : null}
        {pages.map((markup, i) => (
          <Svg key={i} markup={markup} className="paper mx-auto max-w-2xl" />
        ))}
      </div>
      <div className="space-y-4 lg:sticky lg:top-2">
        <SheetSettings
          draft={draft}
          instructions={instructions}
          change={(part) => setDraft({ ...draft, ...part })}
          shuffle={() => setSeed(`${seed}'`)}
          students={students}
        />
        {problem ? <Notice kind="wrong">{problem}</Notice> : null}
        <button
          type="button"
          className="btn btn-main w-full justify-center"
          disabled={wrong !== null}
          onClick={make}
        >
          Make the {draft.versions === 'each' ? `${students} sheets` : 'sheet'}
        </button>
        <MadeSheets made={made} />
      </div>
    </div>
  );
}
