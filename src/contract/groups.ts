import { z } from 'zod';
import { type MethodSettings, positionsOfText } from '../core/methods';
import { type Letter, PitchError } from '../core/notation';
import { FADES } from '../core/sayings';
import {
  instrumentSchema,
  keySchema,
  methodSchema,
  namingSchema,
  positionsSchema,
  studentNameSchema,
  termsSchema,
} from './common';

export const groupInput = z.object({
  name: z
    .string()
    .trim()
    .min(1, 'Give the group a name, such as Tuesday keys.')
    .max(60, 'The name is too long: up to 60 letters.'),
  method: methodSchema.default('two-sayings'),
  key: keySchema.default(0),
  terms: termsSchema.default('US'),
  naming: namingSchema.default('letters'),
});

const share = (what: string) =>
  z
    .number()
    .min(0.5, `${what} is a share from 50 to 100 %.`)
    .max(1, `${what} is a share from 50 to 100 %.`);

const rulesInput = z.object({
  window: z.number().int().min(4, 'Count 4 to 30 answers.').max(30, 'Count 4 to 30 answers.'),
  minAnswers: z
    .number()
    .int()
    .min(2, 'Ask for 2 to 20 answers.')
    .max(20, 'Ask for 2 to 20 answers.'),
  secureAccuracy: share('The accuracy for secure'),
  instantAccuracy: share('The accuracy for instant'),
  instantMs: z
    .number()
    .int()
    .min(500, 'Instant is 0.5 to 10 seconds.')
    .max(10_000, 'Instant is 0.5 to 10 seconds.'),
  slowMs: z
    .number()
    .int()
    .min(1000, 'Slow is 1 to 30 seconds.')
    .max(30_000, 'Slow is 1 to 30 seconds.'),
  minTimed: z.number().int().min(1).max(10),
  fadingRecall: z.number().min(0.5).max(0.99),
  memoryPace: z.number().min(0.05).max(1),
});

const noteNames = z
  .string()
  .max(400, 'That is too long for a list of notes.')
  .transform((text, ctx) => {
    try {
      return positionsOfText(text);
    } catch (error) {
      ctx.addIssue(error instanceof PitchError ? error.message : 'Write notes such as C4 G4 F3.');
      return z.NEVER;
    }
  });

/** A way of teaching as a teacher adjusts it. Empty texts follow the school. */
export const methodInput = z
  .object({
    method: methodSchema,
    /** Under which it is kept; empty: only for this group. */
    name: z.string().trim().max(40, 'The name is too long: up to 40 letters.'),
    landmarks: noteNames,
    order: noteNames,
    sayingClefs: z.array(z.enum(['treble', 'bass'])),
    pictures: z.string().regex(/^[A-Ga-g\s,;]*$/, 'Pictures are for letters from A to G.'),
  })
  .transform(({ landmarks, order, sayingClefs, pictures, ...rest }) => {
    const letters = [...new Set(pictures.toUpperCase().match(/[A-G]/g) ?? [])] as Letter[];
    const settings: MethodSettings = {
      ...(landmarks.length > 0 ? { landmarks } : {}),
      ...(order.length > 0 ? { order } : {}),
      ...(sayingClefs.length < 2 ? { sayingClefs } : {}),
      ...(letters.length > 0 ? { pictures: letters } : {}),
    };
    return { ...rest, settings };
  });

export const groupChange = z.object({
  name: groupInput.shape.name.optional(),
  method: methodSchema.optional(),
  key: keySchema.optional(),
  terms: termsSchema.optional(),
  naming: namingSchema.optional(),
  hintFade: z.enum(FADES, 'Choose how much of the sayings a hint says.').optional(),
  rules: rulesInput.optional(),
});

/** Students as a typed or pasted list, or the text of a CSV file. */
export const studentsInput = z.object({
  text: z.string().max(20_000, 'The list is too long: up to 60 students.'),
  instrument: instrumentSchema.default('none'),
});

export const studentChange = z.object({
  name: studentNameSchema.optional(),
  instrument: instrumentSchema.optional(),
  secondInstrument: instrumentSchema.nullable().optional(),
  leftHanded: z.boolean('Say yes or no to left-handed.').optional(),
  method: methodSchema.nullable().optional(),
});

export const introducedInput = z.object({ positions: positionsSchema, on: z.boolean() });
