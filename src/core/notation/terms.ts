/** The two vocabularies in daily use. */
export type Terms = 'US' | 'UK';

/** Words that differ between them. Source: common usage in both countries. */
export const TERM_TABLE = {
  staff: { US: 'staff', UK: 'stave' },
  staves: { US: 'staves', UK: 'staves' },
  whole: { US: 'whole note', UK: 'semibreve' },
  half: { US: 'half note', UK: 'minim' },
  quarter: { US: 'quarter note', UK: 'crotchet' },
  eighth: { US: 'eighth note', UK: 'quaver' },
  measure: { US: 'measure', UK: 'bar' },
} as const;

export type Term = keyof typeof TERM_TABLE;

/** The word for a thing in the teacher's vocabulary. */
export function term(word: Term, terms: Terms): string {
  return TERM_TABLE[word][terms];
}
