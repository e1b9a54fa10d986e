import {
  bestPlace,
  type InstrumentId,
  isPlaceOf,
  locate,
  misleaders,
  misplaced,
  read,
} from '../instruments';
import { type KeySignature, midi, type Pitch, parsePositionId, pitchAt } from '../notation';
import type { Cause } from './causes';
import { isRight, nameText, rightName } from './judge';
import type { Item, Task } from './types';

/** The instruments of a student: whose places are asked, and another that may mislead. */
export interface Player {
  readonly instrument: InstrumentId;
  readonly second?: InstrumentId | null;
}

/** The written pitch of an item, with its printed sign or the key's. */
export function pitchOf(item: Item): Pitch {
  return { ...pitchAt(item), alter: rightName(item).alter };
}

/** Whether an answer to any task is right; null (a blank) never is. */
export function isRightAnswer(
  task: Task,
  item: Item,
  given: string | null,
  instrument: InstrumentId,
): boolean {
  if (given === null) return false;
  if (task === 'place') return isPlaceOf(instrument, pitchOf(item), given);
  if (task === 'write') return isRightPosition(item, given, instrument);
  return isRight(item, given);
}

/**
 * Whether a position is one where the item's place is written: the octave counts, but a
 * fingering of a wind instrument that gives several notes takes any of them.
 */
function isRightPosition(item: Item, given: string, instrument: InstrumentId): boolean {
  const at = parsePositionId(given);
  const place = bestPlace(instrument, pitchOf(item));
  if (!at || !place) return false;
  const sound = midi(pitchAt(at, item.key));
  return read(instrument, place, item.key).some((p) => midi(p) === sound);
}

/** Whether the instrument has a place for the item, so that places can be asked. */
export function hasPlace(item: Item, instrument: InstrumentId): boolean {
  const found = locate(instrument, pitchOf(item));
  // A voice has no place that could be shown.
  return found.ok && found.places[0]!.kind !== 'voice';
}

/** Names, in ASCII, of the notes that a place stands for. */
export function namesOfPlace(
  instrument: InstrumentId,
  code: string,
  key: KeySignature,
): ReadonlySet<string> {
  return new Set(read(instrument, code, key).map(nameText));
}

/** How much likelier the second instrument misleads than one that the student may never have held; our own estimate. */
const PRIORS = { wrongFinger: 0.05, second: 0.06, other: 0.004 } as const;

/** Causes of wrong places that are not misread notes. */
export function placeCauses({ instrument, second = null }: Player): Cause[] {
  const none = () => null;
  const others = misleaders(instrument, second).map(
    (other): Cause => ({
      id: 'other-instrument',
      instrument: other,
      prior: other === second ? PRIORS.second : PRIORS.other,
      predict: none,
      predictPlace: (item) => {
        const codes = misplaced(instrument, other, pitchOf(item));
        return codes.length > 0 ? codes : null;
      },
    }),
  );
  const finger: Cause = {
    id: 'wrong-finger',
    prior: PRIORS.wrongFinger,
    predict: none,
    predictPlace: () => 'any',
  };
  return [finger, ...others];
}
