import { z } from 'zod';
import type { InstrumentId } from '../core/instruments';
import { type Alter, parsePositionId } from '../core/notation';
import { instrumentSchema, keySchema, positionSchema } from './common';

/** Most answers in one request; a longer queue is sent in several. */
export const ANSWER_BATCH = 200;

/** What an answer looks like for each task, and what to say when it does not. */
const GIVEN = {
  name: {
    fits: (text: string) => /^[A-G](##|bb|[#b])?$/.test(text),
    right: 'A name is a letter A to G, with # or b if needed.',
  },
  place: {
    fits: (text: string) => /^(key|bar|string|holes|valves|slide) [\w~+# -]{1,80}$/.test(text),
    right: 'A place is written as the diagrams name it, such as “valves 1 3”.',
  },
  write: {
    fits: (text: string) => parsePositionId(text) !== null,
    right: 'A written note is a staff position, such as t2.',
  },
} as const;

/** One answer as a device sends it. Right or wrong is worked out by the server. */
const answerInput = z
  .object({
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
    task: z
      .enum(['name', 'place', 'write'], 'Ask for a name, a place or a written note.')
      .default('name'),
    given: z.string().max(90, 'That is too long for an answer.').nullable(),
    /** On which instrument a place was asked. */
    instrument: instrumentSchema.nullable().default(null),
    ms: z.number().int().min(0).max(600_000, 'An answer takes up to ten minutes.').nullable(),
    hints: z.number().int().min(0).max(20),
    source: z.enum(['drill', 'card', 'spoken']),
    at: z.number().int().min(1_500_000_000_000, 'The time of the answer is missing.'),
  })
  .superRefine(({ task, given, instrument }, ctx) => {
    if (given !== null && !GIVEN[task].fits(given)) ctx.addIssue(GIVEN[task].right);
    if (task !== 'name' && (instrument === null || instrument === 'none')) {
      ctx.addIssue('A place needs its instrument.');
    }
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
  task: 'name' | 'place' | 'write';
  given: string | null;
  instrument: InstrumentId | null;
  ms: number | null;
  hints: number;
  source: 'drill' | 'card' | 'spoken';
  at: number;
}
