import { INSTRUMENTS, type InstrumentId } from '../instruments';
import {
  CLEFS,
  type ClefId,
  LANDMARKS,
  type Letter,
  type Pitch,
  parsePitch,
  parsePositionId,
  pitchAt,
  pitchText,
  positionId,
  positionOf,
  type StaffPosition,
} from '../notation';

/** What a teacher adjusts in a way of teaching; what is left out follows the school. */
export interface MethodSettings {
  /** Position ids from which others are found. */
  readonly landmarks?: readonly string[];
  /** Position ids in the order in which they are introduced; the rest follows the school. */
  readonly order?: readonly string[];
  /** Clefs in which sayings are used; others are found by steps. */
  readonly sayingClefs?: readonly ClefId[];
  /** Letters that have a picture; all of them in the hand-position school. */
  readonly pictures?: readonly Letter[];
}

/** A way of teaching that a teacher keeps under a name. */
export interface OwnMethod {
  readonly name: string;
  readonly settings: MethodSettings;
}

/** Pictures of the letters: our own choice, one thing for each letter, none of them in a default saying. */
export const LETTER_PICTURES: Readonly<Record<Letter, string>> = {
  A: 'anchor',
  B: 'bird',
  C: 'cat',
  D: 'drum',
  E: 'egg',
  F: 'fish',
  G: 'grape',
};

/** The landmarks in force. */
export function landmarksOf(settings?: MethodSettings): readonly StaffPosition[] {
  const own = settings?.landmarks?.map(parsePositionId).filter((p) => p !== null) ?? [];
  return own.length > 0 ? own : LANDMARKS;
}

/** First five-finger position of each hand at a keyboard, from its C. */
const FIRST_FIVE: Record<ClefId, number[]> = { treble: [-2, -1, 0, 1, 2], bass: [3, 4, 5, 6, 7] };

/** The instrument's own first five; both hands of a keyboard, and of a student without one. */
export function firstFiveSteps(clef: ClefId, instrument: InstrumentId): number[] {
  const { clefs, firstFive } = INSTRUMENTS[instrument];
  if (clefs.length > 1) return FIRST_FIVE[clef];
  return clefs[0] === clef ? stepsOf(firstFive, clef) : [];
}

/** Steps of written notes on a clef, up to two ledger lines. */
export function stepsOf(notes: readonly string[], clef: ClefId): number[] {
  return notes
    .map((text) => positionOf(parsePitch(text), clef).position.step)
    .filter((step) => step >= -4 && step <= 12);
}

/**
 * Position ids of typed note names such as `G4 C4 F3`: notes above middle C in the treble,
 * below it in the bass, middle C in both.
 * @throws PitchError that says what would be right.
 */
export function positionsOfText(text: string): string[] {
  const pitches = text
    .split(/[\s,;]+/)
    .filter(Boolean)
    .map(parsePitch);
  return [...new Set(pitches.flatMap(positionsOf).map(positionId))];
}

function positionsOf(pitch: Pitch): StaffPosition[] {
  const on = (clef: ClefId) => positionOf(pitch, CLEFS[clef]).position;
  const treble = on('treble');
  if (treble.step === -2) return [on('bass'), treble];
  return [treble.step > -2 ? treble : on('bass')];
}

/** The same back as text, middle C once. */
export function textOfPositions(ids: readonly string[]): string {
  const names = ids.map(parsePositionId).filter((p) => p !== null);
  return [...new Set(names.map((p) => pitchText(pitchAt(p))))].join(' ');
}
