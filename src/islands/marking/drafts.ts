/** Letters typed but not yet saved are kept on the device, so that a half-marked pile is not lost. */
const PREFIX = 'lucid-marking:';

const keyOf = (code: string, student: string) => `${PREFIX}${code}:${student}`;

/** Letters typed earlier for a student and not saved, or empty. */
export function readDraft(code: string, student: string): string {
  return localStorage.getItem(keyOf(code, student)) ?? '';
}

/** Keeps typed letters; empty ones are forgotten. */
export function keepDraft(code: string, student: string, typed: string): void {
  if (typed) localStorage.setItem(keyOf(code, student), typed);
  else localStorage.removeItem(keyOf(code, student));
}
