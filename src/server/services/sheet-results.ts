import type { SheetResultView } from '../../contract/views';
import { type Answer, causeName, diagnose, likelyCauses } from '../../core/evidence';
import { positionId, type StaffPosition } from '../../core/notation';
import {
  evidenceOf,
  followUp,
  isRightMark,
  type Question,
  questionsOf,
  type SheetCopy,
} from '../../core/sheets';
import { badInput } from '../errors';
import { answersOf } from '../stores/answers';
import { createSheet, isMarked, type MarkingRow, markingsOf, type NewCopy } from '../stores/sheets';
import type { StudentRow } from '../stores/students';
import { shortcomings } from './copies';
import { concernedBy } from './marking-kit';
import { composedCopy, type StoredSheet } from './sheets';
import { studentWeights } from './weights';

/** Newest answers weighed together with a sheet's own when asking why. */
const RECENT = 60;

/** What one marked copy came to, with the notes that it asked. */
export interface SheetResult extends SheetResultView {
  readonly asked: readonly StaffPosition[];
}

/** Results of every marked copy, with what the answers make likely. */
export function resultsOf(stored: StoredSheet, students: readonly StudentRow[]): SheetResult[] {
  const markings = markingsOf(stored.sheet.code);
  const marked = concernedBy(stored, students).filter((s) => {
    const row = markings.get(s.id);
    return row !== undefined && isMarked(row);
  });
  const log = answersOf({ students: marked.map((s) => s.id) });
  return marked.map((s) => resultOf(stored, students, s, markings.get(s.id)!, log.get(s.id) ?? []));
}

function resultOf(
  stored: StoredSheet,
  students: readonly StudentRow[],
  student: StudentRow,
  row: MarkingRow,
  log: readonly Answer[],
): SheetResult {
  const { sections } = composedCopy(stored, row.number, students);
  const questions = questionsOf(sections);
  const marks = questions.map((q, i) => {
    const given = row.given[i] ?? null;
    return { given, correct: isRightMark(q, given) };
  });
  const about = questions.flatMap((q, i) => evidenceOf(q, marks[i]!) ?? []);
  const player = { instrument: student.instrument, second: student.secondInstrument };
  const own = log.filter((a) => a.id.startsWith(`sheet-${stored.sheet.code}-`));
  const earlier = log.filter((a) => !own.includes(a)).slice(-RECENT);
  const causes = about.some((a) => !a.correct)
    ? likelyCauses(diagnose([...earlier, ...own], player)).filter((c) => c.id !== 'counting')
    : [];
  return {
    studentId: student.id,
    right: marks.filter((m) => m.correct).length,
    of: questions.length,
    quiz: quizResult(
      sections.flatMap((s) => s.figures),
      questions,
      marks,
    ),
    causes: causes.map((c) => ({ id: c.id, name: causeName(c) })),
    wrong: distinct(about.filter((a) => !a.correct)),
    asked: distinct(about),
  };
}

function quizResult(
  figures: ReturnType<typeof composedCopy>['sections'][number]['figures'],
  questions: readonly Question[],
  marks: readonly { correct: boolean }[],
): SheetResult['quiz'] {
  const quiz = figures.find((f) => f.type === 'quiz');
  if (quiz?.type !== 'quiz') return null;
  const points = questions.reduce((n, q, i) => n + (marks[i]!.correct ? (q.points ?? 0) : 0), 0);
  return { points, of: quiz.points, passed: points >= quiz.pass };
}

function distinct(items: readonly StaffPosition[]): StaffPosition[] {
  return [
    ...new Map(
      items.map(({ clef, step }) => [positionId({ clef, step }), { clef, step }]),
    ).values(),
  ];
}

/**
 * A sheet for exactly what went wrong: for each student whose copy is marked, exercises
 * against their likely misreadings and the notes they missed.
 * @throws Problem 400 when no copy is marked.
 */
export function makeFollowUp(
  teacherId: string,
  stored: StoredSheet,
  students: readonly StudentRow[],
  seed: string,
  now: number,
) {
  const results = resultsOf(stored, students).filter((r) => r.asked.length > 0);
  if (results.length === 0) {
    throw badInput('Mark at least one copy first: the next sheet is made from what went wrong.');
  }
  const { spec } = stored.sheet;
  const { rules } = stored.group;
  const weights = studentWeights(
    students,
    results.flatMap((r) => r.asked),
    rules,
    now,
  );
  const copies = results.map((result): NewCopy => {
    const student = students.find((s) => s.id === result.studentId)!;
    const next = followUp({ ...result, causes: result.causes.map((c) => c.id), key: spec.key });
    const copy: SheetCopy = {
      seed: `${seed}/${student.id}`,
      weights: weights.get(student.id)!,
      positions: next.positions,
      sections: next.sections,
      causes: result.causes.map((c) => ({ id: c.id, weight: 1 })),
      instrument: student.instrument,
      leftHanded: student.leftHanded,
    };
    return { studentId: student.id, copy };
  });
  const title = `Once more: ${spec.title}`.slice(0, 300);
  const next = {
    ...spec,
    title,
    instructions: '',
    fade: 'none',
    positions: distinct(results.flatMap((r) => r.asked)),
    sections: copies[0]!.copy.sections!,
  } as const;
  const notices = shortcomings({ group: stored.group, students }, next, copies);
  return { ...createSheet(teacherId, stored.group.id, next, copies, now), notices };
}
