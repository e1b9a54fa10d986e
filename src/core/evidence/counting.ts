import { sayingPlace } from '../sayings';
import type { Answer } from './types';

/** Figures of the counting test; our own, tuned on simulated students. */
const COUNTING = {
  /** Fewer timed right answers than this say nothing. */
  minAnswers: 12,
  /** Growth a word that could be counting, in ms: saying a word in the head takes about this long. */
  minSlope: 250,
  /** Times above this, in ms, were spent on something else. */
  maxMs: 20_000,
  prior: 0.1,
} as const;

/**
 * Whether a student counts through the saying instead of recalling: right answers take
 * longer the further the note lies along its saying. Compares a straight line through
 * the times with a constant (Bayesian information criterion).
 */
export function countingEvidence(answers: readonly Answer[]): {
  probability: number;
  answers: string[];
} {
  const timed = answers.flatMap((a) => {
    const place = sayingPlace(a);
    if (!place || !a.correct || a.ms === null || a.ms > COUNTING.maxMs) return [];
    return [{ id: a.id, x: place.index, y: a.ms }];
  });
  if (timed.length < COUNTING.minAnswers) return { probability: COUNTING.prior, answers: [] };
  const fit = line(timed);
  if (fit.slope < COUNTING.minSlope || fit.rest <= 0) return { probability: 0.02, answers: [] };
  const n = timed.length;
  const logFactor = (n / 2) * Math.log(fit.total / fit.rest) - Math.log(n) / 2;
  const odds = Math.exp(Math.min(logFactor, 50)) * (COUNTING.prior / (1 - COUNTING.prior));
  const far = timed.filter((t) => t.x >= 2).sort((a, b) => b.y - a.y);
  return { probability: odds / (1 + odds), answers: far.slice(0, 12).map((t) => t.id) };
}

/** Least squares: slope, squared error about the mean and about the line. */
function line(points: readonly { x: number; y: number }[]) {
  const n = points.length;
  const mx = points.reduce((s, p) => s + p.x, 0) / n;
  const my = points.reduce((s, p) => s + p.y, 0) / n;
  let sxx = 0;
  let sxy = 0;
  let total = 0;
  for (const { x, y } of points) {
    sxx += (x - mx) ** 2;
    sxy += (x - mx) * (y - my);
    total += (y - my) ** 2;
  }
  const slope = sxx === 0 ? 0 : sxy / sxx;
  return { slope, total, rest: total - slope * sxy };
}
