import { eq } from 'drizzle-orm';
import { beforeAll, describe, expect, it } from 'vitest';
import { type Answer, DEFAULT_RULES } from '@/core/evidence';
import { db, schema } from '@/server/db';
import { DEMO_GROUPS, DEMO_TEACHER } from '@/server/demo/scenario';
import { seedDemo } from '@/server/demo/seed';
import { exportGroup } from '@/server/services/export';
import { knowledgeOf } from '@/server/services/knowledge';
import { clefsOf, ladderOf, sharesOf } from '@/server/services/ladder';
import { practiceKit } from '@/server/services/practice';
import { progressOf } from '@/server/services/progress';
import { teacherPage } from '@/server/services/teacher-page';
import { todayOf } from '@/server/services/today';
import { answersOf, replaceAnswers, storeAnswers } from '@/server/stores/answers';
import { getGroup, listGroups, setIntroduced, updateGroup } from '@/server/stores/groups';
import { listStudents, updateStudent } from '@/server/stores/students';
import { makeRoom } from '../helpers/people';

type Room = Awaited<ReturnType<typeof makeRoom>>;
const DAY = 86_400_000;
const NOW = Date.now();
let room: Room;

const answer = (
  id: string,
  step: number,
  correct: boolean,
  ago: number,
  more: Partial<Answer> = {},
): Answer => ({
  id,
  clef: 'treble',
  step,
  key: 0,
  accidental: null,
  task: 'name',
  given: correct ? 'F' : 'B',
  correct,
  ms: 1500,
  hints: 0,
  source: 'drill',
  at: NOW - ago,
  ...more,
});

beforeAll(async () => {
  room = await makeRoom('Views');
  const [ada, bo] = room.students;
  storeAnswers(
    ada!.id,
    Array.from({ length: 6 }, (_, i) => answer(`ada-${i}`, 1, true, 1000 * (9 - i))),
  );
  storeAnswers(
    bo!.id,
    Array.from({ length: 6 }, (_, i) => answer(`bo-${i}`, 1, false, 12 * DAY + 1000 * (9 - i))),
  );
});

describe('the ladder', () => {
  it('shows each student at each note, and what comes next', () => {
    const ladder = ladderOf(room.teacherId, room.group, NOW);
    const f = Object.fromEntries(ladder.notes.t1!.map((n) => [n.id, n.security]));
    expect(room.students.map((s) => f[s.id])).toEqual(['instant', 'learning', 'not-met']);
    expect(sharesOf(ladder)).toEqual({ t1: 1 / 3 });
    expect(ladder.introduced).toEqual(expect.arrayContaining(['t1', 't3', 't5', 't7', 'b1']));
    expect(ladder.next).toEqual(['t0', 't2', 't4']);
  });

  it('leaves out students who do not read the clef', () => {
    updateStudent(room.teacherId, room.students[2]!.id, { instrument: 'violin' });
    const ladder = ladderOf(room.teacherId, room.group, NOW);
    expect(ladder.notes.b1).toHaveLength(2);
    expect(ladder.notes.t1).toHaveLength(3);
    expect(clefsOf([{ instrument: 'violin' }])).toEqual(['treble']);
    expect(clefsOf([{ instrument: 'trombone' }, { instrument: 'violin' }])).toEqual([
      'treble',
      'bass',
    ]);
    expect(clefsOf([])).toEqual(['treble', 'bass']);
  });

  it('takes notes back without touching the answers', () => {
    setIntroduced(room.teacherId, room.group.id, ['t7'], false, NOW);
    expect(ladderOf(room.teacherId, room.group, NOW).next[0]).toBe('t7');
    setIntroduced(room.teacherId, room.group.id, ['t7'], true, NOW);
    expect(answersOf({ students: [room.students[0]!.id] }).get(room.students[0]!.id)).toHaveLength(
      6,
    );
  });
});

describe('the group’s own figures', () => {
  it('change what counts as instant at once', () => {
    const strict = updateGroup(room.teacherId, room.group.id, {
      rules: { ...DEFAULT_RULES, instantMs: 1000 },
    });
    const security = ladderOf(room.teacherId, strict, NOW).notes.t1!.find(
      (n) => n.id === room.students[0]!.id,
    )!.security;
    expect(security).toBe('secure');
    updateGroup(room.teacherId, room.group.id, { rules: DEFAULT_RULES });
  });
});

describe('a student’s kit', () => {
  it('has the notes of the instrument’s clef in the order of the student’s own method', () => {
    const cleo = updateStudent(room.teacherId, room.students[2]!.id, {
      instrument: 'violin',
      method: 'landmarks',
    });
    const kit = practiceKit({ student: cleo, group: getGroup(room.teacherId, room.group.id) });
    expect(kit.method).toBe('landmarks');
    expect(kit.notes.map((n) => n.position.clef)).not.toContain('bass');
    expect(kit.notes[0]!.position.step).toBe(5);
    expect(kit.notes.every((n) => n.state === null)).toBe(true);
  });
});

describe('progress', () => {
  it('puts answers into their weeks, with accuracy and time', () => {
    const bo = listStudents(room.teacherId, room.group.id).find((s) => s.name === 'Bo')!;
    storeAnswers(bo.id, [answer('bo-new', 1, true, 1000, { ms: null, source: 'sheet' })]);
    const progress = progressOf(bo, room.group, NOW);
    expect(progress.weeks.map((w) => w.answers)).toEqual([0, 0, 0, 0, 0, 0, 6, 1]);
    expect(progress.weeks.at(-1)).toMatchObject({ accuracy: 1, medianMs: null });
    expect(progress.weeks.at(-2)).toMatchObject({ accuracy: 0 });
    expect(progress.notes.t1!.security).toBe('learning');
  });

  it('forgets answers that were taken back', () => {
    const bo = room.students[1]!;
    const before = knowledgeOf([{ ...bo, rules: DEFAULT_RULES }]).get(bo.id)!.total;
    replaceAnswers(bo.id, ['bo-0', 'bo-1'], [answer('bo-fixed', 1, true, 500)], NOW);
    expect(knowledgeOf([{ ...bo, rules: DEFAULT_RULES }]).get(bo.id)!.total).toBe(before - 1);
  });
});

describe('a teacher’s page', () => {
  it('falls back to the first group when the address names another’s', async () => {
    const other = await makeRoom('Elsewhere');
    const url = new URL(`http://x/ladder?group=${other.group.id}&notes=t1,bad`);
    const page = teacherPage({ id: room.teacherId, name: 'T' }, url, NOW);
    expect(page.group!.id).toBe(room.group.id);
    expect(page.chosen).toEqual(['t1']);
    expect(page.groups.map((g) => g.id)).not.toContain(other.group.id);
    expect(JSON.stringify(page)).not.toContain('Elsewhere');
  });
});

describe('the export', () => {
  it('has everything of the group but the keys', () => {
    const data = exportGroup(room.teacherId, room.group.id, NOW);
    expect(data.students).toHaveLength(3);
    expect(data.students.find((s) => s.name === 'Ada')!.answers).toHaveLength(6);
    expect(JSON.stringify(data)).not.toContain('pictures');
  });
});

describe('the demo', () => {
  it('ends on the day it is made, with each planted weakness found and the steady ones left alone', async () => {
    await seedDemo(NOW);
    const teacher = db()
      .select()
      .from(schema.user)
      .where(eq(schema.user.email, DEMO_TEACHER.email))
      .get()!;
    const today = todayOf(teacher.id, NOW);
    const reasons = (name: string) =>
      today
        .flatMap((g) => g.attention)
        .find((a) => a.name === name)
        ?.reasons.map((r) => r.text)
        .join('; ') ?? '';
    expect(listGroups(teacher.id).map((g) => g.name)).toEqual(DEMO_GROUPS.map((g) => g.name));
    expect(reasons('Juno')).toContain('clef mixed up');
    expect(reasons('Otis')).toContain('counts from the top');
    expect(reasons('Tilda')).toContain('key signature forgotten');
    expect(reasons('Pia')).toContain('counts instead of recalling');
    expect(reasons('Rafi')).toContain('finger of another instrument: double bass');
    expect(reasons('Kit')).toContain('no practice for 15 days');
    for (const steady of ['Wren', 'Edda', 'Arlo', 'Ruben'])
      expect(reasons(steady)).not.toMatch(/clef|count|key|guess|saying|step|line/);
    const students = listStudents(teacher.id, listGroups(teacher.id)[0]!.id);
    const logs = [...answersOf({ students: students.map((s) => s.id) }).values()];
    expect(logs.every((l) => l.length > 250)).toBe(true);
    expect(Math.max(...logs.flat().map((a) => a.at))).toBeLessThanOrEqual(NOW);
  });
});
