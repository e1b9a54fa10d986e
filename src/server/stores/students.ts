import { and, eq, inArray } from 'drizzle-orm';
import { nameKeyOf, type RosterRow } from '../../core/roster';
import { db, schema } from '../db';
import { conflict, notFound } from '../errors';
import { newId } from '../ids';
import { newKey, sealKey } from '../pictures';
import { getGroup } from './groups';

export type StudentRow = typeof schema.student.$inferSelect;

/** Students of one of the teacher's groups, by name. */
export function listStudents(teacherId: string, groupId: string): StudentRow[] {
  getGroup(teacherId, groupId);
  const { student } = schema;
  return db()
    .select()
    .from(student)
    .where(eq(student.groupId, groupId))
    .orderBy(student.nameKey)
    .all();
}

/** Students of all the teacher's groups, in one query. */
export function listAllStudents(teacherId: string): StudentRow[] {
  const { student, group } = schema;
  const mine = db().select({ id: group.id }).from(group).where(eq(group.teacherId, teacherId));
  return db()
    .select()
    .from(student)
    .where(inArray(student.groupId, mine))
    .orderBy(student.nameKey)
    .all();
}

/** One of the teacher's students. @throws Problem 404 for anybody else's. */
export function getStudent(teacherId: string, id: string): StudentRow {
  const { student, group } = schema;
  const row = db()
    .select({ student })
    .from(student)
    .innerJoin(group, eq(group.id, student.groupId))
    .where(and(eq(student.id, id), eq(group.teacherId, teacherId)))
    .get();
  if (!row) throw notFound('This student');
  return row.student;
}

/** Adds students, all or none. @throws Problem 409 that names those already in the group. */
export function addStudents(
  teacherId: string,
  groupId: string,
  rows: readonly RosterRow[],
  now: number,
): StudentRow[] {
  const there = new Set(listStudents(teacherId, groupId).map((s) => s.nameKey));
  const twice = rows.filter((r) => there.has(nameKeyOf(r.name))).map((r) => r.name);
  if (twice.length > 0) {
    throw conflict(
      `${twice.slice(0, 5).join(', ')} ${twice.length === 1 ? 'is' : 'are'} already in this group. Add an initial to tell them apart, such as ${twice[0]} B.`,
    );
  }
  const added = rows.map(
    (row): StudentRow => ({
      id: newId(),
      groupId,
      name: row.name,
      nameKey: nameKeyOf(row.name),
      instrument: row.instrument,
      secondInstrument: row.secondInstrument ?? null,
      leftHanded: row.leftHanded ?? false,
      method: row.method,
      sayings: {},
      pictures: sealKey(newKey()),
      failedTries: 0,
      lockedUntil: 0,
      createdAt: now,
    }),
  );
  if (added.length > 0) db().insert(schema.student).values(added).run();
  return added;
}

/** Changes a student's name, instruments, hand or method. */
export function updateStudent(
  teacherId: string,
  id: string,
  change: Partial<
    Pick<StudentRow, 'name' | 'instrument' | 'secondInstrument' | 'leftHanded' | 'method'>
  >,
): StudentRow {
  const before = getStudent(teacherId, id);
  const nameKey = change.name === undefined ? before.nameKey : nameKeyOf(change.name);
  const other = listStudents(teacherId, before.groupId).find((s) => s.nameKey === nameKey);
  if (other && other.id !== id) {
    throw conflict(`${change.name} is already in this group. Add an initial to tell them apart.`);
  }
  db()
    .update(schema.student)
    .set({ ...change, nameKey })
    .where(eq(schema.student.id, id))
    .run();
  return getStudent(teacherId, id);
}

/** Deletes a student with all answers, for good. */
export function deleteStudent(teacherId: string, id: string): void {
  getStudent(teacherId, id);
  db().delete(schema.student).where(eq(schema.student.id, id)).run();
}

/** Gives a student a new key, lifts the lock and ends the sessions opened with the old one. */
export function resetKey(teacherId: string, id: string): StudentRow {
  getStudent(teacherId, id);
  const { student, studentSession } = schema;
  db().transaction((tx) => {
    const pictures = sealKey(newKey());
    tx.update(student)
      .set({ pictures, failedTries: 0, lockedUntil: 0 })
      .where(eq(student.id, id))
      .run();
    tx.delete(studentSession).where(eq(studentSession.studentId, id)).run();
  });
  return getStudent(teacherId, id);
}
