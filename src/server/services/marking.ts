import type { Answer } from '../../core/evidence';
import {
  copyCode,
  evidenceOf,
  type Mark,
  markTyped,
  type Question,
  questionsOf,
  type Section,
} from '../../core/sheets';
import { db } from '../db';
import { badInput, notFound } from '../errors';
import { replaceAnswers } from '../stores/answers';
import { isMarked, type MarkingRow, markingsOf, saveMarking, setHands } from '../stores/sheets';
import type { StudentRow } from '../stores/students';
import { composedCopy, type StoredSheet } from './sheets';

const DAY = 86_400_000;

/** Identifier of a paper answer: the same sheet keyed in again makes the same ones. */
function answerId(code: string, copy: number, item: number, revision: number): string {
  return `sheet-${copyCode(code, copy)}-${item + 1}-${revision}`;
}

export interface MarkInput {
  readonly studentId: string;
  readonly copy: number;
  /** For each exercise, as keyed in. */
  readonly typed: readonly string[];
  readonly at?: number | undefined;
}

/**
 * Saves what a student wrote as evidence. The same answers again change nothing; others
 * take the place of the first ones. Answers left out at an exercise's end count as blanks.
 */
export function markSheet(
  stored: StoredSheet,
  students: readonly StudentRow[],
  input: MarkInput,
  now: number,
): MarkingRow {
  const student = students.find((s) => s.id === input.studentId);
  if (!student) throw notFound('This student');
  refuseOthersCopy(stored, students, input.copy, student);
  const { sections } = composedCopy(stored, input.copy, students);
  const marks = marksOf(sections, input.typed);
  const given = marks.map((m) => m.given);
  const before = markingsOf(stored.sheet.code).get(student.id);
  if (before && isSame(before, input.copy, given)) return before;
  const row: MarkingRow = {
    sheetCode: stored.sheet.code,
    studentId: student.id,
    number: input.copy,
    revision: (before?.revision ?? 0) + 1,
    given,
    right: marks.filter((m) => m.correct).length,
    markedAt: now,
  };
  const at = Math.min(input.at ?? now, now + DAY);
  const answers = answersFrom(row, questionsOf(sections), marks, at);
  // Answers and marking together: a marking without its answers could not be corrected.
  db().transaction(() => {
    replaceAnswers(student.id, idsOf(before), answers, now);
    saveMarking(row);
    setHands(row.sheetCode, [student.id], { backAt: at });
  });
  return row;
}

/** Takes a marking back: its answers no longer count, and the sheet waits to be marked again. */
export function unmarkSheet(
  stored: StoredSheet,
  students: readonly StudentRow[],
  studentId: string,
  now: number,
): void {
  const before = markingsOf(stored.sheet.code).get(studentId);
  if (!students.some((s) => s.id === studentId) || !before || !isMarked(before)) {
    throw notFound('A marking of this student');
  }
  db().transaction(() => {
    replaceAnswers(studentId, idsOf(before), [], now);
    saveMarking({ ...before, given: [], right: 0, markedAt: now });
  });
}

function refuseOthersCopy(
  { copies }: StoredSheet,
  students: readonly StudentRow[],
  copy: number,
  student: StudentRow,
): void {
  const owner = copies.find((c) => c.number === copy)?.studentId;
  if (!owner || owner === student.id) return;
  const name = students.find((s) => s.id === owner)?.name ?? 'another student';
  throw badInput(
    `Copy ${copy} is ${name}’s own. Choose ${name}, or the copy with ${student.name}’s name.`,
  );
}

/** Marks of every question, blanks where an exercise was not keyed in to its end. */
function marksOf(sections: readonly Section[], typed: readonly string[]): Mark[] {
  return sections.flatMap(({ questions, kind }, i) => {
    const marked = markTyped(questions, typed[i] ?? '');
    if (!marked.ok) throw badInput(`${kind.name}: ${marked.reason}`);
    return questions.map((_, k) => marked.marks[k] ?? { given: null, correct: false });
  });
}

function isSame(before: MarkingRow, copy: number, given: readonly (string | null)[]): boolean {
  return before.number === copy && JSON.stringify(before.given) === JSON.stringify(given);
}

/** Ids of the answers that a marking stored, or could have. */
function idsOf(row: MarkingRow | undefined): string[] {
  if (!row) return [];
  const { given, sheetCode, number, revision } = row;
  return given.map((_, i) => answerId(sheetCode, number, i, revision));
}

function answersFrom(
  { sheetCode, number, revision }: MarkingRow,
  questions: readonly Question[],
  marks: readonly Mark[],
  at: number,
): Answer[] {
  return questions.flatMap((question, i) => {
    const evidence = evidenceOf(question, marks[i]!);
    if (!evidence) return [];
    const id = answerId(sheetCode, number, i, revision);
    return [{ ...evidence, id, ms: null, hints: 0, source: 'sheet' as const, at }];
  });
}
