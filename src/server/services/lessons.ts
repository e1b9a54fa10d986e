import { introducedOf } from '../stores/groups';

const DAY = 86_400_000;
/** Lessons offered: a term's. */
const SHOWN = 12;

/**
 * Notes by the day on which they were introduced, newest first: only these are printed
 * when a set of cards grows. The caller has checked whose group it is.
 */
export function lessonsOf(groupId: string): { at: number; notes: string[] }[] {
  const days = new Map<number, { at: number; notes: string[] }>();
  for (const [id, at] of introducedOf(groupId)) {
    const lesson = days.get(Math.floor(at / DAY)) ?? { at, notes: [] };
    lesson.notes.push(id);
    days.set(Math.floor(at / DAY), lesson);
  }
  return [...days.values()].sort((a, b) => b.at - a.at).slice(0, SHOWN);
}
