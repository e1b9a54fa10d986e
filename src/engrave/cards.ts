import { nameText, rightName } from '../core/evidence';
import { bestPlace, INSTRUMENTS, type InstrumentId } from '../core/instruments';
import { type KeySignature, type Naming, pitchAt, type StaffPosition } from '../core/notation';
import { type SayingSet, wordAt } from '../core/sayings';
import type { Card } from './card-page';
import { displayName } from './names';

export interface CardOptions {
  readonly key: KeySignature;
  readonly naming: Naming;
  readonly sayings: SayingSet;
  readonly instrument: InstrumentId;
  /** Printed small on the front: the student and the group. */
  readonly owner: string;
}

/** One card for each position that the instrument's clefs can show. */
export function cardsFor(positions: readonly StaffPosition[], options: CardOptions): Card[] {
  const { key, naming, sayings, instrument, owner } = options;
  const { clefs, name } = INSTRUMENTS[instrument];
  return positions
    .filter((p) => clefs.includes(p.clef))
    .map((position) => {
      const right = rightName({ ...position, key, accidental: null });
      return {
        position,
        key,
        name: displayName(nameText(right), naming, key),
        word: wordAt(sayings, position),
        place: bestPlace(instrument, pitchAt(position, key)),
        instrument: name,
        owner,
      };
    });
}
