import type { APIContext, APIRoute } from 'astro';
import type { z } from 'zod';
import { teacherOf } from './auth';
import { badInput, notSignedIn, Problem } from './errors';
import { originOf } from './origin';
import { STUDENT_COOKIE, type StudentActor, studentOf } from './student-session';

/** Largest request body in characters. */
const BODY_LIMIT = 1_000_000;

interface Actors {
  anyone: null;
  teacher: { id: string; name: string };
  student: StudentActor;
}

export interface Call<Who extends keyof Actors, Input> {
  readonly actor: Actors[Who];
  readonly input: Input;
  readonly params: Record<string, string>;
  readonly context: APIContext;
  readonly now: number;
}

interface Options<Who extends keyof Actors, Schema extends z.ZodType> {
  readonly who: Who;
  /** Checks the JSON body, or the query of a GET. */
  readonly input?: Schema;
  readonly handle: (call: Call<Who, z.output<Schema>>) => unknown;
}

/**
 * The one way to serve a request: who asks, may they, is the input valid, what to answer
 * when it fails (problem details, RFC 9457). `handle` returns data for JSON, or a Response.
 */
export function endpoint<Who extends keyof Actors, Schema extends z.ZodType = z.ZodAny>(
  options: Options<Who, Schema>,
): APIRoute {
  return async (context) => {
    try {
      refuseForeign(context.request);
      const now = Date.now();
      const actor = (await identify(options.who, context, now)) as Actors[Who];
      const input = options.input ? parse(options.input, await rawInput(context)) : undefined;
      const params = context.params as Record<string, string>;
      const call = { actor, input, params, context, now } as Call<Who, z.output<Schema>>;
      const result = await options.handle(call);
      return result instanceof Response ? result : Response.json(result ?? { ok: true });
    } catch (error) {
      return problemResponse(error);
    }
  };
}

/** Same-site cookies keep foreign pages out; this also refuses a foreign page on the same site. */
function refuseForeign(request: Request): void {
  if (request.method === 'GET') return;
  const origin = request.headers.get('origin');
  if (origin !== null && origin !== originOf(request)) {
    throw new Problem(403, 'Not from here', 'This request came from another site and was refused.');
  }
}

async function identify(who: keyof Actors, context: APIContext, now: number) {
  if (who === 'anyone') return null;
  if (who === 'teacher') {
    const teacher = await teacherOf(context.request.headers);
    if (!teacher) throw notSignedIn();
    return teacher;
  }
  const student = studentOf(context.cookies.get(STUDENT_COOKIE)?.value, now);
  if (!student) {
    throw notSignedIn('Enter again with your group code and pictures. Your answers are kept.');
  }
  return student;
}

async function rawInput({ request, url }: APIContext): Promise<unknown> {
  if (request.method === 'GET') return Object.fromEntries(url.searchParams);
  const text = await request.text();
  if (text.length > BODY_LIMIT) throw badInput('That is too much at once. Send less.');
  if (text === '') return {};
  try {
    return JSON.parse(text);
  } catch {
    throw badInput('The request is not valid JSON.');
  }
}

/** Checks input. @throws Problem 400 with the first thing wrong, and all of them by field. */
function parse<Schema extends z.ZodType>(schema: Schema, raw: unknown): z.output<Schema> {
  const result = schema.safeParse(raw);
  if (result.success) return result.data;
  const errors = result.error.issues.map((issue) => ({
    field: issue.path.join('.'),
    detail: issue.message,
  }));
  const first = errors[0]!;
  const plain = /^Invalid input|^Too /.test(first.detail);
  throw new Problem(
    400,
    'That cannot be used',
    plain ? `${first.field}: ${first.detail}` : first.detail,
    { errors },
  );
}

function problemResponse(error: unknown): Response {
  const problem =
    error instanceof Problem
      ? error
      : new Problem(
          500,
          'Something went wrong here',
          'Nothing was changed. Try again; if it happens again, restart the application.',
        );
  if (problem !== error) console.error(error);
  const { status, title, detail, extra } = problem;
  const headers: Record<string, string> = { 'content-type': 'application/problem+json' };
  if (status === 429 && extra.retryAfter) headers['retry-after'] = String(extra.retryAfter);
  return new Response(JSON.stringify({ type: 'about:blank', title, status, detail, ...extra }), {
    status,
    headers,
  });
}
