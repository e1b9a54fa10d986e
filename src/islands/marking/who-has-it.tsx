import { RotateCcw } from 'lucide-react';
import { useEffect, useMemo, useState } from 'react';
import type { SheetResultView } from '../../contract/views';
import { send } from '../../ui/api';
import { Notice } from '../../ui/notice';
import type { StudentLine } from './one-sheet';

interface Props {
  code: string;
  students: readonly StudentLine[];
  change: (students: readonly StudentLine[]) => void;
}

const day = new Intl.DateTimeFormat('en', { day: 'numeric', month: 'short' });

/** Who was given the sheet, who gave it back, what came of it, and the next sheet for exactly that. */
export function WhoHasIt({ code, students, change }: Props) {
  const [results, setResults] = useState<readonly SheetResultView[]>([]);
  const [problem, setProblem] = useState<string | null>(null);
  const [made, setMade] = useState<{ code: string; copies: number; notices: string[] } | null>(
    null,
  );
  // Changes whenever a marking does.
  const state = students.map((s) => s.marked?.given.join() ?? '-').join('|');
  useEffect(() => {
    if (state === '') return;
    let stale = false;
    void send<SheetResultView[]>('GET', `/api/sheets/${code}/results`).then((r) => {
      if (stale) return;
      if (r.ok) setResults(r.data);
      else setProblem(r.problem.detail);
    });
    return () => {
      stale = true;
    };
  }, [code, state]);
  const byStudent = useMemo(() => new Map(results.map((r) => [r.studentId, r])), [results]);
  const hand = async (ids: readonly string[], part: { given?: boolean; back?: boolean }) => {
    const result = await send<{ at: number }>('PUT', `/api/sheets/${code}/hands`, {
      students: ids,
      ...part,
    });
    setProblem(result.ok ? null : result.problem.detail);
    if (!result.ok) return;
    const { at } = result.data;
    change(
      students.map((s) => {
        if (!ids.includes(s.id)) return s;
        const given = part.given === undefined ? s.given : part.given ? at : null;
        const back = part.back === undefined ? s.back : part.back ? at : null;
        return { ...s, given, back };
      }),
    );
  };
  const followUp = async () => {
    const result = await send<typeof made & object>('POST', `/api/sheets/${code}/follow-up`, {});
    setProblem(result.ok ? null : result.problem.detail);
    if (result.ok) setMade(result.data);
  };
  return (
    <section className="panel" aria-labelledby="has-it">
      <div className="mb-2 flex flex-wrap items-center gap-3">
        <h2 id="has-it">Who has it</h2>
        <button
          type="button"
          className="btn"
          onClick={() =>
            hand(
              students.map((s) => s.id),
              { given: true },
            )
          }
        >
          Given to all
        </button>
        <button
          type="button"
          className="btn btn-main ml-auto"
          disabled={!students.some((s) => s.marked)}
          onClick={followUp}
        >
          <RotateCcw aria-hidden size={16} /> Make the sheet for what went wrong
        </button>
      </div>
      {problem ? <Notice kind="wrong">{problem}</Notice> : null}
      {made ? (
        <Notice kind="good">
          Sheet {made.code} is made, with {made.copies} own {made.copies === 1 ? 'copy' : 'copies'}:{' '}
          <a href={`/api/sheets/${made.code}/pdf?part=sheets`} target="_blank" rel="noreferrer">
            print it
          </a>
          ,{' '}
          <a href={`/api/sheets/${made.code}/pdf?part=key`} target="_blank" rel="noreferrer">
            its key
          </a>
          .{made.notices.length > 0 ? ` ${made.notices.join(' ')}` : ''}
        </Notice>
      ) : null}
      <div className="overflow-x-auto">
        <table className="w-full text-left text-sm">
          <thead>
            <tr className="border-b border-rule">
              {['Student', 'Given', 'Back', 'Result', 'Likely misreadings'].map((h) => (
                <th key={h} scope="col" className="py-1 pr-3">
                  {h}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {students.map((s) => (
              <tr key={s.id} className="border-b border-rule last:border-0">
                <th scope="row" className="max-w-40 truncate py-1 pr-3 font-bold">
                  {s.name}
                </th>
                <td className="pr-3">
                  <Hand
                    label={`Given to ${s.name}`}
                    at={s.given}
                    set={(given) => hand([s.id], { given })}
                  />
                </td>
                <td className="pr-3">
                  <Hand
                    label={`Back from ${s.name}`}
                    at={s.back}
                    set={(back) => hand([s.id], { back })}
                  />
                </td>
                <Result result={byStudent.get(s.id)} marked={s.marked !== null} />
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}

function Hand({
  label,
  at,
  set,
}: {
  label: string;
  at: number | null;
  set: (on: boolean) => void;
}) {
  return (
    <label className="flex min-h-7 items-center gap-1.5">
      <input
        type="checkbox"
        className="size-4.5"
        aria-label={label}
        checked={at !== null}
        onChange={(e) => set(e.target.checked)}
      />
      <span className="hint">{at === null ? '' : day.format(at)}</span>
    </label>
  );
}

function Result({ result, marked }: { result: SheetResultView | undefined; marked: boolean }) {
  if (!marked || !result)
    return (
      <td colSpan={2} className="hint">
        {marked ? '…' : 'not marked'}
      </td>
    );
  const { right, of, quiz, causes } = result;
  return (
    <>
      <td className="pr-3 whitespace-nowrap">
        {right} of {of}
        {quiz
          ? ` · ${quiz.points} of ${quiz.of} points, ${quiz.passed ? 'passed' : 'not passed'}`
          : ''}
      </td>
      <td>
        {causes.length > 0 ? (
          causes.map((c) => c.name).join(', ')
        ) : (
          <span className="hint">none</span>
        )}
      </td>
    </>
  );
}
