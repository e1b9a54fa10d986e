import { LogOut } from 'lucide-react';
import { viewHref } from '../../contract/address';
import { send } from '../../ui/api';
import { useChosen } from '../../ui/chosen';

const VIEWS = [
  ['today', 'Today'],
  ['ladder', 'Ladder'],
  ['sayings', 'Sayings'],
  ['sheets', 'Sheets'],
  ['cards', 'Cards'],
  ['instruments', 'Instruments'],
  ['marking', 'Marking'],
  ['progress', 'Progress'],
  ['groups', 'Groups'],
] as const;

interface Props {
  view: string;
  chosen: readonly string[];
  groups: readonly { id: string; name: string }[];
  group: string | undefined;
  teacher: string;
}

/** Group and views; links keep the group and the chosen notes. */
export function NavBar({ view, chosen: initial, groups, group, teacher }: Props) {
  const chosen = useChosen(initial);
  const leave = async () => {
    await send('POST', '/api/auth/sign-out', {});
    window.location.href = '/sign-in';
  };
  return (
    <header className="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-rule bg-sheet px-3 py-1.5 md:px-6">
      {groups.length > 0 ? (
        <label className="flex items-center gap-2 text-sm">
          <span className="sr-only">Group</span>
          <select
            className="min-h-9 max-w-52 rounded border border-rule bg-white px-2 font-bold"
            value={group}
            onChange={(e) => {
              window.location.href = viewHref(`/${view}`, e.target.value, chosen);
            }}
          >
            {groups.map((g) => (
              <option key={g.id} value={g.id}>
                {g.name}
              </option>
            ))}
          </select>
        </label>
      ) : null}
      <nav
        aria-label="Views"
        className="flex overflow-x-auto max-md:order-last max-md:basis-full md:flex-1"
      >
        {VIEWS.map(([id, name]) => (
          <a
            key={id}
            href={viewHref(`/${id}`, group, chosen)}
            aria-current={id === view ? 'page' : undefined}
            className={`flex min-h-9 items-center px-2.5 font-bold no-underline hover:bg-felt-pale ${
              id === view ? 'border-b-3 border-felt text-ink' : 'text-felt'
            }`}
          >
            {name}
          </a>
        ))}
      </nav>
      <button
        type="button"
        className="flex min-h-9 items-center gap-1 text-sm text-soft max-md:ml-auto"
        onClick={leave}
      >
        <LogOut aria-hidden size={16} /> Sign out, {teacher}
      </button>
    </header>
  );
}
