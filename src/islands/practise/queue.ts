import type { SentAnswer } from '../../contract/answers';

/**
 * Answers wait on the device until the server says that they are on its disk. Nothing is
 * taken out before that, so neither a lost connection nor an ended session loses one.
 */
const PREFIX = 'lucid-answers:';
/** Most answers in one request; the server takes no more. */
const BATCH = 200;

const keyOf = (student: string) => PREFIX + student;

function read(student: string): SentAnswer[] {
  try {
    return JSON.parse(localStorage.getItem(keyOf(student)) ?? '[]') as SentAnswer[];
  } catch {
    return [];
  }
}

function write(student: string, answers: readonly SentAnswer[]): void {
  if (answers.length === 0) localStorage.removeItem(keyOf(student));
  else localStorage.setItem(keyOf(student), JSON.stringify(answers));
}

/** How many answers of a student wait on this device. */
export function waiting(student: string): number {
  return read(student).length;
}

/** Adds an answer to the student's queue. */
export function enqueue(student: string, answer: SentAnswer): void {
  write(student, [...read(student), answer]);
}

export type Flushed = 'sent' | 'offline' | 'signed-out' | 'refused';

let sending = false;

/** Sends what waits, oldest first. Runs once at a time; a second call while one runs does nothing. */
export async function flush(student: string): Promise<Flushed> {
  if (sending) return 'sent';
  sending = true;
  try {
    for (
      let batch = read(student).slice(0, BATCH);
      batch.length > 0;
      batch = read(student).slice(0, BATCH)
    ) {
      const response = await fetch('/api/student/answers', {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ answers: batch }),
        keepalive: batch.length < 50,
      });
      if (response.status === 401 || response.status === 404) return 'signed-out';
      if (!response.ok) return 'refused';
      const { stored } = (await response.json()) as { stored: string[] };
      const done = new Set(stored);
      write(
        student,
        read(student).filter((a) => !done.has(a.id)),
      );
    }
    return 'sent';
  } catch {
    return 'offline';
  } finally {
    sending = false;
  }
}
