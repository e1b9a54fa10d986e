import type { MySayings } from '../../contract/views';
import { byTarget } from '../../core/sayings';
import { offersOf } from '../stores/sayings';
import type { StudentActor } from '../student-session';
import { offerView, sayingsOf } from './sayings';

/** The sayings of the student who asks. */
export function mySayings({ student, group }: StudentActor): MySayings {
  const names = new Map([[student.id, student.name]]);
  return {
    name: student.name,
    instrument: student.instrument,
    inUse: { ...group.stringSayings, ...byTarget(sayingsOf(group, student)), ...student.sayings },
    offers: offersOf(student.id).map((o) => offerView(o, names)),
  };
}
