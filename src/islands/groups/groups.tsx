import { useState } from 'react';
import type { GroupView, OwnMethodView, StudentView } from '../../contract/views';
import { GroupSettings } from './group-settings';
import { NewGroup } from './new-group';
import { Students } from './students';

interface Props {
  group: GroupView | null;
  students: readonly StudentView[];
  /** QR code of the entry address, as SVG. */
  qr: string;
  entry: string;
  /** Ways of teaching that the teacher keeps. */
  ownMethods: readonly OwnMethodView[];
}

/** Make groups, fill them with students, and set how each is taught. */
export function Groups({ group, students, qr, entry, ownMethods }: Props) {
  const [making, setMaking] = useState(group === null);
  return (
    <div className="space-y-4">
      <div className="flex flex-wrap items-center justify-between gap-2">
        <h1>{making || !group ? 'New group' : group.name}</h1>
        {group ? (
          <button type="button" className="btn" onClick={() => setMaking(!making)}>
            {making ? 'Back to the group' : 'New group'}
          </button>
        ) : null}
      </div>
      {making || !group ? (
        <NewGroup />
      ) : (
        <div className="grid grid-cols-1 items-start gap-4 xl:grid-cols-[1fr_22rem]">
          <Students group={group} initial={students} />
          <GroupSettings group={group} qr={qr} entry={entry} ownMethods={ownMethods} />
        </div>
      )}
    </div>
  );
}
