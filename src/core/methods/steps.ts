import {
  alterSign,
  CLEFS,
  type KeySignature,
  keyAlter,
  keyName,
  letterAt,
  type Naming,
  noteName,
  pitchAt,
  placeName,
  type StaffPosition,
  type Terms,
} from '../notation';
import { type Fade, faded, type SayingSet, sayingLetters, sayingPlace } from '../sayings';
import type { Mark, Step } from './types';

/** From this many steps on, the way goes by skips. */
const SKIP_FROM = 4;

/** How notes are called in the steps of a way: by letters, or as the teacher sings them. */
export interface Called {
  readonly key?: KeySignature | undefined;
  readonly naming?: Naming | undefined;
  readonly terms?: Terms | undefined;
}

/** The name of a step on the way; letters stay plain, because the signature comes last. */
function calledAt(position: StaffPosition, { key = 0, naming = 'letters' }: Called): string {
  return naming === 'letters' ? letterAt(position) : noteName(pitchAt(position, key), naming, key);
}

/** What the clef says: the line that its sign marks. */
export function clefStep({ clef }: StaffPosition, called: Called): Step {
  const row = CLEFS[clef];
  const step = row.line * 2 - 2;
  const name = calledAt({ clef, step }, called);
  const say = row.mark.replace(/That line is .*$/, `That line is ${name}.`);
  return { say, marks: [{ step, role: 'clef', label: name }] };
}

/** Counts the words of the saying from the bottom up to the note; faded, its letters or numbers. */
export function byWords(position: StaffPosition, sayings: SayingSet, fade: Fade): Step[] {
  const place = sayingPlace(position)!;
  const all = faded(
    sayings[position.clef][place.part],
    sayingLetters(position.clef, place.part),
    fade === 'none' ? 'numbers' : fade,
  );
  const words = all.slice(0, place.index + 1);
  const onLine = place.part === 'lines';
  const decide: Step = {
    say: onLine
      ? 'A line runs through the head: it is a line note.'
      : 'The head sits between two lines: it is a space note.',
    marks: [{ step: position.step, role: 'answer' }],
  };
  const marks = words.map((label, i): Mark => {
    return { step: (onLine ? 0 : 1) + 2 * i, role: 'count', label };
  });
  const counted = `Count ${place.part} from the bottom: ${words.join(', ')}.`;
  return [decide, { say: counted, marks, hand: marks.map((m) => m.step) }];
}

/** Walks from a known position to the note: by steps, or by skips when it is far. */
export function bySteps(
  position: StaffPosition,
  from: number,
  known: string,
  called: Called,
): Step[] {
  const letter = (step: number) => calledAt({ clef: position.clef, step }, called);
  const names = called.naming && called.naming !== 'letters' ? 'names' : 'letters';
  const start: Mark = { step: from, role: 'known', label: letter(from) };
  if (from === position.step) return [{ say: `This is ${known}.`, marks: [start] }];
  const first: Step = {
    say: `Start from ${known}: ${placeName(from, called.terms)} is ${letter(from)}.`,
    marks: [start],
  };
  const distance = position.step - from;
  const way = Math.sign(distance);
  const pace = Math.abs(distance) >= SKIP_FROM ? 2 : 1;
  const path: Mark[] = [start];
  let at = from;
  while (Math.abs(position.step - at) >= pace) {
    at += way * pace;
    path.push({ step: at, role: 'path', label: letter(at) });
  }
  const walked = path.map((m) => m.label).join(' ');
  const up = way > 0;
  const walk: Step = {
    say:
      pace === 2
        ? `Skip ${up ? 'up' : 'down'} from ${from % 2 === 0 ? 'line to line' : 'space to space'}: ${walked}.`
        : `Step ${up ? `up: ${names} go forward` : `down: ${names} go backward`}: ${walked}.`,
    marks: path,
  };
  if (at === position.step) return [first, walk];
  const last: Mark = { step: position.step, role: 'path', label: letter(position.step) };
  return [
    first,
    walk,
    { say: `Then one step ${up ? 'up' : 'down'}: ${last.label}.`, marks: [last] },
  ];
}

/** The name, with what the key signature does to it. */
export function nameStep(
  position: StaffPosition,
  { key = 0, naming = 'letters', terms }: Called,
): Step {
  const letter = letterAt(position);
  const name = noteName(pitchAt(position, key), naming, key);
  const marks: Mark[] = [{ step: position.step, role: 'answer', label: name }];
  const alter = keyAlter(key, letter);
  const where = placeName(position.step, terms);
  if (alter === 0)
    return { say: `${where.charAt(0).toUpperCase()}${where.slice(1)} is ${name}.`, marks };
  const sign = alter > 0 ? 'sharp' : 'flat';
  const called = naming === 'letters' ? '' : `, called ${name}`;
  return {
    say: `The key signature (${keyName(key)}) makes every ${letter} ${sign}: it is ${letter}${alterSign(alter)}${called}.`,
    marks,
  };
}
