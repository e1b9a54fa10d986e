import { type KeyboardEvent, useEffect, useRef, useState } from 'react';
import {
  CLEFS,
  describePosition,
  type Naming,
  noteName,
  PRESETS,
  pitchAt,
  positionId,
  type StaffPosition,
} from '../../core/notation';
import { setChosen, useChosen } from '../../ui/chosen';
import { between, RAIL_POSITIONS, RAIL_RUNGS, RUNG } from './rungs';

const WIDTH = 148;
/** Where the staff lines end and the letters begin, in pixels. */
const STAFF_END = 96;
/** Width of the bass's own middle C, in pixels. */
const BASS_C = 56;

interface Props {
  chosen: readonly string[];
  introduced: readonly string[];
  /** Position id → share of the group who knows it. */
  shares: Readonly<Record<string, number>>;
  naming: Naming;
}

/** The grand staff, upright, as the control that chooses the notes of every view. */
export function Rail({ chosen: initial, introduced, shares, naming }: Props) {
  const chosen = useChosen(initial);
  const rail = useRailInput(chosen);
  // On a phone the staff is put away until it is asked for.
  const [open, setOpen] = useState(false);
  return (
    <>
      <button
        type="button"
        aria-expanded={open}
        className="btn btn-main fixed bottom-2 left-2 z-20 md:hidden"
        onClick={() => setOpen(!open)}
      >
        {open ? 'Close the staff' : `Notes: ${chosen.length} chosen`}
      </button>
      <aside
        aria-label="Choose notes"
        className={`sticky top-0 h-dvh shrink-0 flex-col overflow-y-auto border-r border-rule bg-sheet max-md:fixed max-md:z-10 max-md:pb-14 ${open ? 'flex' : 'hidden md:flex'}`}
        style={{ width: WIDTH }}
      >
        <div className="px-2 pt-1">
          <Presets chosen={chosen} introduced={introduced} />
        </div>
        <div
          role="group"
          aria-label="Grand staff: arrow keys move, space chooses, shift with an arrow chooses on"
          className="relative my-1 touch-none select-none"
          style={{ height: RAIL_RUNGS.length * RUNG }}
          onKeyDown={rail.onKeyDown}
        >
          <Staves />
          {RAIL_POSITIONS.map((position) => (
            <Head
              key={positionId(position)}
              position={position}
              naming={naming}
              on={chosen.includes(positionId(position))}
              known={introduced.includes(positionId(position))}
              share={shares[positionId(position)]}
              tab={rail.focus === positionId(position)}
              rail={rail}
            />
          ))}
        </div>
      </aside>
    </>
  );
}

/** Choosing by click, by dragging over several, and by keyboard. */
function useRailInput(chosen: readonly string[]) {
  const [focus, setFocus] = useState(() => chosen[0] ?? 't2');
  const drag = useRef<{ from: string; adding: boolean; before: readonly string[] } | null>(null);
  useEffect(() => {
    const end = () => {
      drag.current = null;
    };
    window.addEventListener('pointerup', end);
    return () => window.removeEventListener('pointerup', end);
  }, []);
  const apply = (ids: readonly string[], adding: boolean, before: readonly string[]) =>
    setChosen(
      adding ? [...new Set([...before, ...ids])] : before.filter((id) => !ids.includes(id)),
    );
  return {
    focus,
    press(id: string) {
      const adding = !chosen.includes(id);
      drag.current = { from: id, adding, before: chosen };
      setFocus(id);
      apply([id], adding, chosen);
    },
    over(id: string) {
      const d = drag.current;
      if (d) apply(between(d.from, id), d.adding, d.before);
    },
    onKeyDown(event: KeyboardEvent) {
      const ids = RAIL_POSITIONS.map(positionId);
      const at = ids.indexOf(focus);
      const move = { ArrowUp: -1, ArrowDown: 1, Home: -at, End: ids.length - 1 - at }[event.key];
      if (move !== undefined) {
        const next = ids[Math.min(ids.length - 1, Math.max(0, at + move))]!;
        if (event.shiftKey) apply([focus, next], true, chosen);
        setFocus(next);
        document.getElementById(`rung-${next}`)?.focus();
        event.preventDefault();
      } else if (event.key === ' ' || event.key === 'Enter') {
        apply([focus], !chosen.includes(focus), chosen);
        event.preventDefault();
      }
    },
  };
}

interface HeadProps {
  position: StaffPosition;
  naming: Naming;
  on: boolean;
  known: boolean;
  share: number | undefined;
  tab: boolean;
  rail: ReturnType<typeof useRailInput>;
}

function Head({ position, naming, on, known, share, tab, rail }: HeadProps) {
  const id = positionId(position);
  const row = RAIL_RUNGS.find((r) => r.positions.some((p) => positionId(p) === id))!;
  const split = row.positions.length > 1;
  const name = noteName(pitchAt(position), naming);
  const state = share === undefined ? '' : `, ${Math.round(share * 100)} % know it`;
  const label = `${name}, ${describePosition(position).replace('note ', '')}${known ? ', introduced' : ''}${state}`;
  // Middle C stands in the column of the treble's notes, and once more at the left for the bass.
  const bass = split && position.clef === 'bass';
  const left = split && !bass ? BASS_C : 0;
  return (
    <button
      id={`rung-${id}`}
      type="button"
      aria-pressed={on}
      aria-label={label}
      title={label}
      tabIndex={tab ? 0 : -1}
      onPointerDown={(e) => {
        e.currentTarget.releasePointerCapture?.(e.pointerId);
        if (e.button === 0) rail.press(id);
      }}
      onPointerEnter={() => rail.over(id)}
      className="absolute flex items-center hover:bg-felt-pale/60"
      style={{ top: row.row * RUNG, height: RUNG, left, width: bass ? BASS_C : WIDTH - left }}
    >
      <span
        aria-hidden
        className={`absolute h-4 w-6 -rotate-12 rounded-[50%] border-2 ${
          on ? 'border-felt bg-felt' : known ? 'border-ink bg-sheet' : 'border-transparent'
        }`}
        style={{ left: bass ? 12 : 64 - left }}
      />
      <span
        aria-hidden
        className={`absolute text-sm ${on ? 'font-bold text-felt' : known ? 'text-ink' : 'text-soft'}`}
        style={{ left: bass ? 38 : STAFF_END + 6 - left }}
      >
        {name}
      </span>
      {share === undefined || bass ? null : (
        <span
          aria-hidden
          className="absolute right-2 h-1.5 w-5 rounded-sm border border-felt bg-white"
        >
          <span className="block h-full bg-felt" style={{ width: `${share * 100}%` }} />
        </span>
      )}
    </button>
  );
}

/** Real staff lines and clefs behind the heads. */
function Staves() {
  const height = RAIL_RUNGS.length * RUNG;
  const middle = (row: number) => row * RUNG + RUNG / 2;
  const rowOf = (clef: StaffPosition['clef'], step: number) =>
    RAIL_RUNGS.findIndex((r) => r.positions.some((p) => p.clef === clef && p.step === step));
  return (
    <svg aria-hidden="true" width={WIDTH} height={height} className="absolute inset-0">
      {(['treble', 'bass'] as const).map((clef) => (
        <text
          key={clef}
          x="4"
          y={middle(rowOf(clef, CLEFS[clef].line * 2 - 2))}
          fontFamily="Lucid Music"
          fontSize={RUNG * 8}
          fill="#e6dcc5"
        >
          {clef === 'treble' ? '\uE050' : '\uE062'}
        </text>
      ))}
      {RAIL_RUNGS.map((rung) =>
        rung.line === null ? null : (
          <line
            key={rung.row}
            x1={rung.line === 'staff' ? 8 : 58}
            x2={STAFF_END}
            y1={middle(rung.row)}
            y2={middle(rung.row)}
            stroke={rung.line === 'staff' ? '#221f1a' : '#b9b09c'}
            strokeWidth={rung.line === 'staff' ? 1.4 : 1.2}
          />
        ),
      )}
      <line
        x1="8"
        x2="8"
        y1={middle(rowOf('treble', 8))}
        y2={middle(rowOf('bass', 0))}
        stroke="#221f1a"
        strokeWidth="1.4"
      />
    </svg>
  );
}

/** Ready-made choices; the last ones depend on the group. */
function Presets({ chosen, introduced }: Pick<Props, 'chosen' | 'introduced'>) {
  const take = (id: string) => {
    if (id === 'group') setChosen(introduced);
    else if (id === 'none') setChosen([]);
    else setChosen(PRESETS.find((p) => p.id === id)?.positions.map(positionId) ?? chosen);
  };
  return (
    <select
      aria-label="Choose notes by a preset"
      className="min-h-8 w-full rounded border border-rule bg-white px-1 text-sm"
      value=""
      onChange={(e) => take(e.target.value)}
    >
      <option value="">{chosen.length === 0 ? 'Choose notes…' : `${chosen.length} chosen…`}</option>
      {PRESETS.map((p) => (
        <option key={p.id} value={p.id}>
          {p.name}
        </option>
      ))}
      {introduced.length > 0 ? <option value="group">What this group has met</option> : null}
      <option value="none">None</option>
    </select>
  );
}
