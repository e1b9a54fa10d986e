import { diatonic, type Pitch } from './pitch';

/** The sign drawn at the start of the staff. */
export type ClefSign = 'G' | 'F' | 'C';
export type ClefId = 'treble' | 'bass';

/**
 * A clef as data. `anchor` is the pitch of the line that the sign marks, `line` that
 * line counted from the bottom (1 to 5), `octaveShift` the octaves by which an 8 above
 * (1) or below (−1) moves it. Alto would be one more row: sign C, line 3, C4.
 */
export interface Clef {
  readonly id: ClefId;
  /** One letter for addresses and files. */
  readonly short: string;
  readonly name: string;
  readonly sign: ClefSign;
  readonly line: 1 | 2 | 3 | 4 | 5;
  readonly anchor: Pitch;
  readonly octaveShift: number;
  /** How the sign shows its line, in words for a student. */
  readonly mark: string;
}

export const CLEFS: Readonly<Record<ClefId, Clef>> = {
  treble: {
    id: 'treble',
    short: 't',
    name: 'treble clef',
    sign: 'G',
    line: 2,
    anchor: { letter: 'G', alter: 0, octave: 4 },
    octaveShift: 0,
    mark: 'The treble clef curls round line 2. That line is G.',
  },
  bass: {
    id: 'bass',
    short: 'b',
    name: 'bass clef',
    sign: 'F',
    line: 4,
    anchor: { letter: 'F', alter: 0, octave: 3 },
    octaveShift: 0,
    mark: 'The bass clef has a dot above and below line 4. That line is F.',
  },
};

export const CLEF_IDS = Object.keys(CLEFS) as ClefId[];

/** Diatonic number of line 1 of a staff with this clef (treble: E4 = 30). */
export function bottomLine(clef: Clef): number {
  return diatonic(clef.anchor) - 2 * (clef.line - 1) + 7 * clef.octaveShift;
}

/** The other of the two clefs: the one a reader takes by mistake. */
export function otherClef(id: ClefId): ClefId {
  return id === 'treble' ? 'bass' : 'treble';
}
