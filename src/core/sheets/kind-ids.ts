/** The exercise kinds, in the order in which they are offered. */
export const KIND_IDS = [
  'name-notes',
  'line-space',
  'draw-note',
  'draw-five',
  'fill-gap',
  'words',
  'colour',
  'dots',
  'draw-clef',
  'match',
  'where',
  'steps',
  'two-of-a-letter',
  'find-mistakes',
  'mixed-clefs',
  'quiz',
  'blank-staves',
] as const;
export type KindId = (typeof KIND_IDS)[number];
