import { z } from 'zod';
import { FADES } from '../core/sayings';
import {
  HEAD_LETTERS,
  HEADER_FIELDS,
  KIND_IDS,
  KINDS,
  ORDERS,
  readOptions,
  SHEET_LIMITS,
  sectionProblem,
  sheetProblem,
} from '../core/sheets';
import { instrumentSchema, keySchema, paperSchema, positionsSchema } from './common';

/** One exercise; options that its kind does not have are dropped. */
const sectionSchema = z
  .object({
    id: z.string().min(1).max(40),
    kind: z.enum(KIND_IDS, 'Choose one of the exercises.'),
    options: z.record(z.string(), z.union([z.string().max(40), z.number(), z.boolean()])),
    count: z.number('Write how many.'),
    clefs: z.enum(['blocks', 'mixed'], 'Clefs in blocks or mixed.'),
    order: z.enum(ORDERS, 'Choose an order of the notes.'),
    weakFirst: z.boolean(),
    ledgers: z.number('Write how many ledger lines.'),
    instructions: z.string().trim().nullable(),
    perLine: z.number().nullable(),
    key: keySchema.nullable(),
  })
  .transform((section, ctx) => {
    const problem = sectionProblem(section);
    if (problem) ctx.addIssue(problem);
    const read = readOptions(KINDS[section.kind].options, section.options);
    return { ...section, options: read.ok ? read.options : {} };
  });

/** Exercises and settings of a sheet, as they are kept and sent. */
const settings = {
  // Counted before each is read: nobody prints thousands.
  sections: z
    .array(z.unknown())
    .max(
      SHEET_LIMITS.sections,
      `A sheet has up to ${SHEET_LIMITS.sections} exercises. Make two sheets for more.`,
    )
    .pipe(z.array(sectionSchema)),
  paper: paperSchema,
  staffSpace: z.number('Write the staff size in millimetres.'),
  write: z.number('Write the room to write in millimetres.'),
  large: z.boolean(),
  colour: z.boolean(),
  headLetters: z.enum(HEAD_LETTERS, 'Choose which heads have letters.'),
  title: z.string().trim(),
  instructions: z.string().trim(),
  header: z.array(z.enum(HEADER_FIELDS)),
  /** How much of the sayings stands across the top. */
  fade: z.enum(FADES, 'Choose how much of the sayings is shown.').default('none'),
  /** The key shows where each note is on the instrument. */
  keyPlaces: z.boolean().default(false),
};

/** Limits of the whole sheet, in the words of the core. */
function checked(sheet: Parameters<typeof sheetProblem>[0], ctx: z.RefinementCtx): void {
  const problem = sheetProblem(sheet);
  if (problem) ctx.addIssue(problem);
}

export const sheetInput = z
  .object({
    ...settings,
    groupId: z.string(),
    /** May be empty when no exercise asks notes. */
    positions: positionsSchema.or(z.array(z.never())),
    key: keySchema,
    instrument: instrumentSchema,
    /** One version for all, three so that neighbours cannot copy, or one for each student. */
    versions: z.enum(['one', 'abc', 'each']),
    /** The preview's seed, so that what was seen is what is printed. */
    seed: z.string().min(1).max(40),
  })
  .superRefine(checked)
  .refine(
    (s) => s.positions.length > 0 || s.sections.every(({ kind }) => !KINDS[kind].asksNotes),
    'Choose at least one note on the staff.',
  );
export type SheetInput = z.input<typeof sheetInput>;

export const presetInput = z.object({
  name: z
    .string()
    .trim()
    .min(1, 'Give the preset a name.')
    .max(60, 'The name is too long: up to 60 letters.'),
  preset: z.object(settings).superRefine(checked),
});

export const presetName = z.object({ name: z.string().max(60) });

export const pdfQuery = z.object({
  /** `pack`: for each student the sheet, its cards and its fingering chart. */
  part: z.enum(['sheets', 'key', 'all', 'pack']).default('all'),
  copy: z.coerce.number().int().min(1).optional(),
  /** How often each copy is printed. */
  times: z.coerce
    .number('How many copies? A number from 1 to 40.')
    .int('A whole number of copies.')
    .min(1, 'At least one copy.')
    .max(40, 'Up to 40 copies at once.')
    .default(1),
});

export const svgQuery = z.object({
  copy: z.coerce.number().int().min(1).default(1),
  page: z.coerce.number().int().min(1).default(1),
  key: z.enum(['0', '1']).default('0'),
});

export const itemsQuery = z.object({
  format: z.enum(['csv', 'musicxml'], 'Choose csv or musicxml.'),
  copy: z.coerce.number().int().min(1).default(1),
  answers: z.enum(['0', '1']).default('0'),
});

/** Who was given a sheet, or gave it back. */
export const handsInput = z.object({
  students: z.array(z.string().max(60)).min(1, 'Choose a student.').max(200),
  given: z.boolean().optional(),
  back: z.boolean().optional(),
});

export const unmarkInput = z.object({ studentId: z.string().min(1, 'Choose the student.') });

export const markingInput = z.object({
  studentId: z.string().min(1, 'Choose the student.'),
  copy: z.number().int().min(1),
  /** For each exercise, as keyed in. */
  typed: z
    .array(z.string().max(2000, 'That is too long for one exercise.'))
    .max(SHEET_LIMITS.sections),
  /** Day on which it was written, ms since 1970; today when left out. */
  at: z.number().int().min(1_500_000_000_000).optional(),
});
