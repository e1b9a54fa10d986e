/** A value with what it was before, for undoing. */
export interface History<T> {
  readonly past: readonly T[];
  readonly now: T;
  readonly future: readonly T[];
  /** What the last change was about, and when in ms: typing goes into one step. */
  readonly last: { readonly about: string; readonly at: number } | null;
}

/** Steps kept. */
const KEPT = 100;
/** Changes of one thing within this many ms are one step. */
const ONE_STEP = 1200;

export function startHistory<T>(now: T): History<T> {
  return { past: [], now, future: [], last: null };
}

/**
 * A change; `about` names what is changed, so that typing a word is undone as a whole;
 * null for a change that is always a step of its own.
 */
export function changed<T>(
  history: History<T>,
  now: T,
  about: string | null,
  at: number,
): History<T> {
  const { last } = history;
  const same = last !== null && last.about === about && at - last.at < ONE_STEP;
  const past = same ? history.past : [...history.past, history.now].slice(-KEPT);
  return { past, now, future: [], last: about === null ? null : { about, at } };
}

export function undone<T>(history: History<T>): History<T> {
  const before = history.past.at(-1);
  if (before === undefined) return history;
  return {
    past: history.past.slice(0, -1),
    now: before,
    future: [history.now, ...history.future],
    last: null,
  };
}

export function redone<T>(history: History<T>): History<T> {
  const [next, ...future] = history.future;
  if (next === undefined) return history;
  return { past: [...history.past, history.now], now: next, future, last: null };
}
