import type { Task } from './types';

/**
 * Figures by which security is judged. A group can change them. They are this product's
 * own judgement, to be checked against practice: five seconds a note is counting (see
 * the misreading "counting"), and a note read in time while playing needs about two.
 */
export interface SecurityRules {
  /** How many of the newest answers count towards accuracy and time. 4–30. */
  readonly window: number;
  /** Fewer answers than this is always "learning". 2–window. */
  readonly minAnswers: number;
  /** Share right from which a note is secure, 0–1. */
  readonly secureAccuracy: number;
  /** Share right from which it can be instant, 0–1. */
  readonly instantAccuracy: number;
  /** Median time of right answers, in ms, up to which it is instant. 500–10,000. */
  readonly instantMs: number;
  /** A right answer slower than this, in ms, is graded as hard. 1,000–30,000. */
  readonly slowMs: number;
  /** Timed right answers needed before "instant" can be said. */
  readonly minTimed: number;
  /** Chance of recall below which a known note is fading, 0–1. */
  readonly fadingRecall: number;
  /**
   * Factor on the forgetting model's memory stability, 0–1. Beginners of 6 to 12 forget
   * faster between weekly lessons than the adults the model's defaults were fitted to.
   */
  readonly memoryPace: number;
}

/** Factor on the times of answers that take several touches: a fingering, a note put on a staff. */
const TOUCHES = 1.6;

/** The figures for a task: places and written notes are given more time than names. Our own judgement. */
export function rulesFor(task: Task, rules: SecurityRules): SecurityRules {
  if (task === 'name') return rules;
  const { instantMs, slowMs } = rules;
  return { ...rules, instantMs: instantMs * TOUCHES, slowMs: slowMs * TOUCHES };
}

export const DEFAULT_RULES: SecurityRules = {
  window: 8,
  minAnswers: 4,
  secureAccuracy: 0.8,
  instantAccuracy: 0.87,
  instantMs: 2500,
  slowMs: 4500,
  minTimed: 3,
  fadingRecall: 0.9,
  memoryPace: 0.3,
};
