import type { InstrumentId } from '../../core/instruments';
import { soundingMidi } from '../../core/instruments';
import type { Pitch } from '../../core/notation';

let audio: AudioContext | undefined;

/** Level of full sound is 1; modest, for headphones. */
const LEVEL = 0.15;
const SECONDS = 1.1;

/** Plays a written pitch as it sounds on the instrument. Only when asked: browsers want a press first. */
export function playPitch(pitch: Pitch, instrument: InstrumentId): void {
  audio ??= new AudioContext();
  const start = audio.currentTime + 0.02;
  const tone = audio.createOscillator();
  const volume = audio.createGain();
  tone.type = 'triangle';
  tone.frequency.value = 440 * 2 ** ((soundingMidi(instrument, pitch) - 69) / 12);
  volume.gain.setValueAtTime(0, start);
  volume.gain.linearRampToValueAtTime(LEVEL, start + 0.02);
  volume.gain.exponentialRampToValueAtTime(0.001, start + SECONDS);
  tone.connect(volume).connect(audio.destination);
  tone.start(start);
  tone.stop(start + SECONDS);
}
