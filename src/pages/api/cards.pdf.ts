import { cardsQuery } from '@/contract/cards';
import { cardPages, cardsFor } from '@/engrave';
import { endpoint } from '@/server/endpoint';
import { badInput } from '@/server/errors';
import { pagesToPdf, pdfResponse } from '@/server/pdf';
import { settingsFor } from '@/server/services/methods';
import { sayingsOf } from '@/server/services/sayings';
import { getGroup } from '@/server/stores/groups';
import { getStudent, listStudents } from '@/server/stores/students';

/** Cards of one student, or of every student of a group, each set on pages of its own. */
export const GET = endpoint({
  who: 'teacher',
  input: cardsQuery,
  async handle({ actor, input }) {
    const { group: groupId, student, notes, paper, ...settings } = input;
    const group = getGroup(actor.id, groupId);
    const students = student ? [getStudent(actor.id, student)] : listStudents(actor.id, group.id);
    const { key, naming } = group;
    const pages = students.flatMap((s) => {
      const cards = cardsFor(notes, {
        ...settings,
        key,
        naming,
        sayings: sayingsOf(group, s),
        instrument: s.instrument,
        leftHanded: s.leftHanded,
        way: { method: s.method ?? group.method, settings: settingsFor(group, s) },
        owner: `${s.name} · ${group.name}`,
      });
      return cardPages(cards, paper, settings);
    });
    if (pages.length === 0) {
      throw badInput(
        'No card fits: nobody here reads the clef of the chosen notes, or has a place for them on the instrument. Choose others on the staff, or another front.',
      );
    }
    return pdfResponse(await pagesToPdf(pages, `Cards, ${group.name}`), 'cards');
  },
});
