import { parsePositionId } from '../core/notation';

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
