import { CLEFS, letterAt, positionId, type StaffPosition } from '../notation';
import { pickWeighted, type Random } from '../random';
import type { Wishes } from './spec';

export interface ChooseFrom {
  readonly positions: readonly StaffPosition[];
  readonly wishes: Pick<Wishes, 'count' | 'clefs' | 'order' | 'weakFirst'>;
  /** Position id → weight ≥ 0; absent ones weigh 1. */
  readonly weights?: Readonly<Record<string, number>> | undefined;
  /** Ids in the order of teaching, for notes introduced in order. */
  readonly taught?: readonly string[] | undefined;
  readonly random: Random;
}

export interface Chosen {
  readonly notes: readonly StaffPosition[];
  /** Wishes that could not be met, each with the reason. */
  readonly notices: readonly string[];
}

/** Lightest weight, so that no chosen note disappears. */
const LIGHTEST = 0.05;
/** Notes between two confusable ones that are to be kept apart. */
const APART = 2;
/** How much more often than the others a note may have come when a pair is wanted side by side. */
const SLACK = 1;
/** Share of the items by which every taught note has come in, so that the last is asked more than once. */
const ALL_IN = 0.7;

/**
 * Chooses which notes a section asks. Every note comes before any comes again (as far as
 * the count goes), weighted ones more often; none twice in a row unless it is the only
 * one; confusable ones as wished. `positions` must not be empty. The same arguments give
 * the same notes for ever.
 */
export function chooseNotes(from: ChooseFrom): Chosen {
  const { positions, wishes, weights, random } = from;
  const weight = (p: StaffPosition) =>
    wishes.weakFirst ? Math.max(LIGHTEST, weights?.[positionId(p)] ?? 1) : 1;
  const one = { weight, order: wishes.order, random, taught: from.taught };
  const notes = parts(positions, wishes, weight).flatMap(({ part, count }) =>
    wishes.order === 'taught' ? inOrder(part, count, one) : block(part, count, one),
  );
  return { notes, notices: unmet(from, notes) };
}

/** Two notes that beginners take for each other. */
export function confusable(a: StaffPosition, b: StaffPosition): boolean {
  if (a.clef !== b.clef) return a.step === b.step;
  const distance = Math.abs(a.step - b.step);
  // Neighbours, a line or space further, counted from the other end, or the same letter.
  return (
    distance === 1 ||
    distance === 2 ||
    (distance > 0 && (a.step + b.step === 8 || letterAt(a) === letterAt(b)))
  );
}

type Weight = (position: StaffPosition) => number;
interface Choosing {
  readonly weight: Weight;
  readonly order: Wishes['order'];
  readonly random: Random;
  readonly taught: readonly string[] | undefined;
}

/** Clefs in blocks share the count by the weight of their notes, treble first. */
function parts(
  positions: readonly StaffPosition[],
  { clefs, count }: Pick<Wishes, 'clefs' | 'count'>,
  weight: Weight,
) {
  const treble = positions.filter((p) => p.clef === 'treble');
  const bass = positions.filter((p) => p.clef === 'bass');
  if (clefs === 'mixed' || treble.length === 0 || bass.length === 0) {
    return [{ part: positions, count }];
  }
  const share = total(treble, weight) / total(positions, weight);
  const first = Math.max(1, Math.min(count - 1, Math.round(count * share)));
  return [
    { part: treble, count: first },
    { part: bass, count: count - first },
  ];
}

function total(positions: readonly StaffPosition[], weight: Weight): number {
  return positions.reduce((sum, p) => sum + weight(p), 0);
}

function block(
  positions: readonly StaffPosition[],
  count: number,
  { weight, order, random }: Choosing,
): StaffPosition[] {
  const used = new Map<StaffPosition, number>();
  const chosen: StaffPosition[] = [];
  while (chosen.length < count) {
    const others = positions.filter((p) => p !== chosen.at(-1));
    const from = others.length > 0 ? others : positions;
    // Even cover: what a note has had so far, measured against its weight, decides who may come.
    const load = (p: StaffPosition) => (used.get(p) ?? 0) / weight(p);
    const least = Math.min(...from.map(load));
    const even = from.filter((p) => load(p) <= least + 1e-9);
    const next = pickWeighted(preferred(from, even, chosen, load, order), weight, random);
    used.set(next, (used.get(next) ?? 0) + 1);
    chosen.push(next);
  }
  return chosen;
}

/** Of the notes that may come, those that the wished order prefers; all when none fits. */
function preferred(
  from: readonly StaffPosition[],
  even: readonly StaffPosition[],
  chosen: readonly StaffPosition[],
  load: Weight,
  order: Wishes['order'],
): readonly StaffPosition[] {
  const last = chosen.at(-1);
  if (!last || order === 'any' || order === 'taught') return even;
  if (order === 'close') {
    // Pairs: after an odd one out comes one that is taken for it.
    if (chosen.length % 2 === 0) return even;
    const least = Math.min(...even.map(load));
    const near = from.filter((p) => confusable(p, last));
    const soon = near.filter((p) => load(p) <= least + SLACK);
    return soon.length > 0 ? soon : even;
  }
  const recent = chosen.slice(-APART);
  const clear = (p: StaffPosition) => recent.every((r) => r !== p && !confusable(p, r));
  const best = even.filter(clear);
  if (best.length > 0) return best;
  const wider = from.filter((p) => clear(p) && load(p) <= Math.min(...even.map(load)) + SLACK);
  return wider.length > 0 ? wider : even;
}

/** New notes join one after another in the order of teaching; each is asked as it comes in. */
function inOrder(
  positions: readonly StaffPosition[],
  count: number,
  { weight, random, taught = [] }: Choosing,
): StaffPosition[] {
  const rank = new Map(taught.map((id, i) => [id, i]));
  const at = (p: StaffPosition) => rank.get(positionId(p)) ?? taught.length;
  const ordered = [...positions].sort((a, b) => at(a) - at(b));
  const chosen: StaffPosition[] = [];
  const used = new Map<StaffPosition, number>();
  let met = 0;
  while (chosen.length < count) {
    const reached = (chosen.length * ordered.length) / Math.max(1, count * ALL_IN);
    const due = Math.min(ordered.length, Math.max(2, Math.floor(reached) + 1));
    let next: StaffPosition;
    if (met < due) next = ordered[met++]!;
    else {
      const known = ordered.slice(0, met);
      const others = known.filter((p) => p !== chosen.at(-1));
      const from = others.length > 0 ? others : known;
      const load = (p: StaffPosition) => (used.get(p) ?? 0) / weight(p);
      const least = Math.min(...from.map(load));
      next = pickWeighted(
        from.filter((p) => load(p) <= least + 1e-9),
        weight,
        random,
      );
    }
    used.set(next, (used.get(next) ?? 0) + 1);
    chosen.push(next);
  }
  return chosen;
}

const many = (n: number, what: string) => `${n} ${what}${n === 1 ? '' : 's'}`;

/** Which wishes the chosen notes do not meet, and why. */
function unmet({ positions, wishes, weights }: ChooseFrom, notes: readonly StaffPosition[]) {
  const found: string[] = [];
  const ids = new Set(notes.map(positionId));
  const missing = positions.filter((p) => !ids.has(positionId(p))).length;
  if (missing > 0) {
    const why =
      notes.length < positions.length
        ? `there are only ${many(notes.length, 'item')} for ${many(positions.length, 'note')}`
        : 'the weak notes take their places';
    found.push(`${many(missing, 'chosen note')} will not come: ${why}.`);
  }
  if (notes.some((p, i) => i > 0 && positionId(p) === positionId(notes[i - 1]!))) {
    found.push('A note comes twice in a row: there is no other to put between.');
  }
  const clefs = new Set(positions.map((p) => p.clef));
  if (wishes.clefs === 'mixed' && clefs.size < 2) {
    const [only] = clefs;
    found.push(`Clefs cannot change: all chosen notes are in the ${CLEFS[only!].name}.`);
  }
  if (wishes.weakFirst && new Set(positions.map((p) => weights?.[positionId(p)] ?? 1)).size < 2) {
    found.push('No note is weaker than another yet, so all come about equally often.');
  }
  return [...found, ...orderUnmet(wishes.order, notes)];
}

function orderUnmet(order: Wishes['order'], notes: readonly StaffPosition[]): string[] {
  if (order === 'close') {
    const pairs = Math.floor(notes.length / 2);
    const made = Array.from({ length: pairs }, (_, i) =>
      confusable(notes[2 * i]!, notes[2 * i + 1]!),
    ).filter(Boolean).length;
    if (made === pairs) return [];
    return [
      `Only ${made} of ${many(pairs, 'pair')} of similar notes could be put side by side: the others have no similar note among those chosen.`,
    ];
  }
  if (order !== 'apart') return [];
  const close = notes.filter((p, i) =>
    notes.slice(Math.max(0, i - APART), i).some((q) => confusable(p, q)),
  ).length;
  if (close === 0) return [];
  return [
    `Similar notes could not all be kept apart (${many(close, 'time')} they are near): too few of the chosen notes differ enough.`,
  ];
}
