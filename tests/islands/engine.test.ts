import { describe, expect, it } from 'vitest';
import type { PracticeKit } from '@/contract/views';
import { DEFAULT_RULES } from '@/core/evidence';
import { positionId } from '@/core/notation';
import { CHOICE } from '@/core/practice';
import { seeded } from '@/core/random';
import { DEFAULT_SAYINGS } from '@/core/sayings';
import { advance, answerNote, kitNotes, startRound } from '@/islands/practise/engine';

const NOW = Date.UTC(2026, 10, 24);
const kit: PracticeKit = {
  student: { id: 's', name: 'Ada' },
  group: 'G',
  method: 'landmarks',
  instrument: 'violin',
  sayings: DEFAULT_SAYINGS,
  key: 2,
  naming: 'letters',
  terms: 'US',
  rules: DEFAULT_RULES,
  notes: [1, 2, 5].map((step) => ({ position: { clef: 'treble', step }, state: null })),
};

function begin(seed = 'a') {
  const random = seeded(seed);
  return { random, round: startRound(kit, kitNotes(kit), NOW, random) };
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
    const before = round.notes.find((n) => positionId(n.position) === positionId(round.current))!;
    const { round: after } = answerNote(kit, round, { given: 'A', ms: 900, hints: 0, now: NOW });
    const note = after.notes.find((n) => positionId(n.position) === positionId(round.current))!;
    expect([before.state.total, note.state.total]).toEqual([0, 1]);
    expect(after.notes.filter((n) => n.state.total > 0)).toHaveLength(1);
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
    expect(() => startRound(kit, [], NOW, seeded('x'))).toThrow('at least one note');
  });
});
