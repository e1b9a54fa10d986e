import { Play } from 'lucide-react';
import { useMemo } from 'react';
import type { PracticeKit } from '../../contract/views';
import { INSTRUMENTS } from '../../core/instruments';
import { CLEF_IDS, comparePositions, noteName, pitchAt } from '../../core/notation';
import { wordAt } from '../../core/sayings';
import { lineSvg } from '../../engrave/line';
import { Notice } from '../../ui/notice';
import { Svg } from '../../ui/svg';

/** The student's notes with their names and words, and the button that begins. */
export function Start({ kit, begin }: { kit: PracticeKit; begin: () => void }) {
  const pictures = useMemo(() => clefPictures(kit), [kit]);
  if (kit.notes.length === 0) {
    return (
      <Notice kind="note">
        There are no notes for {INSTRUMENTS[kit.instrument].name.toLowerCase()} yet. Ask your
        teacher to introduce the first ones on the Ladder.
      </Notice>
    );
  }
  return (
    <section aria-labelledby="mine">
      <h1 id="mine">
        {kit.student.name}, your {kit.notes.length} notes
      </h1>
      <div className="panel mt-3 space-y-2 bg-white!">
        {pictures.map((markup, i) => (
          <Svg key={i} markup={markup} className="max-w-2xl" />
        ))}
      </div>
      <p className="my-3">One round is twenty notes or two minutes. Look at the clef first.</p>
      <button type="button" className="btn btn-main min-h-14! px-8! text-xl" onClick={begin}>
        <Play aria-hidden /> Begin
      </button>
      <p className="hint mt-4">
        After two rounds, rest your eyes: look out of the window for a while.
      </p>
    </section>
  );
}

function clefPictures(kit: PracticeKit): string[] {
  return CLEF_IDS.flatMap((clef) => {
    const own = kit.notes
      .map((n) => n.position)
      .filter((p) => p.clef === clef)
      .sort(comparePositions);
    if (own.length === 0) return [];
    const notes = own.map((p) => {
      const word = wordAt(kit.sayings, p);
      const name = noteName(pitchAt(p, kit.key), kit.naming, kit.key);
      return { step: p.step, label: name, ...(word && word.length > 1 ? { under: word } : {}) };
    });
    const title = `${clef} clef: ${notes.map((n) => n.label).join(', ')}`;
    return [lineSvg({ clef, key: kit.key, notes, slots: 12, title })];
  });
}
