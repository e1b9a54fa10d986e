import { betterAuth } from 'better-auth';
import { drizzleAdapter } from 'better-auth/adapters/drizzle';
import { secret } from './config';
import { db, schema } from './db';
import { conflict } from './errors';
import { originOf } from './origin';

/** Header in which the server itself puts the caller's address, for the rate limit. */
export const CLIENT_HEADER = 'x-lucid-client';

/** Sign-in tries allowed from one address in a window of seconds. */
const SIGN_IN_LIMIT = { window: 60, max: 8 } as const;

function makeAuth() {
  return betterAuth({
    secret: secret(),
    basePath: '/api/auth',
    baseURL: process.env.PUBLIC_URL,
    // A browser's Origin must be the address that it reached us by.
    trustedOrigins: (request) => (request ? [originOf(request)] : []),
    database: drizzleAdapter(db(), { provider: 'sqlite', schema, transaction: false }),
    emailAndPassword: { enabled: true, disableSignUp: true, minPasswordLength: 10 },
    session: { expiresIn: 60 * 60 * 24 * 14, cookieCache: { enabled: false } },
    rateLimit: {
      enabled: true,
      storage: 'memory',
      customRules: { '/sign-in/email': SIGN_IN_LIMIT },
    },
    advanced: {
      ipAddress: { ipAddressHeaders: [CLIENT_HEADER] },
      defaultCookieAttributes: { sameSite: 'lax', httpOnly: true },
    },
    logger: { level: 'error' },
    telemetry: { enabled: false },
  });
}

let made: ReturnType<typeof makeAuth> | undefined;

/** The teachers' sign-in, made at first use. */
export function auth() {
  made ??= makeAuth();
  return made;
}

/** Whether any teacher has an account yet. */
export function hasTeacher(): boolean {
  return db().select({ id: schema.user.id }).from(schema.user).limit(1).all().length > 0;
}

/** Makes a teacher's account. @throws Problem when the e-mail address is taken. */
export async function createTeacher(input: {
  name: string;
  email: string;
  password: string;
}): Promise<string> {
  const context = await auth().$context;
  const email = input.email.toLowerCase();
  if (await context.internalAdapter.findUserByEmail(email)) {
    throw conflict('An account with this e-mail address is already there. Sign in instead.');
  }
  const user = await context.internalAdapter.createUser(
    { name: input.name, email },
    { method: 'email-password' },
  );
  await context.internalAdapter.linkAccount({
    userId: user.id,
    providerId: 'credential',
    accountId: user.id,
    password: await context.password.hash(input.password),
  });
  return user.id;
}

/** The signed-in teacher of a request, or null. */
export async function teacherOf(headers: Headers): Promise<{ id: string; name: string } | null> {
  const session = await auth().api.getSession({ headers });
  return session ? { id: session.user.id, name: session.user.name } : null;
}
