import { INSTRUMENTS, type InstrumentId } from '../instruments';
import { type SayingSet, stripLines } from '../sayings';
import { KINDS } from './kinds';
import type { SheetCopy, SheetSpec, WeighedCause } from './spec';

/** What of the evidence and the class goes into the copies for all. */
export interface CopyClass {
  readonly weights: Readonly<Record<string, number>>;
  readonly causes: readonly WeighedCause[];
  /** Ids of positions in the order in which they were taught. */
  readonly taught: readonly string[];
  readonly sayings: SayingSet;
}

/** What of a student goes into their own copy. */
export interface CopyOwner extends Omit<CopyClass, 'taught'> {
  readonly id: string;
  readonly instrument: InstrumentId;
  readonly leftHanded: boolean;
}

/** Letters of the versions that neighbours get. */
export const VERSION_LABELS = ['A', 'B', 'C'] as const;

/** The copy for all, or one of its versions. Stored with the sheet, so that it can be printed again for ever. */
export function sharedCopy(
  spec: SheetSpec,
  from: CopyClass,
  seed: string,
  label?: string,
): SheetCopy {
  const { weights, causes, taught, sayings } = from;
  return {
    seed: label ? `${seed}/${label}` : seed,
    weights,
    strip: stripLines(sayings, spec.positions, spec.fade),
    taught,
    causes,
    ...(label ? { label } : {}),
  };
}

/**
 * A student's own copy: without the clef that their instrument does not read. null when
 * none of the notes is left to ask.
 */
export function ownCopy(
  spec: SheetSpec,
  owner: CopyOwner,
  taught: readonly string[],
  seed: string,
): SheetCopy | null {
  const { id, instrument, leftHanded, weights, causes, sayings } = owner;
  const { clefs } = INSTRUMENTS[instrument];
  const positions = spec.positions.filter((p) => clefs.includes(p.clef));
  const asksNotes = spec.sections.some((s) => KINDS[s.kind].asksNotes);
  if (positions.length === 0 && asksNotes) return null;
  const strip = stripLines(sayings, positions, spec.fade);
  return {
    seed: `${seed}/${id}`,
    weights,
    positions,
    strip,
    taught,
    causes,
    instrument,
    leftHanded,
  };
}
