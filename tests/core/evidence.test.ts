import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  type Answer,
  addAnswer,
  type CauseId,
  DEFAULT_RULES,
  diagnose,
  isRight,
  likelyCauses,
  NEW_NOTE,
  noteStates,
  parseName,
  rightName,
  securityOf,
} from '@/core/evidence';
import { CLEF_IDS, type KeySignature } from '@/core/notation';
import { type SimulatedStudent, simulateAnswer } from '@/core/plan';
import { seeded } from '@/core/random';

const DAY = 86_400_000;
const NOW = Date.UTC(2026, 10, 24);
const STEPS = [-2, -1, 0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10];

function answersOf(student: SimulatedStudent, count: number, seed: string, key: KeySignature = 0) {
  const random = seeded(seed);
  const before = new Map<string, number>();
  return Array.from({ length: count }, (_, i): Answer => {
    const position = {
      clef: CLEF_IDS[Math.floor(random() * 2)]!,
      step: STEPS[Math.floor(random() * STEPS.length)]!,
    };
    const id = `${position.clef}${position.step}`;
    before.set(id, (before.get(id) ?? 0) + 1);
    return simulateAnswer(
      student,
      { id: `a${i}`, position, key, source: 'drill', at: NOW - (count - i) * 60_000, before: 0 },
      random,
    );
  });
}

const STEADY: SimulatedStudent = { slip: 0.04, baseMs: 1800, countMs: 0, learns: 0 };

describe('judging a name', () => {
  it('wants the sharp of the key signature, unless an accidental is printed', () => {
    const item = { clef: 'treble', step: 8, key: 2, accidental: null } as const;
    expect(isRight(item, 'F#')).toBe(true);
    expect(isRight(item, 'F')).toBe(false);
    expect(isRight({ ...item, accidental: 0 }, 'F')).toBe(true);
    expect(isRight(item, null)).toBe(false);
  });

  it('reads names as people write them', () => {
    expect(parseName('b')).toEqual({ letter: 'B', alter: 0 });
    expect(parseName('bb')).toEqual({ letter: 'B', alter: -1 });
    expect(parseName('f♯')).toEqual({ letter: 'F', alter: 1 });
    for (const bad of ['h', '', 'do', 'F#4', '1']) expect(parseName(bad)).toBeNull();
  });
});

describe('security of a note', () => {
  const run = (list: [correct: boolean, ms: number | null][], days = 0) =>
    list.reduce(
      (s, [correct, ms], i) => addAnswer(s, { correct, ms, hints: 0, at: NOW + i * days * DAY }),
      NEW_NOTE,
    );
  const times = (n: number, correct: boolean, ms: number | null) =>
    Array.from({ length: n }, (): [boolean, number | null] => [correct, ms]);

  it('goes from not met over learning and secure to instant', () => {
    expect(securityOf(NEW_NOTE, NOW).security).toBe('not-met');
    expect(securityOf(run(times(3, true, 900)), NOW).security).toBe('learning');
    expect(securityOf(run(times(6, true, 4000)), NOW).security).toBe('secure');
    expect(securityOf(run(times(6, true, 1200)), NOW).security).toBe('instant');
  });

  it('counts paper for accuracy only', () => {
    expect(securityOf(run(times(8, true, null)), NOW)).toMatchObject({
      security: 'secure',
      medianMs: null,
    });
  });

  it('does not count an answer with a hint as known', () => {
    const state = times(6, true, 900).reduce(
      (s, [correct, ms]) => addAnswer(s, { correct, ms, hints: 1, at: NOW }),
      NEW_NOTE,
    );
    expect(securityOf(state, NOW).security).toBe('learning');
  });

  it('drops back when recent answers are wrong', () => {
    const state = run([...times(8, true, 900), ...times(3, false, 900)]);
    expect(securityOf(state, NOW).security).toBe('learning');
  });

  it('fades with time, and never gains by waiting', () => {
    const state = run(times(6, true, 1200), 1);
    const last = state.lastAt!;
    expect(securityOf(state, last + 1 * DAY).security).toBe('instant');
    expect(securityOf(state, last + 200 * DAY).security).toBe('fading');
    fc.assert(
      fc.property(fc.nat(400), fc.nat(400), (a, b) => {
        const recall = (d: number) => securityOf(state, last + d * DAY).recall!;
        expect(recall(Math.max(a, b))).toBeLessThanOrEqual(recall(Math.min(a, b)));
      }),
    );
  });

  it('keeps notes apart and obeys a group’s own figures', () => {
    const states = noteStates(answersOf({ ...STEADY, slip: 0 }, 200, 'states'));
    expect(states.size).toBe(26);
    const strict = { ...DEFAULT_RULES, instantMs: 500 };
    for (const state of states.values()) {
      expect(securityOf(state, NOW, strict).security).not.toBe('instant');
    }
  });
});

describe('why answers were wrong', () => {
  const planted: [CauseId, Partial<SimulatedStudent>, KeySignature][] = [
    ['clef', {}, 0],
    ['from-top', {}, 0],
    ['step-up', {}, 0],
    ['step-down', {}, 0],
    ['third-up', {}, 0],
    ['third-down', {}, 0],
    ['sayings-swapped', {}, 0],
    ['alphabet-backwards', {}, 0],
    ['letter-reversal', { rate: 0.7 }, 0],
    ['key-ignored', {}, 2],
    ['guessing', {}, 0],
    ['note-missing', { position: 't4', rate: 0.95 }, 0],
  ];

  it.each(planted)('finds %s in simulated students', (weakness, extra, key) => {
    let found = 0;
    for (let s = 0; s < 10; s++) {
      const student = { ...STEADY, weakness, rate: 0.5, ...extra };
      const result = diagnose(answersOf(student, 120, `${weakness}${s}`, key));
      const likely = likelyCauses(result);
      if (result.verdict === 'enough' && likely[0]?.id === weakness) found++;
    }
    // One note in 26 gets four or five of 120 answers, so a missing one is not always settled.
    expect(found).toBeGreaterThanOrEqual(weakness === 'note-missing' ? 8 : 9);
  });

  it('finds counting from times although all is right', () => {
    const student = { ...STEADY, slip: 0.01, countMs: 700 };
    const result = diagnose(answersOf(student, 80, 'counts'));
    expect(likelyCauses(result).map((c) => c.id)).toEqual(['counting']);
  });

  it('does not take young, slow notes high up the saying for counting', () => {
    const random = seeded('young');
    const log: Answer[] = [];
    // Spaces are introduced from the bottom; each gets faster the more often it is met.
    for (let i = 0; i < 160; i++) {
      const space = Math.floor(random() * Math.min(4, 1 + i / 40));
      const position = { clef: 'treble' as const, step: 1 + 2 * space };
      const before = log.filter((a) => a.step === position.step).length;
      const ask = {
        id: `y${i}`,
        position,
        key: 0 as const,
        source: 'drill' as const,
        at: NOW + i,
        before,
      };
      log.push(simulateAnswer({ slip: 0.02, baseMs: 5000, countMs: 0, learns: 0.9 }, ask, random));
    }
    expect(likelyCauses(diagnose(log))).toEqual([]);
  });

  it('finds two weaknesses at once', () => {
    const a = answersOf({ ...STEADY, weakness: 'clef', rate: 0.4 }, 80, 'two-a', 2);
    const b = answersOf({ ...STEADY, weakness: 'key-ignored', rate: 0.8 }, 80, 'two-b', 2);
    const both = [...a, ...b.map((x) => ({ ...x, id: `b${x.id}` }))];
    expect(new Set(likelyCauses(diagnose(both)).map((c) => c.id))).toEqual(
      new Set(['clef', 'key-ignored']),
    );
  });

  it('says nothing is wrong about a student who only slips', () => {
    let clear = 0;
    for (let s = 0; s < 20; s++) {
      const result = diagnose(answersOf({ ...STEADY, slip: 0.06 }, 100, `slips${s}`));
      if (likelyCauses(result).length === 0) clear++;
    }
    expect(clear).toBeGreaterThanOrEqual(19);
  });

  it('says that two or three answers prove little', () => {
    const few = answersOf({ ...STEADY, weakness: 'clef', rate: 1 }, 5, 'few');
    const result = diagnose(few);
    expect(result.verdict).toBe('more');
    expect(result.ask).toContain('3 more answers');
    expect(diagnose([]).verdict).toBe('more');
  });

  it('cannot tell a clef mix-up from a third off with one clef only, and asks for the other', () => {
    const one = answersOf({ ...STEADY, slip: 0, weakness: 'clef', rate: 0.5 }, 60, 'one').filter(
      (a) => a.clef === 'treble',
    );
    const result = diagnose(one);
    expect(result.verdict).toBe('more');
    expect(result.ask).toContain('clef changing');
  });

  it('shows the answers behind a cause: wrong ones that fit it', () => {
    const answers = answersOf({ ...STEADY, weakness: 'from-top', rate: 0.5 }, 100, 'behind');
    const cause = likelyCauses(diagnose(answers))[0]!;
    expect(cause.answers.length).toBeGreaterThan(10);
    for (const id of cause.answers) {
      const a = answers.find((x) => x.id === id)!;
      expect(a.correct).toBe(false);
      expect(rightName({ ...a, step: 8 - a.step }).letter).toBe(a.given);
    }
  });
});
