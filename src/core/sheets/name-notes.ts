import { nameText, rightName } from '../evidence';
import { positionId, type StaffPosition } from '../notation';
import { pickWeighted, seeded } from '../random';
import type { SheetCopy, SheetItem, SheetSpec } from './spec';

/**
 * The items of a "name the notes" sheet. Every chosen note comes before any comes again
 * (as far as the count goes), weighted ones more often; no note twice in a row unless it
 * is the only one. The same spec and copy give the same items for ever.
 * @throws RangeError when no note is chosen or the count is below 1.
 */
export function composeNames(spec: SheetSpec, copy: SheetCopy): SheetItem[] {
  if (spec.positions.length === 0) throw new RangeError('Choose at least one note on the staff.');
  if (spec.count < 1) throw new RangeError('A sheet needs at least one note.');
  const random = seeded(`${copy.seed}/1`);
  const weight = (p: StaffPosition) =>
    spec.weakFirst ? Math.max(0.05, copy.weights?.[positionId(p)] ?? 1) : 1;
  const used = new Map<string, number>();
  const items: SheetItem[] = [];
  let last = '';
  for (let i = 0; i < spec.count; i++) {
    const others = spec.positions.filter((p) => positionId(p) !== last);
    const from = others.length > 0 ? others : spec.positions;
    // Even cover: what a note has had so far, measured against its weight, decides who may come.
    const load = (p: StaffPosition) => (used.get(positionId(p)) ?? 0) / weight(p);
    const least = Math.min(...from.map(load));
    const behind = from.filter((p) => load(p) <= least + 1e-9);
    const chosen = pickWeighted(behind, weight, random);
    last = positionId(chosen);
    used.set(last, (used.get(last) ?? 0) + 1);
    items.push(item(chosen, spec));
  }
  return items;
}

function item(position: StaffPosition, spec: SheetSpec): SheetItem {
  const asked = { ...position, key: spec.key, accidental: null } as const;
  return { ...asked, answer: nameText(rightName(asked)) };
}
