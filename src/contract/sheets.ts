import { z } from 'zod';
import { FADES } from '../core/sayings';
import { HEADER_FIELDS, SHEET_LIMITS } from '../core/sheets';
import { keySchema, paperSchema, positionsSchema } from './common';

const { items, staffSpace, title, instructions } = SHEET_LIMITS;

export const sheetInput = z.object({
  groupId: z.string(),
  positions: positionsSchema,
  count: z
    .number('Write how many notes.')
    .int('Write a whole number of notes.')
    .min(1, 'A sheet needs at least one note.')
    .max(items, `A sheet holds up to ${items} notes. Make two sheets for more.`),
  key: keySchema,
  weakFirst: z.boolean(),
  paper: paperSchema,
  staffSpace: z
    .number('Write the staff size in millimetres.')
    .min(staffSpace.min, `Staff lines stand ${staffSpace.min} to ${staffSpace.max} mm apart.`)
    .max(staffSpace.max, `Staff lines stand ${staffSpace.min} to ${staffSpace.max} mm apart.`),
  title: z.string().trim().max(title, `The title is too long: up to ${title} letters.`),
  instructions: z
    .string()
    .trim()
    .max(instructions, `The instructions are too long: up to ${instructions} letters.`),
  header: z.array(z.enum(HEADER_FIELDS)),
  /** How much of the sayings stands across the top. */
  fade: z.enum(FADES, 'Choose how much of the sayings is shown.').default('none'),
  /** The key shows where each note is on the instrument. */
  keyPlaces: z.boolean().default(false),
  /** One version for all, or one for each student. */
  versions: z.enum(['one', 'each']),
  /** The preview's seed, so that what was seen is what is printed. */
  seed: z.string().min(1).max(40),
});
export type SheetInput = z.input<typeof sheetInput>;

export const pdfQuery = z.object({
  /** `pack`: for each student the sheet, its cards and its fingering chart. */
  part: z.enum(['sheets', 'key', 'all', 'pack']).default('all'),
  copy: z.coerce.number().int().min(1).optional(),
});

export const cardsQuery = z.object({
  group: z.string(),
  /** One student, or each student of the group in turn. */
  student: z.string().optional(),
  notes: z
    .string()
    .transform((text) => text.split(',').filter(Boolean))
    .pipe(positionsSchema),
  paper: paperSchema.default('A4'),
  fade: z.enum(FADES, 'Choose how much of the sayings is shown.').default('sentence'),
  /** Whether the back shows how the note is found. */
  way: z.enum(['0', '1']).default('0'),
});

export const markingInput = z.object({
  studentId: z.string().min(1, 'Choose the student.'),
  copy: z.number().int().min(1),
  typed: z.string().max(2000, 'That is too long for one sheet.'),
  /** Day on which it was written, ms since 1970; today when left out. */
  at: z.number().int().min(1_500_000_000_000).optional(),
});
