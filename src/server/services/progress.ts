import type { BehindAnswer, ProgressView, Week } from '../../contract/views';
import {
  type Answer,
  likelyCauses,
  median,
  type NoteSecurity,
  type NoteState,
  rulesFor,
  type SecurityRules,
  securityOf,
} from '../../core/evidence';
import { answersOf } from '../stores/answers';
import type { GroupRow } from '../stores/groups';
import type { StudentRow } from '../stores/students';
import { knowledgeOf } from './knowledge';

const WEEK = 7 * 86_400_000;
/** Weeks shown on the chart. */
const WEEKS = 8;

/** Most answers shown behind one cause. */
const BEHIND = 12;

/** One student's knowledge, weeks and misreadings at `now`. The caller has checked the student. */
export function progressOf(student: StudentRow, group: GroupRow, now: number): ProgressView {
  const known = knowledgeOf([{ ...student, rules: group.rules }]).get(student.id)!;
  const log = answersOf({ students: [student.id] }).get(student.id) ?? [];
  const byId = new Map(log.map((a) => [a.id, a]));
  const { diagnosis } = known;
  return {
    notes: securities(known.states, group.rules, now),
    instrument: student.instrument,
    places: securities(known.places, rulesFor('place', group.rules), now),
    weeks: weeksOf(log, now),
    diagnosis: {
      verdict: diagnosis.verdict,
      ask: diagnosis.ask,
      answers: diagnosis.answers,
      wrong: diagnosis.wrong,
    },
    causes: likelyCauses(diagnosis).map((c) => ({
      id: c.id,
      position: c.position,
      instrument: c.instrument,
      probability: c.probability,
      behind: c.answers.slice(0, BEHIND).flatMap((id) => behind(byId.get(id))),
    })),
    weighed: diagnosis.causes.map(({ id, position, instrument, probability }) => ({
      id,
      position,
      instrument,
      probability,
    })),
    total: log.length,
    lastAt: known.lastAt,
  };
}

function securities(
  states: ReadonlyMap<string, NoteState>,
  rules: SecurityRules,
  now: number,
): Record<string, NoteSecurity> {
  return Object.fromEntries([...states].map(([id, state]) => [id, securityOf(state, now, rules)]));
}

function behind(answer: Answer | undefined): BehindAnswer[] {
  if (!answer) return [];
  const { id, task, clef, step, key, given, at, source, ms, instrument } = answer;
  return [{ id, task, clef, step, key, given, at, source, ms, instrument }];
}

function weeksOf(log: readonly Answer[], now: number): Week[] {
  return Array.from({ length: WEEKS }, (_, i) => {
    const from = now - (WEEKS - i) * WEEK;
    const inWeek = log.filter((a) => a.at > from && a.at <= from + WEEK);
    const right = inWeek.filter((a) => a.correct);
    const timed = right.flatMap((a) => (a.ms === null ? [] : [a.ms]));
    return {
      from,
      answers: inWeek.length,
      accuracy: inWeek.length > 0 ? right.length / inWeek.length : null,
      medianMs: timed.length > 0 ? median(timed) : null,
    };
  });
}
