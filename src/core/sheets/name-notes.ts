import { nameText, rightName } from '../evidence';
import { positionId, type StaffPosition } from '../notation';
import { pickWeighted, type Random, seeded } from '../random';
import type { SheetCopy, SheetItem, SheetSpec } from './spec';

/**
 * The items of a "name the notes" sheet: one block for each clef, treble first, so that
 * no staff changes its clef. Within a block every chosen note comes before any comes
 * again (as far as the count goes), weighted ones more often; no note twice in a row
 * unless it is the only one. The same spec and copy give the same items for ever.
 * @throws RangeError when no note is chosen or the count is below 1.
 */
export function composeNames(spec: SheetSpec, copy: SheetCopy): SheetItem[] {
  if (spec.positions.length === 0) throw new RangeError('Choose at least one note on the staff.');
  if (spec.count < 1) throw new RangeError('A sheet needs at least one note.');
  const random = seeded(`${copy.seed}/1`);
  const weight = (p: StaffPosition) =>
    spec.weakFirst ? Math.max(0.05, copy.weights?.[positionId(p)] ?? 1) : 1;
  const treble = spec.positions.filter((p) => p.clef === 'treble');
  const bass = spec.positions.filter((p) => p.clef === 'bass');
  const share = total(treble, weight) / total(spec.positions, weight);
  const forTreble =
    bass.length === 0 ? spec.count : Math.min(spec.count - 1, Math.round(spec.count * share));
  const first = treble.length === 0 ? 0 : Math.max(1, forTreble);
  return [
    ...block(treble, first, weight, random),
    ...block(bass, spec.count - first, weight, random),
  ].map((position) => item(position, spec));
}

type Weight = (position: StaffPosition) => number;

function total(positions: readonly StaffPosition[], weight: Weight): number {
  return positions.reduce((sum, p) => sum + weight(p), 0);
}

function block(
  positions: readonly StaffPosition[],
  count: number,
  weight: Weight,
  random: Random,
): StaffPosition[] {
  const used = new Map<StaffPosition, number>();
  const chosen: StaffPosition[] = [];
  while (positions.length > 0 && chosen.length < count) {
    const others = positions.filter((p) => p !== chosen.at(-1));
    const from = others.length > 0 ? others : positions;
    // Even cover: what a note has had so far, measured against its weight, decides who may come.
    const load = (p: StaffPosition) => (used.get(p) ?? 0) / weight(p);
    const least = Math.min(...from.map(load));
    const next = pickWeighted(
      from.filter((p) => load(p) <= least + 1e-9),
      weight,
      random,
    );
    used.set(next, (used.get(next) ?? 0) + 1);
    chosen.push(next);
  }
  return chosen;
}

function item(position: StaffPosition, spec: SheetSpec): SheetItem {
  const asked = { ...position, key: spec.key, accidental: null } as const;
  return { ...asked, answer: nameText(rightName(asked)) };
}
