import type { Kind } from '../kind';
import type { KindId } from '../kind-ids';
import { blankStaves } from './blank-staves';
import { colour } from './colour';
import { dots } from './dots';
import { drawClef } from './draw-clef';
import { drawFive } from './draw-five';
import { drawNote } from './draw-note';
import { fillGap } from './fill-gap';
import { findMistakes } from './find-mistakes';
import { lineSpace } from './line-space';
import { match } from './match';
import { mixedClefs } from './mixed-clefs';
import { nameNotes } from './name-notes';
import { quiz } from './quiz';
import { steps } from './steps';
import { twoOfALetter } from './two-of-a-letter';
import { where } from './where';
import { words } from './words';

/** Every exercise kind by its identifier. */
export const KINDS: Readonly<Record<KindId, Kind>> = {
  'name-notes': nameNotes,
  'line-space': lineSpace,
  'draw-note': drawNote,
  'draw-five': drawFive,
  'fill-gap': fillGap,
  words,
  colour,
  dots,
  'draw-clef': drawClef,
  match,
  where,
  steps,
  'two-of-a-letter': twoOfALetter,
  'find-mistakes': findMistakes,
  'mixed-clefs': mixedClefs,
  quiz,
  'blank-staves': blankStaves,
};
