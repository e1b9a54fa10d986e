import { CLEFS, type ClefId, type Pitch, positionOf, type StaffPosition } from '../notation';
import { INSTRUMENTS } from './catalogue';
import { locate } from './locate';
import { soundingPitch, writtenPitch } from './spell';
import type { InstrumentId, Located } from './types';

/** What one section of a mixed group reads, plays and sounds. */
export interface Part {
  readonly instrument: InstrumentId;
  /** What stands on its page. */
  readonly written: Pitch;
  readonly sounding: Pitch;
  readonly position: StaffPosition;
  readonly located: Located;
}

/** The clef of the instrument on which the pitch needs the fewest ledger lines. */
export function clefFor(id: InstrumentId, pitch: Pitch): ClefId {
  const away = (clef: ClefId) => {
    const { step } = positionOf(pitch, CLEFS[clef]).position;
    return Math.max(0, -step, step - 8);
  };
  return [...INSTRUMENTS[id].clefs].sort((a, b) => away(a) - away(b))[0]!;
}

function part(id: InstrumentId, written: Pitch): Part {
  return {
    instrument: id,
    written,
    sounding: soundingPitch(INSTRUMENTS[id], written),
    position: positionOf(written, clefFor(id, written)).position,
    located: locate(id, written),
  };
}

/** What each instrument plays and sounds when all read the same note. */
export function allRead(ids: readonly InstrumentId[], written: Pitch): Part[] {
  return ids.map((id) => part(id, written));
}

/**
 * What each instrument reads and plays when all sound the same note. Where an instrument
 * cannot reach it, the nearest octave that it can stands in; `located` says so otherwise.
 */
export function allSound(
  ids: readonly InstrumentId[],
  sounding: Pitch,
): (Part & { octaves: number })[] {
  return ids.map((id) => {
    for (const octaves of [0, 1, -1, 2, -2, 3, -3]) {
      const heard = { ...sounding, octave: sounding.octave + octaves };
      const one = part(id, writtenPitch(INSTRUMENTS[id], heard));
      if (one.located.ok) return { ...one, octaves };
    }
    return { ...part(id, writtenPitch(INSTRUMENTS[id], sounding)), octaves: 0 };
  });
}
