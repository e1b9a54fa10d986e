/**
 * The musical alphabet. Letters are held in scientific-pitch order (an octave
 * starts at C), because octave numbers change between B and C.
 */
export const LETTERS = ['C', 'D', 'E', 'F', 'G', 'A', 'B'] as const;
export type Letter = (typeof LETTERS)[number];

/** Semitones of each natural letter above C. Source: the major scale (T T S T T T S). */
const SEMITONES: Record<Letter, number> = { C: 0, D: 2, E: 4, F: 5, G: 7, A: 9, B: 11 };

/** Place of a letter in C D E F G A B, 0 to 6. */
export function letterIndex(letter: Letter): number {
  return LETTERS.indexOf(letter);
}

/** Semitones of the natural letter above C, 0 to 11. */
export function letterSemitones(letter: Letter): number {
  return SEMITONES[letter];
}

/** The letter `steps` further in the alphabet; negative goes down. Wraps round: no H. */
export function shiftLetter(letter: Letter, steps: number): Letter {
  const i = (((letterIndex(letter) + steps) % 7) + 7) % 7;
  return LETTERS[i]!;
}

/** Whether a text is one of the seven capital letters. */
export function isLetter(text: string): text is Letter {
  return (LETTERS as readonly string[]).includes(text);
}
