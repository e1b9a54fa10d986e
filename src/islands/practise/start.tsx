import { Play } from 'lucide-react';
import { useMemo } from 'react';
import type { PracticeKit } from '../../contract/views';
import { clashWarning, INSTRUMENTS, lowerName } from '../../core/instruments';
import { CLEF_IDS, comparePositions, noteName, pitchAt } from '../../core/notation';
import { QUESTION_KINDS, QUESTIONS, type QuestionKind } from '../../core/practice';
import { wordAt } from '../../core/sayings';
import { lineSvg } from '../../engrave/line';
import { Notice } from '../../ui/notice';
import { Svg } from '../../ui/svg';

interface Props {
  kit: PracticeKit;
  kind: QuestionKind;
  setKind: (kind: QuestionKind) => void;
  begin: () => void;
}

/** The student's notes with their names and words, the kinds of question, and the button that begins. */
export function Start({ kit, kind, setKind, begin }: Props) {
  const pictures = useMemo(() => clefPictures(kit), [kit]);
  if (kit.notes.length === 0) {
    return (
      <Notice kind="note">
        There are no notes for {lowerName(INSTRUMENTS[kit.instrument])} yet. Ask your teacher to
        introduce the first ones on the Ladder.
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
      <Kinds kit={kit} kind={kind} setKind={setKind} />
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

/** Which question is asked; those about places need an instrument with places for these notes. */
function Kinds({ kit, kind, setKind }: Omit<Props, 'begin'>) {
  if (!kit.notes.some((n) => n.playable)) return null;
  const { name, cautions } = INSTRUMENTS[kit.instrument];
  const warning = kit.secondInstrument && clashWarning(kit.instrument, kit.secondInstrument);
  return (
    <fieldset className="mt-4">
      <legend className="mb-1 font-bold">What do you want to practise?</legend>
      <div className="grid gap-2 sm:grid-cols-2 lg:grid-cols-4">
        {QUESTION_KINDS.map((k) => (
          <label
            key={k}
            className={`flex min-h-16 cursor-pointer items-start gap-2 rounded border-2 px-3 py-2 ${k === kind ? 'border-felt bg-felt-pale' : 'border-rule bg-white'}`}
          >
            <input
              type="radio"
              name="kind"
              className="mt-1 size-5 shrink-0"
              checked={k === kind}
              onChange={() => setKind(k)}
            />
            <span>
              <b className="block">{QUESTIONS[k].name}</b>
              <span className="hint">{QUESTIONS[k].about}</span>
            </span>
          </label>
        ))}
      </div>
      {kind === 'name' ? null : (
        <p className="hint mt-2">
          <b>{name}.</b> {cautions.join(' ')} {warning}
        </p>
      )}
    </fieldset>
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
