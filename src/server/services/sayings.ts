import Papa from 'papaparse';
import type { OfferView, SayingsView } from '../../contract/views';
import { seeded } from '../../core/random';
import { byTarget, type OwnSayings, sayingText, type Words, withOwn } from '../../core/sayings';
import { allTargets, checkSaying, type SayingTarget, wordsOf } from '../../core/workshop';
import { badInput } from '../errors';
import type { GroupRow } from '../stores/groups';
import { listOffers, type OfferRow, putSaying, sayingHistory } from '../stores/sayings';
import { listStudents, type StudentRow } from '../stores/students';

/** The sayings that a student uses: their own, and the group's for the rest. */
export function sayingsOf(group: GroupRow, student?: StudentRow) {
  return student ? withOwn(group.sayings, student.sayings) : group.sayings;
}

/** Words of a text that may be used. @throws Problem 400 with the first thing that is wrong. */
export function usableWords(text: string, target: SayingTarget): Words {
  const issues = checkSaying(text, target, seeded(target.id));
  const wrong = issues.find((i) => i.weight === 'wrong');
  if (wrong) throw badInput(wrong.message);
  return wordsOf(text);
}

/** A group's sayings by target, strings too. */
export function groupSayings(group: GroupRow): OwnSayings {
  return { ...byTarget(group.sayings), ...group.stringSayings };
}

/** Everything that the Sayings view shows. */
export function sayingsView(teacherId: string, group: GroupRow): SayingsView {
  const students = listStudents(teacherId, group.id);
  const names = new Map(students.map((s) => [s.id, s.name]));
  return {
    sayings: groupSayings(group),
    students: students.map(({ id, name, instrument, sayings }) => ({
      id,
      name,
      instrument,
      own: sayings,
    })),
    offers: listOffers(teacherId, group.id).map((o) => offerView(o, names)),
    history: sayingHistory(teacherId, group.id).map(({ target, words, studentId, at }) => ({
      target,
      words,
      student: studentId ? (names.get(studentId) ?? null) : null,
      at,
    })),
  };
}

/** An offer as views show it. */
export function offerView(row: OfferRow, names: ReadonlyMap<string, string>): OfferView {
  const { id, target, words, state, reply, hands, at, studentId } = row;
  const student = studentId ? { id: studentId, name: names.get(studentId) ?? '' } : null;
  return { id, target, words, student, state, reply, hands, at };
}

/** A group's sayings, and the students' own, as rows of a table. */
export function sayingRows(teacherId: string, group: GroupRow) {
  const row =
    (student: string) =>
    ([target, words]: [string, Words]) => ({
      target,
      saying: sayingText(words),
      student,
    });
  const own = listStudents(teacherId, group.id).flatMap((s) =>
    Object.entries(s.sayings).map(row(s.name)),
  );
  return [...Object.entries(groupSayings(group)).map(row('')), ...own];
}

interface FileRow {
  target?: unknown;
  saying?: unknown;
  student?: unknown;
}

/**
 * Reads sayings from the text of a CSV or JSON file with `target`, `saying` and, for a
 * student's own, `student`; puts all of them into use, or none.
 * @throws Problem 400 that names the line and what would be right.
 */
export function importSayings(
  teacherId: string,
  group: GroupRow,
  text: string,
  now: number,
): number {
  const rows = readRows(text);
  const targets = new Map(allTargets().map((t) => [t.id, t]));
  const students = new Map(
    listStudents(teacherId, group.id).map((s) => [s.name.toLowerCase(), s.id]),
  );
  const ready = rows.map((row, i) => {
    const line = `Saying ${i + 1}`;
    const target = targets.get(String(row.target ?? '').trim());
    if (!target) {
      throw badInput(
        `${line}: “${String(row.target ?? '').slice(0, 30)}” is nothing to make a saying for. Use ${[...targets.keys()].slice(0, 4).join(', ')} or strings-guitar.`,
      );
    }
    const name = String(row.student ?? '').trim();
    const studentId = name === '' ? null : students.get(name.toLowerCase());
    if (studentId === undefined)
      throw badInput(`${line}: nobody here is called “${name.slice(0, 30)}”.`);
    const issue = checkSaying(String(row.saying ?? ''), target, seeded('import')).find(
      (x) => x.weight === 'wrong',
    );
    if (issue) throw badInput(`${line}: ${issue.message}`);
    return { target, words: wordsOf(String(row.saying ?? '')), studentId };
  });
  for (const one of ready) putSaying(teacherId, group.id, one, now);
  return ready.length;
}

function readRows(text: string): FileRow[] {
  const clean = text.replace(/^\uFEFF/, '').trim();
  const rows = clean === '' ? [] : /^[[{]/.test(clean) ? fromJson(clean) : fromCsv(clean);
  if (rows.length === 0) throw badInput('There is no saying in this file.');
  if (rows.length > 500) throw badInput('The file has more than 500 sayings. Split it.');
  return rows;
}

function fromJson(text: string): FileRow[] {
  try {
    const data: unknown = JSON.parse(text);
    if (Array.isArray(data) && data.every((r) => r !== null && typeof r === 'object')) return data;
  } catch {
    // Said below: whatever is wrong, the same would be right.
  }
  throw badInput(
    'This is not a list of sayings: [{"target": "treble-lines", "saying": "…"}] would be right.',
  );
}

function fromCsv(text: string): FileRow[] {
  const { data, meta } = Papa.parse<FileRow>(text, { header: true, skipEmptyLines: 'greedy' });
  if (!meta.fields?.includes('target') || !meta.fields.includes('saying')) {
    throw badInput(
      'The first line must have the columns “target” and “saying”; “student” is optional.',
    );
  }
  return data;
}
