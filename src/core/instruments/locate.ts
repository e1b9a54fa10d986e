import { midi, type Pitch, pitchText } from '../notation';
import { INSTRUMENTS } from './data';
import { keyboardPlace } from './keyboard';
import { recorderPlace } from './recorder';
import type { InstrumentId, Place } from './types';
import { violinPlaces } from './violin';

/** Instruments for which places are known. */
const FINDERS: Partial<Record<InstrumentId, (pitch: Pitch) => Place[]>> = {
  keyboard: (pitch) => [keyboardPlace(pitch)].filter((p) => p !== null),
  violin: violinPlaces,
  'soprano-recorder': (pitch) => [recorderPlace(pitch)].filter((p) => p !== null),
};

export type Located =
  | { readonly ok: true; readonly places: readonly Place[] }
  | { readonly ok: false; readonly reason: string };

/**
 * Every way to play a written pitch on an instrument, best for a beginner first, or a
 * sentence saying why there is none.
 */
export function locate(id: InstrumentId, pitch: Pitch): Located {
  const places = FINDERS[id]?.(pitch);
  const name = INSTRUMENTS[id].name.toLowerCase();
  if (!places) return { ok: false, reason: `There is no fingering chart for ${name}.` };
  if (places.length === 0) {
    return {
      ok: false,
      reason: `${pitchText(pitch)} is outside the first years' range of the ${name}.`,
    };
  }
  return { ok: true, places };
}

/** The place to show first, or null. */
export function bestPlace(id: InstrumentId, pitch: Pitch): Place | null {
  const found = locate(id, pitch);
  return found.ok ? found.places[0]! : null;
}

/** MIDI number at which a written pitch sounds on the instrument. */
export function soundingMidi(id: InstrumentId, pitch: Pitch): number {
  return midi(pitch) + INSTRUMENTS[id].transposition;
}
