import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import type { Answer } from '@/core/evidence';
import { report, time } from './measure';

const BATCHES = 60;
const BATCH = 20;

const answers = (run: string, batch: number): Answer[] =>
  Array.from({ length: BATCH }, (_, i) => ({
    id: `answer-${run}-${batch}-${i}`,
    clef: 'treble',
    step: 2,
    key: 0,
    accidental: null,
    task: 'name',
    given: 'G',
    correct: true,
    ms: 1200,
    hints: 0,
    source: 'drill',
    at: 1e12,
  }));

/** Answers stored per second, against bare inserts of the same rows at the same durability. */
export async function benchStore(): Promise<void> {
  process.env.DATA_DIR = mkdtempSync(join(tmpdir(), 'lucid-bench-'));
  const { createTeacher } = await import('@/server/auth');
  const { createGroup } = await import('@/server/stores/groups');
  const { addStudents } = await import('@/server/stores/students');
  const { storeAnswers } = await import('@/server/stores/answers');
  const { db } = await import('@/server/db');
  const teacher = await createTeacher({
    name: 'T',
    email: 't@example.org',
    password: 'a long enough password',
  });
  const group = createGroup(
    teacher,
    { name: 'G', method: 'landmarks', key: 0, terms: 'US', naming: 'letters' },
    1,
  );
  const [student] = addStudents(
    teacher,
    group.id,
    [{ name: 'Ada', instrument: 'keyboard', method: null }],
    1,
  );

  const schema = db()
    .$client.prepare("select sql from sqlite_master where name = 'answer'")
    .pluck()
    .get() as string;
  const bare = new Database(join(process.env.DATA_DIR, 'bare.db'));
  bare.pragma('journal_mode = WAL');
  bare.pragma('synchronous = FULL');
  bare.exec(
    schema.replace(/,\s*FOREIGN KEY[^,]*?ON DELETE cascade|,\s*FOREIGN KEY.*?cascade/s, ''),
  );
  const columns = [
    'student_id',
    'id',
    'position',
    'key',
    'accidental',
    'task',
    'given',
    'correct',
    'ms',
    'hints',
    'source',
    'at',
  ];
  const insert = bare.prepare(
    `insert into answer (${columns.join(',')}) values (${columns.map(() => '?').join(',')})`,
  );
  const insertAll = bare.transaction((rows: unknown[][]) => {
    for (const row of rows) insert.run(...row);
  });

  let run = 0;
  const stored = await time(5, () => {
    run++;
    for (let b = 0; b < BATCHES; b++) storeAnswers(student!.id, answers(`s${run}`, b));
  });
  const baseline = await time(5, () => {
    run++;
    for (let b = 0; b < BATCHES; b++) {
      insertAll(
        answers(`b${run}`, b).map((a) => [
          student!.id,
          a.id,
          't2',
          0,
          null,
          'name',
          'G',
          1,
          1200,
          0,
          'drill',
          a.at,
        ]),
      );
    }
  });
  const rate = (ms: number) => Math.round((BATCHES * BATCH * 1000) / ms);
  report(
    `answers stored, ${BATCH} a request`,
    `${rate(stored)} per second`,
    `${((baseline / stored) * 100).toFixed(0)} % of bare inserts (${rate(baseline)})`,
  );
}
