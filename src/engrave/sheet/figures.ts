import type { Figure } from '../../core/sheets';
import type { Block } from './block';
import { cellBlocks } from './cells';
import { clefBlocks } from './clef';
import type { Look } from './look';
import { matchBlock } from './match';
import { placeBlocks } from './places';
import { blankBlocks, captionBlock, legendBlock, questionBlocks, quizBlock } from './small-figures';

/** The blocks of a figure; `perLine` is the most items on a line, null for as many as leave room. */
export function figureBlocks(figure: Figure, look: Look, perLine: number | null): Block[] {
  switch (figure.type) {
    case 'cells':
      return cellBlocks(figure, look, perLine);
    case 'questions':
      return questionBlocks(figure, look);
    case 'legend':
      return [legendBlock(figure, look)];
    case 'match':
      return [matchBlock(figure, look)];
    case 'places':
      return placeBlocks(figure, look, perLine);
    case 'clef':
      return clefBlocks(figure, look);
    case 'blank':
      return blankBlocks(figure, look);
    case 'quiz':
      return [quizBlock(figure, look)];
    case 'caption':
      return [captionBlock(figure, look)];
  }
}
