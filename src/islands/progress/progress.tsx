import { lazy, Suspense, useEffect, useState } from 'react';
import type { GroupView, ProgressView } from '../../contract/views';
import { INSTRUMENTS, lowerName } from '../../core/instruments';
import { Misreadings } from './misreadings';
import { NotesStaff } from './notes-staff';

const WeeksChart = lazy(() => import('./weeks-chart'));

interface Props {
  group: GroupView;
  students: readonly { id: string; name: string }[];
  student: { id: string; name: string };
  progress: ProgressView;
  /** Address of this view without the student. */
  base: string;
}

/** Who knows what, how fast, and why the mistakes: one student. */
export function Progress({ group, students, student, progress, base }: Props) {
  // The chart measures its place on the page, which only a browser has.
  const [mounted, setMounted] = useState(false);
  useEffect(() => setMounted(true), []);
  const last = progress.lastAt
    ? new Intl.DateTimeFormat('en', { day: 'numeric', month: 'long' }).format(progress.lastAt)
    : null;
  return (
    <div className="space-y-4">
      <div className="flex flex-wrap items-center gap-3">
        <h1>Progress</h1>
        <label>
          <span className="sr-only">Student</span>
          <select
            className="min-h-9 rounded border border-rule bg-white px-2 font-bold"
            value={student.id}
            onChange={(e) => {
              window.location.href = `${base}&student=${e.target.value}`;
            }}
          >
            {students.map((s) => (
              <option key={s.id} value={s.id}>
                {s.name}
              </option>
            ))}
          </select>
        </label>
        <span className="hint">
          {last
            ? `${progress.total} answers, the last on ${last}`
            : 'No answers yet: a drill or a marked sheet makes the first.'}
        </span>
      </div>
      <NotesStaff id="notes" what="notes" notes={progress.notes} group={group} />
      <NotesStaff
        id="places"
        what={`places on the ${lowerName(INSTRUMENTS[progress.instrument])}`}
        notes={progress.places}
        group={group}
      />
      <div className="grid grid-cols-1 items-start gap-4 xl:grid-cols-2">
        <Misreadings progress={progress} group={group} />
        <section className="panel relative overflow-hidden" aria-labelledby="weeks">
          <h2 id="weeks">Weeks</h2>
          {mounted ? (
            <Suspense fallback={<p className="hint h-64">Drawing…</p>}>
              <WeeksChart weeks={progress.weeks} />
            </Suspense>
          ) : (
            <p className="hint h-64">Drawing…</p>
          )}
        </section>
      </div>
    </div>
  );
}
