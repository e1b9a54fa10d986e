import type { Fade } from '../sayings';

/** What the cards of a set are about. */
export const CARD_SETS = ['notes', 'letters', 'clefs', 'line-space', 'sayings'] as const;
export type CardSetId = (typeof CARD_SETS)[number];
export const CARD_SET_NAMES: Readonly<Record<CardSetId, string>> = {
  notes: 'Notes',
  letters: 'The letters A to G',
  clefs: 'Clefs',
  'line-space': 'Line or space',
  sayings: 'Sayings',
};

/** What can stand on a side of a note's card. */
export const CARD_PARTS = ['note', 'name', 'word', 'place', 'way'] as const;
export type CardPart = (typeof CARD_PARTS)[number];
export const CARD_PART_NAMES: Readonly<Record<CardPart, string>> = {
  note: 'the note',
  name: 'the name',
  word: 'the saying’s word',
  place: 'the place on the instrument',
  way: 'how it is found',
};
/** What a card may ask. */
export const CARD_FRONTS = ['note', 'name', 'place'] as const;
export type CardFront = (typeof CARD_FRONTS)[number];

/** Cards on a page. */
export const CARD_COUNTS = [4, 8, 16] as const;
export type CardCount = (typeof CARD_COUNTS)[number];

/** How a printer that prints on both sides turns the paper over, or no such printer. */
export const CARD_BACKS = ['long', 'short', 'fold'] as const;
export type CardBacks = (typeof CARD_BACKS)[number];

/** A colour tells sets apart; its name stands beside it. */
export const SET_COLOURS = ['none', 'green', 'ochre', 'red', 'blue', 'plum'] as const;
export type SetColour = (typeof SET_COLOURS)[number];

/** Furthest that a printer is out, in mm; more is the wrong way of turning over. */
export const MOST_OFFSET = 10;

export interface CardSettings {
  readonly set: CardSetId;
  readonly front: CardFront;
  readonly back: readonly CardPart[];
  readonly head: 'whole' | 'quarter';
  /** Cards show the group's key signature; without it notes are plain. */
  readonly signature: boolean;
  /** How much of the saying stands on a card. */
  readonly fade: Fade;
  readonly perPage: CardCount;
  readonly backs: CardBacks;
  /** Millimetres by which backs are moved to the right and down. */
  readonly right: number;
  readonly down: number;
  readonly marks: boolean;
  /** Name and colour of the set, small on both sides. */
  readonly label: string;
  readonly colour: SetColour;
  /** A card that tells a helper how to run a round. */
  readonly helper: boolean;
}

/** Cards as they start: notes, eight to a page, for a printer that turns over the long edge. */
export const CARD_START: CardSettings = {
  set: 'notes',
  front: 'note',
  back: ['name', 'word', 'place'],
  head: 'whole',
  signature: true,
  fade: 'sentence',
  perPage: 8,
  backs: 'long',
  right: 0,
  down: 0,
  marks: true,
  label: '',
  colour: 'none',
  helper: false,
};
