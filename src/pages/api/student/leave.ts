import { endpoint } from '@/server/endpoint';
import { leave, STUDENT_COOKIE } from '@/server/student-session';

export const POST = endpoint({
  who: 'anyone',
  handle({ context }) {
    leave(context.cookies.get(STUDENT_COOKIE)?.value);
    context.cookies.delete(STUDENT_COOKIE, { path: '/' });
  },
});
