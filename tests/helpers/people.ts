import './room';
import { createTeacher } from '@/server/auth';
import { openKey } from '@/server/pictures';
import { createGroup, setIntroduced } from '@/server/stores/groups';
import { addStudents } from '@/server/stores/students';
import { enter, STUDENT_COOKIE } from '@/server/student-session';
import { type Jar, signIn } from './http';

const PASSWORD = 'a long enough password';
let made = 0;

/** A teacher with a group of three students, signed in, the first student too. */
export async function makeRoom(name: string) {
  const email = `${name}${made++}@example.org`;
  const teacherId = await createTeacher({ name, email, password: PASSWORD });
  const teacher: Jar = await signIn(email, PASSWORD);
  const group = createGroup(
    teacherId,
    { name: `${name} keys`, method: 'two-sayings', key: 0, terms: 'US', naming: 'letters' },
    Date.now(),
  );
  const rows = ['Ada', 'Bo', 'Cleo'].map(
    (n) => ({ name: n, instrument: 'keyboard', method: null }) as const,
  );
  const students = addStudents(teacherId, group.id, rows, Date.now());
  setIntroduced(teacherId, group.id, ['t1', 't3', 't5', 't7', 'b1'], true, Date.now());
  const first = students[0]!;
  const pictures = openKey(first.pictures);
  const { token } = enter({ code: group.code, name: 'ada', pictures }, '10.0.0.9', Date.now());
  const student: Jar = new Map([[STUDENT_COOKIE, token]]);
  return { teacherId, teacher, email, group, students, student, pictures };
}

/** One answer as a device sends it. */
export function sentAnswer(id: string, given = 'F', position = 't1') {
  return {
    id,
    position,
    key: 0,
    accidental: null,
    task: 'name' as const,
    given,
    instrument: null,
    ms: 1500,
    hints: 0,
    source: 'drill',
    at: Date.now() - 1000,
  };
}
