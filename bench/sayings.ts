import { explain, METHOD_IDS } from '@/core/methods';
import { CLEF_IDS, KEY_SIGNATURES, type StaffPosition } from '@/core/notation';
import { seeded } from '@/core/random';
import { byTarget, DEFAULT_SAYINGS } from '@/core/sayings';
import {
  checkSaying,
  clashOf,
  STAFF_TARGETS,
  stringsTarget,
  suggestSayings,
  wordsOf,
} from '@/core/workshop';
import { report, time, times } from './measure';

/** Positions explained: both staves with five ledger lines either way, as many as 58. */
const POSITIONS: readonly StaffPosition[] = CLEF_IDS.flatMap((clef) =>
  Array.from({ length: 29 }, (_, i) => ({ clef, step: i - 10 })),
);

/** 1,000 suggestions, each checked and compared with five sayings in use. */
function suggestAndCheck(): number {
  const random = seeded('bench');
  const target = STAFF_TARGETS[1]!;
  const inUse = STAFF_TARGETS.map((t) => ({
    target: t,
    words: byTarget(DEFAULT_SAYINGS)[t.id]!,
  })).filter((s) => s.target.id !== target.id);
  const strings = {
    target: stringsTarget('guitar')!,
    words: wordsOf('Elephants Ask Dogs Greet Big Eels'),
  };
  const own = { target, words: wordsOf('Eggs Grow Big Dry Feet') };
  const five = [...inUse, strings, own];
  const found = suggestSayings({ target, inUse: five, count: 1000 }, random);
  for (const words of found) {
    checkSaying(words.join(' '), target, random);
    for (const other of five) clashOf({ target, words }, other);
  }
  return found.length;
}

/** Every explanation of every school in every key. */
function explainAll(): number {
  let steps = 0;
  for (const method of METHOD_IDS) {
    for (const key of KEY_SIGNATURES) {
      for (const position of POSITIONS) {
        const options = { method, key, sayings: DEFAULT_SAYINGS, instrument: 'keyboard' } as const;
        steps += explain(position, options).length;
      }
    }
  }
  return steps;
}

/** Suggestions with their checks, and explanations. */
export async function benchSayings(): Promise<void> {
  let found = 0;
  const suggest = await time(3, () => {
    found = suggestAndCheck();
  });
  const text = JSON.stringify(Array.from({ length: 1000 }, () => DEFAULT_SAYINGS));
  const parse = await time(3, () => JSON.parse(text));
  report(
    `${found} suggestions checked against five sayings in use`,
    `${suggest.toFixed(0)} ms`,
    `${times(suggest, parse)} parsing 1,000 sets of sayings as JSON`,
  );
  let steps = 0;
  const explained = await time(3, () => {
    steps = explainAll();
  });
  const count = POSITIONS.length * METHOD_IDS.length * KEY_SIGNATURES.length;
  const bare = await time(3, () => {
    for (let i = 0; i < steps; i++)
      JSON.stringify({ say: `Line ${i} is E.`, marks: [{ step: i }] });
  });
  report(
    `${count} explanations, ${steps} steps`,
    `${explained.toFixed(0)} ms`,
    `${times(explained, bare)} writing as many bare steps as JSON`,
  );
}
