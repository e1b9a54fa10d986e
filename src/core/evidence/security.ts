import { FSRSAlgorithm, type FSRSState, type Grade, generatorParameters } from 'ts-fsrs';
import { positionId } from '../notation';
import { DEFAULT_RULES, type SecurityRules } from './rules';
import type { Answer, Security } from './types';

const DAY = 86_400_000;
const fsrs = new FSRSAlgorithm(generatorParameters({ enable_fuzz: false }));

/** What is remembered of one note's answers; enough to judge it and to add one more answer. */
export interface NoteState {
  /** Newest answers last, at most the rules' window. */
  readonly recent: readonly { readonly correct: boolean; readonly ms: number | null }[];
  readonly total: number;
  readonly right: number;
  readonly memory: FSRSState | null;
  readonly lastAt: number | null;
}

/** A note's security with the figures it rests on. */
export interface NoteSecurity {
  readonly security: Security;
  /** Share right among the recent answers, 0–1; null without answers. */
  readonly accuracy: number | null;
  /** Median time of the recent right answers in ms; null when none was timed. */
  readonly medianMs: number | null;
  /** Estimated chance of recall now, 0–1; null without answers. */
  readonly recall: number | null;
  readonly total: number;
  readonly lastAt: number | null;
}

export const NEW_NOTE: NoteState = { recent: [], total: 0, right: 0, memory: null, lastAt: null };

/**
 * The forgetting model's grade, from right or wrong and time alone: 1 wrong, 2 right but
 * slow or with a hint, 3 right (also on paper, without time), 4 right at once.
 */
export function gradeOf(
  answer: Pick<Answer, 'correct' | 'ms' | 'hints'>,
  rules: SecurityRules,
): Grade {
  if (!answer.correct) return 1;
  if (answer.hints > 0 || (answer.ms !== null && answer.ms > rules.slowMs)) return 2;
  return answer.ms !== null && answer.ms <= rules.instantMs ? 4 : 3;
}

/** A note's state after one more answer. Answers must come in order of time. */
export function addAnswer(
  state: NoteState,
  answer: Pick<Answer, 'correct' | 'ms' | 'hints' | 'at'>,
  rules: SecurityRules = DEFAULT_RULES,
): NoteState {
  const days = state.lastAt === null ? 0 : Math.max(0, (answer.at - state.lastAt) / DAY);
  const memory = fsrs.next_state(state.memory, Math.floor(days), gradeOf(answer, rules));
  const one = { correct: answer.correct && answer.hints === 0, ms: answer.ms };
  return {
    recent: [...state.recent, one].slice(-rules.window),
    total: state.total + 1,
    right: state.right + (answer.correct ? 1 : 0),
    memory,
    lastAt: Math.max(answer.at, state.lastAt ?? 0),
  };
}

/**
 * States per position of one student's answers with the given task, in order of time.
 * Keyed by {@link positionId}.
 */
export function noteStates(
  answers: readonly Answer[],
  rules: SecurityRules = DEFAULT_RULES,
): Map<string, NoteState> {
  const states = new Map<string, NoteState>();
  for (const answer of answers) {
    const id = positionId(answer);
    states.set(id, addAnswer(states.get(id) ?? NEW_NOTE, answer, rules));
  }
  return states;
}

/**
 * How secure a note is at the time `now` (ms since 1970):
 * not met without answers; learning with fewer than `minAnswers` or an accuracy below
 * `secureAccuracy`; otherwise secure, or instant when fast enough; fading when it was
 * either but the estimated recall has dropped below `fadingRecall`.
 */
export function securityOf(
  state: NoteState,
  now: number,
  rules: SecurityRules = DEFAULT_RULES,
): NoteSecurity {
  const { recent, total, lastAt } = state;
  const accuracy = recent.length ? recent.filter((r) => r.correct).length / recent.length : null;
  const times = recent.filter((r) => r.correct && r.ms !== null).map((r) => r.ms!);
  const medianMs = times.length ? median(times) : null;
  const recall = recallAt(state, now, rules);
  let security: Security = 'learning';
  if (accuracy === null) security = 'not-met';
  else if (total >= rules.minAnswers && accuracy >= rules.secureAccuracy) {
    const fast =
      accuracy >= rules.instantAccuracy &&
      times.length >= rules.minTimed &&
      medianMs !== null &&
      medianMs <= rules.instantMs;
    security = fast ? 'instant' : 'secure';
    if (recall !== null && recall < rules.fadingRecall) security = 'fading';
  }
  return { security, accuracy, medianMs, recall, total, lastAt };
}

/** Estimated chance of recall at `now`, 0–1, by the FSRS forgetting curve; null without answers. */
export function recallAt(state: NoteState, now: number, rules: SecurityRules): number | null {
  if (!state.memory || state.lastAt === null) return null;
  const days = Math.max(0, (now - state.lastAt) / DAY);
  return fsrs.forgetting_curve(days, Math.max(0.1, state.memory.stability * rules.memoryPace));
}

/** Middle value; the mean of the two middle ones for an even count. Not for an empty list. */
export function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  const mid = sorted.length >> 1;
  return sorted.length % 2 ? sorted[mid]! : (sorted[mid - 1]! + sorted[mid]!) / 2;
}

/** Whether a security counts as known: the note can be used without its explanation. */
export function isKnown(security: Security): boolean {
  return security === 'secure' || security === 'instant';
}
