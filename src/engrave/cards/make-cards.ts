import { CARD_START, type CardPart, type CardSettings } from '../../core/cards';
import { nameText, rightName } from '../../core/evidence';
import { bestPlace, INSTRUMENTS, type InstrumentId } from '../../core/instruments';
import { type ExplainOptions, explain } from '../../core/methods';
import {
  CLEFS,
  type KeySignature,
  LETTERS,
  type Naming,
  noteName,
  pitchAt,
  placeName,
  type StaffPosition,
  shiftLetter,
} from '../../core/notation';
import {
  type Fade,
  type SayingPart,
  type SayingSet,
  sayingPlace,
  sayingText,
  wordAt,
} from '../../core/sayings';
import { displayName } from '../names';
import type { Card, Piece } from './card';
import { HELPER_STEPS } from './helper';

export interface CardOptions extends Partial<CardSettings> {
  readonly key: KeySignature;
  readonly naming: Naming;
  readonly sayings: SayingSet;
  readonly instrument: InstrumentId;
  /** Holds a guitar or ukulele the other way round. */
  readonly leftHanded?: boolean;
  /** The way of teaching, for backs that show how the note is found. */
  readonly way?: Pick<ExplainOptions, 'method' | 'settings'> | undefined;
  /** Printed small: the student and the group. */
  readonly owner: string;
}

/**
 * The cards of a set: for notes one for each position that the instrument's clefs can
 * show; none for a note that has nothing to put in front. What a card asks never stands on its back as well.
 */
export function cardsFor(positions: readonly StaffPosition[], options: CardOptions): Card[] {
  const settings = { ...CARD_START, ...options };
  const { clefs } = INSTRUMENTS[options.instrument];
  const own = positions.filter((p) => clefs.includes(p.clef));
  const cards = cardsOf(own, settings);
  const helper = settings.helper && cards.length > 0 ? [helperCard(options.owner)] : [];
  return [...cards, ...helper];
}

type Full = CardOptions & CardSettings;

function cardsOf(positions: readonly StaffPosition[], options: Full): Card[] {
  switch (options.set) {
    case 'notes':
      // A card that asks for a place needs one on the instrument.
      return positions.map((p) => noteCard(p, options)).filter((c) => c.front.length > 0);
    case 'letters':
      return letterCards(options);
    case 'clefs':
      return clefCards(positions, options);
    case 'line-space':
      return positions.map((p) => lineSpaceCard(p, options));
    case 'sayings':
      return sayingCards(positions, options);
  }
}

function noteCard(position: StaffPosition, options: Full): Card {
  const back = options.back.filter((part) => part !== options.front);
  const whereIs = `${position.clef} ${placeName(position.step)}`;
  const asksNote = options.front === 'note';
  return {
    front: piecesOf(options.front, position, options),
    back: back.flatMap((part) => piecesOf(part, position, options)),
    foot: { front: options.owner, back: asksNote ? whereIs : '' },
  };
}

function piecesOf(part: CardPart, position: StaffPosition, options: Full): Piece[] {
  const { naming, sayings, instrument, fade } = options;
  const key = options.signature ? options.key : 0;
  switch (part) {
    case 'note':
      return [{ kind: 'note', position, key, head: options.head }];
    case 'name': {
      const right = rightName({ ...position, key, accidental: null });
      return [{ kind: 'name', text: displayName(nameText(right), naming, key) }];
    }
    case 'word': {
      const text = cardWord(sayings, position, fade);
      return text && text.length > 1 ? [{ kind: 'word', text }] : [];
    }
    case 'place': {
      const place = bestPlace(instrument, pitchAt(position, key));
      const leftHanded = options.leftHanded ?? false;
      return place ? [{ kind: 'place', instrument, place, leftHanded }] : [];
    }
    case 'way':
      return wayPieces(position, key, options);
  }
}

/** How the note is found, without the name that stands beside it anyway. */
function wayPieces(position: StaffPosition, key: KeySignature, options: Full): Piece[] {
  if (!options.way) return [];
  const { naming, sayings, fade } = options;
  const steps = explain(position, { ...options.way, key, naming, sayings, fade });
  const marks = steps.flatMap((s) => s.marks).filter((m) => m.role !== 'answer');
  const picture = steps.find((s) => s.picture)?.picture;
  return [
    ...(picture ? [{ kind: 'picture', letter: picture } as const] : []),
    { kind: 'way', position, key, marks },
  ];
}

/** The saying's word, or what is left of it; the letter alone stands on the card anyway. */
function cardWord(sayings: SayingSet, position: StaffPosition, fade: Fade): string | null {
  if (fade === 'sentence') return wordAt(sayings, position);
  const place = sayingPlace(position);
  if (fade !== 'numbers' || !place) return null;
  return `${place.part === 'lines' ? 'line' : 'space'} ${place.index + 1}`;
}

/** Each letter, with its neighbours in the musical alphabet behind it. */
function letterCards({ naming, owner }: Full): Card[] {
  const name = (letter: (typeof LETTERS)[number]) => noteName({ letter, alter: 0 }, naming);
  return [...LETTERS.slice(5), ...LETTERS.slice(0, 5)].map((letter) => ({
    front: [{ kind: 'name', text: name(letter) }],
    back: [
      {
        kind: 'text',
        text: `Going up, after ${name(letter)} comes ${name(shiftLetter(letter, 1))}.`,
      },
      {
        kind: 'text',
        text: `Going down, after ${name(letter)} comes ${name(shiftLetter(letter, -1))}.`,
      },
    ],
    foot: { front: owner, back: '' },
  }));
}

/** The clefs of the chosen notes, or both when none is chosen. */
function clefCards(positions: readonly StaffPosition[], { owner, instrument }: Full): Card[] {
  const read = INSTRUMENTS[instrument].clefs;
  const used = read.filter((id) => positions.length === 0 || positions.some((p) => p.clef === id));
  return used.map((clef) => ({
    front: [{ kind: 'clef', clef }],
    back: [
      { kind: 'word', text: CLEFS[clef].name },
      { kind: 'text', text: CLEFS[clef].mark },
    ],
    foot: { front: owner, back: '' },
  }));
}

/** A head without clef: only its line or space is asked. */
function lineSpaceCard(position: StaffPosition, { head, owner }: Full): Card {
  const place = placeName(position.step);
  return {
    front: [{ kind: 'note', position, key: 0, head, bare: true }],
    back: [{ kind: 'word', text: place.charAt(0).toUpperCase() + place.slice(1) }],
    foot: { front: owner, back: 'counted from the bottom' },
  };
}

/** A saying's name in front, its words and letters behind; those that the notes need, or all. */
function sayingCards(
  positions: readonly StaffPosition[],
  { sayings, owner, instrument }: Full,
): Card[] {
  const parts: SayingPart[] = ['spaces', 'lines'];
  return INSTRUMENTS[instrument].clefs.flatMap((clef) =>
    parts.flatMap((part) => {
      const needed =
        positions.length === 0 ||
        positions.some((p) => p.clef === clef && sayingPlace(p)?.part === part);
      const words = sayings[clef][part];
      if (!needed || words.length === 0) return [];
      const letters = words.map((w) => w.charAt(0).toUpperCase()).join(' ');
      return [
        {
          front: [
            { kind: 'clef', clef },
            { kind: 'word', text: `The ${part}` },
          ],
          back: [
            { kind: 'word', text: sayingText(words) },
            { kind: 'text', text: letters },
          ],
          foot: { front: owner, back: 'from the bottom up' },
        } satisfies Card,
      ];
    }),
  );
}

function helperCard(owner: string): Card {
  const [title, ...steps] = HELPER_STEPS;
  const half = Math.ceil(steps.length / 2);
  return {
    front: [
      { kind: 'word', text: title! },
      ...steps.slice(0, half).map((text) => ({ kind: 'text', text }) as const),
    ],
    back: steps.slice(half).map((text) => ({ kind: 'text', text }) as const),
    foot: { front: owner, back: '' },
  };
}
