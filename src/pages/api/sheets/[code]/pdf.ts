import { pdfQuery } from '@/contract/sheets';
import { endpoint } from '@/server/endpoint';
import { pagesToPdf, pdfResponse } from '@/server/pdf';
import { packOf } from '@/server/services/pack';
import { pagesOf } from '@/server/services/sheets';
import { getSheet } from '@/server/stores/sheets';
import { listStudents } from '@/server/stores/students';

export const GET = endpoint({
  who: 'teacher',
  input: pdfQuery,
  async handle({ actor, input, params }) {
    const stored = getSheet(actor.id, params.code!);
    const students = listStudents(actor.id, stored.group.id);
    const { part, copy, times } = input;
    const pages =
      part === 'pack' ? packOf(stored, students) : pagesOf(stored, students, { part, copy, times });
    const name = `sheet-${params.code}${part === 'key' || part === 'pack' ? `-${part}` : ''}`;
    return pdfResponse(await pagesToPdf(pages, stored.sheet.spec.title), name);
  },
});
