import { bestPlace, INSTRUMENTS, lowerName, type Place } from '../instruments';
import { pitchAt, type StaffPosition } from '../notation';
import { NothingToAsk, type Task } from './kind';

/** Whether an instrument has places that can be drawn. */
export function hasPlaces({ instrument }: Pick<Task, 'instrument'>): boolean {
  const { kind } = INSTRUMENTS[instrument].technique;
  return kind !== 'none' && kind !== 'voice';
}

/** The chosen notes that are read on the instrument and have a place on it. */
export function placedNotes(task: Task): {
  only: readonly StaffPosition[];
  notices: readonly string[];
} {
  const { instrument, positions, key } = task;
  const name = lowerName(INSTRUMENTS[instrument]);
  if (!hasPlaces(task)) {
    throw new NothingToAsk(
      instrument === 'none'
        ? 'Choose an instrument for this sheet, so that there are places to ask.'
        : `The ${name} has no places that could be shown: choose another instrument or another exercise.`,
    );
  }
  const { clefs } = INSTRUMENTS[instrument];
  const only = positions.filter(
    (p) => clefs.includes(p.clef) && bestPlace(instrument, pitchAt(p, key)) !== null,
  );
  if (only.length === 0) {
    throw new NothingToAsk(
      `None of the chosen notes has a place in the first years of the ${name}.`,
    );
  }
  const left = positions.length - only.length;
  const notices =
    left > 0
      ? [
          `${left} of the chosen notes ${left === 1 ? 'is' : 'are'} left out: no place on the ${name} in the first years.`,
        ]
      : [];
  return { only, notices };
}

/** The place to show first for a note that has one. */
export function placeAt(position: StaffPosition, { instrument, key }: Task): Place {
  return bestPlace(instrument, pitchAt(position, key))!;
}
