import { NEW_NOTE, type SecurityRules, securityOf } from '../../core/evidence';
import { INSTRUMENTS } from '../../core/instruments';
import { positionId, type StaffPosition } from '../../core/notation';
import { stripLines } from '../../core/sayings';
import { composeNames, copyCode, type SheetSpec } from '../../core/sheets';
import { type KeyPlayer, type Page, sheetPages, wayPages } from '../../engrave';
import { badInput, notFound } from '../errors';
import { type GroupRow, introducedOf } from '../stores/groups';
import { type CopyRow, createSheet, type NewCopy, type SheetRow } from '../stores/sheets';
import { listStudents, type StudentRow } from '../stores/students';
import { type Knowledge, knowledgeOf } from './knowledge';
import { settingsFor } from './methods';
import { sayingsOf } from './sayings';

/** How much a note weighs on a sheet that favours weak ones; our own figures. */
const WEIGHT = { 'not-met': 2, learning: 4, fading: 3, secure: 1, instant: 0.6 } as const;

/** Weights of positions for one student at `now`. */
export function weightsFor(
  known: Knowledge,
  positions: readonly StaffPosition[],
  rules: SecurityRules,
  now: number,
): Record<string, number> {
  return Object.fromEntries(
    positions.map((p) => {
      const id = positionId(p);
      return [id, WEIGHT[securityOf(known.states.get(id) ?? NEW_NOTE, now, rules).security]];
    }),
  );
}

/** The middle of several students' weights: what a sheet for all should favour. */
export function meanWeights(all: readonly Record<string, number>[]): Record<string, number> {
  const sum: Record<string, number> = {};
  for (const weights of all) {
    for (const [id, w] of Object.entries(weights)) sum[id] = (sum[id] ?? 0) + w / all.length;
  }
  return sum;
}

/** Makes and stores a sheet: one copy for all, or one for each student by their own evidence. */
export function makeSheet(
  teacherId: string,
  group: GroupRow,
  spec: SheetSpec,
  options: { versions: 'one' | 'each'; seed: string },
  now: number,
): { sheet: SheetRow; copies: CopyRow[] } {
  const students = listStudents(teacherId, group.id);
  const weights = studentWeights(students, spec.positions, group.rules, now);
  const copies =
    options.versions === 'one'
      ? [
          {
            studentId: null,
            copy: {
              seed: options.seed,
              weights: meanWeights([...weights.values()]),
              strip: stripLines(group.sayings, spec.positions, spec.fade ?? 'none'),
            },
          },
        ]
      : students
          .filter((s) => readable(s, spec.positions).length > 0)
          .map((s) => ownCopy(group, s, spec, options.seed, weights.get(s.id)!));
  if (copies.length === 0) {
    throw badInput(
      'Nobody in this group reads the clef of these notes. Choose notes of their clefs, or one version for all.',
    );
  }
  return createSheet(teacherId, group.id, spec, copies, now);
}

/**
 * A student's own copy leaves out the clef that their instrument does not read. The notes
 * are kept with it: a printed sheet stays as it is when the instrument changes.
 */
function ownCopy(
  group: GroupRow,
  student: StudentRow,
  spec: SheetSpec,
  seed: string,
  weights: Record<string, number>,
): NewCopy {
  const positions = readable(student, spec.positions);
  const strip = stripLines(sayingsOf(group, student), positions, spec.fade ?? 'none');
  const copy = { seed: `${seed}/${student.id}`, weights, positions, strip };
  return { studentId: student.id, copy };
}

/** Weights by student id; knowledge is worked out once for all. */
export function studentWeights(
  students: readonly StudentRow[],
  positions: readonly StaffPosition[],
  rules: SecurityRules,
  now: number,
): Map<string, Record<string, number>> {
  const knowledge = knowledgeOf(students.map((s) => ({ ...s, rules })));
  return new Map(
    students.map((s) => [s.id, weightsFor(knowledge.get(s.id)!, positions, rules, now)]),
  );
}

function readable(student: StudentRow, positions: readonly StaffPosition[]): StaffPosition[] {
  const { clefs } = INSTRUMENTS[student.instrument];
  return positions.filter((p) => clefs.includes(p.clef));
}

export interface StoredSheet {
  readonly sheet: SheetRow;
  readonly copies: readonly CopyRow[];
  readonly group: GroupRow;
}

/** Items of one copy of a stored sheet. @throws Problem 404 for a copy that was not made. */
export function itemsOf(stored: StoredSheet, number: number, students: readonly StudentRow[]) {
  const row = stored.copies.find((c) => c.number === number);
  if (!row) throw notFound(`Copy ${number} of sheet ${stored.sheet.code}`);
  const student = students.find((s) => s.id === row.studentId);
  const { positions = stored.sheet.spec.positions } = row.copy;
  const spec: SheetSpec = { ...stored.sheet.spec, positions };
  return { spec, student, items: composeNames(spec, row.copy), strip: row.copy.strip ?? [] };
}

/** Whose places a key shows: the student's, or one of each instrument of the group. */
function playersOf(student: StudentRow | undefined, students: readonly StudentRow[]): KeyPlayer[] {
  if (student) return [student];
  return [...new Map(students.map((s) => [s.instrument, s])).values()];
}

/** Pages of a stored sheet: the copies, their keys, or both, the keys at the end. */
export function pagesOf(
  stored: StoredSheet,
  students: readonly StudentRow[],
  options: { part: 'sheets' | 'key' | 'all'; copy?: number | undefined },
): Page[] {
  const numbers = stored.copies
    .map((c) => c.number)
    .filter((n) => options.copy === undefined || n === options.copy);
  if (numbers.length === 0) throw notFound(`Copy ${options.copy} of sheet ${stored.sheet.code}`);
  // What stands on a sheet is explained too, whether it was introduced or not.
  const shown = new Set([
    ...introducedOf(stored.group.id).keys(),
    ...stored.sheet.spec.positions.map(positionId),
  ]);
  const sheets: Page[] = [];
  const keys: Page[] = [];
  for (const number of numbers) {
    const { spec, items, student, strip } = itemsOf(stored, number, students);
    const print = {
      strip,
      code: copyCode(stored.sheet.code, number),
      ...(student ? { student: student.name } : {}),
    };
    if (options.part !== 'key') sheets.push(...sheetPages(spec, items, print));
    if (options.part === 'sheets') continue;
    const way = {
      method: student?.method ?? stored.group.method,
      sayings: sayingsOf(stored.group, student),
      settings: settingsFor(stored.group, student),
      known: shown,
      ...(student ? { instrument: student.instrument } : {}),
    };
    keys.push(
      ...sheetPages(spec, items, { ...print, key: true }),
      ...wayPages(spec, items, way, print, spec.keyPlaces ? playersOf(student, students) : []),
    );
  }
  return [...sheets, ...keys];
}
