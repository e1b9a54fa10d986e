import { createHash, randomBytes } from 'node:crypto';
import { eq } from 'drizzle-orm';
import { nameKeyOf } from '../core/roster';
import { db, schema } from './db';
import { Problem, tooMany } from './errors';
import { openKey } from './pictures';
import { type GroupRow, groupByCode } from './stores/groups';
import type { StudentRow } from './stores/students';

/** Name of the cookie that keeps a student in. */
export const STUDENT_COOKIE = 'lucid_student';
/** How long a student stays in, in ms: a school term's week and a weekend. */
export const STUDENT_SESSION_MS = 9 * 86_400_000;
/** Wrong tries before a student's name is locked, and for how long in ms. */
export const LOCK = { tries: 5, ms: 10 * 60_000 } as const;

const hash = (token: string) => createHash('sha256').update(token).digest('hex');

/** Wrong tries of any name from one address: enough for a class, too few for a search. */
const ADDRESS = { tries: 60, ms: 5 * 60_000 } as const;
const tries = new Map<string, { count: number; until: number }>();

function countTry(address: string, now: number): void {
  if (tries.size > 5000) tries.clear();
  const entry = tries.get(address);
  if (!entry || entry.until < now) tries.set(address, { count: 1, until: now + ADDRESS.ms });
  else entry.count++;
}

function refuseFlood(address: string, now: number): void {
  const entry = tries.get(address);
  if (entry && entry.until > now && entry.count >= ADDRESS.tries) {
    const seconds = Math.ceil((entry.until - now) / 1000);
    throw tooMany(
      seconds,
      'Too many wrong tries from this place. Wait five minutes, then try again.',
    );
  }
}

const WRONG = new Problem(
  401,
  'That did not work',
  'The group code, the name and the three pictures do not belong together. Check each, or ask your teacher.',
);

/**
 * Lets a student in by group code, name and the three pictures in order. Returns the
 * session's token. @throws Problem 401 when they do not fit (the same for each reason, so
 * that nobody learns a name), 429 after five wrong tries.
 */
export function enter(
  input: { code: string; name: string; pictures: readonly string[] },
  address: string,
  now: number,
): { token: string; student: StudentRow } {
  refuseFlood(address, now);
  const group = groupByCode(input.code);
  const found = group && findByName(group.id, input.name);
  if (!found) {
    countTry(address, now);
    throw WRONG;
  }
  if (found.lockedUntil > now) {
    const minutes = Math.ceil((found.lockedUntil - now) / 60_000);
    throw tooMany(
      minutes * 60,
      `Five wrong tries: this name is locked for ${minutes} more minute${minutes === 1 ? '' : 's'}. Your teacher can give you a new key at once.`,
    );
  }
  if (openKey(found.pictures).join(' ') !== input.pictures.join(' ')) {
    countTry(address, now);
    noteFailure(found, now);
    throw WRONG;
  }
  return { token: openSession(found, now), student: found };
}

function findByName(groupId: string, name: string): StudentRow | undefined {
  const { student } = schema;
  const key = nameKeyOf(name);
  return db()
    .select()
    .from(student)
    .where(eq(student.groupId, groupId))
    .all()
    .find((s) => s.nameKey === key);
}

function noteFailure(found: StudentRow, now: number): void {
  const failed = found.failedTries + 1;
  const locked = failed >= LOCK.tries;
  db()
    .update(schema.student)
    .set({ failedTries: locked ? 0 : failed, lockedUntil: locked ? now + LOCK.ms : 0 })
    .where(eq(schema.student.id, found.id))
    .run();
}

function openSession(found: StudentRow, now: number): string {
  const token = randomBytes(32).toString('base64url');
  const { student, studentSession } = schema;
  db().transaction((tx) => {
    tx.update(student)
      .set({ failedTries: 0, lockedUntil: 0 })
      .where(eq(student.id, found.id))
      .run();
    tx.insert(studentSession)
      .values({ tokenHash: hash(token), studentId: found.id, expiresAt: now + STUDENT_SESSION_MS })
      .run();
  });
  return token;
}

export interface StudentActor {
  readonly student: StudentRow;
  readonly group: GroupRow;
}

/** The student of a session token, with their group, or null when it is unknown or over. */
export function studentOf(token: string | undefined, now: number): StudentActor | null {
  if (!token) return null;
  const { student, studentSession, group } = schema;
  const row = db()
    .select({ student, group, expiresAt: studentSession.expiresAt })
    .from(studentSession)
    .innerJoin(student, eq(student.id, studentSession.studentId))
    .innerJoin(group, eq(group.id, student.groupId))
    .where(eq(studentSession.tokenHash, hash(token)))
    .get();
  if (!row || row.expiresAt < now) return null;
  return { student: row.student, group: row.group };
}

/** Ends a student's session. */
export function leave(token: string | undefined): void {
  if (!token) return;
  db()
    .delete(schema.studentSession)
    .where(eq(schema.studentSession.tokenHash, hash(token)))
    .run();
}
