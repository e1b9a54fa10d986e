import { likelyCauses } from '../../core/evidence';
import type { InstrumentId } from '../../core/instruments';
import type { StaffPosition } from '../../core/notation';
import {
  type CopyClass,
  type CopyOwner,
  composeSheet,
  ownCopy,
  type SheetSpec,
  sharedCopy,
  VERSION_LABELS,
  type WeighedCause,
} from '../../core/sheets';
import { badInput } from '../errors';
import { type GroupRow, introducedOf } from '../stores/groups';
import type { NewCopy } from '../stores/sheets';
import type { StudentRow } from '../stores/students';
import { knowledgeOf } from './knowledge';
import { sayingsOf } from './sayings';
import { meanWeights, studentWeights } from './weights';

export type Versions = 'one' | 'abc' | 'each';

/** What a sheet's copies are made from besides its spec. */
export interface Class {
  readonly group: GroupRow;
  readonly students: readonly StudentRow[];
}

/** The copies of a sheet: one for all, three that differ in order, or one for each student. */
export function copiesFor(
  own: Class,
  spec: SheetSpec,
  { versions, seed }: { versions: Versions; seed: string },
  now: number,
): NewCopy[] {
  const { all, owners } = copyFacts(own, spec.positions, now);
  switch (versions) {
    case 'one':
      return [{ studentId: null, copy: sharedCopy(spec, all, seed) }];
    case 'abc':
      return VERSION_LABELS.map((label) => ({
        studentId: null,
        copy: sharedCopy(spec, all, seed, label),
      }));
    case 'each':
      return owners.flatMap((owner) => {
        const copy = ownCopy(spec, owner, all.taught, seed);
        return copy ? [{ studentId: owner.id, copy }] : [];
      });
  }
}

/** What copies are made from, for the preview too, so that what is seen is what is printed. */
export function copyFacts(
  { group, students }: Class,
  positions: readonly StaffPosition[],
  now: number,
): { all: CopyClass; owners: CopyOwner[] } {
  const weights = studentWeights(students, positions, group.rules, now);
  const causes = causesOf(students, group);
  const taught = [...introducedOf(group.id)].sort((a, b) => a[1] - b[1]).map(([id]) => id);
  return {
    all: {
      weights: meanWeights([...weights.values()]),
      causes: summed([...causes.values()].flat()),
      taught,
      sayings: group.sayings,
    },
    owners: students.map((s) => ({
      id: s.id,
      instrument: s.instrument,
      leftHanded: s.leftHanded,
      weights: weights.get(s.id)!,
      causes: causes.get(s.id)!,
      sayings: sayingsOf(group, s),
    })),
  };
}

/** Likely misreadings of each student, weighed by how sure they are. */
function causesOf(
  students: readonly StudentRow[],
  { rules }: Pick<GroupRow, 'rules'>,
): Map<string, WeighedCause[]> {
  const knowledge = knowledgeOf(students.map((s) => ({ ...s, rules })));
  return new Map(
    students.map((s) => [
      s.id,
      likelyCauses(knowledge.get(s.id)!.diagnosis).map(({ id, probability }) => ({
        id,
        weight: probability,
      })),
    ]),
  );
}

/** The misreadings of a whole group: each as heavy as all who have it together. */
function summed(all: readonly WeighedCause[]): WeighedCause[] {
  const sum = new Map<WeighedCause['id'], number>();
  for (const { id, weight } of all) sum.set(id, (sum.get(id) ?? 0) + weight);
  return [...sum].map(([id, weight]) => ({ id, weight }));
}

/** The instrument that most students play, for a sheet for all; the first of the list when there is a tie. */
export function usualInstrument(students: readonly StudentRow[]): InstrumentId {
  const count = (id: InstrumentId) => students.filter((s) => s.instrument === id).length;
  const ids = students.map((s) => s.instrument);
  return ids.sort((a, b) => count(b) - count(a))[0] ?? 'none';
}

/**
 * What the copies could not be given, by exercise, each reason once with the names of
 * those it is about.
 * @throws Problem 400 when nobody would have anything to do.
 */
export function shortcomings(
  { students }: Class,
  spec: SheetSpec,
  copies: readonly NewCopy[],
): string[] {
  if (copies.length === 0) {
    throw badInput(
      'Nobody in this group reads the clef of these notes. Choose notes of their clefs, or one version for all.',
    );
  }
  const found = new Map<string, string[]>();
  let some = false;
  for (const { studentId, copy } of copies) {
    const name = students.find((s) => s.id === studentId)?.name;
    for (const { kind, empty } of composeSheet(spec, copy)) {
      some ||= empty === null;
      if (empty === null) continue;
      const text = `${kind.name} is left out: ${empty}`;
      found.set(text, [...(found.get(text) ?? []), ...(name ? [name] : [])]);
    }
  }
  if (!some) throw badInput([...found.keys()].join(' '));
  return [...found].map(([text, names]) =>
    names.length > 0 ? `${names.join(', ')}: ${text}` : text,
  );
}
