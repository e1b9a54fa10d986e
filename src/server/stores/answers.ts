import { and, eq, getTableColumns, inArray, sql } from 'drizzle-orm';
import type { Answer } from '../../core/evidence';
import type { Alter } from '../../core/notation';
import { parsePositionId, positionId } from '../../core/notation';
import { db, schema } from '../db';

type AnswerRow = typeof schema.answer.$inferSelect;

/**
 * Who asks for answers: a student for their own, or a teacher for students whose
 * ownership the caller has checked through the groups and students stores.
 */
export interface OnBehalf {
  readonly students: readonly string[];
}

function toRow(studentId: string, answer: Answer): AnswerRow {
  const { clef, step, ...rest } = answer;
  return {
    ...rest,
    studentId,
    position: positionId({ clef, step }),
    instrument: answer.instrument ?? null,
  };
}

function fromRow({ position, studentId: _, accidental, ...rest }: AnswerRow): Answer {
  return { ...rest, ...parsePositionId(position)!, accidental: accidental as Alter | null };
}

/**
 * Stores answers of one student in one transaction; those already there stay as they
 * are. Returns once they are on disk.
 */
export function storeAnswers(studentId: string, answers: readonly Answer[]): void {
  if (answers.length === 0) return;
  const insert = insertAnswer();
  db().transaction(() => {
    for (const answer of answers) insert.run(toRow(studentId, answer));
  });
}

function prepareInsert() {
  const columns = Object.keys(getTableColumns(schema.answer)) as (keyof AnswerRow)[];
  const values = Object.fromEntries(columns.map((c) => [c, sql.placeholder(c)]));
  return db()
    .insert(schema.answer)
    .values(values as unknown as AnswerRow)
    .onConflictDoNothing()
    .prepare();
}

let prepared: ReturnType<typeof prepareInsert> | undefined;

/** The statement that stores one answer, built once: building it costs far more than running it. */
function insertAnswer() {
  prepared ??= prepareInsert();
  return prepared;
}

/** Takes answers back, and stores others in their place, in one transaction. */
export function replaceAnswers(
  studentId: string,
  voided: readonly string[],
  answers: readonly Answer[],
  now: number,
): void {
  db().transaction((tx) => {
    if (voided.length > 0) {
      const rows = voided.map((answerId) => ({ studentId, answerId, at: now }));
      tx.insert(schema.answerVoid).values(rows).onConflictDoNothing().run();
    }
    const insert = insertAnswer();
    for (const answer of answers) insert.run(toRow(studentId, answer));
  });
}

/** Answers of the students, those taken back left out, in order of time. One query. */
export function answersOf({ students }: OnBehalf): Map<string, Answer[]> {
  const { answer, answerVoid } = schema;
  const result = new Map<string, Answer[]>(students.map((id) => [id, []]));
  if (students.length === 0) return result;
  const rows = db()
    .select({ answer })
    .from(answer)
    .leftJoin(
      answerVoid,
      and(eq(answerVoid.studentId, answer.studentId), eq(answerVoid.answerId, answer.id)),
    )
    .where(and(inArray(answer.studentId, [...students]), sql`${answerVoid.answerId} is null`))
    .orderBy(answer.at)
    .all();
  for (const row of rows) result.get(row.answer.studentId)?.push(fromRow(row.answer));
  return result;
}

/** How many rows each student's log has: it changes whenever what is known about them may. */
export function logVersions({ students }: OnBehalf): Map<string, string> {
  const count = (table: typeof schema.answer | typeof schema.answerVoid) =>
    db()
      .select({ id: table.studentId, n: sql<number>`count(*)` })
      .from(table)
      .where(inArray(table.studentId, [...students]))
      .groupBy(table.studentId)
      .all();
  const voids = new Map(count(schema.answerVoid).map((r) => [r.id, r.n]));
  const counts = new Map(count(schema.answer).map((r) => [r.id, r.n]));
  return new Map(students.map((id) => [id, `${counts.get(id) ?? 0}/${voids.get(id) ?? 0}`]));
}
