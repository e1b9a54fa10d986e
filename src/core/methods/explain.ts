import { bestPlace, INSTRUMENTS, type InstrumentId, lowerName } from '../instruments';
import {
  CLEFS,
  type KeySignature,
  type Letter,
  letterAt,
  type Naming,
  pitchAt,
  placeName,
  positionId,
  type StaffPosition,
  type Terms,
} from '../notation';
import { type Fade, type SayingPart, type SayingSet, sayingPlace } from '../sayings';
import { METHODS } from './data';
import { landmarkName } from './order';
import { firstFiveSteps, LETTER_PICTURES, landmarksOf, type MethodSettings } from './settings';
import { bySteps, byWords, clefStep, nameStep } from './steps';
import type { MethodId, Step } from './types';

export interface ExplainOptions {
  readonly method: MethodId;
  readonly sayings: SayingSet;
  readonly key?: KeySignature;
  readonly instrument?: InstrumentId;
  readonly naming?: Naming;
  readonly terms?: Terms;
  /** Ids of the positions that the student has been shown: nothing else is leant on. All when left out. */
  readonly known?: ReadonlySet<string> | undefined;
  /** How much of a saying is still said. */
  readonly fade?: Fade | undefined;
  readonly settings?: MethodSettings | undefined;
}

/**
 * The way to a note's name by the method, as few steps as it allows. Each step has a
 * sentence and the marks to show on the staff. Positions up to six ledger lines.
 */
export function explain(position: StaffPosition, options: ExplainOptions): Step[] {
  const anchor = CLEFS[position.clef].line * 2 - 2;
  const way = find(position, options);
  // On the clef's own line the clef has said it all.
  const steps = position.step === anchor ? [] : way;
  const placed =
    METHODS[options.method].finding === 'instrument' ? placeStep(position, options) : [];
  return [
    ...placed,
    clefStep(position, options),
    ...steps,
    ...pictureStep(position, options),
    nameStep(position, options),
  ];
}

/** A place to start from, with what it is called. */
interface Start {
  readonly step: number;
  readonly name: string;
}

function find(position: StaffPosition, options: ExplainOptions): Step[] {
  const { finding } = METHODS[options.method];
  const words = wordsFor(position, options);
  switch (finding) {
    case 'sayings':
      return words ?? walk(position, options, named(staffSteps(), 'a note you know'));
    case 'spaces':
      if (words && sayingPlace(position)?.part === 'spaces') return words;
      return walk(position, options, named([1, 3, 5, 7], 'a space you know'));
    case 'lines':
      if (words && sayingPlace(position)?.part === 'lines') return words;
      return walk(position, options, named([0, 2, 4, 6, 8], 'a line you know'));
    case 'neighbours': {
      const { instrument = 'none' } = options;
      const [first] = firstFiveSteps(position.clef, instrument);
      const hand =
        first === undefined ? [] : [{ step: first, name: 'the first note of your hand' }];
      return walk(position, options, [...hand, ...landmarkStarts(position, options)]);
    }
    case 'landmarks':
    case 'instrument':
      return walk(position, options, landmarkStarts(position, options));
  }
}

const staffSteps = () => [0, 1, 2, 3, 4, 5, 6, 7, 8];
const named = (steps: readonly number[], name: string): Start[] =>
  steps.map((step) => ({ step, name }));

function landmarkStarts(position: StaffPosition, options: ExplainOptions): Start[] {
  return landmarksOf(options.settings)
    .filter((p) => p.clef === position.clef)
    .map((p) => ({ step: p.step, name: landmarkName(p) }));
}

/** Counting through the saying, where the clef has one in use. */
function wordsFor(position: StaffPosition, options: ExplainOptions): Step[] | null {
  const place = sayingPlace(position);
  const clefs = options.settings?.sayingClefs;
  if (!place || (clefs && !clefs.includes(position.clef))) return null;
  if (options.sayings[position.clef][place.part].length === 0) return null;
  if (!isTaught(position, place.part, options.known)) return null;
  return byWords(position, options.sayings, options.fade ?? 'sentence');
}

/** A saying is taught once one of its notes has been shown. */
function isTaught(
  { clef }: StaffPosition,
  part: SayingPart,
  known: ReadonlySet<string> | undefined,
): boolean {
  const steps = part === 'lines' ? [0, 2, 4, 6, 8] : [1, 3, 5, 7];
  return !known || steps.some((step) => known.has(positionId({ clef, step })));
}

/**
 * Walks from the nearest start that the student knows; the line that the clef marks is
 * known to everybody. At equal distance from below, because letters go forward.
 */
function walk(position: StaffPosition, options: ExplainOptions, starts: readonly Start[]): Step[] {
  const { known } = options;
  const { clef } = position;
  const row = CLEFS[clef];
  const isKnown = ({ step }: Start) => !known || known.has(positionId({ clef, step }));
  const own = starts.filter((s) => isKnown(s) && (s.step !== position.step || isNamed(s)));
  const anchor: Start = { step: row.line * 2 - 2, name: `the ${row.sign} line` };
  const best = [...own, anchor].reduce((a, b) => {
    const [x, y] = [Math.abs(a.step - position.step), Math.abs(b.step - position.step)];
    return y < x || (y === x && b.step < a.step) ? b : a;
  });
  return bySteps(position, best.step, best.name, options);
}

/** A landmark has a name of its own, so "This is middle C" explains; "a line you know" would not. */
const isNamed = ({ name }: Start) => !name.endsWith('you know');

/** The letter's picture, in the school that teaches by pictures or where the teacher wants it. */
function pictureStep(
  position: StaffPosition,
  { method, settings, naming }: ExplainOptions,
): Step[] {
  const letter: Letter = letterAt(position);
  const wanted = settings?.pictures ?? (method === 'hand-position' ? [letter] : []);
  if (!wanted.includes(letter) || (naming && naming !== 'letters')) return [];
  const marks = [{ step: position.step, role: 'answer' as const }];
  return [{ say: `Think of the ${LETTER_PICTURES[letter]}.`, marks, picture: letter }];
}

function placeStep(
  position: StaffPosition,
  { instrument = 'none', key = 0, terms }: ExplainOptions,
): Step[] {
  const place = bestPlace(instrument, pitchAt(position, key));
  if (!place) return [];
  const where = placeName(position.step, terms);
  return [
    {
      say: `On the ${lowerName(INSTRUMENTS[instrument])} ${where} is ${place.words}.`,
      marks: [{ step: position.step, role: 'answer' }],
      place,
    },
  ];
}
