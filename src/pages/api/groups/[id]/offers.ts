import { offerInput } from '@/contract/sayings';
import { endpoint } from '@/server/endpoint';
import { sayingsView, usableWords } from '@/server/services/sayings';
import { getGroup } from '@/server/stores/groups';
import { addOffer } from '@/server/stores/sayings';

/** Puts a saying of the teacher's to the vote. */
export const POST = endpoint({
  who: 'teacher',
  input: offerInput,
  handle({ actor, input, params, now }) {
    const group = getGroup(actor.id, params.id!);
    const words = usableWords(input.text, input.target);
    const { id } = input.target;
    addOffer({ groupId: group.id, studentId: null, target: id, words }, now);
    return sayingsView(actor.id, group);
  },
});
