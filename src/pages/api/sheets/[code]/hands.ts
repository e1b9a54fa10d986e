import { handsInput } from '@/contract/sheets';
import { endpoint } from '@/server/endpoint';
import { notFound } from '@/server/errors';
import { getSheet, setHands } from '@/server/stores/sheets';
import { listStudents } from '@/server/stores/students';

/** Notes that a sheet was given out or came back, or that it was not. */
export const PUT = endpoint({
  who: 'teacher',
  input: handsInput,
  handle({ actor, input, params, now }) {
    const { sheet, group } = getSheet(actor.id, params.code!);
    const own = new Set(listStudents(actor.id, group.id).map((s) => s.id));
    if (!input.students.every((id) => own.has(id))) throw notFound('This student');
    setHands(sheet.code, input.students, {
      ...(input.given === undefined ? {} : { givenAt: input.given ? now : null }),
      ...(input.back === undefined ? {} : { backAt: input.back ? now : null }),
    });
    return { at: now };
  },
});
