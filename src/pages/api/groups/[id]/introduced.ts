import { introducedInput } from '@/contract/groups';
import { positionId } from '@/core/notation';
import { endpoint } from '@/server/endpoint';
import { setIntroduced } from '@/server/stores/groups';

export const PUT = endpoint({
  who: 'teacher',
  input: introducedInput,
  handle: ({ actor, input, params, now }) =>
    setIntroduced(actor.id, params.id!, input.positions.map(positionId), input.on, now),
});
