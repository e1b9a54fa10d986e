import { z } from 'zod';
import { paperSchema } from '@/contract/common';
import { slipPages } from '@/engrave';
import { endpoint } from '@/server/endpoint';
import { badInput } from '@/server/errors';
import { originOf } from '@/server/origin';
import { pagesToPdf, pdfResponse } from '@/server/pdf';
import { studentView } from '@/server/services/students';
import { getGroup } from '@/server/stores/groups';
import { listStudents } from '@/server/stores/students';

/** Slips with name, code and key of each student, to cut and hand out. */
export const GET = endpoint({
  who: 'teacher',
  input: z.object({ paper: paperSchema.default('A4') }),
  async handle({ actor, input, params, context }) {
    const group = getGroup(actor.id, params.id!);
    const students = listStudents(actor.id, group.id).map(studentView);
    if (students.length === 0) throw badInput('There is nobody to print for. Add students first.');
    const address = `${originOf(context.request)}/enter?code=${group.code}`;
    const slips = students.map((s) => ({
      name: s.name,
      group: group.name,
      code: group.code,
      address,
      pictures: s.pictures,
    }));
    return pdfResponse(
      await pagesToPdf(slipPages(slips, input.paper), `Entry slips, ${group.name}`),
      'slips',
    );
  },
});
