import type { PolySynth } from 'tone';

/** Level in decibels below full; modest, for headphones. */
const LEVEL_DB = -16;
const SECONDS = 1.1;

let synth: Promise<PolySynth> | undefined;

/** Loads the synthesiser at the first sound: nothing of it is sent to a page that stays silent. */
async function load(): Promise<PolySynth> {
  const { PolySynth: Poly, Synth, start } = await import('tone');
  await start();
  return new Poly(Synth, {
    volume: LEVEL_DB,
    oscillator: { type: 'triangle' },
    envelope: { attack: 0.02, decay: 0.4, sustain: 0.3, release: 0.5 },
  }).toDestination();
}

/** Plays MIDI notes at sounding pitch, together. Only when asked: browsers want a press first. */
export async function playMidi(notes: readonly number[]): Promise<void> {
  synth ??= load();
  const poly = await synth;
  const frequencies = notes.map((m) => 440 * 2 ** ((m - 69) / 12));
  poly.triggerAttackRelease(frequencies, SECONDS);
}
