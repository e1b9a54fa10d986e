import { z } from 'zod';
import { FADES } from '../core/sayings';
import { targetById } from '../core/workshop';

/** Longest text of a saying that is read at all. */
const LONGEST = 4000;

const target = z.string().transform((id, ctx) => {
  const found = targetById(id);
  if (found) return found;
  ctx.addIssue('A saying is for the lines or spaces of a clef, or for open strings.');
  return z.NEVER;
});

const text = z.string().max(LONGEST, 'That is too long for a saying: one word for each position.');

/** Puts a saying into use, for the group or for one student. Empty: none. */
export const sayingInput = z.object({
  target,
  text,
  /** Left out: the whole group. */
  studentId: z.string().optional(),
});

/** A student's own saying, or one that the teacher puts to the vote. */
export const offerInput = z.object({ target, text });

/** What becomes of an offer. */
export const offerChange = z.discriminatedUnion(
  'do',
  [
    /** Into use: for its student, or for the whole group. */
    z.object({ do: z.literal('accept'), for: z.enum(['student', 'group']) }),
    z.object({
      do: z.literal('ask'),
      reply: z
        .string()
        .trim()
        .min(1, 'Say what to change.')
        .max(200, 'Say it in up to 200 letters.'),
    }),
    z.object({
      do: z.literal('count'),
      hands: z
        .number('Count the hands.')
        .int('Count whole hands.')
        .min(0, 'There cannot be fewer than no hands.')
        .max(200, 'Up to 200 hands.'),
    }),
  ],
  'Accept it, ask for a change, or count hands.',
);

/** Sayings of a file, checked one by one. */
export const importInput = z.object({
  text: z.string().max(200_000, 'The file is too long for sayings.'),
});

/** Posters and the hand as a handout. */
export const posterQuery = z.object({
  group: z.string(),
  /** Whose own sayings; the group's when left out. */
  student: z.string().optional(),
  what: z.enum(['poster', 'hand'], 'Choose a poster or the hand.'),
  clef: z.enum(['treble', 'bass', 'both'], 'Choose treble, bass or both.'),
  hand: z.enum(['left', 'right'], 'Choose the left or the right hand.').default('left'),
  fade: z.enum(FADES, 'Choose how much of the sayings is shown.').default('sentence'),
  paper: z.enum(['A4', 'A3', 'Letter'], 'Choose A4, A3 or Letter.').default('A4'),
});
