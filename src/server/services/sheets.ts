import { positionId } from '../../core/notation';
import { composeSheet, copyCode, type SheetSpec } from '../../core/sheets';
import { type KeyPlayer, type Page, sheetPages, wayPages } from '../../engrave';
import { badInput, notFound } from '../errors';
import { type GroupRow, introducedOf } from '../stores/groups';
import { type CopyRow, createSheet, type SheetRow } from '../stores/sheets';
import { listStudents, type StudentRow } from '../stores/students';
import { copiesFor, shortcomings, type Versions } from './copies';
import { settingsFor } from './methods';
import { sayingsOf } from './sayings';

/**
 * Makes and stores a sheet with its copies; `notices` says what some copies could not be
 * given. What a copy is made from is kept with it: a printed sheet stays as it is when
 * evidence, sayings or instruments change.
 * @throws Problem 400 when nobody would have anything to do.
 */
export function makeSheet(
  teacherId: string,
  group: GroupRow,
  spec: SheetSpec,
  options: { versions: Versions; seed: string },
  now: number,
): { sheet: SheetRow; copies: CopyRow[]; notices: string[] } {
  const own = { group, students: listStudents(teacherId, group.id) };
  const copies = copiesFor(own, spec, options, now);
  const notices = shortcomings(own, spec, copies);
  return { ...createSheet(teacherId, group.id, spec, copies, now), notices };
}

export interface StoredSheet {
  readonly sheet: SheetRow;
  readonly copies: readonly CopyRow[];
  readonly group: GroupRow;
}

/** One copy of a stored sheet, composed. @throws Problem 404 for a copy that was not made. */
export function composedCopy(stored: StoredSheet, number: number, students: readonly StudentRow[]) {
  const row = stored.copies.find((c) => c.number === number);
  if (!row) throw notFound(`Copy ${number} of sheet ${stored.sheet.code}`);
  const student = students.find((s) => s.id === row.studentId);
  const { spec } = stored.sheet;
  return { spec, row, student, sections: composeSheet(spec, row.copy) };
}

/** Whose places a key shows: the student's, or one of each instrument of the group. */
function playersOf(student: StudentRow | undefined, students: readonly StudentRow[]): KeyPlayer[] {
  if (student) return [student];
  return [...new Map(students.map((s) => [s.instrument, s])).values()];
}

export interface Printing {
  readonly part: 'sheets' | 'key' | 'all';
  readonly copy?: number | undefined;
  /** How often each copy is printed; keys once. */
  readonly times?: number;
}

/** Most pages of sheets in one file: two reams of paper. */
const MOST_PAGES = 1000;

/** Pages of a stored sheet: the copies, their keys, or both, the keys at the end. */
export function pagesOf(
  stored: StoredSheet,
  students: readonly StudentRow[],
  { part, copy, times = 1 }: Printing,
): Page[] {
  const numbers = stored.copies
    .map((c) => c.number)
    .filter((n) => copy === undefined || n === copy);
  if (numbers.length === 0) throw notFound(`Copy ${copy} of sheet ${stored.sheet.code}`);
  const sheets: Page[] = [];
  const keys: Page[] = [];
  for (const number of numbers) {
    const composed = composedCopy(stored, number, students);
    const { spec, sections, student, row } = composed;
    const print = {
      code: copyCode(stored.sheet.code, number),
      strip: row.copy.strip ?? [],
      ...(row.copy.label ? { label: row.copy.label } : {}),
      ...(student ? { student: student.name } : {}),
    };
    if (part !== 'key') {
      const pages = sheetPages(spec, sections, print);
      if (sheets.length + pages.length * times > MOST_PAGES) {
        throw badInput(
          `That is more than ${MOST_PAGES} pages at once. Print fewer copies of each, or one copy at a time.`,
        );
      }
      for (let i = 0; i < times; i++) sheets.push(...pages);
    }
    if (part === 'sheets') continue;
    keys.push(
      ...sheetPages(spec, sections, { ...print, key: true }),
      ...checkPages(stored, students, composed, print.code),
    );
  }
  return [...sheets, ...keys];
}

/** How a helper checks one copy. */
function checkPages(
  { sheet, group }: StoredSheet,
  students: readonly StudentRow[],
  { spec, sections, student }: ReturnType<typeof composedCopy>,
  code: string,
): Page[] {
  const way = {
    method: student?.method ?? group.method,
    sayings: sayingsOf(group, student),
    settings: settingsFor(group, student),
    // What stands on a sheet is explained too, whether it was introduced or not.
    known: new Set([...introducedOf(group.id).keys(), ...sheet.spec.positions.map(positionId)]),
    ...(student ? { instrument: student.instrument } : {}),
  };
  const players = spec.keyPlaces ? playersOf(student, students) : [];
  return wayPages(spec, sections, way, { code }, players);
}
