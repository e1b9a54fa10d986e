import type { MarkingKit } from '../../contract/views';
import { answersOf } from '../stores/answers';
import { markingsOf } from '../stores/sheets';
import type { StudentRow } from '../stores/students';
import { itemsOf, type StoredSheet } from './sheets';

/** Newest answers of a student sent along, so that likely reasons show while typing. */
const RECENT = 60;

/** Everything a teacher's device needs to mark one sheet without asking again. */
export function markingKit(stored: StoredSheet, students: readonly StudentRow[]): MarkingKit {
  const markings = markingsOf(stored.sheet.code);
  const log = answersOf({ students: students.map((s) => s.id) });
  const own = `sheet-${stored.sheet.code}-`;
  const owners = new Set(stored.copies.map((c) => c.studentId).filter((id) => id !== null));
  const concerned = owners.size > 0 ? students.filter((s) => owners.has(s.id)) : students;
  return {
    code: stored.sheet.code,
    title: stored.sheet.spec.title,
    group: { id: stored.group.id, name: stored.group.name },
    at: stored.sheet.createdAt,
    copies: stored.copies.map((c) => ({
      number: c.number,
      studentId: c.studentId,
      items: itemsOf(stored, c.number, students).items,
    })),
    students: concerned.map((s) => {
      const row = markings.get(s.id);
      const names = (log.get(s.id) ?? []).filter((a) => a.task === 'name');
      const earlier = names.filter((a) => !a.id.startsWith(own));
      return {
        id: s.id,
        name: s.name,
        recent: earlier.slice(-RECENT),
        marked: row ? { copy: row.number, given: row.given, right: row.right } : null,
      };
    }),
  };
}
