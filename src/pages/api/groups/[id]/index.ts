import { groupChange } from '@/contract/groups';
import { endpoint } from '@/server/endpoint';
import { deleteGroup, updateGroup } from '@/server/stores/groups';

export const PATCH = endpoint({
  who: 'teacher',
  input: groupChange,
  handle: ({ actor, input, params }) => {
    const given = Object.entries(input).filter(([, value]) => value !== undefined);
    return updateGroup(actor.id, params.id!, Object.fromEntries(given));
  },
});

export const DELETE = endpoint({
  who: 'teacher',
  handle: ({ actor, params }) => deleteGroup(actor.id, params.id!),
});
