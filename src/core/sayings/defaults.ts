import type { SayingSet } from './types';

/**
 * Sayings that a new group starts with, written for this product. FACE is a fact of the
 * treble spaces; each sentence has a theme of its own, and no word is in two of them.
 */
export const DEFAULT_SAYINGS: SayingSet = {
  treble: {
    spaces: ['F', 'A', 'C', 'E'],
    lines: ['Eels', 'Glide', 'Below', 'Dark', 'Ferries'],
  },
  bass: {
    spaces: ['Ants', 'Carry', 'Enormous', 'Grapes'],
    lines: ['Giant', 'Badgers', 'Drop', 'Fluffy', 'Acorns'],
  },
};
