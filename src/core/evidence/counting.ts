import { positionId } from '../notation';
import { sayingPlace } from '../sayings';
import type { Answer } from './types';

/** Figures of the counting test; our own, tuned on simulated students. */
const COUNTING = {
  /** Newest answers looked at. */
  newest: 120,
  /** Fewer timed right answers than this say nothing. */
  minAnswers: 12,
  /** Growth a word that could be counting, in ms: saying a word in the head takes about this long. */
  minSlope: 250,
  /** Times above this, in ms, were spent on something else. */
  maxMs: 20_000,
  prior: 0.1,
} as const;

interface Timed {
  readonly id: string;
  /** Words along the saying: 0 is the bottom. */
  readonly words: number;
  /** Class of how often the note had been answered before: half-steps of powers of two. */
  readonly practice: number;
  readonly ms: number;
}

/**
 * Whether a student counts through the saying instead of recalling: right answers take
 * longer the further the note lies along its saying. Notes higher up are often younger,
 * and young notes are slow for everybody; so only answers to notes met about equally
 * often are compared with each other: a straight line along the saying against none
 * (Bayesian information criterion). `log` is a student's whole log, in order of time.
 */
export function countingEvidence(log: readonly Answer[]): {
  probability: number;
  answers: string[];
} {
  const timed = timedAnswers(log).slice(-COUNTING.newest);
  if (timed.length < COUNTING.minAnswers) return { probability: COUNTING.prior, answers: [] };
  const without = withinClasses(timed, (t) => t.ms);
  const words = withinClasses(timed, (t) => t.words);
  const sww = dot(words, words);
  const slope = sww < 1e-9 ? 0 : dot(words, without) / sww;
  const before = dot(without, without);
  const after = before - slope * slope * sww;
  if (slope < COUNTING.minSlope || after <= 0) return { probability: 0.02, answers: [] };
  const n = timed.length;
  const logFactor = (n / 2) * Math.log(before / after) - Math.log(n) / 2;
  const odds = Math.exp(Math.min(logFactor, 50)) * (COUNTING.prior / (1 - COUNTING.prior));
  const far = timed.filter((t) => t.words >= 2).sort((a, b) => b.ms - a.ms);
  return { probability: odds / (1 + odds), answers: far.slice(0, 12).map((t) => t.id) };
}

function timedAnswers(log: readonly Answer[]): Timed[] {
  const met = new Map<string, number>();
  return log.flatMap((a) => {
    const id = positionId(a);
    const before = met.get(id) ?? 0;
    met.set(id, before + 1);
    const place = sayingPlace(a);
    if (!place || !a.correct || a.ms === null || a.ms > COUNTING.maxMs) return [];
    return [
      { id: a.id, words: place.index, practice: Math.floor(2 * Math.log2(1 + before)), ms: a.ms },
    ];
  });
}

/** Each value less the mean of its class of practice. */
function withinClasses(timed: readonly Timed[], value: (t: Timed) => number): number[] {
  const sums = new Map<number, { sum: number; n: number }>();
  for (const t of timed) {
    const { sum, n } = sums.get(t.practice) ?? { sum: 0, n: 0 };
    sums.set(t.practice, { sum: sum + value(t), n: n + 1 });
  }
  return timed.map((t) => value(t) - sums.get(t.practice)!.sum / sums.get(t.practice)!.n);
}

function dot(a: readonly number[], b: readonly number[]): number {
  return a.reduce((s, v, i) => s + v * b[i]!, 0);
}
