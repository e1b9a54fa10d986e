import { composeSheet, questionsOf } from '@/core/sheets';
import { report, time, times } from './measure';
import { MIXED } from './pdf';

const SHEETS = 1000;

const sheet = (i: number) => composeSheet(MIXED, { seed: `c${i}` });

/** A thousand mixed sheets composed with their answers, against writing and reading the same as JSON. */
export async function benchSheets(): Promise<void> {
  const all = Array.from({ length: SHEETS }, (_, i) => sheet(i));
  const questions = all.reduce((sum, sections) => sum + questionsOf(sections).length, 0);
  const ours = await time(3, () => {
    for (let i = 0; i < SHEETS; i++) sheet(i);
  });
  const baseline = await time(3, () => {
    for (const sections of all) JSON.parse(JSON.stringify(sections));
  });
  report(
    `${SHEETS.toLocaleString('en')} mixed sheets composed, ${questions.toLocaleString('en')} questions`,
    `${ours.toFixed(0)} ms`,
    `${times(ours, baseline)} writing and reading them as JSON`,
  );
}
