/** Ink of staves and heads, and the acting, attention and wrong colours, on paper as on screen. */
export const INK = '#221f1a';
export const FELT = '#1f5c46';
export const BRASS = '#8a6412';
export const MADDER = '#a3262e';
export const FAINT = '#8d8676';
