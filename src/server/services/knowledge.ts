import {
  type Answer,
  type Diagnosis,
  diagnose,
  type NoteState,
  noteStates,
  rulesFor,
  type SecurityRules,
  type Task,
} from '../../core/evidence';
import type { InstrumentId } from '../../core/instruments';
import { answersOf, logVersions } from '../stores/answers';

/** What a student's log says. */
export interface Knowledge {
  /** By position id; only answers to "name". */
  readonly states: ReadonlyMap<string, NoteState>;
  /** The same for places on the student's present instrument, shown and read back. */
  readonly places: ReadonlyMap<string, NoteState>;
  readonly writes: ReadonlyMap<string, NoteState>;
  readonly diagnosis: Diagnosis;
  readonly total: number;
  readonly lastAt: number | null;
}

/** Students whose knowledge is kept in memory; a large school has about this many. */
const CACHE_SIZE = 2000;
const cache = new Map<string, { version: string; knowledge: Knowledge }>();

/** Whose knowledge is asked, with the figures of their group. */
export interface Knower {
  readonly id: string;
  readonly rules: SecurityRules;
  readonly instrument: InstrumentId;
  readonly secondInstrument: InstrumentId | null;
}

/**
 * What is known about students, each with their group's figures. Worked out again only
 * for those whose log has grown. The caller has checked that they may be read.
 */
export function knowledgeOf(students: readonly Knower[]): Map<string, Knowledge> {
  const versions = logVersions({ students: students.map((s) => s.id) });
  const versionOf = (s: Knower) =>
    `${versions.get(s.id)}|${Object.values(s.rules).join(',')}|${s.instrument}|${s.secondInstrument}`;
  const stale = students.filter((s) => cache.get(s.id)?.version !== versionOf(s));
  const logs = answersOf({ students: stale.map((s) => s.id) });
  if (cache.size + stale.length > CACHE_SIZE) cache.clear();
  for (const s of stale) {
    cache.set(s.id, { version: versionOf(s), knowledge: workOut(logs.get(s.id) ?? [], s) });
  }
  return new Map(students.map((s) => [s.id, cache.get(s.id)?.knowledge ?? workOut([], s)]));
}

function workOut(log: readonly Answer[], knower: Knower): Knowledge {
  const { rules, instrument, secondInstrument } = knower;
  const own = (task: Task) => log.filter((a) => a.task === task && isOn(a, instrument));
  return {
    states: noteStates(own('name'), rules),
    places: noteStates(own('place'), rulesFor('place', rules)),
    writes: noteStates(own('write'), rulesFor('write', rules)),
    diagnosis: diagnose(log, { instrument, second: secondInstrument }),
    total: log.length,
    lastAt: log.at(-1)?.at ?? null,
  };
}

/** Places of an instrument that the student no longer plays say nothing about the present one. */
function isOn(answer: Answer, instrument: InstrumentId): boolean {
  return answer.task === 'name' || answer.instrument === instrument;
}
