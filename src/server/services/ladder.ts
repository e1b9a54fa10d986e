import type { LadderView, StudentNote } from '../../contract/views';
import { isKnown, NEW_NOTE, securityOf } from '../../core/evidence';
import { INSTRUMENTS } from '../../core/instruments';
import { nextNotes, noteOrder } from '../../core/methods';
import {
  CLEF_IDS,
  type ClefId,
  grandRungs,
  parsePositionId,
  positionId,
} from '../../core/notation';
import type { GroupRow } from '../stores/groups';
import { listIntroduced } from '../stores/groups';
import { listStudents, type StudentRow } from '../stores/students';
import { knowledgeOf } from './knowledge';

/** Share of a note's students who know it, 0–1, as the rail shows it. */
export type Shares = Readonly<Record<string, number>>;

/** How many notes are suggested next. */
const NEXT = 3;

/** Clefs that a group's students read on their instruments, treble first. */
export function clefsOf(students: readonly Pick<StudentRow, 'instrument'>[]): ClefId[] {
  const read = new Set(students.flatMap((s) => INSTRUMENTS[s.instrument].clefs));
  return read.size === 0 ? CLEF_IDS : CLEF_IDS.filter((c) => read.has(c));
}

/** Everything the ladder shows of a group at `now`. */
export function ladderOf(teacherId: string, group: GroupRow, now: number): LadderView {
  const students = listStudents(teacherId, group.id);
  const knowledge = knowledgeOf(students.map((s) => ({ ...s, rules: group.rules })));
  const introduced = listIntroduced(teacherId, group.id);
  const notes: Record<string, StudentNote[]> = {};
  for (const id of positionsToShow(introduced, [...knowledge.values()])) {
    const clef = parsePositionId(id)!.clef;
    notes[id] = students
      .filter((s) => INSTRUMENTS[s.instrument].clefs.includes(clef))
      .map((s) => {
        const state = knowledge.get(s.id)!.states.get(id) ?? NEW_NOTE;
        const { security, accuracy, medianMs } = securityOf(state, now, group.rules);
        return { id: s.id, security, accuracy, medianMs };
      });
  }
  const clefs = clefsOf(students);
  const order = noteOrder(group.method, clefs, students[0]?.instrument, group.methodSettings);
  return {
    students: students.map(({ id, name, instrument, secondInstrument, leftHanded, method }) => ({
      id,
      name,
      instrument,
      secondInstrument,
      leftHanded,
      method,
    })),
    notes,
    introduced: [...introduced.keys()],
    next: nextNotes(order, new Set(introduced.keys()), NEXT).map(positionId),
    clefs,
  };
}

function positionsToShow(
  introduced: ReadonlyMap<string, number>,
  knowledge: readonly { states: ReadonlyMap<string, unknown> }[],
): Set<string> {
  const rail = grandRungs().flatMap((r) => r.positions.map(positionId));
  return new Set([
    ...rail,
    ...introduced.keys(),
    ...knowledge.flatMap((k) => [...k.states.keys()]),
  ]);
}

/** For the rail: which share of the students knows each note that anybody has met. */
export function sharesOf(ladder: LadderView): Shares {
  const shares: Record<string, number> = {};
  for (const [id, list] of Object.entries(ladder.notes)) {
    const met = list.some((s) => s.security !== 'not-met');
    if (met) shares[id] = list.filter((s) => isKnown(s.security)).length / list.length;
  }
  return shares;
}
