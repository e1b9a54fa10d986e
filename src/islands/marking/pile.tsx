import { Check } from 'lucide-react';
import { useEffect, useMemo, useRef, useState } from 'react';
import type { MarkingKit } from '../../contract/views';
import { markNames } from '../../core/sheets';
import { send } from '../../ui/api';
import { Notice } from '../../ui/notice';
import { keepDraft, readDraft } from './drafts';
import { MarkedLines } from './marked-lines';
import { Reasons } from './reasons';

type StudentLine = MarkingKit['students'][number];

interface Props {
  kit: MarkingKit;
  /** Copy named by the code that was typed. */
  copy: number | null;
}

/** Which copy a student has: their own, the one of the typed code, or the first. */
function copyOf(kit: MarkingKit, student: StudentLine, asked: number | null) {
  const own = kit.copies.find((c) => c.studentId === student.id);
  return (
    own ?? kit.copies.find((c) => c.number === (student.marked?.copy ?? asked)) ?? kit.copies[0]!
  );
}

const typedOf = (student: StudentLine) =>
  student.marked?.given.map((g) => g ?? '-').join(' ') ?? '';

/** A pile of one sheet: students at the left, the letters of one of them at the right. */
export function Pile({ kit, copy: asked }: Props) {
  const [students, setStudents] = useState(kit.students);
  const owner = kit.copies.find((c) => c.number === asked)?.studentId;
  const [who, setWho] = useState(
    () => (owner ?? students.find((s) => !s.marked)?.id ?? students[0]?.id) || '',
  );
  const student = students.find((s) => s.id === who);
  if (!student) {
    return (
      <Notice kind="note">
        This group has no students. Add them under Groups, then mark the sheet.
      </Notice>
    );
  }
  const saved = (id: string, marked: StudentLine['marked']) => {
    const next = students.map((s) => (s.id === id ? { ...s, marked } : s));
    setStudents(next);
    const after = [...next.slice(next.findIndex((s) => s.id === id) + 1), ...next];
    setWho(after.find((s) => !s.marked)?.id ?? id);
  };
  const done = students.filter((s) => s.marked).length;
  return (
    <div className="grid grid-cols-1 items-start gap-4 md:grid-cols-[13rem_minmax(0,1fr)]">
      <section className="panel p-2!" aria-label="Students">
        <p className="hint px-2 pb-1">
          {kit.code}: {done} of {students.length} marked
        </p>
        <ul>
          {students.map((s) => (
            <li key={s.id}>
              <button
                type="button"
                aria-current={s.id === who}
                onClick={() => setWho(s.id)}
                className={`flex min-h-8 w-full items-center gap-2 rounded px-2 text-left ${s.id === who ? 'bg-felt-pale font-bold' : ''}`}
              >
                <span className="min-w-0 flex-1 truncate">{s.name}</span>
                {s.marked ? (
                  <span className="flex items-center gap-1 text-sm text-felt">
                    <Check aria-label="marked" size={14} />
                    {s.marked.right}/{s.marked.given.length}
                  </span>
                ) : null}
              </button>
            </li>
          ))}
        </ul>
      </section>
      <OneSheet
        key={who}
        kit={kit}
        student={student}
        copy={copyOf(kit, student, asked)}
        saved={saved}
      />
    </div>
  );
}

interface OneProps {
  kit: MarkingKit;
  student: StudentLine;
  copy: MarkingKit['copies'][number];
  saved: (id: string, marked: StudentLine['marked']) => void;
}

function OneSheet({ kit, student, copy, saved }: OneProps) {
  const [typed, setTyped] = useState(() => readDraft(kit.code, student.id) || typedOf(student));
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const input = useRef<HTMLInputElement>(null);
  useEffect(() => input.current?.focus(), []);
  const marked = useMemo(() => markNames(copy.items, typed), [copy, typed]);
  const type = (text: string) => {
    setTyped(text);
    keepDraft(kit.code, student.id, text === typedOf(student) ? '' : text);
  };
  const save = async () => {
    setBusy(true);
    const body = { studentId: student.id, copy: copy.number, typed };
    const result = await send<NonNullable<StudentLine['marked']>>(
      'PUT',
      `/api/marking/${kit.code}`,
      body,
    );
    setBusy(false);
    setProblem(result.ok ? null : result.problem.detail);
    if (!result.ok) return;
    keepDraft(kit.code, student.id, '');
    saved(student.id, result.data);
  };
  const right = marked.ok ? marked.marks.filter((m) => m.correct).length : 0;
  return (
    <section className="panel" aria-labelledby="who">
      <h2 id="who" className="wrap-anywhere">
        {student.name}{' '}
        <span className="hint font-sans">
          copy {copy.number}, {copy.items.length} notes
        </span>
      </h2>
      <form
        onSubmit={(e) => {
          e.preventDefault();
          if (marked.ok && typed.trim() && !busy) save();
        }}
      >
        <label className="field mt-2">
          Letters as written{' '}
          <span className="hint">
            f a g d e, # and b where needed, - for a blank; Enter saves and goes on
          </span>
          <input
            ref={input}
            className="input font-mono text-lg! tracking-widest"
            value={typed}
            onChange={(e) => type(e.target.value)}
            autoComplete="off"
            spellCheck={false}
            aria-invalid={!marked.ok}
          />
        </label>
        {marked.ok ? (
          <p className="my-2 flex items-center gap-3" aria-live="polite">
            <b>{right} right</b> {marked.marks.length - right} wrong
            {marked.left > 0 ? (
              <span className="hint">
                {marked.left} still to type; left out they count as blank
              </span>
            ) : null}
            <button type="submit" className="btn btn-main ml-auto" disabled={busy || !typed.trim()}>
              {student.marked ? 'Save the correction' : 'Save'}
            </button>
          </p>
        ) : (
          <Notice kind="wrong">{marked.reason}</Notice>
        )}
        {problem ? <Notice kind="wrong">{problem}</Notice> : null}
      </form>
      <MarkedLines items={copy.items} marks={marked.ok ? marked.marks : []} />
      {marked.ok ? (
        <Reasons items={copy.items} marks={marked.marks} recent={student.recent} at={kit.at} />
      ) : null}
    </section>
  );
}
