import { z } from 'zod';
import { instrumentSchema, paperSchema, positionsSchema } from './common';

/** Which notes a fingering chart shows. */
export const CHART_SETS = ['chosen', 'first', 'range'] as const;
export type ChartSet = (typeof CHART_SETS)[number];

const flag = z
  .enum(['0', '1'])
  .default('0')
  .transform((text) => text === '1');

export const chartQuery = z
  .object({
    /** Whose key and names are used; without an instrument, each section has its page. */
    group: z.string().optional(),
    instrument: instrumentSchema.optional(),
    set: z.enum(CHART_SETS, 'Choose the chosen notes, the first notes or the whole range.'),
    notes: z
      .string()
      .default('')
      .transform((text) => text.split(',').filter(Boolean)),
    paper: paperSchema.default('A4'),
    /** As the teacher in front sees it. */
    front: flag,
    left: flag,
  })
  .transform((query, ctx) => {
    if (query.set !== 'chosen') return { ...query, notes: [] };
    const notes = positionsSchema.safeParse(query.notes);
    if (notes.success) return { ...query, notes: notes.data };
    ctx.addIssue(notes.error.issues[0]!.message);
    return z.NEVER;
  });
