import { describe, expect, it } from 'vitest';
import {
  type Answer,
  causeName,
  DEFAULT_RULES,
  diagnose,
  hasPlace,
  isRightAnswer,
  likelyCauses,
  type Player,
  rulesFor,
} from '@/core/evidence';
import { bestPlace, INSTRUMENTS, type InstrumentId } from '@/core/instruments';
import { type KeySignature, parsePitch, positionOf, type StaffPosition } from '@/core/notation';
import { type SimulatedStudent, simulateAnswer, simulatePlace } from '@/core/plan';
import { seeded } from '@/core/random';

const NOW = Date.UTC(2026, 10, 24);
const STEADY: SimulatedStudent = { slip: 0.04, baseMs: 1800, countMs: 0, learns: 0 };

/** A log in which every third answer is a name and the others are places. */
function logOf(
  instrument: InstrumentId,
  student: SimulatedStudent,
  seed: string,
  key: KeySignature = 0,
): Answer[] {
  const random = seeded(seed);
  const clef = INSTRUMENTS[instrument].clefs[0]!;
  const among: StaffPosition[] = INSTRUMENTS[instrument].firstNotes[0]!.notes.map(
    (n) => positionOf(parsePitch(n), clef).position,
  );
  return Array.from({ length: 60 }, (_, i) => {
    const position = among[Math.floor(random() * among.length)]!;
    const ask = {
      id: `p${i}`,
      position,
      key,
      source: 'drill' as const,
      at: NOW + i * 60_000,
      before: 0,
      instrument,
      among,
    };
    const reads = student.weakness === 'clef' || student.weakness === 'step-up';
    if (i % 3 === 0) return simulateAnswer(reads ? student : STEADY, ask, random);
    if (!reads) return simulatePlace(student, ask, random)!;
    // A reader who misreads shows the place of what was read.
    const named = simulateAnswer(student, ask, random);
    const place = bestPlace(instrument, parsePitch(`${named.given}${clef === 'bass' ? 3 : 4}`));
    const given = place?.code ?? simulatePlace(STEADY, ask, random)!.given;
    const item = { ...position, key, accidental: null };
    return {
      ...named,
      task: 'place' as const,
      instrument,
      given,
      correct: isRightAnswer('place', item, given, instrument),
    };
  });
}

const found = (log: Answer[], player: Player) => likelyCauses(diagnose(log, player));

describe('an answer about a place', () => {
  const fSharp = { clef: 'treble', step: 1, key: 2, accidental: null } as const;

  it('is right for every way to play the note, with the right finger', () => {
    expect(isRightAnswer('place', fSharp, 'string 1 +4 finger 2', 'violin')).toBe(true);
    expect(isRightAnswer('place', fSharp, 'string 1 +4 finger 3', 'violin')).toBe(false);
    expect(isRightAnswer('place', { ...fSharp, key: 0 }, 'string 1 +3 finger 2', 'violin')).toBe(
      true,
    );
    expect(isRightAnswer('place', fSharp, null, 'violin')).toBe(false);
    const a = { clef: 'bass', step: 8, key: 0, accidental: null } as const;
    expect(isRightAnswer('place', a, 'valves 1 2', 'euphonium')).toBe(
      isRightAnswer('place', a, 'valves 3', 'euphonium'),
    );
  });

  it('wants the octave when the note is written, unless the breath chooses it', () => {
    expect(isRightAnswer('write', fSharp, 't1', 'violin')).toBe(true);
    expect(isRightAnswer('write', fSharp, 't8', 'violin')).toBe(false);
    const g = { clef: 'treble', step: 2, key: 0, accidental: null } as const;
    expect(isRightAnswer('write', g, 't-2', 'trumpet')).toBe(true);
    expect(isRightAnswer('write', g, 't-1', 'trumpet')).toBe(false);
  });

  it('is asked only where there is a place to show', () => {
    expect(hasPlace({ ...fSharp, step: -12 }, 'violin')).toBe(false);
    expect(hasPlace(fSharp, 'soprano')).toBe(false);
    expect(hasPlace(fSharp, 'flute')).toBe(true);
    expect(hasPlace(fSharp, 'none')).toBe(false);
  });

  it('is given more time than a name', () => {
    expect(rulesFor('place', DEFAULT_RULES).instantMs).toBeGreaterThan(DEFAULT_RULES.instantMs);
    expect(rulesFor('name', DEFAULT_RULES)).toBe(DEFAULT_RULES);
  });
});

describe('why places were wrong', () => {
  const other = (from: InstrumentId): SimulatedStudent => ({
    ...STEADY,
    weakness: 'other-instrument',
    other: from,
    rate: 0.6,
  });

  it.each([
    ['cello', 'double-bass', 2],
    ['guitar', 'keyboard', 0],
    ['soprano-recorder', 'alto-recorder', 0],
    ['ukulele', 'keyboard', 0],
  ] as const)('%s: finds the fingers of the %s', (instrument, second, key) => {
    let hits = 0;
    for (let s = 0; s < 10; s++) {
      const causes = found(logOf(instrument, other(second), `other${s}`, key), {
        instrument,
        second,
      });
      if (causes[0]?.id === 'other-instrument' && causes[0].instrument === second) hits++;
    }
    expect(hits).toBeGreaterThanOrEqual(9);
  });

  it.each(['violin', 'guitar', 'clarinet', 'trumpet'] as const)(
    '%s: tells right letters with wrong places from misreading',
    (instrument) => {
      let places = 0;
      let reading = 0;
      for (let s = 0; s < 10; s++) {
        const wrong = { ...STEADY, weakness: 'wrong-finger', rate: 0.6 } as const;
        const causes = found(logOf(instrument, wrong, `finger${s}`), { instrument });
        if (causes[0]?.id === 'wrong-finger') places++;
        const clef = { ...STEADY, weakness: 'step-up', rate: 0.6 } as const;
        const misread = found(logOf(instrument, clef, `read${s}`), { instrument });
        if (misread[0]?.id === 'step-up') reading++;
      }
      expect(places).toBeGreaterThanOrEqual(8);
      expect(reading).toBeGreaterThanOrEqual(9);
    },
  );

  it('says nothing of those who only slip, nor of places on another instrument', () => {
    let clear = 0;
    for (let s = 0; s < 20; s++) {
      const log = logOf('cello', STEADY, `steady${s}`, 2);
      if (found(log, { instrument: 'cello', second: 'double-bass' }).length === 0) clear++;
    }
    expect(clear).toBeGreaterThanOrEqual(19);
    const log = logOf('cello', other('double-bass'), 'changed', 2);
    expect(found(log, { instrument: 'violin' })).toEqual([]);
    expect(found(log, { instrument: 'cello' })[0]).toBeDefined();
  });

  it('names the other instrument', () => {
    expect(causeName({ id: 'other-instrument', instrument: 'double-bass' })).toBe(
      'Finger of another instrument: double bass',
    );
  });
});
