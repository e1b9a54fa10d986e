import { enterInput } from '@/contract/accounts';
import { endpoint } from '@/server/endpoint';
import { originOf } from '@/server/origin';
import { enter, STUDENT_COOKIE, STUDENT_SESSION_MS } from '@/server/student-session';

export const POST = endpoint({
  who: 'anyone',
  input: enterInput,
  handle({ input, context, now }) {
    const { token, student } = enter(input, context.clientAddress, now);
    context.cookies.set(STUDENT_COOKIE, token, {
      httpOnly: true,
      sameSite: 'strict',
      secure: originOf(context.request).startsWith('https:'),
      path: '/',
      maxAge: STUDENT_SESSION_MS / 1000,
    });
    return { name: student.name };
  },
});
