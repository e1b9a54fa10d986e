import type { PracticeKit } from '../../contract/views';
import { pitchOf } from '../../core/evidence';
import { bestPlace, INSTRUMENTS, type Place, placeOf } from '../../core/instruments';
import type { StaffPosition } from '../../core/notation';
import { PlacePad } from '../../ui/place-pad';
import type { Outcome } from './engine';

/** Pixels for one unit: large enough for small fingers, small enough for a screen. */
const SCALES: Readonly<Record<string, number>> = {
  keys: 3,
  bars: 3,
  bowed: 4.4,
  fretted: 3.1,
  holes: 3.6,
  valves: 4,
  slide: 3.6,
};

/** Whether the instrument is drawn under the note, for want of room beside it. */
export function isLong(kit: PracticeKit): boolean {
  const { technique } = INSTRUMENTS[kit.instrument];
  if (technique.kind === 'holes') return technique.layout === 'flute';
  return ['keys', 'bars', 'slide'].includes(technique.kind);
}

/** Pixels for one unit of the student's instrument. */
export function scaleOf(kit: PracticeKit): number {
  return SCALES[INSTRUMENTS[kit.instrument].technique.kind] ?? 3;
}

/** The right place of a note of the kit. */
export function kitPlace(kit: PracticeKit, position: StaffPosition): Place | null {
  const item = { ...position, key: kit.key, accidental: null };
  return bestPlace(kit.instrument, pitchOf(item));
}

/** How the instrument is shown: all of the student's notes fit, so that the picture gives nothing away. */
export function kitView(kit: PracticeKit) {
  const around = kit.notes.flatMap((n) => kitPlace(kit, n.position) ?? []);
  return { around, leftHanded: kit.leftHanded };
}

interface Props {
  kit: PracticeKit;
  current: StaffPosition;
  /** The wrong answer that is being explained. */
  wrong: Outcome | null;
  view: ReturnType<typeof kitView>;
  answer: (code: string) => void;
}

/** The instrument, to show the note's place on; after a wrong answer with the right place. */
export function PlaceQuestion({ kit, current, wrong, view, answer }: Props) {
  const right = kitPlace(kit, current);
  const given = wrong && placeOf(kit.instrument, wrong.given);
  const shown =
    wrong && right
      ? [
          { place: right, role: 'here' as const },
          ...(given ? [{ place: given, role: 'wrong' as const }] : []),
        ]
      : [];
  const name = INSTRUMENTS[kit.instrument].name;
  return (
    <div className="flex min-w-0 justify-center">
      <PlacePad
        key={wrong ? 'wrong' : 'asked'}
        instrument={kit.instrument}
        view={view}
        shown={shown}
        title={wrong && right ? `${name}: ${right.words}` : name}
        scale={scaleOf(kit)}
        choose={answer}
        disabled={wrong !== null}
        mode="answer"
      />
    </div>
  );
}
