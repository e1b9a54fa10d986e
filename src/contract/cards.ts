import { z } from 'zod';
import {
  CARD_BACKS,
  CARD_COUNTS,
  CARD_FRONTS,
  CARD_PARTS,
  CARD_SETS,
  type CardSettings,
  MOST_OFFSET,
  SET_COLOURS,
} from '../core/cards';
import { parsePositionId } from '../core/notation';
import { FADES } from '../core/sayings';
import { paperSchema, positionsSchema } from './common';

const offset = z.coerce
  .number('Backs are moved by millimetres.')
  .min(
    -MOST_OFFSET,
    `Backs are moved by up to ${MOST_OFFSET} mm. More is the wrong edge: print the test page.`,
  )
  .max(
    MOST_OFFSET,
    `Backs are moved by up to ${MOST_OFFSET} mm. More is the wrong edge: print the test page.`,
  )
  .default(0);
const flag = z
  .enum(['0', '1'])
  .default('0')
  .transform((v) => v === '1');
const list = z.string().transform((text) => text.split(',').filter(Boolean));

export const cardsQuery = z
  .object({
    group: z.string(),
    /** One student, or each student of the group in turn. */
    student: z.string().optional(),
    notes: list.default([]).pipe(positionsSchema.or(z.array(z.never()))),
    paper: paperSchema.default('A4'),
    set: z.enum(CARD_SETS, 'Choose what the cards are about.').default('notes'),
    front: z.enum(CARD_FRONTS, 'Choose what the fronts ask.').default('note'),
    back: list
      .default(['name', 'word', 'place'])
      .pipe(z.array(z.enum(CARD_PARTS, 'Choose what stands on the backs.'))),
    head: z.enum(['whole', 'quarter'], 'Choose whole or quarter notes.').default('whole'),
    signature: z
      .enum(['0', '1'])
      .default('1')
      .transform((v) => v === '1'),
    fade: z.enum(FADES, 'Choose how much of the saying is shown.').default('sentence'),
    perPage: z.coerce
      .number()
      .default(8)
      .pipe(
        z.union(
          CARD_COUNTS.map((n) => z.literal(n)),
          '4, 8 or 16 cards to a page.',
        ),
      ),
    backs: z.enum(CARD_BACKS, 'Choose how the paper is turned over, or folding.').default('long'),
    right: offset,
    down: offset,
    marks: z
      .enum(['0', '1'])
      .default('1')
      .transform((v) => v === '1'),
    label: z
      .string()
      .trim()
      .max(30, 'The name of the set is too long: up to 30 letters.')
      .default(''),
    colour: z.enum(SET_COLOURS, 'Choose one of the colours.').default('none'),
    helper: flag,
  })
  .refine(
    (q) => q.notes.length > 0 || !['notes', 'line-space'].includes(q.set),
    'Choose at least one note on the staff.',
  );

/** The address of a set of cards: what {@link cardsQuery} reads. */
export function cardsSearch(
  settings: CardSettings,
  rest: { group: string; notes: readonly string[]; paper: string; student?: string },
): string {
  const { notes, student, ...plain } = rest;
  const known = notes.filter((id) => parsePositionId(id) !== null);
  const values = Object.entries({
    ...plain,
    ...settings,
    notes: known,
    ...(student ? { student } : {}),
  });
  const pairs = values.map(([name, value]): [string, string] => [
    name,
    typeof value === 'boolean'
      ? value
        ? '1'
        : '0'
      : Array.isArray(value)
        ? value.join(',')
        : String(value),
  ]);
  return new URLSearchParams(pairs).toString().replaceAll('%2C', ',');
}

export const cardTestQuery = z.object({ paper: paperSchema.default('A4') });
