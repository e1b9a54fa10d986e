import { defineMiddleware } from 'astro:middleware';
import { hasTeacher, teacherOf } from './server/auth';
import { STUDENT_COOKIE, studentOf } from './server/student-session';

/** Pages that need a teacher, and pages that need a student. */
const TEACHER_PAGES = [
  '/today',
  '/groups',
  '/ladder',
  '/sheets',
  '/cards',
  '/instruments',
  '/sayings',
  '/marking',
  '/progress',
];
const STUDENT_PAGES = ['/practise', '/my-sayings', '/hand', '/hold-up'];
const under = (paths: string[], path: string) =>
  paths.some((p) => path === p || path.startsWith(`${p}/`));

/**
 * Everything comes from this server. Styles may stand in attributes, because charts and
 * React set sizes there; scripts may not: Astro lists the hashes of its own.
 */
const POLICY = [
  "default-src 'self'",
  "img-src 'self' data: blob:",
  "font-src 'self'",
  "style-src 'self' 'unsafe-inline'",
  "connect-src 'self'",
  "object-src 'none'",
  // The synthesiser keeps time in a worker of its own making.
  "worker-src 'self' blob:",
  "base-uri 'self'",
  "form-action 'self'",
  "frame-ancestors 'none'",
];

function withHeaders(response: Response): Response {
  const own = response.headers.get('content-security-policy') ?? '';
  const scripts = /script-src[^;]*/.exec(own)?.[0] ?? "script-src 'self'";
  response.headers.set('content-security-policy', [...POLICY, scripts.trim()].join('; '));
  response.headers.set('x-content-type-options', 'nosniff');
  response.headers.set('referrer-policy', 'same-origin');
  response.headers.set('permissions-policy', 'camera=(), microphone=(), geolocation=()');
  if (!response.headers.has('cache-control')) response.headers.set('cache-control', 'no-store');
  return response;
}

export const onRequest = defineMiddleware(async (context, next) => {
  const { pathname } = context.url;
  context.locals.teacher = null;
  context.locals.student = null;
  if (pathname.startsWith('/api/')) return withHeaders(await next());
  if (under(TEACHER_PAGES, pathname)) {
    context.locals.teacher = await teacherOf(context.request.headers);
    if (!context.locals.teacher) {
      if (!hasTeacher()) return context.redirect('/setup');
      const back = encodeURIComponent(pathname + context.url.search);
      return context.redirect(`/sign-in?back=${back}`);
    }
  }
  if (under(STUDENT_PAGES, pathname)) {
    const token = context.cookies.get(STUDENT_COOKIE)?.value;
    context.locals.student = studentOf(token, Date.now());
    if (!context.locals.student) return context.redirect('/enter?again=1');
  }
  return withHeaders(await next());
});
