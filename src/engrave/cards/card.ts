import type { InstrumentId, Place } from '../../core/instruments';
import type { Mark } from '../../core/methods';
import type { ClefId, KeySignature, Letter, StaffPosition } from '../../core/notation';

/** One thing on a side of a card. */
export type Piece =
  | {
      readonly kind: 'note';
      readonly position: StaffPosition;
      readonly key: KeySignature;
      readonly head: 'whole' | 'quarter';
      /** Without a clef sign, where only line and space are asked. */
      readonly bare?: boolean;
    }
  | { readonly kind: 'name'; readonly text: string }
  | { readonly kind: 'word'; readonly text: string }
  | { readonly kind: 'text'; readonly text: string }
  | { readonly kind: 'clef'; readonly clef: ClefId }
  | { readonly kind: 'picture'; readonly letter: Letter }
  | {
      readonly kind: 'place';
      readonly instrument: InstrumentId;
      readonly place: Place;
      readonly leftHanded: boolean;
    }
  | {
      readonly kind: 'way';
      readonly position: StaffPosition;
      readonly key: KeySignature;
      readonly marks: readonly Mark[];
    };

/** A card with its two sides. */
export interface Card {
  readonly front: readonly Piece[];
  readonly back: readonly Piece[];
  /** Small at the foot of each side; the front never says what the back does. */
  readonly foot: { readonly front: string; readonly back: string };
}
