import { describe, expect, it } from 'vitest';
import type { PracticeKit } from '@/contract/views';
import { DEFAULT_RULES } from '@/core/evidence';
import { positionId } from '@/core/notation';
import { CHOICE, type QuestionKind } from '@/core/practice';
import { seeded } from '@/core/random';
import { DEFAULT_SAYINGS } from '@/core/sayings';
import { advance, answerNote, kitBook, startRound, taskOf } from '@/islands/practise/engine';

const NOW = Date.UTC(2026, 10, 24);
const kit: PracticeKit = {
  student: { id: 's', name: 'Ada' },
  group: 'G',
  method: 'landmarks',
  instrument: 'violin',
  secondInstrument: null,
  leftHanded: false,
  sayings: DEFAULT_SAYINGS,
  hintFade: 'sentence',
  settings: {},
  known: ['t1', 't2', 't5'],
  key: 2,
  naming: 'letters',
  terms: 'US',
  rules: DEFAULT_RULES,
  notes: [1, 2, 5].map((step) => ({
    position: { clef: 'treble', step },
    state: null,
    place: null,
    write: null,
    playable: true,
  })),
};

function begin(seed = 'a', kind: QuestionKind = 'name') {
  const random = seeded(seed);
  return { random, round: startRound(kit, kind, kitBook(kit), NOW, random) };
}

describe('a round on the device', () => {
  it('judges by the kit’s key signature', () => {
    const { round } = begin();
    const at = { ...round, current: { clef: 'treble' as const, step: 1 } };
    const say = (given: string) => answerNote(kit, at, { given, ms: 1000, hints: 0, now: NOW });
    expect(say('F#')).toMatchObject({ correct: true, right: 'F#' });
    expect(say('F')).toMatchObject({ correct: false, right: 'F#' });
    expect(say('G').round.answers).toEqual([{ position: 't1', correct: false, ms: 1000 }]);
  });

  it('learns from each answer without asking anybody', () => {
    const { round } = begin();
    const before = round.book.name.find(
      (n) => positionId(n.position) === positionId(round.current),
    )!;
    const { round: after } = answerNote(kit, round, { given: 'A', ms: 900, hints: 0, now: NOW });
    const note = after.book.name.find((n) => positionId(n.position) === positionId(round.current))!;
    expect([before.state.total, note.state.total]).toEqual([0, 1]);
    expect(after.book.name.filter((n) => n.state.total > 0)).toHaveLength(1);
  });

  it('brings a wrong note back after two others, and a right one not', () => {
    const { random, round } = begin();
    const first = positionId(round.current);
    const wrong = answerNote(kit, round, { given: 'B', ms: 900, hints: 0, now: NOW }).round;
    expect(wrong.back.get(first)).toBe(CHOICE.backAfter);
    let at = advance(kit, wrong, NOW, random);
    expect(at.asked).toEqual([first, positionId(at.current)]);
    for (let i = 0; i < CHOICE.backAfter; i++) {
      const right =
        positionId(at.current) === 't2' ? 'G' : positionId(at.current) === 't1' ? 'F#' : 'C#';
      at = advance(
        kit,
        answerNote(kit, at, { given: right, ms: 900, hints: 0, now: NOW }).round,
        NOW,
        random,
      );
    }
    expect(at.asked.slice(1)).toContain(first);
  });

  it('cannot start without notes', () => {
    const none = { name: [], place: [], write: [] };
    expect(() => startRound(kit, 'name', none, NOW, seeded('x'))).toThrow('at least one note');
  });
});

describe('rounds about places', () => {
  const at = (kind: QuestionKind) => ({
    ...begin('p', kind).round,
    current: { clef: 'treble' as const, step: 1 },
  });
  const give = (round: ReturnType<typeof at>, given: string) =>
    answerNote(kit, round, { given, ms: 1500, hints: 0, now: NOW });

  it('take any place of the note, and the finger counts', () => {
    expect(give(at('find'), 'string 1 +4 finger 2')).toMatchObject({ correct: true, over: true });
    const wrong = give(at('find'), 'string 1 +4 finger 3');
    expect(wrong).toMatchObject({ correct: false, task: 'place', right: 'F#' });
    expect(wrong.round.book.place.find((n) => n.position.step === 1)!.state.total).toBe(1);
    expect(wrong.round.book.name.every((n) => n.state.total === 0)).toBe(true);
  });

  it('ask the place only after the right name', () => {
    const named = give(at('both'), 'F#');
    expect(named).toMatchObject({ correct: true, over: false });
    expect(taskOf(named.round)).toBe('place');
    expect(named.round.answers).toEqual([]);
    const placed = give({ ...named.round, current: at('both').current }, 'string 1 +4 finger 2');
    expect(placed.round.answers).toHaveLength(1);
    expect(give(at('both'), 'F')).toMatchObject({ correct: false, over: true, task: 'name' });
  });

  it('count the octave when a place is read back', () => {
    expect(give(at('back'), 't1').correct).toBe(true);
    expect(give(at('back'), 't8').correct).toBe(false);
    expect(give(at('back'), 't2').correct).toBe(false);
  });

  it('leave out notes that the instrument cannot play', () => {
    const partly = { ...kit, notes: kit.notes.map((n, i) => ({ ...n, playable: i === 0 })) };
    expect(kitBook(partly).place).toHaveLength(1);
    expect(kitBook(partly).name).toHaveLength(3);
  });
});
