import { INSTRUMENTS, type InstrumentId } from '../instruments';
import { type ClefId, type Letter, parsePitch } from '../notation';
import { type SayingPart, sayingLetters } from '../sayings';

/** What a saying is for: positions of a staff, or open strings, with their letters in order. */
export interface SayingTarget {
  /** `treble-lines`, `bass-spaces`, `strings-guitar`. */
  readonly id: string;
  /** `the treble lines`. */
  readonly name: string;
  /** One for each word, from the bottom or from the lowest string. */
  readonly letters: readonly Letter[];
  /** Where word `i` (0 upwards) stands, `treble line 2`. */
  readonly place: (index: number) => string;
  /** Positions on a staff of one kind can be compared by lines; strings only by words. */
  readonly part: SayingPart | 'strings';
}

/** The target of a clef's lines or spaces. */
export function staffTarget(clef: ClefId, part: SayingPart): SayingTarget {
  const word = part === 'lines' ? 'line' : 'space';
  return {
    id: `${clef}-${part}`,
    name: `the ${clef} ${part}`,
    letters: sayingLetters(clef, part),
    place: (index) => `${clef} ${word} ${index + 1}`,
    part,
  };
}

/** The four sayings of the two clefs, in the order in which views list them. */
export const STAFF_TARGETS: readonly SayingTarget[] = [
  staffTarget('treble', 'spaces'),
  staffTarget('treble', 'lines'),
  staffTarget('bass', 'spaces'),
  staffTarget('bass', 'lines'),
];

/** The open strings of an instrument from the lowest; null for one without strings. */
export function stringsTarget(id: InstrumentId): SayingTarget | null {
  const { technique, name } = INSTRUMENTS[id];
  if (technique.kind !== 'bowed' && technique.kind !== 'fretted') return null;
  const strings = technique.kind === 'bowed' ? technique.strings : [...technique.strings].reverse();
  return {
    id: `strings-${id}`,
    name: `the open strings of the ${name.toLowerCase()}`,
    letters: strings.map((text) => parsePitch(text).letter),
    place: (index) => `string ${strings.length - index}`,
    part: 'strings',
  };
}

/** A target by its identifier; null for an unknown one. */
export function targetById(id: string): SayingTarget | null {
  const staff = STAFF_TARGETS.find((t) => t.id === id);
  if (staff) return staff;
  const instrument = id.replace(/^strings-/, '');
  return id.startsWith('strings-') && instrument in INSTRUMENTS
    ? stringsTarget(instrument as InstrumentId)
    : null;
}

/** Every target for which a saying can be kept. */
export function allTargets(): SayingTarget[] {
  const strings = (Object.keys(INSTRUMENTS) as InstrumentId[]).flatMap(
    (id) => stringsTarget(id) ?? [],
  );
  return [...STAFF_TARGETS, ...strings];
}
