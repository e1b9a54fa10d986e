import type { MarkingKit } from '../../contract/views';
import { answersOf } from '../stores/answers';
import { handsOf, isMarked, markingsOf } from '../stores/sheets';
import type { StudentRow } from '../stores/students';
import type { StoredSheet } from './sheets';

/** Newest answers of a student sent along, so that likely reasons show while typing. */
const RECENT = 60;

/** Everything a teacher's device needs to mark one sheet without asking again; it composes the copies itself. */
export function markingKit(stored: StoredSheet, students: readonly StudentRow[]): MarkingKit {
  const { code, spec, createdAt } = stored.sheet;
  const markings = markingsOf(code);
  const hands = handsOf(code);
  const log = answersOf({ students: students.map((s) => s.id) });
  const own = `sheet-${code}-`;
  return {
    code,
    spec,
    group: { id: stored.group.id, name: stored.group.name },
    at: createdAt,
    copies: stored.copies.map(({ number, studentId, copy }) => ({ number, studentId, copy })),
    students: concernedBy(stored, students).map((s) => {
      const row = markings.get(s.id);
      const hand = hands.get(s.id);
      const earlier = (log.get(s.id) ?? []).filter((a) => !a.id.startsWith(own));
      return {
        id: s.id,
        name: s.name,
        instrument: s.instrument,
        secondInstrument: s.secondInstrument,
        recent: earlier.slice(-RECENT),
        given: hand?.givenAt ?? null,
        back: hand?.backAt ?? null,
        marked:
          row && isMarked(row) ? { copy: row.number, given: row.given, right: row.right } : null,
      };
    }),
  };
}

/** Who the sheet is for: those with a copy of their own, or all. */
export function concernedBy(
  { copies }: StoredSheet,
  students: readonly StudentRow[],
): readonly StudentRow[] {
  const owners = new Set(copies.map((c) => c.studentId).filter((id) => id !== null));
  return owners.size > 0 ? students.filter((s) => owners.has(s.id)) : students;
}
