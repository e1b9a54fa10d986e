import { studentsInput } from '@/contract/groups';
import { parseRoster } from '@/core/roster';
import { endpoint } from '@/server/endpoint';
import { badInput } from '@/server/errors';
import { studentView } from '@/server/services/students';
import { addStudents } from '@/server/stores/students';

/** Adds students from a list; all of them, or none with the reason. */
export const POST = endpoint({
  who: 'teacher',
  input: studentsInput,
  handle({ actor, input, params, now }) {
    const roster = parseRoster(input.text, input.instrument);
    if (!roster.ok) throw badInput(roster.reason);
    return { students: addStudents(actor.id, params.id!, roster.rows, now).map(studentView) };
  },
});
