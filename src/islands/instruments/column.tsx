import { Volume2 } from 'lucide-react';
import { useMemo } from 'react';
import {
  INSTRUMENTS,
  lowerName,
  type Part,
  type Place,
  placeOf,
  read,
  soundingMidi,
  spotOf,
  type Technique,
} from '../../core/instruments';
import {
  CLEFS,
  type ClefId,
  type KeySignature,
  midi,
  type Naming,
  noteName,
  type Pitch,
  pitchAt,
  positionOf,
  type Terms,
} from '../../core/notation';
import { FAINT, INK } from '../../engrave/colors';
import type { Shown } from '../../engrave/diagrams';
import type { DrawnNote } from '../../engrave/staff';
import { Notice } from '../../ui/notice';
import { PlacePad } from '../../ui/place-pad';
import { playMidi } from '../../ui/sound';
import { StaffPad } from '../../ui/staff-pad';
import type { Touched } from './state';

interface Props {
  part: Part & { octaves?: number };
  /** Place touched on this instrument. */
  touched: Touched | null;
  terms: Terms;
  naming: Naming;
  front: boolean;
  leftHanded: boolean;
  /** One instrument has the room for itself. */
  alone: boolean;
  choose: (written: Pitch) => void;
  touch: (code: string) => void;
}

/** Pixels for one unit of a diagram: alone, and side by side. */
const SCALES: Readonly<Record<string, readonly [alone: number, beside: number]>> = {
  keys: [1.7, 2],
  bars: [2, 2],
  bowed: [3.6, 2.3],
  fretted: [3.4, 1.65],
  holes: [3, 1.5],
  valves: [3.4, 2],
  slide: [3.6, 1.4],
  voice: [2.4, 1.5],
};

/** Most pixels across: under the staff, beside it, and in one of four columns. */
const FIT = { wide: 720, alone: 350, beside: 222 } as const;

/** Long instruments stand under the staff instead of beside it. */
function isWide(technique: Technique): boolean {
  if (technique.kind === 'holes') return technique.layout === 'flute';
  return ['keys', 'bars', 'slide'].includes(technique.kind);
}

/** Staff and instrument of one section: each shows what is chosen on the other. */
export function Column(props: Props) {
  const { part, touched, terms, front, leftHanded, alone, choose, touch } = props;
  const { instrument, written, located, position } = part;
  const { technique, name } = INSTRUMENTS[instrument];
  const silent = touched !== null && touched.note === null;
  const shown = useMemo(() => shownPlaces(part, touched), [part, touched]);
  const [big, small] = SCALES[technique.kind] ?? [2, 2];
  const wide = alone && isWide(technique);
  const view = useMemo(() => {
    const around = alone ? undefined : shown.map((s) => s.place);
    return { front, leftHanded, ...(around ? { around } : {}) };
  }, [alone, shown, front, leftHanded]);
  const words = shown[0]?.place.words ?? '';
  return (
    <div
      className={alone && !wide ? 'grid items-center gap-6 md:grid-cols-2' : 'grid gap-3'}
      data-instrument={instrument}
    >
      <div className={wide ? 'max-w-md' : ''}>
        <Staff
          clef={position.clef}
          step={silent ? null : position.step}
          notes={silent ? [] : staffNotes(part, position.clef)}
          terms={terms}
          alone={alone}
          choose={(step) => choose(pitchAt({ clef: position.clef, step }))}
        />
      </div>
      <div className="min-w-0">
        <div className="flex justify-center">
          <PlacePad
            instrument={instrument}
            view={view}
            shown={shown}
            title={`${name}: ${words || 'no place'}`}
            scale={alone ? big : small}
            fit={wide ? FIT.wide : alone ? FIT.alone : FIT.beside}
            choose={touch}
            mode="live"
          />
        </div>
        {silent ? (
          <Notice kind="note">
            No note of the first years is played like this on the{' '}
            {lowerName(INSTRUMENTS[instrument])}.
          </Notice>
        ) : located.ok ? (
          <Words {...props} places={located.places} shown={shown} written={written} />
        ) : (
          <Notice kind="wrong">{located.reason}</Notice>
        )}
      </div>
    </div>
  );
}

/** The touched place first, then the other ways to play the note. */
function shownPlaces({ instrument, located }: Part, touched: Touched | null): Shown[] {
  const places: readonly Place[] = located.ok ? located.places : [];
  const spot = touched ? spotOf(touched.code) : null;
  const own = spot ? places.find((p) => spotOf(p.code) === spot) : undefined;
  const loose = touched && !own ? placeOf(instrument, touched.code) : null;
  if (touched?.note === null && loose) return [{ place: loose, role: 'here' }];
  const first = own ?? places[0];
  if (!first) return [];
  const others = places.filter((p) => p !== first && spotOf(p.code) !== spotOf(first.code));
  return [
    { place: first, role: 'here' },
    ...others.map((place) => ({ place, role: 'also' as const })),
  ];
}

/** The note, and in pale ink the other notes of the same place, which the breath would choose. */
function staffNotes({ instrument, written, located }: Part, clef: ClefId): DrawnNote[] {
  const draw = (pitch: Pitch, color: string): DrawnNote => {
    const { position, accidental } = positionOf(pitch, CLEFS[clef]);
    return { step: position.step, accidental, color };
  };
  const main = draw(written, INK);
  if (!located.ok) return [main];
  const heights = new Map(read(instrument, located.places[0]!).map((p) => [midi(p), p]));
  heights.delete(midi(written));
  const others = [...heights.keys()].flatMap(
    (m) => read(instrument, located.places[0]!).find((p) => midi(p) === m) ?? [],
  );
  return [main, ...others.slice(0, 4).map((p) => draw(p, FAINT))];
}

interface StaffProps {
  clef: ClefId;
  step: number | null;
  notes: readonly DrawnNote[];
  terms: Terms;
  alone: boolean;
  choose: (step: number) => void;
}

/** Steps that the staff always has room for. */
const REACH = { alone: { low: -8, high: 16 }, beside: { low: -5, high: 13 } } as const;
const NO_KEY: KeySignature = 0;

function Staff({ clef, step, notes, terms, alone, choose }: StaffProps) {
  const steps = notes.map((n) => n.step);
  const reach = alone ? REACH.alone : REACH.beside;
  return (
    <StaffPad
      clef={clef}
      keySignature={NO_KEY}
      terms={terms}
      low={Math.min(reach.low, ...steps)}
      high={Math.max(reach.high, ...steps)}
      step={step}
      notes={notes}
      choose={choose}
    />
  );
}

interface WordsProps extends Props {
  places: readonly Place[];
  shown: readonly Shown[];
  written: Pitch;
}

function Words({ part, places, shown, written, naming, touch }: WordsProps) {
  const first = shown[0]?.place ?? places[0]!;
  const others = places.filter((p) => p !== first);
  const name = (pitch: Pitch) => noteName(pitch, naming);
  const { instrument, sounding, octaves } = part;
  return (
    <div className="mt-2">
      <p className="text-lg">
        <b className="font-title text-2xl">{name(written)}</b> <span data-words>{first.words}</span>
      </p>
      <p className="text-sm text-soft">
        Written {label(written, naming)}, sounds {label(sounding, naming)}
        {octaves ? `, ${octavesText(octaves)} the others` : ''}.{' '}
        <button
          type="button"
          className="btn min-h-7! py-0!"
          onClick={() => playMidi([soundingMidi(instrument, written)])}
        >
          <Volume2 aria-hidden size={16} /> Hear it
        </button>
      </p>
      {others.length > 0 ? (
        <p className="mt-1 flex flex-wrap items-center gap-1.5 text-sm">
          or
          {others.map((p) => (
            <button
              key={p.code + p.short}
              type="button"
              className="btn min-h-7! py-0!"
              onClick={() => touch(p.code)}
            >
              {p.short}
            </button>
          ))}
        </p>
      ) : null}
    </div>
  );
}

function label(pitch: Pitch, naming: Naming): string {
  return `${noteName(pitch, naming)}${pitch.octave}`;
}

function octavesText(octaves: number): string {
  const count = Math.abs(octaves);
  const way = octaves > 0 ? 'above' : 'below';
  return count === 1 ? `an octave ${way}` : `${count} octaves ${way}`;
}
