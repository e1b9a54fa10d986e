import { ChevronDown, ChevronRight } from 'lucide-react';
import { useState } from 'react';
import type { GroupView, LadderView } from '../../contract/views';
import { isKnown, SECURITY_WORDS, type Security } from '../../core/evidence';
import { INSTRUMENTS, type InstrumentId, locate } from '../../core/instruments';
import {
  letterAt,
  noteName,
  pitchAt,
  placeName,
  positionId,
  type StaffPosition,
} from '../../core/notation';
import { wordAt } from '../../core/sayings';
import { diagramOf, diagramSvg } from '../../engrave/diagrams';
import { send } from '../../ui/api';
import { toPositions, useChosen } from '../../ui/chosen';
import { Notice } from '../../ui/notice';
import { SECURITY_LOOK, SecurityTag, ShareBar } from '../../ui/security';
import { Svg } from '../../ui/svg';

interface Props {
  group: GroupView;
  ladder: LadderView;
  chosen: readonly string[];
}

/** A group's notes from high to low: introduced, next and chosen ones, each to be opened. */
export function Ladder({ group, ladder, chosen: initial }: Props) {
  const chosen = useChosen(initial);
  const [open, setOpen] = useState<string | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [all, setAll] = useState(false);
  const shown = toPositions([
    ...new Set([
      ...ladder.introduced,
      ...ladder.next,
      ...chosen,
      ...(all ? Object.keys(ladder.notes) : []),
    ]),
  ]).reverse();
  const introduce = async (on: boolean) => {
    const result = await send('PUT', `/api/groups/${group.id}/introduced`, {
      positions: chosen,
      on,
    });
    if (result.ok) window.location.reload();
    else setProblem(result.problem.detail);
  };
  const fresh = chosen.filter((id) => !ladder.introduced.includes(id));
  const old = chosen.filter((id) => ladder.introduced.includes(id));
  return (
    <div className="max-w-4xl">
      <div className="my-3 flex flex-wrap items-center gap-2">
        <button
          type="button"
          className="btn btn-main"
          disabled={fresh.length === 0}
          onClick={() => introduce(true)}
        >
          Introduce {fresh.length > 0 ? `${fresh.length} chosen` : 'chosen'}{' '}
          {fresh.length === 1 ? 'note' : 'notes'}
        </button>
        <button
          type="button"
          className="btn"
          disabled={old.length === 0}
          onClick={() => introduce(false)}
        >
          Take back {old.length > 0 ? old.length : ''}
        </button>
        <label className="ml-auto flex items-center gap-2 text-sm">
          <input
            type="checkbox"
            className="size-5"
            checked={all}
            onChange={(e) => setAll(e.target.checked)}
          />
          All rungs
        </label>
      </div>
      {chosen.length === 0 ? (
        <p className="hint">
          Choose notes on the staff at the left: click, drag over several, or take a preset.
        </p>
      ) : null}
      {problem ? <Notice kind="wrong">{problem}</Notice> : null}
      <ul className="divide-y divide-rule border-y border-rule bg-sheet">
        {shown.map((position) => (
          <Rung
            key={positionId(position)}
            position={position}
            group={group}
            ladder={ladder}
            chosen={chosen.includes(positionId(position))}
            open={open === positionId(position)}
            toggle={() => setOpen(open === positionId(position) ? null : positionId(position))}
          />
        ))}
      </ul>
      <Legend />
    </div>
  );
}

interface RungProps {
  position: StaffPosition;
  group: GroupView;
  ladder: LadderView;
  chosen: boolean;
  open: boolean;
  toggle: () => void;
}

function Rung({ position, group, ladder, chosen, open, toggle }: RungProps) {
  const id = positionId(position);
  const notes = ladder.notes[id] ?? [];
  const known = notes.filter((n) => isKnown(n.security)).length;
  const met = notes.some((n) => n.security !== 'not-met');
  const word = wordAt(group.sayings, position);
  const status = ladder.introduced.includes(id)
    ? 'introduced'
    : ladder.next.includes(id)
      ? 'next'
      : 'not yet';
  const name = noteName(pitchAt(position, group.key), group.naming, group.key);
  return (
    <li className={chosen ? 'bg-felt-pale' : ''}>
      <button
        type="button"
        aria-expanded={open}
        onClick={toggle}
        className="flex min-h-10 w-full flex-wrap items-center gap-x-3 px-2 text-left"
      >
        {open ? <ChevronDown aria-hidden size={18} /> : <ChevronRight aria-hidden size={18} />}
        <b className="w-10 font-title text-lg">{name}</b>
        <span className="w-52">
          {position.clef} {placeName(position.step, group.terms)}
        </span>
        <span
          className={`w-24 text-sm ${status === 'next' ? 'font-bold text-brass' : 'text-soft'}`}
        >
          {status}
        </span>
        <span className="w-48">
          {met ? (
            <ShareBar known={known} of={notes.length} />
          ) : (
            <span className="hint">nobody has met it</span>
          )}
        </span>
        <span className="min-w-24 flex-1 truncate text-soft">
          {word && word.length > 1 ? word : ''}
        </span>
      </button>
      {open ? <Details position={position} group={group} ladder={ladder} /> : null}
    </li>
  );
}

/** Each student's security, and where the note is on the group's instruments. */
function Details({ position, group, ladder }: Pick<RungProps, 'position' | 'group' | 'ladder'>) {
  const notes = ladder.notes[positionId(position)] ?? [];
  const names = new Map(ladder.students.map((s) => [s.id, s.name]));
  const readers = ladder.students.filter((s) =>
    INSTRUMENTS[s.instrument].clefs.includes(position.clef),
  );
  const instruments = [...new Set(readers.map((s) => s.instrument))];
  return (
    <div className="space-y-2 px-3 pb-3 md:px-10">
      <div className="flex flex-wrap gap-1.5">
        {notes.map((n) => (
          <SecurityTag key={n.id} security={n.security} name={names.get(n.id) ?? ''} />
        ))}
        {notes.length === 0 ? (
          <span className="hint">Nobody in this group reads the {position.clef} clef.</span>
        ) : null}
      </div>
      <Places position={position} group={group} instruments={instruments} />
    </div>
  );
}

function Places({
  position,
  group,
  instruments,
}: {
  position: StaffPosition;
  group: GroupView;
  instruments: InstrumentId[];
}) {
  const word = wordAt(group.sayings, position);
  return (
    <dl className="space-y-2 text-sm">
      <div className="flex flex-wrap gap-3">
        {instruments.map((id) => (
          <PlaceCard key={id} id={id} position={position} group={group} />
        ))}
      </div>
      {word ? (
        <div className="flex gap-3">
          <dt className="font-bold">Saying</dt>
          <dd>{word.length > 1 ? word : `${letterAt(position)} of F A C E`}</dd>
        </div>
      ) : null}
    </dl>
  );
}

interface PlaceCardProps {
  id: InstrumentId;
  position: StaffPosition;
  group: GroupView;
}

/** Where one instrument has the note, or why it has it not. */
function PlaceCard({ id, position, group }: PlaceCardProps) {
  const found = locate(id, pitchAt(position, group.key));
  const { name, technique } = INSTRUMENTS[id];
  if (technique.kind === 'none') return null;
  const place = found.ok ? found.places[0]! : null;
  const diagram = place && diagramOf(id, { around: [place] });
  return (
    <div className="flex w-72 items-center gap-3 rounded border border-rule bg-white p-2">
      {place && diagram ? (
        <Svg
          markup={diagramSvg(diagram, [{ place, role: 'here' }], `${name}: ${place.words}`)}
          className="w-24 shrink-0 [&_svg]:max-h-24 [&_svg]:w-full"
        />
      ) : null}
      <div>
        <dt className="font-bold">{name}</dt>
        <dd>{found.ok ? place!.words : found.reason}</dd>
      </div>
    </div>
  );
}

function Legend() {
  return (
    <p className="hint mt-2 flex flex-wrap gap-x-4">
      {(Object.keys(SECURITY_WORDS) as Security[]).map((s) => (
        <span key={s}>
          <span aria-hidden>{SECURITY_LOOK[s].sign}</span> {SECURITY_WORDS[s]}
        </span>
      ))}
    </p>
  );
}
