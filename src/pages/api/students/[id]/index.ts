import { studentChange } from '@/contract/groups';
import { endpoint } from '@/server/endpoint';
import { studentView } from '@/server/services/students';
import { deleteStudent, updateStudent } from '@/server/stores/students';

export const PATCH = endpoint({
  who: 'teacher',
  input: studentChange,
  handle: ({ actor, input, params }) => {
    const given = Object.entries(input).filter(([, value]) => value !== undefined);
    return studentView(updateStudent(actor.id, params.id!, Object.fromEntries(given)));
  },
});

export const DELETE = endpoint({
  who: 'teacher',
  handle: ({ actor, params }) => deleteStudent(actor.id, params.id!),
});
