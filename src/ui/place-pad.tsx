import { Check } from 'lucide-react';
import { useEffect, useMemo, useRef, useState } from 'react';
import {
  type Hole,
  holesPlace,
  INSTRUMENTS,
  type InstrumentId,
  LAYOUTS,
  type Place,
  placeOf,
  spotOf,
  valvesPlace,
} from '../core/instruments';
import {
  type Diagram,
  type DiagramOptions,
  diagramOf,
  diagramSvg,
  type Shown,
} from '../engrave/diagrams';
import { Svg } from './svg';

interface Props {
  instrument: InstrumentId;
  view?: DiagramOptions;
  /** What is shown besides what the player touches. */
  shown: readonly Shown[];
  /** Text equivalent of the picture. */
  title: string;
  /** Pixels for one unit of the diagram, and the most pixels that it may take across. */
  scale: number;
  fit?: number;
  /** Called with the place's code. */
  choose: (code: string) => void;
  disabled?: boolean;
  /**
   * `live`: each touch is a place at once. `answer`: strings ask for the finger too, and
   * fingerings of several touches are set first, then confirmed.
   */
  mode: 'live' | 'answer';
}

/** An instrument to be touched: the drawing with a button over each key, string, hole or valve. */
export function PlacePad({ fit = Number.POSITIVE_INFINITY, ...given }: Props) {
  const { instrument, view, mode } = given;
  const diagram = useMemo(() => diagramOf(instrument, view), [instrument, view]);
  const scale = diagram
    ? Math.max(touchable(diagram), Math.min(given.scale, fit / diagram.width))
    : given.scale;
  const props = { ...given, scale };
  const { kind } = INSTRUMENTS[instrument].technique;
  if (!diagram || diagram.spots.length === 0) return <Picture {...props} diagram={diagram} />;
  if (kind === 'holes' || kind === 'valves') return <Setting {...props} diagram={diagram} />;
  if ((kind === 'bowed' || kind === 'fretted') && mode === 'answer') {
    return <Fingering {...props} diagram={diagram} />;
  }
  return (
    <Touchable
      {...props}
      diagram={diagram}
      touch={(id) => props.choose(id)}
      pressed={(id) => props.shown.some((s) => s.place.code.startsWith(id) && s.role === 'here')}
    />
  );
}

/** Least pixels across anything that is touched. */
const TARGET = 24;

/** The least pixels for one unit at which everything can be touched; wider diagrams then scroll. */
function touchable({ spots }: Diagram): number {
  return TARGET / Math.min(...spots.map((s) => Math.min(s.width, s.height)), TARGET);
}

function Picture({ shown, title, scale, diagram }: Props & { diagram: Diagram | null }) {
  if (!diagram) return null;
  return (
    <div style={{ width: diagram.width * scale }} className="max-w-full">
      <Svg markup={diagramSvg(diagram, shown, title)} />
    </div>
  );
}

interface TouchableProps extends Props {
  diagram: Diagram;
  touch: (id: string) => void;
  pressed: (id: string) => boolean;
}

/** The drawing, and over each spot a button that only its outline shows. */
function Touchable(props: TouchableProps) {
  const { diagram, shown, title, scale, touch, pressed, disabled, mode } = props;
  const { width, height, spots } = diagram;
  const frame = useRef<HTMLDivElement>(null);
  const follows = disabled || mode === 'live';
  const here = follows ? shown.find((s) => s.role === 'here')?.place.code : undefined;
  const spot = spots.find((s) => here !== undefined && s.id === spotOf(here));
  const centre = (spot?.x ?? width / 2) * scale;
  // A long keyboard opens at its middle, and at the right place once that is shown.
  useEffect(() => {
    const box = frame.current;
    if (box) box.scrollLeft = centre - box.clientWidth / 2;
  }, [centre]);
  return (
    <div ref={frame} className="max-w-full overflow-x-auto">
      <div className="relative" style={{ width: width * scale, height: height * scale }}>
        <Svg markup={diagramSvg(diagram, shown, title)} />
        {disabled
          ? null
          : spots.map((s) => (
              <button
                key={s.id}
                type="button"
                aria-label={s.label}
                aria-pressed={pressed(s.id)}
                onClick={() => touch(s.id)}
                className="absolute rounded-sm hover:bg-felt/20 focus-visible:outline-3 focus-visible:outline-brass"
                style={{
                  left: (s.x - s.width / 2) * scale,
                  top: (s.y - s.height / 2) * scale,
                  width: s.width * scale,
                  height: s.height * scale,
                }}
              />
            ))}
      </div>
    </div>
  );
}

/** The drawing with its buttons beside it, or under it where there is no room. */
const BESIDE = 'flex min-w-0 max-w-full flex-wrap items-center justify-center gap-3';

/** Strings and frets: first the spot, then the finger; an open string needs none. */
function Fingering(props: Props & { diagram: Diagram }) {
  const [spot, setSpot] = useState<string | null>(null);
  const touch = (id: string) => {
    if (isOpen(id)) props.choose(`${id} finger 0`);
    else setSpot(id);
  };
  const chosen = spot ? placeOf(props.instrument, spot) : null;
  const shown = chosen ? [...props.shown, { place: chosen, role: 'here' as const }] : props.shown;
  return (
    <div className={BESIDE}>
      <Touchable {...props} shown={shown} touch={touch} pressed={(id) => id === spot} />
      {spot && !props.disabled ? (
        <fieldset className="flex flex-wrap justify-center gap-2 sm:max-w-36">
          <legend className="mb-1 text-lg">Which finger?</legend>
          {[1, 2, 3, 4, 5].map((finger) => (
            <button
              key={finger}
              type="button"
              className="btn min-h-12! min-w-12! justify-center text-xl!"
              onClick={() => props.choose(`${spot} finger ${finger}`)}
            >
              {finger}
            </button>
          ))}
        </fieldset>
      ) : null}
    </div>
  );
}

const isOpen = (id: string) => id.endsWith(' +0') || id.endsWith(' fret 0');

/** Holes and valves: touches open and close; where half is possible, a third touch opens again. */
function Setting(props: Props & { diagram: Diagram }) {
  const { technique } = INSTRUMENTS[props.instrument];
  const first = props.shown[0]?.place;
  const [touches, setTouches] = useState<Readonly<Record<string, Hole>>>(() => touchesOf(first));
  const [from, setFrom] = useState(first?.code);
  // A place shown from outside, such as the note chosen on the staff, is the new start.
  if (first && props.mode === 'live' && first.code !== from) {
    setFrom(first.code);
    setTouches(touchesOf(first));
  }
  const place = (closed: Readonly<Record<string, Hole>>): Place =>
    technique.kind === 'holes'
      ? holesPlace(technique.layout, closed)
      : valvesPlace(Object.keys(closed).map(Number).sort(), 0);
  const touch = (id: string) => {
    const next = { ...touches };
    const canHalf =
      technique.kind === 'holes' && LAYOUTS[technique.layout].find((t) => t.id === id)?.half;
    if (!next[id]) next[id] = 'closed';
    else if (next[id] === 'closed' && canHalf) next[id] = 'half';
    else delete next[id];
    setTouches(next);
    if (props.mode === 'live') {
      const { code } = place(next);
      setFrom(code);
      props.choose(code);
    }
  };
  const own = { place: place(touches), role: 'here' as const };
  const shown = props.disabled ? props.shown : [own];
  return (
    <div className={BESIDE}>
      <Touchable
        {...props}
        shown={shown}
        touch={touch}
        pressed={(id) => touches[id] !== undefined}
      />
      {props.mode === 'answer' && !props.disabled ? (
        <button
          type="button"
          className="btn btn-main min-h-12! px-6! text-lg!"
          onClick={() => props.choose(place(touches).code)}
        >
          <Check aria-hidden size={20} /> That is it
        </button>
      ) : null}
    </div>
  );
}

function touchesOf(place: Place | undefined): Readonly<Record<string, Hole>> {
  if (place?.kind === 'holes') return place.touches;
  if (place?.kind === 'valves') {
    return Object.fromEntries(place.valves.map((v) => [String(v), 'closed' as const]));
  }
  return {};
}
