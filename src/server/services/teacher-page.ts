import { chosenFrom } from '../../contract/address';
import type { GroupView, LadderView } from '../../contract/views';
import { type GroupRow, listGroups } from '../stores/groups';
import { ladderOf, type Shares, sharesOf } from './ladder';

/** What every teacher view needs: whose it is, the group, the chosen notes, the rail. */
export interface TeacherPage {
  readonly teacher: { readonly id: string; readonly name: string };
  readonly groups: readonly { readonly id: string; readonly name: string }[];
  readonly group: GroupView | null;
  readonly chosen: readonly string[];
  readonly introduced: readonly string[];
  readonly shares: Shares;
  readonly ladder: LadderView | null;
}

/** Reads the address of a teacher's view: `group` (the first one when missing or unknown) and `notes`. */
export function teacherPage(
  teacher: { id: string; name: string },
  url: URL,
  now: number,
): TeacherPage {
  const groups = listGroups(teacher.id);
  const row = groups.find((g) => g.id === url.searchParams.get('group')) ?? groups[0] ?? null;
  const ladder = row && ladderOf(teacher.id, row, now);
  return {
    teacher,
    groups: groups.map(({ id, name }) => ({ id, name })),
    group: row && viewOf(row),
    chosen: chosenFrom(url.searchParams),
    introduced: ladder?.introduced ?? [],
    shares: ladder ? sharesOf(ladder) : {},
    ladder,
  };
}

function viewOf({ teacherId: _, createdAt: __, ...group }: GroupRow): GroupView {
  return group;
}
