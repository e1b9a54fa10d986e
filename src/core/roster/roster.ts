import Papa from 'papaparse';
import { INSTRUMENTS, type InstrumentId } from '../instruments';
import { METHODS, type MethodId } from '../methods';

export interface RosterRow {
  readonly name: string;
  readonly instrument: InstrumentId;
  readonly secondInstrument?: InstrumentId | null;
  readonly leftHanded?: boolean;
  /** null: the group's. */
  readonly method: MethodId | null;
}

export type Roster =
  | { readonly ok: true; readonly rows: readonly RosterRow[] }
  | { readonly ok: false; readonly reason: string };

export const ROSTER_LIMITS = { name: 40, students: 60 } as const;

/** Heads of the columns that are understood, in small letters. */
const NAME_HEADS = ['name', 'first name', 'student', 'pupil'];
const KNOWN_HEADS = [...NAME_HEADS, 'instrument', 'method', 'second instrument', 'left-handed'];

const YES = ['yes', 'y', 'true', '1', 'x', 'left'];
const NO = ['', 'no', 'n', 'false', '0', 'right'];

/** A name without case, accents and spaces: two names that a child would type alike are the same. */
export function nameKeyOf(name: string): string {
  return name
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, '');
}

/** What is wrong with a student's name, in a sentence, or null. */
export function nameProblem(name: string): string | null {
  if (nameKeyOf(name) === '') return 'A name needs at least one letter.';
  if (name.length > ROSTER_LIMITS.name) {
    return `“${name.slice(0, 20)}…” is too long: a first name or initials, up to ${ROSTER_LIMITS.name} letters.`;
  }
  return /[<>{}\\]|\p{Cc}/u.test(name)
    ? `“${name}” has signs that do not belong in a name. Use letters, spaces, hyphens and full stops.`
    : null;
}

/**
 * Reads a typed or pasted list of students: one name a line, or CSV with a head line that
 * has a column `name` and may have `instrument`, `second instrument`, `left-handed` (yes
 * or no) and `method`. Separators , ; and tab.
 * `fallback` is the instrument of students without one.
 */
export function parseRoster(text: string, fallback: InstrumentId = 'none'): Roster {
  const clean = text.replace(/^\uFEFF/, '');
  if (clean.includes('\uFFFD') || clean.includes('\0')) {
    return no('Some letters could not be read. Save the file as “CSV UTF-8” and choose it again.');
  }
  const parsed = Papa.parse<string[]>(clean.trim(), { skipEmptyLines: 'greedy' });
  const lines = parsed.data.map((cells) => cells.map((c) => c.trim()));
  if (lines.length === 0) return no('There is no name yet. Write one student on each line.');
  const head = lines[0]!.map((c) => c.toLowerCase());
  const hasHead = head.some((c) => KNOWN_HEADS.includes(c));
  const columns = Math.max(...lines.map((l) => l.length));
  if (!hasHead && columns > 1) {
    return no(
      `The first line has the columns ${lines[0]!.slice(0, 5).join(', ')}. One column must be called “name”; “instrument”, “second instrument”, “left-handed” and “method” are optional.`,
    );
  }
  const nameColumn = hasHead ? head.findIndex((c) => NAME_HEADS.includes(c)) : 0;
  if (nameColumn < 0) return no('No column is called “name”. Rename the one with the first names.');
  const at = {
    name: nameColumn,
    instrument: head.indexOf('instrument'),
    method: head.indexOf('method'),
    second: head.indexOf('second instrument'),
    left: head.indexOf('left-handed'),
  };
  return readRows(
    lines.slice(hasHead ? 1 : 0),
    hasHead ? at : { name: 0, instrument: -1, method: -1, second: -1, left: -1 },
    fallback,
  );
}

function readRows(
  lines: readonly string[][],
  at: { name: number; instrument: number; method: number; second: number; left: number },
  fallback: InstrumentId,
): Roster {
  if (lines.length === 0) return no('The list has a head line but no students.');
  if (lines.length > ROSTER_LIMITS.students) {
    return no(
      `The list has ${lines.length} students; a group holds up to ${ROSTER_LIMITS.students}. Split it into two groups.`,
    );
  }
  const rows: RosterRow[] = [];
  const seen = new Map<string, number>();
  for (const [i, cells] of lines.entries()) {
    const name = (cells[at.name] ?? '').replace(/\s+/g, ' ');
    const problem = nameProblem(name);
    if (problem) return no(`Line ${i + 1}: ${problem}`);
    const key = nameKeyOf(name);
    const before = seen.get(key);
    if (before !== undefined) {
      return no(
        `${name} is on line ${before} and on line ${i + 1}. If they are two children, add an initial, such as ${name} B.`,
      );
    }
    seen.set(key, i + 1);
    const instrument = find(INSTRUMENTS, cells[at.instrument], fallback);
    const method = find(METHODS, cells[at.method], null);
    if (instrument === undefined)
      return no(unknown(i, 'instrument', cells[at.instrument]!, INSTRUMENTS));
    if (method === undefined) return no(unknown(i, 'method', cells[at.method]!, METHODS));
    const second = find(INSTRUMENTS, cells[at.second], null);
    if (second === undefined) {
      return no(unknown(i, 'instrument', cells[at.second]!, INSTRUMENTS));
    }
    const left = (cells[at.left] ?? '').toLowerCase();
    if (![...YES, ...NO].includes(left)) {
      return no(`Line ${i + 1}: “${left.slice(0, 20)}” says neither yes nor no to left-handed.`);
    }
    const secondInstrument = second === 'none' || second === instrument ? null : second;
    rows.push({ name, instrument, secondInstrument, leftHanded: YES.includes(left), method });
  }
  return { ok: true, rows };
}

/** Finds a row of a table by id or name; the fallback for an empty cell; undefined for an unknown one. */
function find<Id extends string, F>(
  table: Readonly<Record<Id, { id: Id; name: string }>>,
  cell: string | undefined,
  fallback: F,
): Id | F | undefined {
  if (!cell) return fallback;
  const wanted = nameKeyOf(cell);
  const rows = Object.values(table) as { id: Id; name: string }[];
  return rows.find((r) => nameKeyOf(r.id) === wanted || nameKeyOf(r.name) === wanted)?.id;
}

function unknown(
  line: number,
  what: string,
  cell: string,
  table: Record<string, { name: string }>,
): string {
  const names = Object.values(table).map((r) => r.name);
  return `Line ${line + 1}: no ${what} is called “${cell.slice(0, 30)}”. Use one of: ${names.join(', ')}.`;
}

function no(reason: string): Roster {
  return { ok: false, reason };
}
