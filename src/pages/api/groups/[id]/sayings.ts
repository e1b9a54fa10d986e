import { importInput, sayingInput } from '@/contract/sayings';
import { endpoint } from '@/server/endpoint';
import { importSayings, sayingsView, usableWords } from '@/server/services/sayings';
import { getGroup } from '@/server/stores/groups';
import { putSaying } from '@/server/stores/sayings';

/** Puts a saying into use; answers with everything in use. */
export const PUT = endpoint({
  who: 'teacher',
  input: sayingInput,
  handle({ actor, input, params, now }) {
    const { target, text, studentId = null } = input;
    const words = usableWords(text, target);
    putSaying(actor.id, params.id!, { target, words, studentId }, now);
    return sayingsView(actor.id, getGroup(actor.id, params.id!));
  },
});

/** Reads sayings from the text of a file; all of them, or none with the reason. */
export const POST = endpoint({
  who: 'teacher',
  input: importInput,
  handle({ actor, input, params, now }) {
    const group = getGroup(actor.id, params.id!);
    const count = importSayings(actor.id, group, input.text, now);
    return { count, view: sayingsView(actor.id, getGroup(actor.id, group.id)) };
  },
});
