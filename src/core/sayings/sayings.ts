import { type ClefId, isLine, type Letter, letterAt, type StaffPosition } from '../notation';
import type { OwnSayings, SayingSet, Words } from './types';

/** Steps inside the staff that a saying runs over, bottom to top. */
const STEPS = { lines: [0, 2, 4, 6, 8], spaces: [1, 3, 5, 7] } as const;

export type SayingPart = keyof typeof STEPS;

/** The letters that a saying must start its words with, bottom to top. */
export function sayingLetters(clef: ClefId, part: SayingPart): Letter[] {
  return STEPS[part].map((step) => letterAt({ clef, step }));
}

/** Which saying covers a position and how far along it is (0 is the bottom); null beyond the staff. */
export function sayingPlace(position: StaffPosition): { part: SayingPart; index: number } | null {
  if (position.step < 0 || position.step > 8) return null;
  return isLine(position.step)
    ? { part: 'lines', index: position.step / 2 }
    : { part: 'spaces', index: (position.step - 1) / 2 };
}

/** The word said at a position, or null where no saying reaches. */
export function wordAt(sayings: SayingSet, position: StaffPosition): string | null {
  const place = sayingPlace(position);
  return (place && sayings[position.clef][place.part][place.index]) || null;
}

/** A group's sayings with a student's own in their place. */
export function withOwn(group: SayingSet, own: OwnSayings): SayingSet {
  const of = (clef: ClefId) => ({
    spaces: own[`${clef}-spaces`] ?? group[clef].spaces,
    lines: own[`${clef}-lines`] ?? group[clef].lines,
  });
  return { treble: of('treble'), bass: of('bass') };
}

/** A set by its targets, as {@link OwnSayings}; those without words are left out. */
export function byTarget(set: SayingSet): OwnSayings {
  const parts = (['treble', 'bass'] as const).flatMap((clef) =>
    (['spaces', 'lines'] as const).map((part) => [`${clef}-${part}`, set[clef][part]] as const),
  );
  return Object.fromEntries(parts.filter(([, words]) => words.length > 0));
}

/** A saying as one text: F A C E is one word of four letters. */
export function sayingText(words: Words): string {
  const spelled = words.every((w) => w.length === 1);
  return spelled ? words.join('') : words.join(' ');
}
