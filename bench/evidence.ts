import { type Answer, diagnose, noteStates } from '@/core/evidence';
import { CLEF_IDS } from '@/core/notation';
import { type SimulatedStudent, simulateAnswer } from '@/core/plan';
import { seeded } from '@/core/random';
import { report, time, times } from './measure';

const STUDENTS = 30;
const ANSWERS = 1000;
const act: SimulatedStudent = {
  weakness: 'clef',
  rate: 0.3,
  slip: 0.08,
  baseMs: 2500,
  countMs: 0,
  learns: 0.5,
};

function log(seed: string): Answer[] {
  const random = seeded(seed);
  return Array.from({ length: ANSWERS }, (_, i) => {
    const position = {
      clef: CLEF_IDS[Math.floor(random() * 2)]!,
      step: Math.floor(random() * 13) - 2,
    };
    return simulateAnswer(
      act,
      { id: `${seed}-${i}`, position, key: 0, source: 'drill', at: 1e12 + i * 3e6, before: i >> 4 },
      random,
    );
  });
}

/** Security and misreadings of a class, against reading the same answers from JSON. */
export async function benchEvidence(): Promise<void> {
  const logs = Array.from({ length: STUDENTS }, (_, i) => log(`s${i}`));
  const json = logs.map((l) => JSON.stringify(l));
  const baseline = await time(5, () => json.map((text) => JSON.parse(text)));
  const states = await time(5, () => logs.map((l) => noteStates(l)));
  const causes = await time(5, () => logs.map((l) => diagnose(l)));
  report(
    'security of 30 students x 1,000 answers',
    `${states.toFixed(0)} ms`,
    `${times(states, baseline)} parsing the same as JSON`,
  );
  report(
    'misreadings of 30 students x 1,000 answers',
    `${causes.toFixed(0)} ms`,
    `${times(causes, baseline)} parsing the same as JSON`,
  );
}
