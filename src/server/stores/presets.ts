import { and, eq } from 'drizzle-orm';
import type { KeptPreset } from '../../core/sheets';
import { db, schema } from '../db';
import { newId } from '../ids';

/** The sheets that a teacher keeps to use again, by name. */
export function listPresets(teacherId: string): { name: string; preset: KeptPreset }[] {
  const { sheetPreset } = schema;
  return db()
    .select({ name: sheetPreset.name, preset: sheetPreset.preset })
    .from(sheetPreset)
    .where(eq(sheetPreset.teacherId, teacherId))
    .orderBy(sheetPreset.name)
    .all();
}

/** Keeps a sheet under its name; one of that name is replaced. */
export function keepPreset(teacherId: string, name: string, preset: KeptPreset): void {
  const { sheetPreset } = schema;
  db()
    .insert(sheetPreset)
    .values({ id: newId(), teacherId, name, preset })
    .onConflictDoUpdate({ target: [sheetPreset.teacherId, sheetPreset.name], set: { preset } })
    .run();
}

/** Forgets a kept sheet; sheets made from it stay. */
export function forgetPreset(teacherId: string, name: string): void {
  const { sheetPreset } = schema;
  db()
    .delete(sheetPreset)
    .where(and(eq(sheetPreset.teacherId, teacherId), eq(sheetPreset.name, name)))
    .run();
}
