import { eq } from 'drizzle-orm';
import { type Answer, NEW_NOTE, noteStates } from '../../core/evidence';
import { INSTRUMENTS } from '../../core/instruments';
import { noteOrder } from '../../core/methods';
import { parsePositionId, positionId, type StaffPosition } from '../../core/notation';
import { simulateAnswer, simulatePlace } from '../../core/plan';
import { nextNote, type PracticeNote } from '../../core/practice';
import { type Random, seeded } from '../../core/random';
import { targetById, wordsOf } from '../../core/workshop';
import { createTeacher } from '../auth';
import { db, schema } from '../db';
import { sealKey } from '../pictures';
import { clefsOf } from '../services/ladder';
import { storeAnswers } from '../stores/answers';
import { createGroup, type GroupRow, getGroup, setIntroduced } from '../stores/groups';
import { keepPreset } from '../stores/presets';
import { addOffer, putSaying } from '../stores/sayings';
import { addStudents, type StudentRow } from '../stores/students';
import {
  DEMO_ENTRY,
  DEMO_GROUPS,
  DEMO_TEACHER,
  type DemoGroup,
  type DemoStudent,
} from './scenario';
import { seedSheets } from './seed-sheets';
import { DEMO_PRESET } from './sheets';

const HOUR = 3_600_000;
const DAY = 24 * HOUR;
const WEEKS = 6;
/** Rounds a week of each student, and answers in a round. */
const ROUNDS = 4;
const ROUND_ANSWERS = 16;

/** Fills an empty database with the demo: six weeks that end on the day of `now`. */
export async function seedDemo(now: number): Promise<void> {
  const teacherId = await createTeacher(DEMO_TEACHER);
  keepPreset(teacherId, DEMO_PRESET.name, DEMO_PRESET.preset);
  for (const [i, demo] of DEMO_GROUPS.entries()) {
    const made = now - WEEKS * 7 * DAY + i;
    const { id } = createGroup(
      teacherId,
      { name: demo.name, method: demo.method, key: demo.key, terms: 'US', naming: 'letters' },
      made,
    );
    db().update(schema.group).set({ code: demo.code }).where(eq(schema.group.id, id)).run();
    const group = getGroup(teacherId, id);
    const rows = demo.students.map((s) => ({
      name: s.name,
      instrument: s.instrument,
      secondInstrument: s.second ?? null,
      leftHanded: s.leftHanded ?? false,
      method: null,
    }));
    const students = addStudents(teacherId, id, rows, made);
    const introduced = introduce(teacherId, group, demo, students, now);
    for (const student of students) {
      const acts = demo.students.find((s) => s.name === student.name)!;
      storeAnswers(student.id, practise(student, acts, group, introduced, now));
      seedSayings(teacherId, group, student, acts, now);
    }
    seedSheets(teacherId, group, demo, students, introduced, now);
  }
  const pictures = sealKey(DEMO_ENTRY.pictures);
  db()
    .update(schema.student)
    .set({ pictures })
    .where(eq(schema.student.name, DEMO_ENTRY.name))
    .run();
}

/** A student's own sayings, in use since two weeks ago, and what they sent in. */
function seedSayings(
  teacherId: string,
  group: GroupRow,
  student: StudentRow,
  demo: DemoStudent,
  now: number,
): void {
  for (const [id, text] of Object.entries(demo.sayings ?? {})) {
    const saying = { target: targetById(id)!, words: wordsOf(text), studentId: student.id };
    putSaying(teacherId, group.id, saying, now - 14 * DAY);
  }
  if (!demo.offer) return;
  const { target, text } = demo.offer;
  const offer = { groupId: group.id, studentId: student.id, target, words: wordsOf(text) };
  addOffer(offer, now - 2 * DAY);
}

/** Introduces notes week by week in the method's order, each clef in turn. */
function introduce(
  teacherId: string,
  group: GroupRow,
  demo: DemoGroup,
  students: StudentRow[],
  now: number,
) {
  const clefs = clefsOf(students);
  const orders = clefs.map((clef) => noteOrder(group.method, [clef], demo.students[0]!.instrument));
  const introduced = new Map<string, number>();
  for (let week = 0; week < WEEKS; week++) {
    const at = now - (WEEKS - week) * 7 * DAY + 1000;
    const ids = orders.flatMap((order) =>
      order.slice(Math.floor(week * demo.pace), Math.floor((week + 1) * demo.pace)).map(positionId),
    );
    setIntroduced(teacherId, group.id, ids, true, at);
    for (const id of ids) introduced.set(id, at);
  }
  return introduced;
}

/** Six weeks of rounds, chosen by the same rules as a real student's. */
function practise(
  student: StudentRow,
  demo: DemoStudent,
  group: GroupRow,
  introduced: ReadonlyMap<string, number>,
  now: number,
): Answer[] {
  const random = seeded(`demo/${demo.name}`);
  const answers: Answer[] = [];
  const { clefs } = INSTRUMENTS[demo.instrument];
  for (let week = 0; week < WEEKS; week++) {
    for (let r = 0; r < ROUNDS; r++) {
      const daysAgo = (WEEKS - week) * 7 - 1 - Math.floor(r * 1.5) - Math.floor(random() * 2);
      if (daysAgo < (demo.lastPractice ?? 1)) continue;
      const start = now - daysAgo * DAY - Math.floor(random() * 5 * 3_600_000);
      const met = [...introduced]
        .filter(([, at]) => at < start)
        .map(([id]) => parsePositionId(id)!);
      const notes = met.filter((p) => clefs.includes(p.clef));
      if (notes.length === 0) continue;
      answers.push(...round(student, demo, group, notes, answers, start, random));
      // From the third week on, one round a week is about places on the instrument.
      if (week >= 2 && r === 1)
        answers.push(...placeRound(student, demo, group, notes, answers, start + HOUR));
    }
  }
  return answers;
}

function round(
  student: StudentRow,
  demo: DemoStudent,
  group: GroupRow,
  notes: StaffPosition[],
  before: readonly Answer[],
  start: number,
  random: Random,
): Answer[] {
  const names = before.filter((a) => a.task === 'name');
  const states = noteStates(names, group.rules);
  const known: PracticeNote[] = notes.map((position) => ({
    position,
    state: states.get(positionId(position)) ?? NEW_NOTE,
  }));
  const asked: string[] = [];
  const answers: Answer[] = [];
  let at = start;
  for (let i = 0; i < ROUND_ANSWERS; i++) {
    const position = nextNote(
      { notes: known, asked, back: new Map(), now: at, rules: group.rules },
      random,
    );
    const id = positionId(position);
    const times = [...names, ...answers].filter((a) => positionId(a) === id).length;
    const answer = simulateAnswer(
      demo.acts,
      {
        id: `demo-${student.nameKey}-${before.length + i}`,
        position,
        key: group.key,
        source: 'drill',
        at,
        before: times,
      },
      random,
    );
    answers.push(answer);
    asked.push(id);
    at += (answer.ms ?? 0) + 700;
  }
  return answers;
}

/** A round of "find it", each note in turn. */
function placeRound(
  student: StudentRow,
  demo: DemoStudent,
  group: GroupRow,
  notes: StaffPosition[],
  before: readonly Answer[],
  start: number,
): Answer[] {
  const random = seeded(`demo places/${demo.name}/${before.length}`);
  return Array.from({ length: ROUND_ANSWERS }, (_, i) => {
    const position = notes[(i * 5 + Math.floor(random() * 2)) % notes.length]!;
    const met = before.filter((a) => a.task === 'place' && positionId(a) === positionId(position));
    const ask = {
      id: `demo-place-${student.nameKey}-${before.length + i}`,
      position,
      key: group.key,
      source: 'drill' as const,
      at: start + i * 5000,
      before: met.length,
      instrument: demo.instrument,
      among: notes,
    };
    return simulatePlace(demo.acts, ask, random);
  }).filter((a) => a !== null);
}
