import { and, eq } from 'drizzle-orm';
import { db, schema } from '../db';
import { newId } from '../ids';

export type OwnMethodRow = typeof schema.ownMethod.$inferSelect;

/** Ways of teaching that the teacher keeps, by name. */
export function listOwnMethods(teacherId: string): OwnMethodRow[] {
  const { ownMethod } = schema;
  return db()
    .select()
    .from(ownMethod)
    .where(eq(ownMethod.teacherId, teacherId))
    .orderBy(ownMethod.name)
    .all();
}

/** Keeps a way of teaching under its name; one of that name is replaced. */
export function keepMethod(
  teacherId: string,
  row: Pick<OwnMethodRow, 'name' | 'method' | 'settings'>,
): void {
  const { ownMethod } = schema;
  const { method, settings } = row;
  db()
    .insert(ownMethod)
    .values({ id: newId(), teacherId, ...row })
    .onConflictDoUpdate({
      target: [ownMethod.teacherId, ownMethod.name],
      set: { method, settings },
    })
    .run();
}

/** Forgets a kept way of teaching; groups that use it go on as they are. */
export function forgetMethod(teacherId: string, name: string): void {
  const { ownMethod } = schema;
  db()
    .delete(ownMethod)
    .where(and(eq(ownMethod.teacherId, teacherId), eq(ownMethod.name, name)))
    .run();
}
