import { NEW_NOTE, type SecurityRules, securityOf } from '../../core/evidence';
import { positionId, type StaffPosition } from '../../core/notation';
import type { StudentRow } from '../stores/students';
import { type Knowledge, knowledgeOf } from './knowledge';

/** How much a note weighs on a sheet that favours weak ones; our own figures. */
const WEIGHT = { 'not-met': 2, learning: 4, fading: 3, secure: 1, instant: 0.6 } as const;

/** Weights of positions for one student at `now`. */
function weightsFor(
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
