import { beforeAll, describe, expect, it } from 'vitest';
import { securityOf } from '@/core/evidence';
import { newSection, questionsOf, readSheetCode } from '@/core/sheets';
import { knowledgeOf } from '@/server/services/knowledge';
import { markSheet } from '@/server/services/marking';
import { receiveAnswers } from '@/server/services/practice';
import { composedCopy, makeSheet, pagesOf, type StoredSheet } from '@/server/services/sheets';
import { todayOf } from '@/server/services/today';
import { answersOf } from '@/server/stores/answers';
import { deleteGroup, getGroup } from '@/server/stores/groups';
import { getSheet } from '@/server/stores/sheets';
import { listStudents, updateStudent } from '@/server/stores/students';
import { STUDENT_COOKIE, studentOf } from '@/server/student-session';
import { makeRoom, sentAnswer } from '../helpers/people';
import { at, rightly, sheet } from '../helpers/sheets';

type Room = Awaited<ReturnType<typeof makeRoom>>;
let room: Room;
const positions = at('treble', 1, 3, 5, 7);
const spec = sheet([newSection('name-notes', 's', { count: 12, weakFirst: true })], {
  positions,
  title: 'Spaces',
});
const now = Date.now();

/** What one copy asks. */
const asked = (stored: StoredSheet, copy: number) =>
  questionsOf(composedCopy(stored, copy, listStudents(room.teacherId, room.group.id)).sections);

beforeAll(async () => {
  room = await makeRoom('Lesson');
});

describe('a sheet from paper back to evidence', () => {
  it('stores a copy for each student and prints the same again', () => {
    const made = makeSheet(
      room.teacherId,
      room.group,
      spec,
      { versions: 'each', seed: 'abc' },
      now,
    );
    const stored = getSheet(room.teacherId, made.sheet.code);
    const students = listStudents(room.teacherId, room.group.id);
    expect(stored.copies).toHaveLength(3);
    expect(readSheetCode(made.sheet.code)).toMatchObject({ ok: true, sheet: made.sheet.code });
    const first = asked(stored, 1);
    expect(asked(stored, 1)).toEqual(first);
    expect(asked(stored, 2)).not.toEqual(first);
    expect(pagesOf(stored, students, { part: 'sheets' })).toHaveLength(3);
    expect(() => pagesOf(stored, students, { part: 'all', copy: 9 })).toThrow('Copy 9');
  });

  it('counts once however often it is keyed in, and a correction takes its place', () => {
    const made = makeSheet(room.teacherId, room.group, spec, { versions: 'one', seed: 'def' }, now);
    const stored = getSheet(room.teacherId, made.sheet.code);
    const students = listStudents(room.teacherId, room.group.id);
    const bo = students.find((s) => s.name === 'Bo')!;
    const right = rightly(asked(stored, 1));
    const wrong = right.replace(/^\w+/, '-');
    const count = () => answersOf({ students: [bo.id] }).get(bo.id)!;
    const mark = (typed: string) =>
      markSheet(stored, students, { studentId: bo.id, copy: 1, typed: [typed] }, now);
    expect(mark(wrong)).toMatchObject({ right: 11, revision: 1 });
    mark(wrong);
    expect(count()).toHaveLength(12);
    expect(mark(right)).toMatchObject({ right: 12, revision: 2 });
    expect(count()).toHaveLength(12);
    expect(count().every((a) => a.correct && a.ms === null && a.source === 'sheet')).toBe(true);
  });

  it('stays as it was printed when the student’s instrument changes', () => {
    const both = { ...spec, positions: [...positions, { clef: 'bass' as const, step: 3 }] };
    const cleo = listStudents(room.teacherId, room.group.id).find((s) => s.name === 'Cleo')!;
    const made = makeSheet(room.teacherId, room.group, both, { versions: 'each', seed: 'v' }, now);
    const stored = getSheet(room.teacherId, made.sheet.code);
    const copy = stored.copies.find((c) => c.studentId === cleo.id)!.number;
    const items = () => asked(stored, copy);
    const printed = items();
    expect(printed.some((q) => q.evidence!.item.clef === 'bass')).toBe(true);
    updateStudent(room.teacherId, cleo.id, { instrument: 'violin' });
    expect(items()).toEqual(printed);
    const next = makeSheet(room.teacherId, room.group, both, { versions: 'each', seed: 'v' }, now);
    const fresh = getSheet(room.teacherId, next.sheet.code);
    expect(asked(fresh, copy).every((q) => q.evidence!.item.clef === 'treble')).toBe(true);
    updateStudent(room.teacherId, cleo.id, { instrument: 'keyboard' });
  });

  it('refuses another student’s copy, and letters that cannot be', () => {
    const made = makeSheet(
      room.teacherId,
      room.group,
      spec,
      { versions: 'each', seed: 'ghi' },
      now,
    );
    const stored = getSheet(room.teacherId, made.sheet.code);
    const students = listStudents(room.teacherId, room.group.id);
    const copy = stored.copies[0]!;
    const other = students.find((s) => s.id !== copy.studentId)!;
    expect(() =>
      markSheet(stored, students, { studentId: other.id, copy: 1, typed: ['f'] }, now),
    ).toThrow(/own/);
    expect(() =>
      markSheet(stored, students, { studentId: copy.studentId!, copy: 1, typed: ['f h'] }, now),
    ).toThrow(/Number 2 is “h”/);
    expect(() =>
      markSheet(stored, students, { studentId: 'gone', copy: 1, typed: ['f'] }, now),
    ).toThrow(/student/);
  });

  it('shows up on Today until everybody is marked', () => {
    const today = todayOf(room.teacherId, now).find((g) => g.group.id === room.group.id)!;
    expect(today.toMark.length).toBeGreaterThan(0);
    expect(today.toMark[0]!.open).toBeLessThanOrEqual(3);
  });
});

describe('answers of a device', () => {
  it('are stored once however often they are sent, and judged by the server', () => {
    const actor = studentOf(room.student.get(STUDENT_COOKIE)!, now)!;
    const sent = ['F', 'A'].map((given, i) => ({
      ...sentAnswer(`device-${i}`, given),
      position: positions[0]!,
      key: 0 as const,
      source: 'drill' as const,
    }));
    receiveAnswers(actor, sent, now);
    receiveAnswers(actor, sent, now);
    const log = answersOf({ students: [actor.student.id] }).get(actor.student.id)!;
    expect(log.map((a) => [a.id, a.correct])).toEqual([
      ['device-0', true],
      ['device-1', false],
    ]);
  });

  it('from a clock that runs ahead are taken as given now', () => {
    const actor = studentOf(room.student.get(STUDENT_COOKIE)!, now)!;
    receiveAnswers(
      actor,
      [
        {
          ...sentAnswer('ahead-001'),
          position: positions[1]!,
          key: 0,
          source: 'drill',
          at: now + 9e8,
        },
      ],
      now,
    );
    const log = answersOf({ students: [actor.student.id] }).get(actor.student.id)!;
    expect(log.find((a) => a.id === 'ahead-001')!.at).toBe(now);
  });

  it('change what is known at once, by the group’s own figures', () => {
    const actor = studentOf(room.student.get(STUDENT_COOKIE)!, now)!;
    const who = { ...actor.student, rules: room.group.rules };
    const before = knowledgeOf([who]).get(who.id)!.states.get('t7');
    expect(before).toBeUndefined();
    const sent = Array.from({ length: 6 }, (_, i) => ({
      ...sentAnswer(`known-00${i}`, 'E'),
      position: positions[3]!,
      key: 0 as const,
      source: 'drill' as const,
      at: now - 100 + i,
    }));
    receiveAnswers(actor, sent, now);
    const state = knowledgeOf([who]).get(who.id)!.states.get('t7')!;
    expect(securityOf(state, now, who.rules).security).toBe('instant');
  });
});

describe('deleting a group', () => {
  it('takes students, answers, sheets and sessions with it', async () => {
    const gone = await makeRoom('Gone');
    makeSheet(gone.teacherId, gone.group, spec, { versions: 'each', seed: 'x' }, now);
    deleteGroup(gone.teacherId, gone.group.id);
    expect(() => getGroup(gone.teacherId, gone.group.id)).toThrow('Not found');
    expect(studentOf(gone.student.get(STUDENT_COOKIE)!, now)).toBeNull();
    expect(
      answersOf({ students: gone.students.map((s) => s.id) }).get(gone.students[0]!.id),
    ).toEqual([]);
  });
});
