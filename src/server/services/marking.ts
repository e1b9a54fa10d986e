import type { Answer } from '../../core/evidence';
import { copyCode, markNames } from '../../core/sheets';
import { db } from '../db';
import { badInput, notFound } from '../errors';
import { replaceAnswers } from '../stores/answers';
import { type MarkingRow, markingsOf, saveMarking } from '../stores/sheets';
import type { StudentRow } from '../stores/students';
import { itemsOf, type StoredSheet } from './sheets';

const DAY = 86_400_000;

/** Identifier of a paper answer: the same sheet keyed in again makes the same ones. */
function answerId(code: string, copy: number, item: number, revision: number): string {
  return `sheet-${copyCode(code, copy)}-${item + 1}-${revision}`;
}

export interface MarkInput {
  readonly studentId: string;
  readonly copy: number;
  readonly typed: string;
  readonly at?: number | undefined;
}

/**
 * Saves what a student wrote as evidence. The same letters again change nothing; other
 * letters take the place of the first ones. Names left out at the end count as blanks.
 */
export function markSheet(
  stored: StoredSheet,
  students: readonly StudentRow[],
  input: MarkInput,
  now: number,
): MarkingRow {
  const student = students.find((s) => s.id === input.studentId);
  if (!student) throw notFound('This student');
  const owner = stored.copies.find((c) => c.number === input.copy)?.studentId;
  if (owner && owner !== student.id) {
    const name = students.find((s) => s.id === owner)?.name ?? 'another student';
    throw badInput(
      `Copy ${input.copy} is ${name}’s own. Choose ${name}, or the copy with ${student.name}’s name.`,
    );
  }
  const { items, spec } = itemsOf(stored, input.copy, students);
  const marked = markNames(items, input.typed);
  if (!marked.ok) throw badInput(marked.reason);
  const given = items.map((_, i) => marked.marks[i]?.given ?? null);
  const before = markingsOf(stored.sheet.code).get(student.id);
  if (
    before &&
    before.number === input.copy &&
    JSON.stringify(before.given) === JSON.stringify(given)
  ) {
    return before;
  }
  const revision = (before?.revision ?? 0) + 1;
  const at = Math.min(input.at ?? now, now + DAY);
  const answers = items.map(
    (item, i): Answer => ({
      id: answerId(stored.sheet.code, input.copy, i, revision),
      clef: item.clef,
      step: item.step,
      key: spec.key,
      accidental: null,
      task: 'name',
      given: given[i]!,
      correct: marked.marks[i]?.correct ?? false,
      ms: null,
      hints: 0,
      source: 'sheet',
      at,
    }),
  );
  const voided = before
    ? before.given.map((_, i) => answerId(stored.sheet.code, before.number, i, before.revision))
    : [];
  const row: MarkingRow = {
    sheetCode: stored.sheet.code,
    studentId: student.id,
    number: input.copy,
    revision,
    given,
    right: answers.filter((a) => a.correct).length,
    markedAt: now,
  };
  // Answers and marking together: a marking without its answers could not be corrected.
  db().transaction(() => {
    replaceAnswers(student.id, voided, answers, now);
    saveMarking(row);
  });
  return row;
}
