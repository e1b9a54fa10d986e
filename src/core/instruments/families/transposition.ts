import type { Instrument } from '../types';

type Sounding = Pick<Instrument, 'transposition' | 'sounds'>;

/** Source of these intervals: standard practice of written and sounding pitch. */
export const CONCERT: Sounding = {
  transposition: { semitones: 0, steps: 0 },
  sounds: 'sounds as written',
};
export const OCTAVE_LOWER: Sounding = {
  transposition: { semitones: -12, steps: -7 },
  sounds: 'sounds an octave lower than written',
};
export const OCTAVE_HIGHER: Sounding = {
  transposition: { semitones: 12, steps: 7 },
  sounds: 'sounds an octave higher than written',
};
export const TWO_OCTAVES_HIGHER: Sounding = {
  transposition: { semitones: 24, steps: 14 },
  sounds: 'sounds two octaves higher than written',
};
/** In B flat: C is written, the B flat below sounds. */
export const IN_B_FLAT: Sounding = {
  transposition: { semitones: -2, steps: -1 },
  sounds: 'sounds a whole step lower than written',
};
/** In F: C is written, the F below sounds. */
export const IN_F: Sounding = {
  transposition: { semitones: -7, steps: -4 },
  sounds: 'sounds a fifth lower than written',
};
/** In E flat: C is written, the E flat below sounds. */
export const IN_E_FLAT: Sounding = {
  transposition: { semitones: -9, steps: -5 },
  sounds: 'sounds a sixth lower than written',
};
