import { readdirSync } from 'node:fs';
import type { APIRoute } from 'astro';
import { beforeAll, describe, expect, it } from 'vitest';
import { newSection } from '@/core/sheets';
import { answersOf } from '@/server/stores/answers';
import { call, type Jar } from '../helpers/http';
import { makeRoom, sentAnswer } from '../helpers/people';
import { sheet as sheetSpec } from '../helpers/sheets';

type Room = Awaited<ReturnType<typeof makeRoom>>;
let mine: Room;
let other: Room;
let sheet: string;
let offer = '';

const routes = import.meta.glob<Record<string, APIRoute>>('/src/pages/api/**/*.ts', {
  eager: true,
});
const route = (file: string, method: string) => routes[`/src/pages/api/${file}`]![method]!;

const sheetBody = (groupId: string) => {
  const {
    version: _,
    naming: __,
    terms: ___,
    ...settings
  } = sheetSpec([newSection('name-notes', 's', { count: 8 })]);
  return { ...settings, positions: ['t1', 't3'], groupId, versions: 'one', seed: 's' };
};

interface Door {
  file: string;
  method: string;
  /** Address parts and body of a request for what belongs to `mine`. */
  ask: () => { params?: Record<string, string>; body?: unknown; path?: string };
}

/** Every endpoint for teachers, asked for what belongs to the first teacher. */
const TEACHER_DOORS: Door[] = [
  {
    file: 'groups/[id]/index.ts',
    method: 'PATCH',
    ask: () => ({ params: { id: mine.group.id }, body: { name: 'taken' } }),
  },
  {
    file: 'groups/[id]/students.ts',
    method: 'POST',
    ask: () => ({ params: { id: mine.group.id }, body: { text: 'Eve' } }),
  },
  {
    file: 'groups/[id]/introduced.ts',
    method: 'PUT',
    ask: () => ({ params: { id: mine.group.id }, body: { positions: ['t0'], on: true } }),
  },
  { file: 'groups/[id]/export.ts', method: 'GET', ask: () => ({ params: { id: mine.group.id } }) },
  {
    file: 'groups/[id]/slips.pdf.ts',
    method: 'GET',
    ask: () => ({ params: { id: mine.group.id } }),
  },
  {
    file: 'students/[id]/index.ts',
    method: 'PATCH',
    ask: () => ({ params: { id: mine.students[1]!.id }, body: { name: 'Eve' } }),
  },
  {
    file: 'students/[id]/key.ts',
    method: 'POST',
    ask: () => ({ params: { id: mine.students[1]!.id } }),
  },
  { file: 'sheets/index.ts', method: 'POST', ask: () => ({ body: sheetBody(mine.group.id) }) },
  { file: 'sheets/[code]/pdf.ts', method: 'GET', ask: () => ({ params: { code: sheet } }) },
  { file: 'marking/[code].ts', method: 'GET', ask: () => ({ params: { code: sheet } }) },
  {
    file: 'marking/[code].ts',
    method: 'PUT',
    ask: () => ({
      params: { code: sheet },
      body: { studentId: mine.students[0]!.id, copy: 1, typed: ['f a'] },
    }),
  },
  { file: 'sheets/[code]/svg.ts', method: 'GET', ask: () => ({ params: { code: sheet } }) },
  {
    file: 'sheets/[code]/items.ts',
    method: 'GET',
    ask: () => ({ params: { code: sheet }, path: '/?format=csv' }),
  },
  {
    file: 'sheets/[code]/hands.ts',
    method: 'PUT',
    ask: () => ({
      params: { code: sheet },
      body: { students: [mine.students[0]!.id], given: true },
    }),
  },
  { file: 'sheets/[code]/results.ts', method: 'GET', ask: () => ({ params: { code: sheet } }) },
  { file: 'sheets/[code]/follow-up.ts', method: 'POST', ask: () => ({ params: { code: sheet } }) },
  {
    file: 'marking/[code].ts',
    method: 'DELETE',
    ask: () => ({ params: { code: sheet }, body: { studentId: mine.students[0]!.id } }),
  },
  {
    file: 'cards.pdf.ts',
    method: 'GET',
    ask: () => ({ path: `/?group=${mine.group.id}&notes=t1` }),
  },
  {
    file: 'posters.pdf.ts',
    method: 'GET',
    ask: () => ({ path: `/?group=${mine.group.id}&what=hand&clef=both` }),
  },
  {
    file: 'groups/[id]/sayings.ts',
    method: 'PUT',
    ask: () => ({
      params: { id: mine.group.id },
      body: { target: 'treble-lines', text: 'Eggs Grow Big Dry Feet' },
    }),
  },
  {
    file: 'groups/[id]/sayings.ts',
    method: 'POST',
    ask: () => ({
      params: { id: mine.group.id },
      body: { text: '[{"target": "treble-spaces", "saying": "FACE"}]' },
    }),
  },
  {
    file: 'groups/[id]/sayings-file.ts',
    method: 'GET',
    ask: () => ({ params: { id: mine.group.id }, path: '/?as=csv' }),
  },
  {
    file: 'groups/[id]/offers.ts',
    method: 'POST',
    ask: () => ({ params: { id: mine.group.id }, body: { target: 'treble-spaces', text: 'FACE' } }),
  },
  {
    file: 'groups/[id]/method.ts',
    method: 'PUT',
    ask: () => ({
      params: { id: mine.group.id },
      body: {
        method: 'landmarks',
        name: 'Mine',
        landmarks: 'C4 G4',
        order: '',
        sayingClefs: ['treble'],
        pictures: '',
      },
    }),
  },
  {
    file: 'groups/[id]/method.ts',
    method: 'DELETE',
    ask: () => ({ params: { id: mine.group.id }, body: { name: 'Mine' } }),
  },
  {
    file: 'offers/[id].ts',
    method: 'PATCH',
    ask: () => ({ params: { id: offer }, body: { do: 'count', hands: 3 } }),
  },
  { file: 'offers/[id].ts', method: 'DELETE', ask: () => ({ params: { id: offer } }) },
  {
    file: 'charts.pdf.ts',
    method: 'GET',
    ask: () => ({ path: `/?group=${mine.group.id}&set=chosen&notes=t1` }),
  },
  {
    file: 'students/[id]/index.ts',
    method: 'DELETE',
    ask: () => ({ params: { id: mine.students[1]!.id } }),
  },
  {
    file: 'groups/[id]/index.ts',
    method: 'DELETE',
    ask: () => ({ params: { id: mine.group.id } }),
  },
];
/** Endpoints with nothing of somebody else to ask for; each is tested below or in accounts. */
const OTHER_DOORS = [
  'auth/[...all].ts',
  'setup.ts',
  'student/enter.ts',
  'student/leave.ts',
  'student/answers.ts',
  'student/kit.ts',
  'student/sayings.ts',
  'groups/index.ts',
  'presets.ts',
  'card-test.pdf.ts',
];

async function knock(door: Door, jar: Jar) {
  return call(route(door.file, door.method), { method: door.method, jar, ...door.ask() });
}

beforeAll(async () => {
  mine = await makeRoom('First');
  other = await makeRoom('Second');
  const made = await call(route('sheets/index.ts', 'POST'), {
    method: 'POST',
    jar: mine.teacher,
    body: sheetBody(mine.group.id),
  });
  sheet = made.data.code;
  const sent = await call(route('student/sayings.ts', 'POST'), {
    method: 'POST',
    jar: mine.student,
    body: { target: 'bass-spaces', text: 'Ants Carry Eggs Gladly' },
  });
  offer = sent.data.offers[0].id;
});

describe('every endpoint', () => {
  it('is in one of the lists', () => {
    const files = readdirSync('src/pages/api', { recursive: true })
      .map(String)
      .filter((f) => f.endsWith('.ts'));
    const listed = new Set([...TEACHER_DOORS.map((d) => d.file), ...OTHER_DOORS]);
    expect(files.filter((f) => !listed.has(f))).toEqual([]);
  });

  it.each(TEACHER_DOORS.map((d) => [`${d.method} ${d.file}`, d] as const))(
    '%s refuses nobody, students and another teacher',
    async (_, door) => {
      expect((await knock(door, new Map())).status).toBe(401);
      expect((await knock(door, mine.student)).status).toBe(401);
      const foreign = await knock(door, other.teacher);
      expect(foreign.status).toBe(404);
      expect(foreign.data.detail).toMatch(/not yours/);
    },
  );

  it('lets its own teacher in, and nothing was changed by the others', async () => {
    for (const door of TEACHER_DOORS) {
      const result = await knock(door, mine.teacher);
      if (door.file.startsWith('groups/[id]/export')) {
        expect(result.data.group.name).toBe('taken');
        expect(result.data.students.map((s: { name: string }) => s.name).sort()).toEqual([
          'Ada',
          'Bo',
          'Cleo',
          'Eve',
        ]);
      }
      expect([door.file, result.status]).toEqual([
        door.file,
        door.file === 'students/[id]/index.ts' && door.method === 'PATCH' ? 409 : 200,
      ]);
    }
  });
});

describe('students', () => {
  const answers = () => route('student/answers.ts', 'POST');

  it('need a session of their own; a teacher’s is not one', async () => {
    for (const jar of [new Map() as Jar, other.teacher]) {
      expect(
        (
          await call(answers(), {
            method: 'POST',
            jar,
            body: { answers: [sentAnswer('nobody-01')] },
          })
        ).status,
      ).toBe(401);
      expect((await call(route('student/kit.ts', 'GET'), { jar })).status).toBe(401);
    }
  });

  it('store answers under their own name whatever they send', async () => {
    const body = {
      answers: [
        { ...sentAnswer('mine-0001'), studentId: other.students[1]!.id, correct: true, given: 'G' },
      ],
    };
    const result = await call(answers(), { method: 'POST', jar: other.student, body });
    expect(result.status).toBe(200);
    const ids = other.students.map((s) => s.id);
    const log = answersOf({ students: ids });
    expect(log.get(ids[0]!)!.map((a) => [a.id, a.correct])).toEqual([['mine-0001', false]]);
    expect(log.get(ids[1]!)).toEqual([]);
  });

  it('send in sayings of their own only, and fit ones', async () => {
    const send = (jar: Jar, text: string) =>
      call(route('student/sayings.ts', 'POST'), {
        method: 'POST',
        jar,
        body: { target: 'treble-lines', text, studentId: mine.students[0]!.id },
      });
    expect((await send(other.teacher, 'Eggs Grow Big Dry Feet')).status).toBe(401);
    const mended = await send(other.student, 'Eggs Grow Big Dry Feet');
    expect(mended.data.offers).toHaveLength(1);
    expect(mended.data.name).toBe('Ada');
    const rude = await send(other.student, 'Eggs Grab Beer Dry Feet');
    expect(rude.status).toBe(400);
    expect(rude.data.detail).toContain('not for children');
  });

  it('see only their own kit', async () => {
    const kit = await call(route('student/kit.ts', 'GET'), { jar: other.student });
    expect(kit.data.student.name).toBe('Ada');
    expect(JSON.stringify(kit.data)).not.toContain('Cleo');
  });

  it('cannot make groups', async () => {
    expect(
      (
        await call(route('groups/index.ts', 'POST'), {
          method: 'POST',
          jar: other.student,
          body: { name: 'x' },
        })
      ).status,
    ).toBe(401);
  });
});

describe('requests from elsewhere', () => {
  it('are refused when they come from another site', async () => {
    const result = await call(route('groups/index.ts', 'POST'), {
      method: 'POST',
      jar: other.teacher,
      body: { name: 'x' },
      headers: { origin: 'https://elsewhere.example' },
    });
    expect(result.status).toBe(403);
  });

  it('get problem details for input that cannot be used', async () => {
    const bad = await call(route('groups/index.ts', 'POST'), {
      method: 'POST',
      jar: other.teacher,
      body: '{"name":',
    });
    expect([bad.status, bad.headers.get('content-type')]).toEqual([
      400,
      'application/problem+json',
    ]);
    const empty = await call(route('groups/index.ts', 'POST'), {
      method: 'POST',
      jar: other.teacher,
      body: { name: '  ' },
    });
    expect(empty.data).toMatchObject({
      status: 400,
      detail: 'Give the group a name, such as Tuesday keys.',
    });
  });
});
