import { answersOf } from '../stores/answers';
import { getGroup, listIntroduced } from '../stores/groups';
import { listOffers, sayingHistory } from '../stores/sayings';
import { listSheets } from '../stores/sheets';
import { listStudents } from '../stores/students';

/** More rows than a group can come to have. */
const EVERYTHING = 10_000;

/** All data of one of the teacher's groups, without keys of students. */
export function exportGroup(teacherId: string, groupId: string, now: number) {
  const { teacherId: _, ...group } = getGroup(teacherId, groupId);
  const students = listStudents(teacherId, groupId);
  const answers = answersOf({ students: students.map((s) => s.id) });
  return {
    exportedAt: new Date(now).toISOString(),
    group,
    introduced: Object.fromEntries(listIntroduced(teacherId, groupId)),
    students: students.map(
      ({ id, name, instrument, secondInstrument, leftHanded, method, sayings, createdAt }) => ({
        id,
        name,
        instrument,
        secondInstrument,
        leftHanded,
        method,
        sayings,
        createdAt,
        answers: answers.get(id),
      }),
    ),
    sayingsInUse: sayingHistory(teacherId, groupId, EVERYTHING),
    sayingsOffered: listOffers(teacherId, groupId),
    sheets: listSheets(teacherId, [groupId], EVERYTHING),
  };
}
