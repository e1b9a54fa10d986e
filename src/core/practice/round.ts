import { median } from '../evidence';

/** A round ends after this many notes or this long, whichever comes first. */
export const ROUND = { notes: 20, ms: 120_000 } as const;

export interface RoundAnswer {
  readonly position: string;
  readonly correct: boolean;
  readonly ms: number;
}

export interface RoundSummary {
  readonly asked: number;
  readonly right: number;
  /** Middle time of the right answers in ms; null when none was right. */
  readonly medianMs: number | null;
  /** Positions that were wrong at least once, most often first. */
  readonly again: readonly string[];
}

/** What a round showed, plainly. */
export function summarise(answers: readonly RoundAnswer[]): RoundSummary {
  const right = answers.filter((a) => a.correct);
  const wrong = new Map<string, number>();
  for (const a of answers) {
    if (!a.correct) wrong.set(a.position, (wrong.get(a.position) ?? 0) + 1);
  }
  return {
    asked: answers.length,
    right: right.length,
    medianMs: right.length > 0 ? median(right.map((a) => a.ms)) : null,
    again: [...wrong].sort((a, b) => b[1] - a[1]).map(([id]) => id),
  };
}

/** Whether a round is over. `startedAt` and `now` in ms. */
export function roundOver(asked: number, startedAt: number, now: number): boolean {
  return asked >= ROUND.notes || now - startedAt >= ROUND.ms;
}
