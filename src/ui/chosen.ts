import { atom } from 'nanostores';
import { useSyncExternalStore } from 'react';
import { NOTES_PARAM } from '../contract/address';
import { comparePositions, parsePositionId, type StaffPosition } from '../core/notation';

/** Position ids chosen on the rail; null until the first change on this page. */
const chosen = atom<readonly string[] | null>(null);

/** The positions of a list of ids, low to high; unreadable ones are left out. */
export function toPositions(ids: readonly string[]): StaffPosition[] {
  return ids
    .map(parsePositionId)
    .filter((p) => p !== null)
    .sort(comparePositions);
}

/** The chosen ids, following the rail. `initial` are those of the page's address. */
export function useChosen(initial: readonly string[]): readonly string[] {
  return useSyncExternalStore(
    (changed) => chosen.listen(changed),
    () => chosen.get() ?? initial,
    () => initial,
  );
}

/** Chooses notes and puts them into the address, so that a link brings them back. */
export function setChosen(ids: readonly string[]): void {
  chosen.set(ids);
  const url = new URL(window.location.href);
  if (ids.length > 0) url.searchParams.set(NOTES_PARAM, ids.join(','));
  else url.searchParams.delete(NOTES_PARAM);
  window.history.replaceState(null, '', url.toString().replaceAll('%2C', ','));
}
