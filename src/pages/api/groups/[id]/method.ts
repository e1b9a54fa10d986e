import { z } from 'zod';
import { methodInput } from '@/contract/groups';
import { endpoint } from '@/server/endpoint';
import { getGroup, updateGroup } from '@/server/stores/groups';
import { forgetMethod, keepMethod, listOwnMethods } from '@/server/stores/methods';

/** Adjusts a group's way of teaching, and keeps it when it has a name. */
export const PUT = endpoint({
  who: 'teacher',
  input: methodInput,
  handle({ actor, input, params }) {
    const { method, settings, name } = input;
    const group = getGroup(actor.id, params.id!);
    if (name !== '') keepMethod(actor.id, { name, method, settings });
    const change = { method, methodSettings: settings, methodName: name };
    const { teacherId: _, createdAt: __, ...view } = updateGroup(actor.id, group.id, change);
    return { group: view, own: listOwnMethods(actor.id) };
  },
});

/** Forgets a kept way of teaching; the groups that use it go on as they are. */
export const DELETE = endpoint({
  who: 'teacher',
  input: z.object({ name: z.string().max(40) }),
  handle({ actor, input, params }) {
    getGroup(actor.id, params.id!);
    forgetMethod(actor.id, input.name);
    return { own: listOwnMethods(actor.id) };
  },
});
