/** What was typed but not yet saved is kept on the device, so that a half-marked pile is not lost. */
const PREFIX = 'lucid-marking:';

const keyOf = (code: string, student: string) => `${PREFIX}${code}:${student}`;

/** What was typed earlier for a student, exercise by exercise, and not saved; null for nothing. */
export function readDraft(code: string, student: string): string[] | null {
  const text = localStorage.getItem(keyOf(code, student));
  if (text === null) return null;
  try {
    const typed: unknown = JSON.parse(text);
    if (Array.isArray(typed) && typed.every((t) => typeof t === 'string')) return typed;
  } catch {
    // Not JSON: kept by an earlier version, which had one exercise.
  }
  return [text];
}

/** Keeps what is typed; null forgets it. */
export function keepDraft(code: string, student: string, typed: readonly string[] | null): void {
  if (typed?.some((t) => t !== ''))
    localStorage.setItem(keyOf(code, student), JSON.stringify(typed));
  else localStorage.removeItem(keyOf(code, student));
}
