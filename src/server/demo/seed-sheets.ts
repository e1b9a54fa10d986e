import { parsePositionId } from '../../core/notation';
import { type SimulatedStudent, simulateAnswer } from '../../core/plan';
import { type Random, seeded } from '../../core/random';
import type { Question, SheetSpec } from '../../core/sheets';
import { usualInstrument } from '../services/copies';
import { markSheet } from '../services/marking';
import { composedCopy, makeSheet } from '../services/sheets';
import type { GroupRow } from '../stores/groups';
import { getSheet, setHands } from '../stores/sheets';
import type { StudentRow } from '../stores/students';
import type { DemoGroup } from './scenario';
import { DEMO_SHEET, DEMO_WARM_UP } from './sheets';

const DAY = 86_400_000;

/** A sheet of last week, marked for most, and one of three days ago that waits. */
export function seedSheets(
  teacherId: string,
  group: GroupRow,
  demo: DemoGroup,
  students: StudentRow[],
  introduced: ReadonlyMap<string, number>,
  now: number,
): void {
  if (students.length < 2) return;
  const positions = [...introduced.keys()].map((id) => parsePositionId(id)!);
  const { key, naming, terms } = group;
  const instrument = usualInstrument(students);
  const spec: SheetSpec = { ...DEMO_SHEET, version: 2, positions, key, naming, terms, instrument };
  const options = { versions: 'each', seed: `${demo.name} 1` } as const;
  const last = makeSheet(teacherId, group, spec, options, now - 6 * DAY);
  const stored = getSheet(teacherId, last.sheet.code);
  const ids = students.map((s) => s.id);
  setHands(last.sheet.code, ids, { givenAt: now - 6 * DAY });
  const random = seeded(`demo sheets/${demo.name}`);
  for (const student of students.slice(0, -1)) {
    const copy = stored.copies.find((c) => c.studentId === student.id)?.number;
    const acts = demo.students.find((s) => s.name === student.name);
    if (copy === undefined || !acts || (acts.lastPractice ?? 0) > 6) continue;
    const { sections } = composedCopy(stored, copy, students);
    const typed = sections.map((s) =>
      s.questions.map((q) => writtenBy(acts.acts, q, random)).join(' '),
    );
    const at = now - 5 * DAY;
    markSheet(stored, students, { studentId: student.id, copy, typed, at }, at);
  }
  const next = makeSheet(
    teacherId,
    group,
    { ...spec, ...DEMO_WARM_UP },
    { versions: 'one', seed: `${demo.name} 2` },
    now - 3 * DAY,
  );
  setHands(next.sheet.code, ids, { givenAt: now - 3 * DAY });
}

/** Share of answers other than names that a demo student has right. */
const OTHERS_RIGHT = 0.85;

/** What a student writes for a question of a sheet, as it is keyed in. */
function writtenBy(acts: SimulatedStudent, question: Question, random: Random): string {
  const { entry, evidence, answer, label } = question;
  if (evidence?.task !== 'name') return random() < OTHERS_RIGHT ? answer : '-';
  const ask = { id: 'x', position: evidence.item, key: evidence.item.key, at: 0, before: 40 };
  const given = simulateAnswer(acts, { ...ask, source: 'sheet' }, random).given ?? '-';
  return entry === 'correction' && given === label ? '.' : given;
}
