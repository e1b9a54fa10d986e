import { letterAt, positionId, type StaffPosition } from '../../notation';
import { shuffled } from '../../random';
import { chosen } from '../chosen';
import type { Cell } from '../figures';
import { defineKind, NothingToAsk } from '../kind';
import type { Question } from '../questions';

export const twoOfALetter = defineKind({
  id: 'two-of-a-letter',
  name: 'Two of a letter',
  about: 'Two notes of a group have the same letter in different octaves: which?',
  options: { among: { type: 'number', label: 'Notes of a group', min: 3, max: 6, start: 4 } },
  count: { of: 'groups', start: 6, max: 40 },
  asksNotes: true,
  instructions: ({ among }) =>
    `Two of each ${among} notes have the same letter, one higher than the other. Ring these two.`,
  check: 'The two ringed notes must have the numbers that the key has.',
  compose(task, { among }) {
    const pairs = pairsOf(task.positions);
    if (pairs.length === 0) {
      throw new NothingToAsk(
        'No two of the chosen notes have the same letter in one clef: add the other place of a letter, such as treble line 1 and space 4 (both E).',
      );
    }
    const cells: Cell[] = [];
    const questions: Question[] = [];
    let bag: (typeof pairs)[number][] = [];
    let smallest = among;
    // The pairs come in the order in which their lower notes are chosen, so that weak ones come more often.
    const lows = chosen(task, { only: [...new Set(pairs.map(([low]) => low))] }).notes;
    lows.forEach((low, i) => {
      const mine = (p: (typeof pairs)[number]) => p[0] === low;
      if (!bag.some(mine)) bag = [...bag, ...shuffled(pairs.filter(mine), task.random)];
      const pair = bag.find(mine)!;
      bag.splice(bag.indexOf(pair), 1);
      const group = shuffled(
        [...pair, ...others(task.positions, pair, among - 2, task.random)],
        task.random,
      );
      smallest = Math.min(smallest, group.length);
      const answer = group.flatMap((p, k) => (pair.includes(p) ? [k + 1] : [])).join('');
      group.forEach((p, k) => {
        const ring = pair.includes(p);
        cells.push({
          clef: p.clef,
          group: i,
          notes: [{ step: p.step, head: 'whole' }],
          mark: String(k + 1),
          ring,
          rows: [],
        });
      });
      questions.push({
        entry: 'pair',
        prompt: `Group ${i + 1}: which two?`,
        answer,
        shown: `${answer[0]} and ${answer[1]} (${letterAt(pair[0])})`,
      });
    });
    const notices =
      smallest < among
        ? [
            `Some groups have fewer than ${among} notes: the chosen notes have too few different letters.`,
          ]
        : [];
    return { figures: [{ type: 'cells', key: task.key, cells, width: 12 }], questions, notices };
  },
});

function pairsOf(positions: readonly StaffPosition[]): [StaffPosition, StaffPosition][] {
  const sorted = [...positions].sort((a, b) => a.step - b.step);
  return sorted.flatMap((low, i) =>
    sorted
      .slice(i + 1)
      .filter((high) => high.clef === low.clef && letterAt(high) === letterAt(low))
      .map((high): [StaffPosition, StaffPosition] => [low, high]),
  );
}

/** Notes of other letters, each letter once. */
function others(
  positions: readonly StaffPosition[],
  [low]: readonly StaffPosition[],
  count: number,
  random: () => number,
): StaffPosition[] {
  const letters = new Set([letterAt(low!)]);
  const found: StaffPosition[] = [];
  for (const p of shuffled(positions, random)) {
    if (found.length >= count || p.clef !== low!.clef || letters.has(letterAt(p))) continue;
    letters.add(letterAt(p));
    found.push(p);
  }
  // With notes of one letter only, any three make a group with the pair still the only one of its kind.
  return found.sort((a, b) => (positionId(a) < positionId(b) ? -1 : 1));
}
