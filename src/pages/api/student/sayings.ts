import { offerInput } from '@/contract/sayings';
import { endpoint } from '@/server/endpoint';
import { mySayings } from '@/server/services/my-sayings';
import { usableWords } from '@/server/services/sayings';
import { addOffer } from '@/server/stores/sayings';

/** A student sends in a saying of their own; the teacher accepts it or asks for a change. */
export const POST = endpoint({
  who: 'student',
  input: offerInput,
  handle({ actor, input, now }) {
    const words = usableWords(input.text, input.target);
    const { student, group } = actor;
    addOffer({ groupId: group.id, studentId: student.id, target: input.target.id, words }, now);
    return mySayings(actor);
  },
});
