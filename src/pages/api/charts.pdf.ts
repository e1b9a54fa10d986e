import { chartQuery } from '@/contract/charts';
import { endpoint } from '@/server/endpoint';
import { badInput } from '@/server/errors';
import { pagesToPdf, pdfResponse } from '@/server/pdf';
import { chartsOf } from '@/server/services/charts';
import { getGroup } from '@/server/stores/groups';
import { listStudents } from '@/server/stores/students';

/** The fingering chart of one instrument, or of every section of a group. */
export const GET = endpoint({
  who: 'teacher',
  input: chartQuery,
  async handle({ actor, input }) {
    const group = input.group ? getGroup(actor.id, input.group) : null;
    if (!group && !input.instrument) throw badInput('Choose an instrument or a group.');
    const ids = input.instrument
      ? [input.instrument]
      : [...new Set(listStudents(actor.id, group!.id).map((s) => s.instrument))];
    const { key, naming, name } = group ?? {
      key: 0 as const,
      naming: 'letters' as const,
      name: '',
    };
    const pages = chartsOf(ids, input, { key, naming, owner: name });
    return pdfResponse(await pagesToPdf(pages, 'Fingering chart'), 'fingering-chart');
  },
});
