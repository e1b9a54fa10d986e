import Papa from 'papaparse';
import type { Section } from './compose';

/** The items of a composed sheet as CSV with a heading line: section, kind, number, what is asked, the answer, points. */
export function itemsCsv(sections: readonly Section[]): string {
  const rows = sections.flatMap(({ kind, questions }, s) =>
    questions.map((q, i) => ({
      section: s + 1,
      kind: kind.name,
      number: i + 1,
      asked: q.prompt,
      answer: q.shown ?? q.answer,
      points: q.points ?? 1,
    })),
  );
  const fields = ['section', 'kind', 'number', 'asked', 'answer', 'points'];
  // `escapeFormulae`: a title or prompt must not run as a formula in a spreadsheet.
  return Papa.unparse({ fields, data: rows }, { newline: '\r\n', escapeFormulae: true });
}
