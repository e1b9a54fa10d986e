import { posterQuery } from '@/contract/sayings';
import { CLEF_IDS } from '@/core/notation';
import { handPage, posterPage } from '@/engrave';
import { endpoint } from '@/server/endpoint';
import { notFound } from '@/server/errors';
import { pagesToPdf, pdfResponse } from '@/server/pdf';
import { sayingsOf } from '@/server/services/sayings';
import { getGroup } from '@/server/stores/groups';
import { getStudent } from '@/server/stores/students';

/** A wall poster of the sayings, or the hand as a staff to take home. */
export const GET = endpoint({
  who: 'teacher',
  input: posterQuery,
  async handle({ actor, input }) {
    const group = getGroup(actor.id, input.group);
    const student = input.student ? getStudent(actor.id, input.student) : undefined;
    if (student && student.groupId !== group.id) throw notFound('This student in this group');
    const clefs = input.clef === 'both' ? CLEF_IDS : [input.clef];
    const { fade, paper, hand } = input;
    const owner = [student?.name, group.name].filter(Boolean).join(' · ');
    const shared = { sayings: sayingsOf(group, student), fade, paper, owner };
    const pages =
      input.what === 'poster'
        ? [posterPage({ ...shared, clefs })]
        : clefs.map((clef) => handPage({ ...shared, clef, hand }));
    return pdfResponse(await pagesToPdf(pages, 'Sayings'), `sayings-${input.what}`);
  },
});
