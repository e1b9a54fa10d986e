import { randomUUID } from 'node:crypto';
import { endpoint } from '@/server/endpoint';
import { makeFollowUp } from '@/server/services/sheet-results';
import { getSheet } from '@/server/stores/sheets';
import { listStudents } from '@/server/stores/students';

/** Makes the next sheet for exactly what went wrong, a copy for each student who was marked. */
export const POST = endpoint({
  who: 'teacher',
  handle({ actor, params, now }) {
    const stored = getSheet(actor.id, params.code!);
    const students = listStudents(actor.id, stored.group.id);
    const seed = randomUUID().slice(0, 8);
    const { sheet, copies, notices } = makeFollowUp(actor.id, stored, students, seed, now);
    return { code: sheet.code, copies: copies.length, notices };
  },
});
