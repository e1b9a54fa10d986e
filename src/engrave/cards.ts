import { nameText, rightName } from '../core/evidence';
import { bestPlace, INSTRUMENTS, type InstrumentId } from '../core/instruments';
import { type ExplainOptions, explain } from '../core/methods';
import { type KeySignature, type Naming, pitchAt, type StaffPosition } from '../core/notation';
import { type Fade, type SayingSet, sayingPlace, wordAt } from '../core/sayings';
import type { Card } from './card-page';
import { displayName } from './names';

export interface CardOptions {
  readonly key: KeySignature;
  readonly naming: Naming;
  readonly sayings: SayingSet;
  readonly instrument: InstrumentId;
  /** Holds a guitar or ukulele the other way round. */
  readonly leftHanded?: boolean;
  /** How much of the saying stands on the back; its word when left out. */
  readonly fade?: Fade;
  /** The way of teaching, to show how the note is found on the back; left out: not shown. */
  readonly way?: Pick<ExplainOptions, 'method' | 'settings'> | undefined;
  /** Printed small on the front: the student and the group. */
  readonly owner: string;
}

/** One card for each position that the instrument's clefs can show. */
export function cardsFor(positions: readonly StaffPosition[], options: CardOptions): Card[] {
  const { key, naming, sayings, instrument, owner } = options;
  const { clefs } = INSTRUMENTS[instrument];
  return positions
    .filter((p) => clefs.includes(p.clef))
    .map((position) => {
      const right = rightName({ ...position, key, accidental: null });
      return {
        position,
        key,
        name: displayName(nameText(right), naming, key),
        word: cardWord(sayings, position, options.fade ?? 'sentence'),
        place: bestPlace(instrument, pitchAt(position, key)),
        instrument,
        leftHanded: options.leftHanded ?? false,
        ...cardWay(position, options),
        owner,
      };
    });
}

/** How the note is found, without the name that stands beside it anyway. */
function cardWay(position: StaffPosition, options: CardOptions): Pick<Card, 'way' | 'picture'> {
  if (!options.way) return { way: [], picture: null };
  const { key, naming, sayings, fade } = options;
  const steps = explain(position, { ...options.way, key, naming, sayings, fade });
  const marks = steps.flatMap((s) => s.marks);
  return {
    way: marks.filter((m) => m.role !== 'answer'),
    picture: steps.find((s) => s.picture)?.picture ?? null,
  };
}

/** The saying's word, or what is left of it; the letter alone stands on the card anyway. */
function cardWord(sayings: SayingSet, position: StaffPosition, fade: Fade): string | null {
  if (fade === 'sentence') return wordAt(sayings, position);
  const place = sayingPlace(position);
  if (fade !== 'numbers' || !place) return null;
  return `${place.part === 'lines' ? 'line' : 'space'} ${place.index + 1}`;
}
