import { beforeAll, describe, expect, it, vi } from 'vitest';
import { auth, CLIENT_HEADER, hasTeacher } from '@/server/auth';
import { openKey } from '@/server/pictures';
import { isLocal, setUp, setupCode } from '@/server/setup';
import { resetKey, updateStudent } from '@/server/stores/students';
import { enter, LOCK, leave, STUDENT_SESSION_MS, studentOf } from '@/server/student-session';
import { makeRoom } from '../helpers/people';

const NOW = Date.UTC(2026, 10, 24, 12);
type Room = Awaited<ReturnType<typeof makeRoom>>;
let room: Room;

describe('the first visit', () => {
  const input = { name: 'T', email: 'first@example.org', password: 'a long enough password' };

  it('is allowed on the same machine or with the code of the terminal, once', async () => {
    vi.spyOn(console, 'log').mockImplementation(() => {});
    expect(['127.0.0.1', '::1', '::ffff:127.0.0.1'].every(isLocal)).toBe(true);
    await expect(setUp(input, '192.168.1.20')).rejects.toThrow('code');
    await expect(setUp({ ...input, code: '00000000' }, '192.168.1.20')).rejects.toThrow('code');
    expect(hasTeacher()).toBe(false);
    await setUp({ ...input, code: setupCode() }, '192.168.1.20');
    expect(hasTeacher()).toBe(true);
    await expect(setUp({ ...input, email: 'second@example.org' }, '127.0.0.1')).rejects.toThrow(
      'Already set up',
    );
  });
});

describe('a student’s key', () => {
  beforeAll(async () => {
    room = await makeRoom('Keys');
  });
  const wrongKey = () => [...room.pictures].reverse();
  const attempt = (pictures: readonly string[], name = 'Bo', now = NOW) =>
    enter({ code: room.group.code, name, pictures }, '10.1.1.1', now);
  const status = (run: () => unknown) => {
    try {
      run();
      return 200;
    } catch (error) {
      return (error as { status: number }).status;
    }
  };

  it('lets a child in however the name and code are typed', () => {
    const code = room.group.code.toLowerCase().replace(/(...)/, '$1 ');
    const { token } = enter({ code, name: ' ÁDA ', pictures: room.pictures }, '10.1.1.2', NOW);
    expect(studentOf(token, NOW)?.student.name).toBe('Ada');
    expect(studentOf(token, NOW + STUDENT_SESSION_MS + 1)).toBeNull();
    leave(token);
    expect(studentOf(token, NOW)).toBeNull();
  });

  it('gives the same answer for a wrong group, name and key', () => {
    const messages = [
      () => enter({ code: 'NOGRUP', name: 'Ada', pictures: room.pictures }, '10.1.1.3', NOW),
      () => attempt(room.pictures, 'Nobody'),
      () => attempt(wrongKey(), 'Cleo'),
    ].map((run) => {
      try {
        return run();
      } catch (error) {
        return (error as Error).message;
      }
    });
    expect(new Set(messages).size).toBe(1);
  });

  it('locks after five wrong tries, for a while, and a new key lifts it', () => {
    const bo = room.students[1]!;
    const right = openKey(bo.pictures);
    const wrong = [...right].reverse();
    for (let i = 0; i < LOCK.tries; i++) expect(status(() => attempt(wrong))).toBe(401);
    expect(status(() => attempt(right))).toBe(429);
    expect(status(() => attempt(right, 'Bo', NOW + LOCK.ms + 1))).toBe(200);
    for (let i = 0; i < LOCK.tries; i++) attempt401(wrong, NOW + LOCK.ms + 2);
    const renewed = resetKey(room.teacherId, bo.id);
    expect(status(() => attempt(openKey(renewed.pictures), 'Bo', NOW + LOCK.ms + 3))).toBe(200);
  });
  const attempt401 = (pictures: readonly string[], now: number) =>
    expect(status(() => attempt(pictures, 'Bo', now))).toBe(401);

  it('ends open sessions when it is reset', () => {
    const cleo = room.students[2]!;
    const { token } = attempt(openKey(cleo.pictures), 'Cleo');
    expect(studentOf(token, NOW)).not.toBeNull();
    resetKey(room.teacherId, cleo.id);
    expect(studentOf(token, NOW)).toBeNull();
  });

  it('slows down a search over many names from one place', () => {
    const results = Array.from({ length: 70 }, (_, i) =>
      status(() =>
        enter(
          { code: room.group.code, name: `guess${i}`, pictures: room.pictures },
          '10.9.9.9',
          NOW,
        ),
      ),
    );
    expect(results[0]).toBe(401);
    expect(results.at(-1)).toBe(429);
  });

  it('refuses a name that another child of the group has', () => {
    expect(
      status(() => updateStudent(room.teacherId, room.students[0]!.id, { name: 'CLEO' })),
    ).toBe(409);
  });
});

describe('a teacher’s password', () => {
  it('is rate limited by the address that the server saw', async () => {
    const attempt = () =>
      auth().handler(
        new Request('http://localhost:4321/api/auth/sign-in/email', {
          method: 'POST',
          headers: {
            'content-type': 'application/json',
            origin: 'http://localhost:4321',
            [CLIENT_HEADER]: '10.5.5.5',
          },
          body: JSON.stringify({ email: room.email, password: 'wrong wrong wrong' }),
        }),
      );
    const results: number[] = [];
    for (let i = 0; i < 10; i++) results.push((await attempt()).status);
    expect(results[0]).toBe(401);
    expect(results.at(-1)).toBe(429);
  });

  it('cannot be used to sign up', async () => {
    const response = await auth().handler(
      new Request('http://localhost:4321/api/auth/sign-up/email', {
        method: 'POST',
        headers: { 'content-type': 'application/json', origin: 'http://localhost:4321' },
        body: JSON.stringify({
          name: 'x',
          email: 'x@example.org',
          password: 'a long enough password',
        }),
      }),
    );
    expect(response.status).toBeGreaterThanOrEqual(400);
  });
});
