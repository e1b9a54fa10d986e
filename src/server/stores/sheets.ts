import { and, desc, eq, inArray } from 'drizzle-orm';
import { currentSpec, makeSheetCode, type SheetCopy, type SheetSpec } from '../../core/sheets';
import { db, schema } from '../db';
import { notFound } from '../errors';
import { secureRandom } from '../ids';
import { type GroupRow, getGroup } from './groups';

export type SheetRow = Omit<typeof schema.sheet.$inferSelect, 'spec'> & {
  readonly spec: SheetSpec;
};
export type CopyRow = typeof schema.sheetCopy.$inferSelect;
export type MarkingRow = typeof schema.marking.$inferSelect;
export type HandRow = typeof schema.sheetHand.$inferSelect;

export interface NewCopy {
  readonly studentId: string | null;
  readonly copy: SheetCopy;
}

/** Stores a sheet with its copies, numbered from 1. */
export function createSheet(
  teacherId: string,
  groupId: string,
  spec: SheetSpec,
  copies: readonly NewCopy[],
  now: number,
): { sheet: SheetRow; copies: CopyRow[] } {
  getGroup(teacherId, groupId);
  const sheet: SheetRow = { code: makeSheetCode(secureRandom), groupId, spec, createdAt: now };
  const rows = copies.map((c, i): CopyRow => ({ ...c, sheetCode: sheet.code, number: i + 1 }));
  db().transaction((tx) => {
    tx.insert(schema.sheet).values(sheet).run();
    tx.insert(schema.sheetCopy).values(rows).run();
  });
  return { sheet, copies: rows };
}

/** One of the teacher's sheets with its copies and group. @throws Problem 404 for anybody else's. */
export function getSheet(
  teacherId: string,
  code: string,
): { sheet: SheetRow; copies: CopyRow[]; group: GroupRow } {
  const { sheet, sheetCopy, group } = schema;
  const found = db()
    .select({ sheet, group })
    .from(sheet)
    .innerJoin(group, eq(group.id, sheet.groupId))
    .where(and(eq(sheet.code, code), eq(group.teacherId, teacherId)))
    .get();
  if (!found) throw notFound(`A sheet with the code ${code}`);
  const copies = db()
    .select()
    .from(sheetCopy)
    .where(eq(sheetCopy.sheetCode, code))
    .orderBy(sheetCopy.number)
    .all();
  return { sheet: current(found.sheet), group: found.group, copies };
}

export interface SheetSummary {
  readonly sheet: SheetRow;
  readonly copies: CopyRow[];
  readonly markings: MarkingRow[];
  readonly hands: HandRow[];
}

/** Sheets of some of the teacher's groups, newest first, with copies, markings and who has them. Four queries. */
export function listSheets(
  teacherId: string,
  groupIds: readonly string[],
  limit = 50,
): SheetSummary[] {
  const { sheet, sheetCopy, marking, sheetHand, group } = schema;
  const sheets = db()
    .select({ sheet })
    .from(sheet)
    .innerJoin(group, eq(group.id, sheet.groupId))
    .where(and(eq(group.teacherId, teacherId), inArray(group.id, [...groupIds])))
    .orderBy(desc(sheet.createdAt))
    .limit(limit)
    .all()
    .map((r) => current(r.sheet));
  const codes = sheets.map((s) => s.code);
  if (codes.length === 0) return [];
  const copies = db().select().from(sheetCopy).where(inArray(sheetCopy.sheetCode, codes)).all();
  const markings = db().select().from(marking).where(inArray(marking.sheetCode, codes)).all();
  const hands = db().select().from(sheetHand).where(inArray(sheetHand.sheetCode, codes)).all();
  return sheets.map((s) => ({
    sheet: s,
    copies: copies.filter((c) => c.sheetCode === s.code),
    markings: markings.filter((m) => m.sheetCode === s.code && isMarked(m)),
    hands: hands.filter((h) => h.sheetCode === s.code),
  }));
}

/** A stored sheet with its spec in today's version. */
function current(row: typeof schema.sheet.$inferSelect): SheetRow {
  return { ...row, spec: currentSpec(row.spec) };
}

/** Whether a marking stands: it was not taken back. */
export function isMarked(row: MarkingRow): boolean {
  return row.given.length > 0;
}

/** Markings of one sheet by student, those taken back too. The caller has checked whose sheet it is. */
export function markingsOf(code: string): Map<string, MarkingRow> {
  const { marking } = schema;
  const rows = db().select().from(marking).where(eq(marking.sheetCode, code)).all();
  return new Map(rows.map((r) => [r.studentId, r]));
}

/** Stores a marking, in place of an earlier one of the same student. */
export function saveMarking(row: MarkingRow): void {
  const { marking } = schema;
  db()
    .insert(marking)
    .values(row)
    .onConflictDoUpdate({ target: [marking.sheetCode, marking.studentId], set: row })
    .run();
}

/** When each student was given one sheet and gave it back. The caller has checked whose sheet it is. */
export function handsOf(code: string): Map<string, HandRow> {
  const { sheetHand } = schema;
  const rows = db().select().from(sheetHand).where(eq(sheetHand.sheetCode, code)).all();
  return new Map(rows.map((r) => [r.studentId, r]));
}

/** Notes for students that a sheet was given out or came back; what is left out stays as it is. */
export function setHands(
  code: string,
  studentIds: readonly string[],
  times: Partial<Pick<HandRow, 'givenAt' | 'backAt'>>,
): void {
  const { sheetHand } = schema;
  const rows = studentIds.map((studentId) => ({ sheetCode: code, studentId, ...times }));
  if (rows.length === 0) return;
  db()
    .insert(sheetHand)
    .values(rows)
    .onConflictDoUpdate({ target: [sheetHand.sheetCode, sheetHand.studentId], set: times })
    .run();
}
