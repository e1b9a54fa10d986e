import { useMemo } from 'react';
import type { ClefId } from '../../core/notation';
import type { Words } from '../../core/sayings';
import type { SayingTarget } from '../../core/workshop';
import { lineSvg } from '../../engrave/line';
import { Svg } from '../../ui/svg';

/** The saying under its notes; for open strings, under their letters. */
export function Picture({ target, words }: { target: SayingTarget; words: Words }) {
  const picture = useMemo(() => {
    if (target.part === 'strings') return null;
    const clef = target.id.split('-')[0] as ClefId;
    const first = target.part === 'lines' ? 0 : 1;
    const notes = target.letters.map((letter, i) => ({
      step: first + 2 * i,
      label: letter,
      ...(words[i] && words[i].length > 1 ? { under: words[i] } : {}),
    }));
    const title = notes.map((n) => `${n.label} ${n.under ?? ''}`).join(', ');
    return lineSvg({ clef, notes, slots: 6, slotWidth: 64, title });
  }, [target, words]);
  if (picture) return <Svg markup={picture} className="max-w-xl rounded bg-white p-2" />;
  return (
    <ol className="flex flex-wrap gap-3">
      {target.letters.map((letter, i) => (
        <li key={i} className="rounded border border-rule bg-white px-3 py-1 text-center">
          <b className="block text-xl">{letter}</b>
          <span className="hint">{words[i] ?? target.place(i)}</span>
        </li>
      ))}
    </ol>
  );
}
