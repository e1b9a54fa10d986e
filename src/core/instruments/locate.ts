import { diatonic, fromDiatonic, midi, type Pitch, parsePitch, pitchText } from '../notation';
import { INSTRUMENTS } from './catalogue';
import { bowedPlaces } from './places/bowed';
import { slidePlaces, valvePlaces } from './places/brass';
import { fretPlaces } from './places/frets';
import { holesPlaces } from './places/holes';
import { barPlace, keyPlace } from './places/keys';
import { voicePlace } from './places/voice';
import { soundingPitch } from './spell';
import type { Instrument, InstrumentId, Located, Place, Range, Stage } from './types';

/**
 * Every way to play a written pitch on an instrument, best for the student's stage
 * first, or why there is none. A beginner is not offered other positions of the hand and
 * second fingerings unless there is nothing else.
 */
export function locate(
  id: InstrumentId,
  pitch: Pitch,
  { stage = 'first-years' }: { stage?: Stage } = {},
): Located {
  const instrument = INSTRUMENTS[id];
  const beyond = outside(instrument, pitch);
  if (beyond) return beyond;
  const all = placesOf(instrument, pitch);
  if (all.length === 0) return missing(instrument, pitch);
  return { ok: true, places: stage === 'beginner' ? forBeginner(all) : all };
}

/** The place to show first, or null. */
export function bestPlace(id: InstrumentId, pitch: Pitch): Place | null {
  const found = locate(id, pitch);
  return found.ok ? found.places[0]! : null;
}

/** MIDI number at which a written pitch sounds on the instrument. */
export function soundingMidi(id: InstrumentId, pitch: Pitch): number {
  return midi(soundingPitch(INSTRUMENTS[id], pitch));
}

/** The instrument's name inside a sentence, `clarinet in B flat`. */
export function lowerName(instrument: Instrument): string {
  return instrument.name.charAt(0).toLowerCase() + instrument.name.slice(1);
}

function placesOf({ technique, firstYears }: Instrument, pitch: Pitch): readonly Place[] {
  switch (technique.kind) {
    case 'keys':
      return [keyPlace(pitch)];
    case 'bars':
      return [barPlace(pitch)];
    case 'voice':
      return [voicePlace(pitch, firstYears)];
    case 'bowed':
      return bowedPlaces(technique, pitch);
    case 'fretted':
      return fretPlaces(technique, pitch);
    case 'holes':
      return holesPlaces(technique.layout, technique.chart, pitch);
    case 'valves':
      return valvePlaces(technique, pitch);
    case 'slide':
      return slidePlaces(technique, pitch);
    case 'none':
      return [];
  }
}

/** The best place, and an open string's neighbour: the fourth finger that gives the same note. */
function forBeginner(places: readonly Place[]): Place[] {
  const [best, ...rest] = places;
  const first = best?.kind === 'string' && best.finger === 0 ? rest.filter(isPlainFinger) : [];
  return [best!, ...first.slice(0, 1)];
}

const isPlainFinger = (p: Place) => p.kind === 'string' && p.position === 'first position';

const heights = (range: Range) => ({
  low: midi(parsePitch(range.low)),
  high: midi(parsePitch(range.high)),
});

function outside(instrument: Instrument, pitch: Pitch): Located | null {
  if (instrument.technique.kind === 'none') {
    const reason = 'No instrument is chosen yet, so there is no place to show.';
    return { ok: false, why: 'no-instrument', reason };
  }
  const at = midi(pitch);
  const { compass, firstYears } = instrument;
  const whole = heights(compass);
  const name = lowerName(instrument);
  if (at < whole.low || at > whole.high) {
    const why = at < whole.low ? 'below' : 'above';
    const limit = why === 'below' ? `lowest note is ${compass.low}` : `highest is ${compass.high}`;
    const reason = `${pitchText(pitch)} is ${why} the range of the ${name}: its ${limit}.`;
    return { ok: false, why, reason: `${reason}${nearest(pitch, firstYears)}` };
  }
  const years = heights(firstYears);
  if (at >= years.low && at <= years.high) return null;
  const reason = `${pitchText(pitch)} is not learned in the first years of the ${name}: they go from ${firstYears.low} to ${firstYears.high}.`;
  return { ok: false, why: 'later', reason: `${reason}${nearest(pitch, firstYears)}` };
}

/** The octave of the same letter that lies in the range, as a way out. */
function nearest(pitch: Pitch, range: Range): string {
  const { low, high } = heights(range);
  for (const octaves of [1, -1, 2, -2, 3, -3]) {
    const other = { ...fromDiatonic(diatonic(pitch) + 7 * octaves), alter: pitch.alter };
    if (midi(other) >= low && midi(other) <= high) {
      return ` ${pitchText(other)} can be played.`;
    }
  }
  return '';
}

function missing(instrument: Instrument, pitch: Pitch): Located {
  const reason = `${pitchText(pitch)} is not in the first years' chart of the ${lowerName(instrument)}.`;
  return { ok: false, why: 'later', reason };
}
