import type { MethodSettings } from '../../core/methods';
import type { GroupRow } from '../stores/groups';
import type { StudentRow } from '../stores/students';

/** What is adjusted in a student's way of teaching: the group's, unless the student follows another school. */
export function settingsFor(group: GroupRow, student?: StudentRow): MethodSettings {
  const other = student?.method && student.method !== group.method;
  return other ? {} : group.methodSettings;
}
