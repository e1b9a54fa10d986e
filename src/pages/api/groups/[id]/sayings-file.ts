import Papa from 'papaparse';
import { z } from 'zod';
import { endpoint } from '@/server/endpoint';
import { sayingRows } from '@/server/services/sayings';
import { getGroup } from '@/server/stores/groups';

/** A group's sayings as CSV or JSON; the same can be read in again. */
export const GET = endpoint({
  who: 'teacher',
  input: z.object({ as: z.enum(['csv', 'json'], 'Choose CSV or JSON.') }),
  handle({ actor, input, params }) {
    const rows = sayingRows(actor.id, getGroup(actor.id, params.id!));
    const csv = input.as === 'csv';
    const body = csv
      ? Papa.unparse(rows, { columns: ['target', 'saying', 'student'] })
      : JSON.stringify(rows, null, 2);
    return new Response(body, {
      headers: {
        'content-type': csv ? 'text/csv; charset=utf-8' : 'application/json',
        'content-disposition': `attachment; filename="sayings.${input.as}"`,
      },
    });
  },
});
