/** A source of numbers from 0 up to but not including 1. */
export type Random = () => number;

/**
 * A seeded generator: the same seed gives the same numbers on every machine. Source:
 * the mulberry32 mixing function, seeded by an FNV-1a hash of the text.
 */
export function seeded(seed: string): Random {
  let state = 0x811c9dc5;
  for (let i = 0; i < seed.length; i++) {
    state = Math.imul(state ^ seed.charCodeAt(i), 0x01000193);
  }
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296;
  };
}

/** One entry of a list with a chance in proportion to its weight. Weights ≥ 0, not all 0; the list must not be empty. */
export function pickWeighted<T>(
  items: readonly T[],
  weight: (item: T) => number,
  random: Random,
): T {
  const weights = items.map(weight);
  let at = random() * weights.reduce((a, b) => a + b, 0);
  for (let i = 0; i < items.length; i++) {
    at -= weights[i]!;
    if (at < 0) return items[i]!;
  }
  return items[items.length - 1]!;
}

/** The same entries in another order; the list itself is left as it is. */
export function shuffled<T>(items: readonly T[], random: Random): T[] {
  const rest = [...items];
  for (let i = rest.length - 1; i > 0; i--) {
    const j = Math.floor(random() * (i + 1));
    [rest[i], rest[j]] = [rest[j]!, rest[i]!];
  }
  return rest;
}
