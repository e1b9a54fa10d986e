import { bestPlace, INSTRUMENTS, type InstrumentId } from '../instruments';
import {
  alterSign,
  CLEFS,
  isLine,
  type KeySignature,
  keyAlter,
  keyName,
  type Letter,
  letterAt,
  type Naming,
  noteName,
  pitchAt,
  placeName,
  type StaffPosition,
  type Terms,
} from '../notation';
import { type SayingSet, sayingPlace } from '../sayings';
import { METHODS } from './data';
import { landmarkName, nearestLandmark } from './order';
import type { Mark, MethodId, Step } from './types';

export interface ExplainOptions {
  readonly method: MethodId;
  readonly sayings: SayingSet;
  readonly key?: KeySignature;
  readonly instrument?: InstrumentId;
  readonly naming?: Naming;
  readonly terms?: Terms;
}

/**
 * The way to a note's name by the method, as few steps as it allows. Each step has a
 * sentence and the marks to show on the staff. Positions up to six ledger lines.
 */
export function explain(position: StaffPosition, options: ExplainOptions): Step[] {
  const way = find(position, options);
  return [clefStep(position), ...way, ...nameStep(position, options)];
}

function clefStep({ clef }: StaffPosition): Step {
  const row = CLEFS[clef];
  return { say: row.mark, marks: [{ step: row.line * 2 - 2, role: 'clef', label: row.sign }] };
}

function find(position: StaffPosition, options: ExplainOptions): Step[] {
  const { finding } = METHODS[options.method];
  const place = sayingPlace(position);
  switch (finding) {
    case 'sayings':
      return place
        ? byWords(position, options)
        : bySteps(position, edge(position.step), 'the edge of the staff');
    case 'spaces':
      if (place?.part === 'spaces') return byWords(position, options);
      return bySteps(position, neighbour(position.step, 1), 'a space you know');
    case 'lines':
      if (place?.part === 'lines') return byWords(position, options);
      return bySteps(position, neighbour(position.step, 0), 'a line you know');
    case 'landmarks':
    case 'neighbours': {
      const mark = nearestLandmark(position);
      return bySteps(position, mark.step, landmarkName(mark));
    }
    case 'instrument': {
      const played = placeStep(position, options);
      const mark = nearestLandmark(position);
      return [...bySteps(position, mark.step, landmarkName(mark)), ...played];
    }
  }
}

/** Counts the words of the saying from the bottom up to the note. */
function byWords(position: StaffPosition, { sayings }: ExplainOptions): Step[] {
  const place = sayingPlace(position)!;
  const words = sayings[position.clef][place.part].slice(0, place.index + 1);
  const kind = place.part === 'lines' ? 'line' : 'space';
  const first = place.part === 'lines' ? 0 : 1;
  const decide: Step = {
    say:
      kind === 'line'
        ? 'A line runs through the head: it is a line note.'
        : 'The head sits between two lines: it is a space note.',
    marks: [{ step: position.step, role: 'answer' }],
  };
  const marks: Mark[] = Array.from({ length: place.index + 1 }, (_, i) => ({
    step: first + 2 * i,
    role: 'count',
    label: words[i] ?? String(i + 1),
  }));
  const counted = words.length > 0 ? words.join(', ') : letters(marks, position).join(', ');
  return [decide, { say: `Count ${place.part} from the bottom: ${counted}.`, marks }];
}

/** Walks letter by letter from a known position to the note. */
function bySteps(position: StaffPosition, from: number, known: string): Step[] {
  const start = letterAt({ clef: position.clef, step: from });
  const fromMark: Mark = { step: from, role: 'known', label: start };
  if (from === position.step) {
    return [{ say: `This is ${known}.`, marks: [fromMark] }];
  }
  const way = Math.sign(position.step - from);
  const path: Mark[] = [fromMark];
  for (let s = from + way; s !== position.step + way; s += way) {
    path.push({ step: s, role: 'path', label: letterAt({ clef: position.clef, step: s }) });
  }
  const direction = way > 0 ? 'up: letters go forward' : 'down: letters go backward';
  return [
    {
      say: `Start from ${known}: ${placeName(from)} is ${start}.`,
      marks: [fromMark],
    },
    { say: `Step ${direction}: ${letters(path, position).join(' ')}.`, marks: path },
  ];
}

function letters(marks: readonly Mark[], { clef }: StaffPosition): Letter[] {
  return marks.map(({ step }) => letterAt({ clef, step }));
}

function nameStep(position: StaffPosition, options: ExplainOptions): Step[] {
  const { key = 0, naming = 'letters' } = options;
  const letter = letterAt(position);
  const name = noteName(pitchAt(position, key), naming, key);
  const marks: Mark[] = [{ step: position.step, role: 'answer', label: name }];
  const alter = keyAlter(key, letter);
  if (alter === 0)
    return [{ say: `${capital(placeName(position.step, options.terms))} is ${name}.`, marks }];
  const sign = alter > 0 ? 'sharp' : 'flat';
  return [
    {
      say: `The key signature (${keyName(key)}) makes every ${letter} ${sign}: it is ${letter}${alterSign(alter)}.`,
      marks,
    },
  ];
}

function placeStep(
  position: StaffPosition,
  { instrument = 'none', key = 0 }: ExplainOptions,
): Step[] {
  const place = bestPlace(instrument, pitchAt(position, key));
  if (!place) return [];
  const name = INSTRUMENTS[instrument].name.toLowerCase();
  return [
    {
      say: `On the ${name} it is ${place.words}.`,
      marks: [{ step: position.step, role: 'answer' }],
    },
  ];
}

/** The line or space nearest the note on the edge of the staff. */
function edge(step: number): number {
  return step < 0 ? 0 : 8;
}

/** The nearest position of the wanted kind (0 line, 1 space) inside the staff; below when there is one. */
function neighbour(step: number, parity: 0 | 1): number {
  const low = parity;
  const high = parity === 0 ? 8 : 7;
  if (step <= low) return low;
  if (step >= high) return high;
  return isLine(step) === (parity === 0) ? step : step - 1;
}

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
