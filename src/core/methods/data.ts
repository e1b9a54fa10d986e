import type { Method, MethodId } from './types';

export const METHODS: Readonly<Record<MethodId, Method>> = {
  'two-sayings': {
    id: 'two-sayings',
    name: 'Two sayings',
    about: 'Spaces, then lines, each by a word or sentence counted from the bottom.',
    finding: 'sayings',
    order: 'spaces-lines',
  },
  'spaces-only': {
    id: 'spaces-only',
    name: 'Spaces only',
    about: 'The spaces by their saying; a line has the letter between its two spaces.',
    finding: 'spaces',
    order: 'spaces-lines',
  },
  'stepping-lines': {
    id: 'stepping-lines',
    name: 'Lines as stepping stones',
    about: 'The lines by their saying; a space is one step from a line.',
    finding: 'lines',
    order: 'lines-spaces',
  },
  landmarks: {
    id: 'landmarks',
    name: 'Landmarks',
    about: 'G line, middle C and F line first, then steps from the nearest.',
    finding: 'landmarks',
    order: 'landmarks',
  },
  'hand-position': {
    id: 'hand-position',
    name: 'Hand position',
    about: 'Five neighbours at a time, from the first position of the hand.',
    finding: 'neighbours',
    order: 'first-five',
  },
  'instrument-first': {
    id: 'instrument-first',
    name: 'Instrument first',
    about: 'The notes already played, in the order in which the instrument learns them.',
    finding: 'instrument',
    order: 'instrument',
  },
  'all-at-once': {
    id: 'all-at-once',
    name: 'All at once',
    about: 'The whole staff from bottom to top, with both sayings.',
    finding: 'sayings',
    order: 'all',
  },
};

export const METHOD_IDS = Object.keys(METHODS) as MethodId[];
