/** The pictures of a student's key: easy to tell apart, drawn from the icon set. */
export const PICTURES = [
  'anchor',
  'apple',
  'bell',
  'bird',
  'bike',
  'cloud',
  'fish',
  'key',
  'leaf',
  'moon',
  'star',
  'sun',
] as const;
export type PictureId = (typeof PICTURES)[number];
