/**
 * Words that can be written with the letters A to G, in three levels: 1 for words that
 * every child reads, 2 for longer or rarer ones, 3 for the longest. Our own list.
 */
export const NOTE_WORDS: Readonly<Record<1 | 2 | 3, readonly string[]>> = {
  1: 'add age bad bag bed bee beg cab dad egg fed gag bead beef cage cafe deaf edge face fade feed badge'.split(
    ' ',
  ),
  2: 'ace cad dab ebb fab fad fee gab abed aged babe bade caged deed faced faded gaff decade beaded begged bagged'.split(
    ' ',
  ),
  3: 'adage cadge cabbage baggage facade defaced effaced bedded gagged ebbed accede deface feedbag'.split(
    ' ',
  ),
};
