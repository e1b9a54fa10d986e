import { z } from 'zod';
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

export const groupChange = z.object({
  name: groupInput.shape.name.optional(),
  method: methodSchema.optional(),
  key: keySchema.optional(),
  terms: termsSchema.optional(),
  naming: namingSchema.optional(),
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
