import { INSTRUMENT_IDS, type InstrumentId } from '../core/instruments';
import { type Pitch, PitchError, parsePitch, parsePositionId, pitchText } from '../core/notation';

/** Name of the address parameter that holds the chosen notes. */
export const NOTES_PARAM = 'notes';

/** Reads the chosen ids from an address; unreadable ones are left out. */
export function chosenFrom(search: URLSearchParams): string[] {
  const ids = (search.get(NOTES_PARAM) ?? '').split(',');
  return [...new Set(ids.filter((id) => parsePositionId(id) !== null))].slice(0, 80);
}

/** The address of a view with group and chosen notes kept. */
export function viewHref(path: string, group: string | undefined, ids: readonly string[]): string {
  const notes = ids.length > 0 ? `${NOTES_PARAM}=${ids.join(',')}` : '';
  const text = [group ? `group=${group}` : '', notes].filter(Boolean).join('&');
  return text ? `${path}?${text}` : path;
}

/** Most instruments that stand side by side. */
export const SIDE_BY_SIDE = 4;

/** What the Instruments view shows: which instruments, which note, how the note is meant. */
export interface InstrumentsAddress {
  readonly ids: readonly InstrumentId[];
  readonly note: Pitch;
  /** All read the note, or all sound it. */
  readonly mode: 'read' | 'sound';
  /** As the teacher in front sees it. */
  readonly front: boolean;
  readonly leftHanded: boolean;
}

/** Reads the Instruments view's address; what is missing or unreadable is taken from `fallback`. */
export function instrumentsFrom(
  search: URLSearchParams,
  fallback: { readonly ids: readonly InstrumentId[]; readonly note: Pitch },
): InstrumentsAddress {
  const wanted = (search.get('with') ?? '').split(',');
  const known = (INSTRUMENT_IDS as readonly string[]).filter((id) => id !== 'none');
  const ids = wanted.filter((id) => known.includes(id)) as InstrumentId[];
  return {
    ids: (ids.length > 0 ? ids : fallback.ids).slice(0, SIDE_BY_SIDE),
    note: readPitch(search.get('note')) ?? fallback.note,
    mode: search.get('mode') === 'sound' ? 'sound' : 'read',
    front: search.get('front') === '1',
    leftHanded: search.get('left') === '1',
  };
}

/** Writes what {@link instrumentsFrom} reads into an address. */
export function writeInstruments(search: URLSearchParams, view: InstrumentsAddress): void {
  search.set('with', view.ids.join(','));
  search.set('note', pitchText(view.note));
  search.set('mode', view.mode);
  for (const [name, on] of [
    ['front', view.front],
    ['left', view.leftHanded],
  ] as const) {
    if (on) search.set(name, '1');
    else search.delete(name);
  }
}

function readPitch(text: string | null): Pitch | null {
  if (!text) return null;
  try {
    return parsePitch(text);
  } catch (error) {
    if (error instanceof PitchError) return null;
    throw error;
  }
}
