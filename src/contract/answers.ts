import { z } from 'zod';
import type { Alter } from '../core/notation';
import { keySchema, positionSchema } from './common';

/** Most answers in one request; a longer queue is sent in several. */
export const ANSWER_BATCH = 200;

/** One answer as a device sends it. Right or wrong is worked out by the server. */
const answerInput = z.object({
  // Identifiers of marked sheets begin with sheet-; a device must not take one in advance.
  id: z
    .string()
    .regex(
      /^(?!sheet-)[\w-]{8,64}$/,
      'An answer needs an identifier of 8 to 64 letters and digits.',
    ),
  position: positionSchema,
  key: keySchema,
  accidental: z
    .number()
    .int()
    .min(-2)
    .max(2)
    .transform((n) => n as Alter)
    .nullable(),
  given: z
    .string()
    .regex(/^[A-G](##|bb|[#b])?$/, 'A name is a letter A to G, with # or b if needed.')
    .nullable(),
  ms: z.number().int().min(0).max(600_000, 'An answer takes up to ten minutes.').nullable(),
  hints: z.number().int().min(0).max(20),
  source: z.enum(['drill', 'card', 'spoken']),
  at: z.number().int().min(1_500_000_000_000, 'The time of the answer is missing.'),
});

export const answersInput = z.object({
  answers: z
    .array(answerInput)
    .min(1)
    .max(ANSWER_BATCH, `Send up to ${ANSWER_BATCH} answers at once.`),
});

export interface SentAnswer {
  id: string;
  position: string;
  key: number;
  accidental: number | null;
  given: string | null;
  ms: number | null;
  hints: number;
  source: 'drill' | 'card' | 'spoken';
  at: number;
}
