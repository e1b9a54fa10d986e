import { pdfQuery } from '@/contract/sheets';
import { endpoint } from '@/server/endpoint';
import { pagesToPdf, pdfResponse } from '@/server/pdf';
import { pagesOf } from '@/server/services/sheets';
import { getSheet } from '@/server/stores/sheets';
import { listStudents } from '@/server/stores/students';

export const GET = endpoint({
  who: 'teacher',
  input: pdfQuery,
  async handle({ actor, input, params }) {
    const stored = getSheet(actor.id, params.code!);
    const students = listStudents(actor.id, stored.group.id);
    const pages = pagesOf(stored, students, input);
    const name = `sheet-${params.code}${input.part === 'key' ? '-key' : ''}`;
    return pdfResponse(await pagesToPdf(pages, stored.sheet.spec.title), name);
  },
});
