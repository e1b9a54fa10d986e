import { itemsQuery } from '@/contract/sheets';
import { itemsCsv, itemsMusicXml } from '@/core/sheets';
import { endpoint } from '@/server/endpoint';
import { composedCopy } from '@/server/services/sheets';
import { getSheet } from '@/server/stores/sheets';
import { listStudents } from '@/server/stores/students';

const TYPES = {
  csv: 'text/csv; charset=utf-8',
  musicxml: 'application/vnd.recordare.musicxml+xml',
} as const;

/** The items of one copy as CSV, or its notes as MusicXML. */
export const GET = endpoint({
  who: 'teacher',
  input: itemsQuery,
  handle({ actor, input, params }) {
    const { format, copy, answers } = input;
    const stored = getSheet(actor.id, params.code!);
    const students = listStudents(actor.id, stored.group.id);
    const { sections, spec } = composedCopy(stored, copy, students);
    const text =
      format === 'csv'
        ? itemsCsv(sections)
        : itemsMusicXml(sections, { title: spec.title, answers: answers === '1' });
    return new Response(text, {
      headers: {
        'content-type': TYPES[format],
        'content-disposition': `attachment; filename="sheet-${params.code}-${copy}.${format}"`,
      },
    });
  },
});
