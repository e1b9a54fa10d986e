import type { APIContext, APIRoute } from 'astro';
import { auth } from '@/server/auth';

/** A browser's cookies, kept between calls. */
export type Jar = Map<string, string>;

const ORIGIN = 'http://localhost:4321';

interface CallOptions {
  method?: string;
  path?: string;
  params?: Record<string, string>;
  jar?: Jar;
  body?: unknown;
  headers?: Record<string, string>;
  address?: string;
}

function cookies(jar: Jar): APIContext['cookies'] {
  return {
    get: (name: string) => (jar.has(name) ? { value: jar.get(name) } : undefined),
    set: (name: string, value: string) => jar.set(name, value),
    delete: (name: string) => jar.delete(name),
  } as unknown as APIContext['cookies'];
}

/** Calls an endpoint as the server would, and reads its answer. */
export async function call(route: APIRoute, options: CallOptions = {}) {
  const {
    method = 'GET',
    path = '/',
    params = {},
    jar = new Map(),
    body,
    address = '127.0.0.1',
  } = options;
  const cookie = [...jar].map(([k, v]) => `${k}=${v}`).join('; ');
  const request = new Request(ORIGIN + path, {
    method,
    headers: { host: 'localhost:4321', ...(cookie ? { cookie } : {}), ...options.headers },
    ...(body === undefined ? {} : { body: typeof body === 'string' ? body : JSON.stringify(body) }),
  });
  const context = {
    request,
    url: new URL(request.url),
    params,
    cookies: cookies(jar),
    clientAddress: address,
    locals: {},
  } as unknown as APIContext;
  const response = (await route(context)) as Response;
  const type = response.headers.get('content-type') ?? '';
  // biome-ignore lint/suspicious/noExplicitAny: tests look into answers of every shape
  const data: any = type.includes('json') ? await response.json() : await response.arrayBuffer();
  return { status: response.status, data, headers: response.headers };
}

/** Signs a teacher in and returns the cookies. */
export async function signIn(email: string, password: string): Promise<Jar> {
  const response = await auth().handler(
    new Request(`${ORIGIN}/api/auth/sign-in/email`, {
      method: 'POST',
      headers: { 'content-type': 'application/json', origin: ORIGIN },
      body: JSON.stringify({ email, password }),
    }),
  );
  if (!response.ok) throw new Error(`sign-in failed: ${response.status} ${await response.text()}`);
  return new Map(
    response.headers.getSetCookie().map((c): [string, string] => {
      const [name, value] = c.split(';')[0]!.split(/=(.*)/s) as [string, string];
      return [name, value];
    }),
  );
}
