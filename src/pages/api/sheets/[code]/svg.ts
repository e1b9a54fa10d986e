import { svgQuery } from '@/contract/sheets';
import { endpoint } from '@/server/endpoint';
import { notFound } from '@/server/errors';
import { pageToSvg } from '@/server/outline-svg';
import { pagesOf } from '@/server/services/sheets';
import { getSheet } from '@/server/stores/sheets';
import { listStudents } from '@/server/stores/students';

/** One page of a copy or of its key as an SVG file. */
export const GET = endpoint({
  who: 'teacher',
  input: svgQuery,
  async handle({ actor, input, params }) {
    const stored = getSheet(actor.id, params.code!);
    const students = listStudents(actor.id, stored.group.id);
    const part = input.key === '1' ? 'key' : 'sheets';
    const pages = pagesOf(stored, students, { part, copy: input.copy });
    const page = pages[input.page - 1];
    if (!page) throw notFound(`Page ${input.page} of ${pages.length}`);
    const name = `sheet-${params.code}-${input.copy}${part === 'key' ? '-key' : ''}-page-${input.page}.svg`;
    return new Response(await pageToSvg(page), {
      headers: {
        'content-type': 'image/svg+xml',
        'content-disposition': `attachment; filename="${name}"`,
      },
    });
  },
});
