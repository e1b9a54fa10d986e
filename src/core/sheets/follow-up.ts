import type { CauseId } from '../evidence';
import { type KeySignature, positionId, type StaffPosition } from '../notation';
import { confusable } from './choose';
import type { KindId } from './kind-ids';
import { newSection } from './section';
import type { SectionSpec } from './spec';

/** What one marked copy said: the notes that went wrong, and why they probably did. */
export interface Result {
  readonly wrong: readonly StaffPosition[];
  readonly causes: readonly CauseId[];
  /** The notes that its sheet asked. */
  readonly asked: readonly StaffPosition[];
  readonly key: KeySignature;
}

export interface FollowUp {
  readonly positions: readonly StaffPosition[];
  readonly sections: readonly SectionSpec[];
  readonly title: string;
}

type Part = readonly [KindId, Parameters<typeof newSection>[2]];

/** What helps against each misreading; our own choice of exercises. */
const HELPS: Readonly<Partial<Record<CauseId, readonly Part[]>>> = {
  clef: [['mixed-clefs', { count: 12 }]],
  'from-top': [['line-space', { count: 10, options: { number: true } }]],
  'step-up': [['line-space', { count: 10, options: { number: false } }]],
  'step-down': [['line-space', { count: 10, options: { number: false } }]],
  'third-up': [['steps', { count: 6 }]],
  'third-down': [['steps', { count: 6 }]],
  'sayings-swapped': [['line-space', { count: 10, options: { number: true } }]],
  'alphabet-backwards': [['fill-gap', { count: 4, options: { way: 'down', length: 5 } }]],
  'letter-reversal': [['two-of-a-letter', { count: 4 }]],
  'wrong-finger': [['where', { count: 8 }]],
  'other-instrument': [['where', { count: 8 }]],
  guessing: [['draw-five', { count: 3, options: { heads: 'whole' } }]],
  'note-missing': [['draw-five', { count: 2, options: { heads: 'whole' } }]],
};
/** Most kinds of misreading that one sheet takes up. */
const CAUSES_AT_ONCE = 2;
/** Fewest notes: a note alone is named without being read. */
const FEWEST = 4;
/** Of one clef: fewer would only come in turn. */
const FEWEST_OF_CLEF = 3;

/**
 * A sheet for exactly what went wrong on a copy: exercises against its likely
 * misreadings, then the wrong notes among those that are taken for them. A copy without
 * mistakes is asked its notes once more, in another order.
 */
export function followUp({ wrong, causes, asked, key }: Result): FollowUp {
  const helps = causes
    .flatMap((c) => (HELPS[c] ? [HELPS[c]] : []))
    .slice(0, CAUSES_AT_ONCE)
    .flat();
  const positions = causes.includes('clef') ? asked : around(wrong, asked);
  // Two misreadings may ask for the same exercise.
  const parts = helps.filter(([kind], i) => helps.findIndex(([k]) => k === kind) === i);
  const last: Part = ['name-notes', { count: parts.length > 0 ? 12 : 20, order: 'close' }];
  const sections = [...parts, last].map(([kind, differs], i) =>
    newSection(kind, `again-${i + 1}`, {
      ...differs,
      key,
      ledgers: 6,
      weakFirst: wrong.length > 0,
    }),
  );
  return { positions, sections, title: wrong.length > 0 ? 'Once more' : 'Keep it up' };
}

/**
 * The wrong notes with those that are taken for them, at least four, and at least three of
 * each clef that went wrong, when so many were asked.
 */
function around(
  wrong: readonly StaffPosition[],
  asked: readonly StaffPosition[],
): readonly StaffPosition[] {
  if (wrong.length === 0) return asked;
  const has = (list: readonly StaffPosition[], p: StaffPosition) =>
    list.some((q) => positionId(q) === positionId(p));
  const near = asked.filter((p) => !has(wrong, p) && wrong.some((w) => confusable(w, p)));
  const far = asked.filter((p) => !has(wrong, p) && !has(near, p));
  const found = [...wrong, ...near.slice(0, wrong.length + 1)];
  for (const p of [...near, ...far]) {
    if (has(found, p)) continue;
    const ofClef = found.filter((q) => q.clef === p.clef).length;
    const lacking = ofClef > 0 && ofClef < FEWEST_OF_CLEF;
    if (lacking || found.length < FEWEST) found.push(p);
  }
  return found;
}
