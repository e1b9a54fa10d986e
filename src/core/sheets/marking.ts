import { isRight, nameText, parseName } from '../evidence';
import type { SheetItem } from './spec';

/** One item as marked. */
export interface Mark {
  /** ASCII name, or null for a blank. */
  readonly given: string | null;
  readonly correct: boolean;
}

export type Marked =
  | { readonly ok: true; readonly marks: readonly Mark[]; readonly left: number }
  | { readonly ok: false; readonly reason: string };

/** Written for an item left empty. */
const BLANK = /^[-._?]$/;

/**
 * Marks what a student wrote: names by spaces or commas, or run together (`fagde`); `-`
 * for a blank. Fewer names than items are allowed while typing: `left` says how many are
 * missing. More names, or anything but A to G with # or b, is refused with the place.
 */
export function markNames(items: readonly SheetItem[], typed: string): Marked {
  const given = splitNames(typed);
  const marks: Mark[] = [];
  for (const [i, text] of given.entries()) {
    const name = BLANK.test(text) ? null : parseName(text);
    if (name === null && !BLANK.test(text)) {
      return {
        ok: false,
        reason: `Number ${i + 1} is “${text.slice(0, 12)}”: notes are A to G, with # or b where the sheet asks for it, and - for a blank.`,
      };
    }
    const item = items[i];
    if (!item) {
      return {
        ok: false,
        reason: `The sheet has ${items.length} notes, but ${given.length} were typed. Look for one that is doubled.`,
      };
    }
    const written = name && nameText(name);
    marks.push({ given: written, correct: isRight(item, written) });
  }
  return { ok: true, marks, left: items.length - marks.length };
}

/** Splits typed letters: by spaces when there are any, else letter by letter (a sign stays with its letter). */
function splitNames(typed: string): string[] {
  const parts = typed
    .trim()
    .split(/[\s,;]+/)
    .filter(Boolean);
  // A run such as `fagde` is letters side by side; `bb` alone is B flat, but inside a run it is two Bs.
  return parts.flatMap((part) =>
    /^[A-Ga-g][#♯b♭]?$/u.test(part) ? [part] : (part.match(/[A-Ga-g][#♯♭]?|./gu) ?? []),
  );
}
