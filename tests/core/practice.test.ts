import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addAnswer, NEW_NOTE, type NoteState } from '@/core/evidence';
import { type ClefId, positionId } from '@/core/notation';
import {
  CHOICE,
  countBack,
  freshNote,
  nextNote,
  type PracticeNote,
  roundOver,
  summarise,
} from '@/core/practice';
import { seeded } from '@/core/random';

const NOW = Date.UTC(2026, 10, 24);
const known = (n: number, correct = true): NoteState => {
  let state = NEW_NOTE;
  for (let i = 0; i < n; i++)
    state = addAnswer(state, { correct, ms: 1200, hints: 0, at: NOW - 1000 });
  return state;
};
const note = (clef: ClefId, step: number, state: NoteState): PracticeNote => ({
  position: { clef, step },
  state,
});

function play(
  notes: PracticeNote[],
  count: number,
  seed: string,
  wrong: (id: string) => boolean = () => false,
) {
  const random = seeded(seed);
  let list = notes;
  let back = new Map<string, number>();
  const asked: string[] = [];
  for (let i = 0; i < count; i++) {
    const id = positionId(nextNote({ notes: list, asked, back, now: NOW }, random));
    const correct = !wrong(id);
    list = list.map((n) =>
      positionId(n.position) === id
        ? { ...n, state: addAnswer(n.state, { correct, ms: 1200, hints: 0, at: NOW }) }
        : n,
    );
    back = countBack(back, id, correct);
    asked.push(id);
  }
  return asked;
}

describe('the next note', () => {
  const four = [0, 2, 4, 6].map((s) => note('treble', s, known(6)));

  it('is never the one just asked, while there is another', () => {
    fc.assert(
      fc.property(fc.string({ minLength: 1 }), (seed) => {
        const asked = play([...four, freshNote({ clef: 'bass', step: 3 })], 40, seed);
        for (let i = 1; i < asked.length; i++) expect(asked[i]).not.toBe(asked[i - 1]);
      }),
    );
    expect(play(four.slice(0, 1), 3, 'one')).toEqual(['t0', 't0', 't0']);
    expect(() =>
      nextNote({ notes: [], asked: [], back: new Map(), now: NOW }, seeded('x')),
    ).toThrow('Choose at least one');
  });

  it('brings a wrong one back soon', () => {
    for (let s = 0; s < 20; s++) {
      const asked = play(four, 12, `wrong${s}`, (id) => id === 't4');
      const first = asked.indexOf('t4');
      if (first < 0 || first > 12 - CHOICE.backAfter - 2) continue;
      expect(asked.slice(first + 1, first + CHOICE.backAfter + 2)).toContain('t4');
    }
  });

  it('introduces one new note at a time, in the order of teaching', () => {
    const fresh = [1, 3, 5].map((s) => freshNote({ clef: 'treble', step: s }));
    const asked = play([...four, ...fresh], 60, 'new');
    const seen = ['t1', 't3', 't5'].map((id) => asked.indexOf(id));
    expect(seen[0]).toBeLessThan(seen[1]!);
    expect(seen[1]).toBeLessThan(seen[2]!);
    const before = asked.slice(0, seen[1]!).filter((id) => id === 't1').length;
    expect(before).toBeGreaterThanOrEqual(CHOICE.freshAnswers);
  });

  it('starts a beginner with two new notes, so that they can alternate', () => {
    const fresh = [1, 3, 5, 7].map((s) => freshNote({ clef: 'treble', step: s }));
    expect(new Set(play(fresh, 4, 'start'))).toEqual(new Set(['t1', 't3']));
  });

  it('asks weak notes more often than known ones', () => {
    const weak = note('treble', 8, known(6, false));
    let asked: string[] = [];
    for (let s = 0; s < 10; s++) asked = [...asked, ...play([...four, weak], 10, `weak${s}`)];
    const times = (id: string) => asked.filter((x) => x === id).length;
    expect(times('t8')).toBeGreaterThan(times('t0'));
  });

  it('mixes the clefs when both are in use', () => {
    const both = [...four, ...[0, 2, 4, 6].map((s) => note('bass', s, known(6)))];
    const asked = play(both, 200, 'clefs');
    const turns = asked.filter((id, i) => i > 0 && id[0] !== asked[i - 1]![0]).length;
    expect(turns).toBeGreaterThan(90);
  });
});

describe('a round', () => {
  it('ends after twenty notes or two minutes', () => {
    expect(roundOver(19, NOW, NOW + 119_000)).toBe(false);
    expect(roundOver(20, NOW, NOW)).toBe(true);
    expect(roundOver(3, NOW, NOW + 120_000)).toBe(true);
  });

  it('is summed up plainly', () => {
    const answers = [
      { position: 't0', correct: true, ms: 1000 },
      { position: 't2', correct: false, ms: 9000 },
      { position: 't4', correct: true, ms: 3000 },
      { position: 't2', correct: false, ms: 9000 },
      { position: 't6', correct: false, ms: 9000 },
    ];
    expect(summarise(answers)).toEqual({ asked: 5, right: 2, medianMs: 2000, again: ['t2', 't6'] });
    expect(summarise([])).toEqual({ asked: 0, right: 0, medianMs: null, again: [] });
  });
});
