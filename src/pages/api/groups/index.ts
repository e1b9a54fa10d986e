import { groupInput } from '@/contract/groups';
import { endpoint } from '@/server/endpoint';
import { createGroup } from '@/server/stores/groups';

export const POST = endpoint({
  who: 'teacher',
  input: groupInput,
  handle: ({ actor, input, now }) => createGroup(actor.id, input, now),
});
