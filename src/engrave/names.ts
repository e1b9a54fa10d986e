import { parseName } from '../core/evidence';
import { type KeySignature, type Naming, noteName } from '../core/notation';

/** An ASCII name (`F#`) as printed: `F♯`, `fa♯` or the key's syllable. Unreadable text stays as it is. */
export function displayName(
  name: string,
  naming: Naming = 'letters',
  key: KeySignature = 0,
): string {
  const parsed = parseName(name);
  return parsed ? noteName(parsed, naming, key) : name;
}
