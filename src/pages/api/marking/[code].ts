import { markingInput, unmarkInput } from '@/contract/sheets';
import { readSheetCode } from '@/core/sheets';
import { endpoint } from '@/server/endpoint';
import { badInput } from '@/server/errors';
import { markSheet, unmarkSheet } from '@/server/services/marking';
import { markingKit } from '@/server/services/marking-kit';
import { getSheet } from '@/server/stores/sheets';
import { listStudents } from '@/server/stores/students';

function read(teacherId: string, text: string) {
  const code = readSheetCode(text);
  if (!code.ok) throw badInput(code.reason);
  const stored = getSheet(teacherId, code.sheet);
  const last = stored.copies.length;
  if (code.copy !== null && !stored.copies.some((c) => c.number === code.copy)) {
    throw badInput(
      `Sheet ${code.sheet} has no copy ${code.copy}: ${last === 1 ? 'its only copy is 1' : `its copies are 1 to ${last}`}. Compare the number behind the code.`,
    );
  }
  return { stored, students: listStudents(teacherId, stored.group.id), copy: code.copy };
}

/** What is needed to key a pile in: the copies, students, what is marked. */
export const GET = endpoint({
  who: 'teacher',
  handle({ actor, params }) {
    const { stored, students, copy } = read(actor.id, params.code!);
    return { ...markingKit(stored, students), copy };
  },
});

/** Saves one student's sheet. */
export const PUT = endpoint({
  who: 'teacher',
  input: markingInput,
  handle({ actor, input, params, now }) {
    const { stored, students } = read(actor.id, params.code!);
    const { studentId, number, given, right, markedAt } = markSheet(stored, students, input, now);
    return { studentId, copy: number, given, right, markedAt };
  },
});

/** Takes one student's marking back. */
export const DELETE = endpoint({
  who: 'teacher',
  input: unmarkInput,
  handle({ actor, input, params, now }) {
    const { stored, students } = read(actor.id, params.code!);
    unmarkSheet(stored, students, input.studentId, now);
  },
});
