import { Check, Undo2 } from 'lucide-react';
import { useEffect, useState } from 'react';
import type { MarkingKit } from '../../contract/views';
import { composeSheet } from '../../core/sheets';
import { send } from '../../ui/api';
import { Notice } from '../../ui/notice';
import { OneSheet, type StudentLine } from './one-sheet';
import { typedAgain } from './typed';
import { WhoHasIt } from './who-has-it';

interface Props {
  kit: MarkingKit;
  /** Copy named by the code that was typed. */
  copy: number | null;
}

/** Copies that a student may have: their own, or every version for all. */
function copiesOf(kit: MarkingKit, student: StudentLine): MarkingKit['copies'] {
  const own = kit.copies.filter((c) => c.studentId === student.id);
  return own.length > 0 ? own : kit.copies;
}

/** A day as a date field has it, in local time. */
function dayText(at: number): string {
  const d = new Date(at);
  const two = (n: number) => String(n).padStart(2, '0');
  return `${d.getFullYear()}-${two(d.getMonth() + 1)}-${two(d.getDate())}`;
}

/** Noon of a day, so that no time zone moves it to another; never later than now. */
function noonOf(day: string): number {
  const at = new Date(`${day}T12:00:00`).getTime();
  return Math.min(Number.isFinite(at) ? at : Date.now(), Date.now());
}

/** A pile of one sheet: students at the left, the answers of one of them at the right. */
export function Pile({ kit, copy: asked }: Props) {
  const [students, setStudents] = useState(kit.students);
  const owner = kit.copies.find((c) => c.number === asked)?.studentId;
  const [who, setWho] = useState(
    () => (owner ?? students.find((s) => !s.marked)?.id ?? students[0]?.id) || '',
  );
  /** The student whose sheet was saved last, as it was before. */
  const [last, setLast] = useState<StudentLine | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [versions, setVersions] = useState<Readonly<Record<string, number>>>({});
  const [day, setDay] = useState(() => dayText(kit.at));
  usePageKeys((by) => {
    const next = students.findIndex((s) => s.id === who) + by;
    setWho(students[(next + students.length) % students.length]?.id ?? who);
  });
  const student = students.find((s) => s.id === who);
  if (!student) {
    return (
      <Notice kind="note">
        This group has no students. Add them under Groups, then mark the sheet.
      </Notice>
    );
  }
  const copies = copiesOf(kit, student);
  const wanted = versions[who] ?? student.marked?.copy ?? asked;
  const copy = copies.find((c) => c.number === wanted) ?? copies[0]!;
  const at = noonOf(day);
  const saved = (id: string, marked: StudentLine['marked']) => {
    setLast(marked ? (students.find((s) => s.id === id) ?? null) : null);
    const next = students.map((s) =>
      s.id === id ? { ...s, marked, back: marked ? (s.back ?? at) : s.back } : s,
    );
    setStudents(next);
    if (!marked) return;
    const after = [...next.slice(next.findIndex((s) => s.id === id) + 1), ...next];
    setWho(after.find((s) => !s.marked)?.id ?? id);
  };
  /** Puts the last marking back to what it was before. */
  const undo = async () => {
    if (!last) return;
    const address = `/api/marking/${kit.code}`;
    const was = last.marked;
    const own = kit.copies.find((c) => c.number === was?.copy);
    const result =
      was && own
        ? await send('PUT', address, {
            studentId: last.id,
            copy: was.copy,
            typed: typedAgain(composeSheet(kit.spec, own.copy), was, was.copy),
            at,
          })
        : await send('DELETE', address, { studentId: last.id });
    setProblem(result.ok ? null : result.problem.detail);
    if (!result.ok) return;
    setStudents(students.map((s) => (s.id === last.id ? { ...s, marked: was } : s)));
    setWho(last.id);
    setLast(null);
  };
  const done = students.filter((s) => s.marked).length;
  return (
    <div className="space-y-4">
      <p className="flex flex-wrap items-center gap-x-4 gap-y-1">
        <b className="wrap-anywhere">{kit.spec.title}</b>
        <span className="hint">{kit.group.name}</span>
        {last ? (
          <button type="button" className="btn ml-auto" onClick={undo}>
            <Undo2 aria-hidden size={16} /> Undo {last.name}
          </button>
        ) : null}
        <label className="ml-auto flex items-center gap-2 text-sm font-bold">
          Written on
          <input
            type="date"
            className="input mt-0! w-40!"
            value={day}
            max={dayText(Date.now())}
            onChange={(e) => setDay(e.target.value)}
          />
        </label>
      </p>
      {problem ? <Notice kind="wrong">{problem}</Notice> : null}
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
          key={`${who} ${copy.number}`}
          kit={kit}
          student={student}
          copies={copies}
          copy={copy}
          choose={(number) => setVersions({ ...versions, [who]: number })}
          at={at}
          saved={(marked) => saved(student.id, marked)}
        />
      </div>
      <WhoHasIt code={kit.code} students={students} change={setStudents} />
    </div>
  );
}

/** Page Down and Page Up turn to other students; what was typed is kept. */
function usePageKeys(turn: (by: 1 | -1) => void): void {
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (event.key !== 'PageDown' && event.key !== 'PageUp') return;
      event.preventDefault();
      turn(event.key === 'PageDown' ? 1 : -1);
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, [turn]);
}
