import { cardsQuery } from '@/contract/sheets';
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
    const group = getGroup(actor.id, input.group);
    const students = input.student
      ? [getStudent(actor.id, input.student)]
      : listStudents(actor.id, group.id);
    const pages = students.flatMap((s) => {
      const owner = `${s.name} · ${group.name}`;
      const { instrument, leftHanded } = s;
      const sayings = sayingsOf(group, s);
      const { fade } = input;
      const method = s.method ?? group.method;
      const way = input.way === '1' ? { method, settings: settingsFor(group, s) } : undefined;
      const own = { sayings, instrument, leftHanded, owner, fade, way };
      const cards = cardsFor(input.notes, { ...group, ...own });
      return cardPages(cards, input.paper);
    });
    if (pages.length === 0) {
      throw badInput(
        'No card fits: the chosen notes are in a clef that nobody here reads. Choose others on the staff.',
      );
    }
    return pdfResponse(await pagesToPdf(pages, `Cards, ${group.name}`), 'cards');
  },
});
