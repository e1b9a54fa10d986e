import { and, eq, inArray } from 'drizzle-orm';
import { DEFAULT_RULES } from '../../core/evidence';
import { DEFAULT_SAYINGS } from '../../core/sayings';
import { db, schema } from '../db';
import { notFound } from '../errors';
import { newCode, newId } from '../ids';

export type GroupRow = typeof schema.group.$inferSelect;
export type GroupInput = Pick<GroupRow, 'name' | 'method' | 'key' | 'terms' | 'naming'>;

/** A teacher's groups in the order in which they were made. */
export function listGroups(teacherId: string): GroupRow[] {
  const { group } = schema;
  return db()
    .select()
    .from(group)
    .where(eq(group.teacherId, teacherId))
    .orderBy(group.createdAt)
    .all();
}

/** One of the teacher's groups. @throws Problem 404 for anybody else's. */
export function getGroup(teacherId: string, id: string): GroupRow {
  const { group } = schema;
  const row = db()
    .select()
    .from(group)
    .where(and(eq(group.id, id), eq(group.teacherId, teacherId)))
    .get();
  if (!row) throw notFound('This group');
  return row;
}

/** The group with a code as a student types it, or null. */
export function groupByCode(code: string): GroupRow | null {
  const clean = code.trim().toUpperCase().replace(/\s+/g, '');
  return db().select().from(schema.group).where(eq(schema.group.code, clean)).get() ?? null;
}

/** Makes a group with the product's own sayings and figures. */
export function createGroup(teacherId: string, input: GroupInput, now: number): GroupRow {
  const row: GroupRow = {
    ...input,
    id: newId(),
    teacherId,
    code: newCode(),
    methodName: '',
    methodSettings: {},
    hintFade: 'sentence',
    sayings: DEFAULT_SAYINGS,
    stringSayings: {},
    rules: DEFAULT_RULES,
    createdAt: now,
  };
  db().insert(schema.group).values(row).run();
  return row;
}

/** Changes a group's settings. */
export function updateGroup(
  teacherId: string,
  id: string,
  change: Partial<
    GroupInput & Pick<GroupRow, 'rules' | 'methodName' | 'methodSettings' | 'hintFade'>
  >,
): GroupRow {
  getGroup(teacherId, id);
  if (Object.keys(change).length > 0) {
    db().update(schema.group).set(change).where(eq(schema.group.id, id)).run();
  }
  return getGroup(teacherId, id);
}

/** Deletes a group with its students, answers and sheets, for good. */
export function deleteGroup(teacherId: string, id: string): void {
  getGroup(teacherId, id);
  db().delete(schema.group).where(eq(schema.group.id, id)).run();
}

/** Positions that a group has been shown, with the time. */
export function listIntroduced(teacherId: string, groupId: string): Map<string, number> {
  getGroup(teacherId, groupId);
  return introducedOf(groupId);
}

/** The same for a student's own group, already checked by the caller. */
export function introducedOf(groupId: string): Map<string, number> {
  return introducedOfAll([groupId]).get(groupId)!;
}

/** Introduced positions of several groups, already checked by the caller, in one query. */
export function introducedOfAll(groupIds: readonly string[]): Map<string, Map<string, number>> {
  const { introduced } = schema;
  const rows = db()
    .select()
    .from(introduced)
    .where(inArray(introduced.groupId, [...groupIds]))
    .all();
  const result = new Map(groupIds.map((id) => [id, new Map<string, number>()]));
  for (const { groupId, position, at } of rows) result.get(groupId)?.set(position, at);
  return result;
}

/** Marks positions as introduced, or takes that back. Answers stay. */
export function setIntroduced(
  teacherId: string,
  groupId: string,
  positions: readonly string[],
  on: boolean,
  now: number,
): void {
  getGroup(teacherId, groupId);
  const { introduced } = schema;
  if (on) {
    const rows = positions.map((position) => ({ groupId, position, at: now }));
    db().insert(introduced).values(rows).onConflictDoNothing().run();
  } else {
    db()
      .delete(introduced)
      .where(and(eq(introduced.groupId, groupId), inArray(introduced.position, [...positions])))
      .run();
  }
}
