import { z } from 'zod';
import { INSTRUMENT_IDS } from '../core/instruments';
import { METHOD_IDS } from '../core/methods';
import {
  isKeySignature,
  type KeySignature,
  NAMINGS,
  parsePositionId,
  type StaffPosition,
} from '../core/notation';
import { nameProblem } from '../core/roster';
import { PICTURES } from './pictures';

/** A staff position by its identifier, `t2` or `b-4`. */
export const positionSchema = z.string().transform((id, ctx): StaffPosition => {
  const position = parsePositionId(id);
  if (position) return position;
  ctx.addIssue(
    `“${id.slice(0, 12)}” is not a staff position: t or b for the clef, then the step, such as t2.`,
  );
  return z.NEVER;
});

/** At least one position, each once. */
export const positionsSchema = z
  .array(positionSchema)
  .min(1, 'Choose at least one note on the staff.')
  .max(80, 'Choose up to 80 notes.');

export const keySchema = z
  .number()
  .refine(
    (n) => isKeySignature(n),
    'A key signature has up to seven sharps (1 to 7) or flats (−1 to −7).',
  )
  .transform((n) => n as KeySignature);

export const methodSchema = z.enum(METHOD_IDS, 'Choose one of the ways of teaching.');
export const instrumentSchema = z.enum(INSTRUMENT_IDS, 'Choose one of the instruments.');
export const namingSchema = z.enum(NAMINGS, 'Choose letters, fixed do or movable do.');
export const termsSchema = z.enum(['US', 'UK'], 'Choose American or British words.');
export const paperSchema = z.enum(['A4', 'Letter'], 'Choose A4 or Letter.');
export const pictureSchema = z.enum(PICTURES, 'Choose three of the pictures.');

/** A student's name: first name or initials. */
export const studentNameSchema = z
  .string()
  .transform((name) => name.trim().replace(/\s+/g, ' '))
  .superRefine((name, ctx) => {
    const problem = nameProblem(name);
    if (problem) ctx.addIssue(problem);
  });
