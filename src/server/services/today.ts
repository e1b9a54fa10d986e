import { causeName, isKnown, likelyCauses, securityOf } from '../../core/evidence';
import { INSTRUMENTS } from '../../core/instruments';
import { nextNotes, noteOrder } from '../../core/methods';
import { parsePositionId, positionId } from '../../core/notation';
import { type GroupRow, introducedOfAll, listGroups } from '../stores/groups';
import { listSheets, type SheetSummary } from '../stores/sheets';
import { listAllStudents, type StudentRow } from '../stores/students';
import { type Knowledge, knowledgeOf } from './knowledge';
import { clefsOf } from './ladder';

/** Days without an answer after which a student is named as absent from practice. */
const IDLE_DAYS = 10;
/** Fading notes from which a student is named; one or two come back by themselves in the next round. */
const MANY_FADING = 3;
const DAY = 86_400_000;

/** Why a student needs the teacher, gravest first. */
export interface Attention {
  readonly studentId: string;
  readonly name: string;
  readonly reasons: readonly { readonly kind: ReasonKind; readonly text: string }[];
}

type ReasonKind = 'locked' | 'cause' | 'idle' | 'fading';

export interface GroupToday {
  readonly group: Pick<GroupRow, 'id' | 'name' | 'code'>;
  readonly students: number;
  readonly introduced: number;
  /** What the student in the middle knows of the introduced notes that they read. */
  readonly middle: { readonly known: number; readonly of: number };
  readonly next: readonly string[];
  readonly attention: readonly Attention[];
  readonly toMark: readonly { code: string; title: string; open: number; of: number; at: number }[];
}

/** What each of the teacher's groups needs next, at `now`. The number of queries does not grow with the groups. */
export function todayOf(teacherId: string, now: number): GroupToday[] {
  const groups = listGroups(teacherId);
  const students = listAllStudents(teacherId);
  const rules = new Map(groups.map((g) => [g.id, g.rules]));
  const knowledge = knowledgeOf(students.map((s) => ({ ...s, rules: rules.get(s.groupId)! })));
  const sheets = listSheets(
    teacherId,
    groups.map((g) => g.id),
  );
  const introduced = introducedOfAll(groups.map((g) => g.id));
  return groups.map((group) => {
    const own = students.filter((s) => s.groupId === group.id);
    const shown = introduced.get(group.id)!;
    const order = noteOrder(group.method, clefsOf(own), own[0]?.instrument, group.methodSettings);
    return {
      group: { id: group.id, name: group.name, code: group.code },
      students: own.length,
      introduced: shown.size,
      middle: middleStudent(own, knowledge, [...shown.keys()], group, now),
      next: nextNotes(order, new Set(shown.keys()), 3).map(positionId),
      attention: own.flatMap((s) => attentionFor(s, knowledge.get(s.id)!, group, now)),
      toMark: sheets.filter((s) => s.sheet.groupId === group.id).flatMap((s) => openSheet(s, own)),
    };
  });
}

/**
 * Of the student in the middle: how many of the introduced notes that their instrument
 * reads they know.
 */
function middleStudent(
  students: readonly StudentRow[],
  knowledge: ReadonlyMap<string, Knowledge>,
  ids: readonly string[],
  group: GroupRow,
  now: number,
): { known: number; of: number } {
  const counts = students.map((student) => {
    const { clefs } = INSTRUMENTS[student.instrument];
    const readable = ids.filter((id) => clefs.includes(parsePositionId(id)!.clef));
    const known = readable.filter((id) => {
      const state = knowledge.get(student.id)!.states.get(id);
      return state !== undefined && isKnown(securityOf(state, now, group.rules).security);
    });
    return { known: known.length, of: readable.length };
  });
  counts.sort((a, c) => a.known / Math.max(1, a.of) - c.known / Math.max(1, c.of));
  return counts[counts.length >> 1] ?? { known: 0, of: 0 };
}

function attentionFor(
  student: StudentRow,
  known: Knowledge,
  group: GroupRow,
  now: number,
): Attention[] {
  const reasons: Attention['reasons'][number][] = [];
  if (student.lockedUntil > now) {
    reasons.push({
      kind: 'locked',
      text: 'locked after five wrong keys: give a new key in Groups',
    });
  }
  if (known.diagnosis.verdict === 'enough') {
    for (const cause of likelyCauses(known.diagnosis).slice(0, 2)) {
      const name = causeName(cause);
      reasons.push({ kind: 'cause', text: name.charAt(0).toLowerCase() + name.slice(1) });
    }
  }
  const idle = known.lastAt === null ? 0 : Math.floor((now - known.lastAt) / DAY);
  if (idle >= IDLE_DAYS) reasons.push({ kind: 'idle', text: `no practice for ${idle} days` });
  const fading = [...known.states.values()].filter(
    (state) => securityOf(state, now, group.rules).security === 'fading',
  ).length;
  if (fading >= MANY_FADING) reasons.push({ kind: 'fading', text: `${fading} notes fading` });
  return reasons.length > 0 ? [{ studentId: student.id, name: student.name, reasons }] : [];
}

function openSheet({ sheet, copies, markings }: SheetSummary, students: readonly StudentRow[]) {
  const own = copies.some((c) => c.studentId !== null);
  const of = own ? copies.length : students.length;
  const open = of - markings.length;
  if (open <= 0) return [];
  return [
    {
      code: sheet.code,
      title: sheet.spec.title || 'Sheet',
      open,
      of,
      at: sheet.createdAt,
    },
  ];
}
