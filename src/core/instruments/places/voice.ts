import { midi, type Pitch, parsePitch } from '../../notation';
import type { Range, VoicePlace } from '../types';

/** Where in the singer's range a note lies: low, middle or high third. */
export function voicePlace(pitch: Pitch, range: Range): VoicePlace {
  const low = midi(parsePitch(range.low));
  const share = (midi(pitch) - low) / (midi(parsePitch(range.high)) - low);
  const part = share < 1 / 3 ? 'low' : share <= 2 / 3 ? 'middle' : 'high';
  const where = part === 'middle' ? 'in the middle of' : part === 'low' ? 'low in' : 'high in';
  return {
    kind: 'voice',
    code: `voice ${midi(pitch)}`,
    midi: midi(pitch),
    short: `${part} part of the range`,
    words: `${where} the range`,
  };
}
