import type { BehindAnswer, ProgressView, Week } from '../../contract/views';
import {
  type Answer,
  likelyCauses,
  median,
  type NoteSecurity,
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
  const notes: Record<string, NoteSecurity> = {};
  for (const [id, state] of known.states) notes[id] = securityOf(state, now, group.rules);
  return {
    notes,
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
      probability: c.probability,
      behind: c.answers.slice(0, BEHIND).flatMap((id) => behind(byId.get(id))),
    })),
    weighed: diagnosis.causes.map(({ id, position, probability }) => ({
      id,
      position,
      probability,
    })),
    total: log.length,
    lastAt: known.lastAt,
  };
}

function behind(answer: Answer | undefined): BehindAnswer[] {
  if (!answer) return [];
  const { id, clef, step, key, given, at, source, ms } = answer;
  return [{ id, clef, step, key, given, at, source, ms }];
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
