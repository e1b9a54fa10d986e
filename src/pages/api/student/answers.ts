import { answersInput } from '@/contract/answers';
import { endpoint } from '@/server/endpoint';
import { receiveAnswers } from '@/server/services/practice';

/** Stores a student's own answers; answers with the identifiers that are now on disk. */
export const POST = endpoint({
  who: 'student',
  input: answersInput,
  handle: ({ actor, input, now }) => ({ stored: receiveAnswers(actor, input.answers, now) }),
});
