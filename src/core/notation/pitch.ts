import { isLetter, LETTERS, type Letter, letterIndex, letterSemitones } from './letters';

/** Semitones by which a letter is raised or lowered: double flat −2 to double sharp 2. */
export type Alter = -2 | -1 | 0 | 1 | 2;

/** A written pitch. `octave` is scientific: middle C is C4. */
export interface Pitch {
  readonly letter: Letter;
  readonly alter: Alter;
  readonly octave: number;
}

/** Lowest and highest octave accepted when parsing; beyond them no beginner's instrument sounds. */
const OCTAVES = { min: 0, max: 8 } as const;

/** An unusable note name. The message says what would be right. */
export class PitchError extends Error {
  override name = 'PitchError';
}

/** Steps of the staff above C0, ignoring alterations: C4 is 28, D4 is 29. */
export function diatonic(pitch: Pick<Pitch, 'letter' | 'octave'>): number {
  return pitch.octave * 7 + letterIndex(pitch.letter);
}

/** The natural pitch at a diatonic number; the inverse of {@link diatonic}. */
export function fromDiatonic(step: number, alter: Alter = 0): Pitch {
  const octave = Math.floor(step / 7);
  return { letter: LETTERS[step - octave * 7]!, alter, octave };
}

/** MIDI note number: C4 is 60. Source: the MIDI 1.0 convention with C4 as middle C. */
export function midi(pitch: Pitch): number {
  return (pitch.octave + 1) * 12 + letterSemitones(pitch.letter) + pitch.alter;
}

const ALTER_TEXT: Record<Alter, string> = { [-2]: 'bb', [-1]: 'b', 0: '', 1: '#', 2: '##' };
const ALTER_SIGN: Record<Alter, string> = { [-2]: '♭♭', [-1]: '♭', 0: '', 1: '♯', 2: '♯♯' };

/** ASCII name such as `F#4`, for files and addresses; {@link parsePitch} reads it back. */
export function pitchText(pitch: Pitch): string {
  return `${pitch.letter}${ALTER_TEXT[pitch.alter]}${pitch.octave}`;
}

/** The sign printed for an alteration: ♯, ♭, or nothing for a natural. */
export function alterSign(alter: Alter): string {
  return ALTER_SIGN[alter];
}

/** ASCII text of an alteration: `#`, `b`, `##`, `bb` or nothing. */
export function alterText(alter: Alter): string {
  return ALTER_TEXT[alter];
}

/**
 * Reads a note name in scientific notation: `F#4`, `Bb3`, `c4`, `E♭5`.
 * @throws PitchError with a sentence that says what would be right.
 */
export function parsePitch(text: string): Pitch {
  const name = text.trim();
  const match = /^([A-Za-z])(##|bb|[#b♯♭x]?)(-?\d{1,2})?$/u.exec(name);
  if (!match) {
    throw new PitchError(
      `“${name.slice(0, 20)}” is not a note name. Write a letter A to G, # or b if needed, and the octave: F#4, Bb3.`,
    );
  }
  const letter = match[1]!.toUpperCase();
  if (!isLetter(letter)) {
    throw new PitchError(`There is no note ${letter}: the musical alphabet goes from A to G.`);
  }
  if (match[3] === undefined) {
    throw new PitchError(
      `“${name}” has no octave. Middle C is C4, so write ${letter}4 or similar.`,
    );
  }
  const octave = Number(match[3]);
  if (octave < OCTAVES.min || octave > OCTAVES.max) {
    throw new PitchError(
      `Octave ${octave} is out of range: use ${OCTAVES.min} to ${OCTAVES.max}; middle C is C4.`,
    );
  }
  return { letter, alter: parseAlter(match[2] ?? ''), octave };
}

function parseAlter(sign: string): Alter {
  switch (sign) {
    case '##':
    case 'x':
      return 2;
    case '#':
    case '♯':
      return 1;
    case 'b':
    case '♭':
      return -1;
    case 'bb':
      return -2;
    default:
      return 0;
  }
}
