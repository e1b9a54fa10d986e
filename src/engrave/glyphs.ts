/**
 * Glyphs of the music font that the product draws, by SMuFL name. The browser's font is
 * subsetted to these. Source: the SMuFL 1.4 code points.
 */
export const MUSIC_GLYPHS: Readonly<Record<string, number>> = {
  brace: 0xe000,
  gClef: 0xe050,
  cClef: 0xe05c,
  fClef: 0xe062,
  noteheadDoubleWhole: 0xe0a0,
  noteheadWhole: 0xe0a2,
  noteheadHalf: 0xe0a3,
  noteheadBlack: 0xe0a4,
  flag8thUp: 0xe240,
  flag8thDown: 0xe241,
  accidentalFlat: 0xe260,
  accidentalNatural: 0xe261,
  accidentalSharp: 0xe262,
  accidentalDoubleSharp: 0xe263,
  accidentalDoubleFlat: 0xe264,
};
