import { useMemo } from 'react';
import type { Mark, SheetItem } from '../../core/sheets';
import { displayName, FELT, lineSvg, MADDER } from '../../engrave';
import { Svg } from '../../ui/svg';

/** Notes on one line. */
const SLOTS = 12;

/** The sheet's notes with what was written: right in felt, wrong in madder with the right name under it. */
export function MarkedLines({
  items,
  marks,
}: {
  items: readonly SheetItem[];
  marks: readonly Mark[];
}) {
  const pictures = useMemo(
    () =>
      lines(items).map((l) =>
        picture(l.items, marks.slice(l.from, l.from + l.items.length), l.from),
      ),
    [items, marks],
  );
  return (
    <div className="space-y-1">
      {pictures.map((markup, i) => (
        <Svg key={i} markup={markup} className="max-w-xl" />
      ))}
    </div>
  );
}

function lines(items: readonly SheetItem[]) {
  const result: { from: number; items: SheetItem[] }[] = [];
  for (const [i, item] of items.entries()) {
    const last = result.at(-1);
    if (last && last.items.length < SLOTS && last.items[0]!.clef === item.clef)
      last.items.push(item);
    else result.push({ from: i, items: [item] });
  }
  return result;
}

function picture(items: readonly SheetItem[], marks: readonly Mark[], from: number): string {
  const notes = items.map((item, i) => {
    const mark = marks[i];
    if (!mark) return { step: item.step };
    const color = mark.correct ? FELT : MADDER;
    const label = mark.given === null ? '–' : displayName(mark.given);
    return {
      step: item.step,
      color,
      label,
      labelColor: color,
      under: mark.correct ? '✓' : displayName(item.answer),
    };
  });
  const { clef, key } = items[0]!;
  const wrong = marks.filter((m) => !m.correct).length;
  const title = `Notes ${from + 1} to ${from + items.length}, ${clef} clef: ${marks.length} typed, ${wrong} wrong`;
  return lineSvg({ clef, key, notes, slots: SLOTS, title });
}
