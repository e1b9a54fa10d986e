import { Undo2 } from 'lucide-react';
import { useEffect, useMemo, useRef, useState } from 'react';
import type { MarkingKit } from '../../contract/views';
import { composeSheet, ENTRIES, type Marked, markTyped, type Section } from '../../core/sheets';
import { send } from '../../ui/api';
import { Notice } from '../../ui/notice';
import { keepDraft, readDraft } from './drafts';
import { MarkedLines } from './marked-lines';
import { Reasons } from './reasons';
import { typedAgain } from './typed';

export type StudentLine = MarkingKit['students'][number];

interface Props {
  kit: MarkingKit;
  student: StudentLine;
  /** Copies that the student may have: their own, or every version. */
  copies: MarkingKit['copies'];
  /** The one that is keyed in. */
  copy: MarkingKit['copies'][number];
  choose: (number: number) => void;
  /** Day on which it was written, ms since 1970. */
  at: number;
  saved: (marked: StudentLine['marked']) => void;
}

/** One student's sheet: a field for each exercise, and what comes of it as it is typed. */
export function OneSheet({ kit, student, copies, copy, choose, at, saved }: Props) {
  const sections = useMemo(() => composeSheet(kit.spec, copy.copy), [kit.spec, copy.copy]);
  const before = useMemo(
    () => typedAgain(sections, student.marked, copy.number),
    [sections, student.marked, copy.number],
  );
  const [typed, setTyped] = useState(() => {
    const draft = readDraft(kit.code, student.id);
    return before.map((text, i) => draft?.[i] ?? text);
  });
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const form = useRef<HTMLFormElement>(null);
  useEffect(() => form.current?.querySelector<HTMLInputElement>('input[data-entry]')?.focus(), []);
  const marked = useMemo(
    () => sections.map(({ questions }, i) => markTyped(questions, typed[i] ?? '')),
    [sections, typed],
  );
  const readable = marked.every((m) => m.ok);
  const some = typed.some((t) => t.trim() !== '');
  const all = useMemo(() => sections.flatMap((s) => s.questions), [sections]);
  const marks = useMemo(
    () =>
      sections.flatMap(({ questions }, i) => {
        const m = marked[i]!;
        return questions.map((_, k) => (m.ok ? m.marks[k] : undefined));
      }),
    [sections, marked],
  );
  const player = useMemo(
    () => ({ instrument: student.instrument, second: student.secondInstrument }),
    [student.instrument, student.secondInstrument],
  );
  const type = (i: number, text: string) => {
    const next = typed.map((t, k) => (k === i ? text : t));
    setTyped(next);
    keepDraft(kit.code, student.id, next.every((t, k) => t === before[k]) ? null : next);
  };
  const save = async () => {
    if (!readable || !some || busy) return;
    setBusy(true);
    const body = { studentId: student.id, copy: copy.number, typed, at };
    const result = await send<NonNullable<StudentLine['marked']>>(
      'PUT',
      `/api/marking/${kit.code}`,
      body,
    );
    setBusy(false);
    setProblem(result.ok ? null : result.problem.detail);
    if (!result.ok) return;
    keepDraft(kit.code, student.id, null);
    saved(result.data);
  };
  const takeBack = async () => {
    const result = await send('DELETE', `/api/marking/${kit.code}`, { studentId: student.id });
    setProblem(result.ok ? null : result.problem.detail);
    if (!result.ok) return;
    // What was typed stays, to be put right.
    keepDraft(kit.code, student.id, typed);
    saved(null);
  };
  const right = marks.filter((m) => m?.correct).length;
  const wrong = marks.filter((m) => m && !m.correct).length;
  const left = marks.length - right - wrong;
  const last = sections.reduce((found, s, i) => (s.questions.length > 0 ? i : found), 0);
  return (
    <section className="panel" aria-labelledby="who">
      <div className="flex flex-wrap items-center gap-3">
        <h2 id="who" className="wrap-anywhere">
          {student.name}
        </h2>
        {copies.length > 1 ? (
          <label className="flex items-center gap-1.5 text-sm font-bold">
            Version
            <select
              className="input mt-0! w-16!"
              value={copy.number}
              onChange={(e) => choose(Number(e.target.value))}
            >
              {copies.map((c) => (
                <option key={c.number} value={c.number}>
                  {c.copy.label ?? c.number}
                </option>
              ))}
            </select>
          </label>
        ) : null}
        <span className="hint">
          copy {copy.number}, {all.length} answers
        </span>
        {student.marked ? (
          <button type="button" className="btn ml-auto" onClick={takeBack}>
            <Undo2 aria-hidden size={16} /> Take the marking back
          </button>
        ) : null}
      </div>
      <p className="hint">
        Run together or apart; - for a blank; * when all the rest is right. Enter goes on, and at
        the end saves; Page Down and Page Up turn to other students.
      </p>
      <form
        ref={form}
        onSubmit={(e) => {
          e.preventDefault();
          save();
        }}
      >
        {sections.map((section, i) =>
          section.questions.length === 0 ? null : (
            <OneExercise
              key={section.spec.id}
              section={section}
              typed={typed[i] ?? ''}
              marked={marked[i]!}
              type={(text) => type(i, text)}
              last={i === last}
              save={save}
            />
          ),
        )}
        <p className="my-2 flex flex-wrap items-center gap-3" aria-live="polite">
          <b>{right} right</b> {wrong} wrong
          {left > 0 && some ? (
            <span className="hint">{left} still to type; left out they count as blank</span>
          ) : null}
          <button
            type="submit"
            className="btn btn-main ml-auto"
            disabled={busy || !some || !readable}
          >
            {student.marked ? 'Save the correction' : 'Save'}
          </button>
        </p>
        {problem ? <Notice kind="wrong">{problem}</Notice> : null}
      </form>
      <Reasons questions={all} marks={marks} recent={student.recent} player={player} at={at} />
    </section>
  );
}

interface ExerciseProps {
  section: Section;
  typed: string;
  marked: Marked;
  type: (text: string) => void;
  last: boolean;
  save: () => void;
}

/** One exercise: Enter goes on to the next, and at the last one saves. */
function OneExercise({ section, typed, marked, type, last, save }: ExerciseProps) {
  const { questions, kind } = section;
  const next = marked.ok
    ? questions[Math.min(marked.marks.length, questions.length - 1)]!
    : questions[0]!;
  return (
    <div className="mt-2 border-t border-rule pt-2">
      <label className="field">
        {kind.name}{' '}
        <span className="hint">
          {questions.length}: {ENTRIES[next.entry].how(next)}
        </span>
        <input
          data-entry
          className="input font-mono text-lg! tracking-widest"
          value={typed}
          onChange={(e) => type(e.target.value)}
          onKeyDown={(e) => {
            if (e.key !== 'Enter') return;
            e.preventDefault();
            if (last || e.ctrlKey) {
              save();
              return;
            }
            const fields = [
              ...(e.currentTarget.form?.querySelectorAll<HTMLInputElement>('input[data-entry]') ??
                []),
            ];
            fields[fields.indexOf(e.currentTarget) + 1]?.focus();
          }}
          autoComplete="off"
          spellCheck={false}
          aria-invalid={!marked.ok}
        />
      </label>
      {marked.ok ? (
        <div className="mt-2">
          <MarkedLines questions={questions} marks={marked.marks} />
        </div>
      ) : (
        <Notice kind="wrong">{marked.reason}</Notice>
      )}
    </div>
  );
}
