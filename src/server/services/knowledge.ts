import {
  type Answer,
  type Diagnosis,
  diagnose,
  type NoteState,
  noteStates,
  type SecurityRules,
} from '../../core/evidence';
import { answersOf, logVersions } from '../stores/answers';

/** What a student's log says. */
export interface Knowledge {
  /** By position id; only answers to "name". */
  readonly states: ReadonlyMap<string, NoteState>;
  readonly diagnosis: Diagnosis;
  readonly total: number;
  readonly lastAt: number | null;
}

/** Students whose knowledge is kept in memory; a large school has about this many. */
const CACHE_SIZE = 2000;
const cache = new Map<string, { version: string; knowledge: Knowledge }>();

/**
 * What is known about students, each with their group's figures. Worked out again only
 * for those whose log has grown. The caller has checked that they may be read.
 */
export function knowledgeOf(
  students: readonly { readonly id: string; readonly rules: SecurityRules }[],
): Map<string, Knowledge> {
  const versions = logVersions({ students: students.map((s) => s.id) });
  const versionOf = (s: { id: string; rules: SecurityRules }) =>
    `${versions.get(s.id)}|${Object.values(s.rules).join(',')}`;
  const stale = students.filter((s) => cache.get(s.id)?.version !== versionOf(s));
  const logs = answersOf({ students: stale.map((s) => s.id) });
  if (cache.size + stale.length > CACHE_SIZE) cache.clear();
  for (const s of stale) {
    cache.set(s.id, { version: versionOf(s), knowledge: workOut(logs.get(s.id) ?? [], s.rules) });
  }
  return new Map(students.map((s) => [s.id, cache.get(s.id)?.knowledge ?? workOut([], s.rules)]));
}

function workOut(log: readonly Answer[], rules: SecurityRules): Knowledge {
  const names = log.filter((a) => a.task === 'name');
  return {
    states: noteStates(names, rules),
    diagnosis: diagnose(names),
    total: log.length,
    lastAt: log.at(-1)?.at ?? null,
  };
}
