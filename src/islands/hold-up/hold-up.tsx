import { Check, Play, X } from 'lucide-react';
import { useMemo, useRef, useState } from 'react';
import type { PracticeKit } from '../../contract/views';
import { nameText, rightName } from '../../core/evidence';
import { describePosition, positionId } from '../../core/notation';
import { type Random, seeded } from '../../core/random';
import { wordAt } from '../../core/sayings';
import { diagramOf, diagramSvg } from '../../engrave/diagrams';
import { displayName } from '../../engrave/names';
import { noteSvg } from '../../engrave/picture';
import { newId } from '../../ui/new-id';
import { Notice } from '../../ui/notice';
import { Svg } from '../../ui/svg';
import { advance, answerNote, kitBook, type Round, startRound } from '../practise/engine';
import { kitPlace } from '../practise/place-question';
import { enqueue } from '../practise/queue';
import { QueueNotice, useQueue } from '../practise/use-queue';

/** A round held up by a helper: shorter than a drill, because two people sit still for it. */
const NOTES = 15;

/**
 * A helper, who need not read music, holds the device up: the student sees the note large,
 * the helper its name and place small at the foot, and says right or not yet.
 */
export function HoldUp({ kit }: { kit: PracticeKit }) {
  const [round, setRound] = useState<Round | null>(null);
  const random = useRef<Random>(() => 0);
  const { state, send } = useQueue(kit.student.id);
  const done = round !== null && round.answers.length >= NOTES;
  const begin = () => {
    random.current = seeded(newId());
    setRound(startRound(kit, 'name', round?.book ?? kitBook(kit), Date.now(), random.current));
  };
  const say = (right: boolean) => {
    if (!round) return;
    const at = Date.now();
    const item = { ...round.current, key: kit.key, accidental: null };
    const given = right ? nameText(rightName(item)) : null;
    enqueue(kit.student.id, {
      id: newId(),
      position: positionId(round.current),
      key: kit.key,
      accidental: null,
      task: 'name',
      given,
      instrument: null,
      // The helper's hand takes part in the time, so it says nothing about the student.
      ms: null,
      hints: 0,
      source: 'card',
      at,
    });
    const next = answerNote(kit, round, { given: given ?? '', ms: 0, hints: 0, now: at }).round;
    if (next.answers.length >= NOTES) {
      setRound(next);
      void send();
    } else setRound(advance(kit, next, at, random.current));
  };
  return (
    <div className="mx-auto max-w-3xl px-4 py-3">
      <QueueNotice state={state} student={kit.student.id} />
      {kit.notes.length === 0 ? (
        <Notice kind="note">There are no notes yet. Ask the teacher to introduce some.</Notice>
      ) : round === null || done ? (
        <Begin kit={kit} round={done ? round : null} begin={begin} />
      ) : (
        <Card kit={kit} round={round} say={say} />
      )}
    </div>
  );
}

interface BeginProps {
  kit: PracticeKit;
  /** The round that is over. */
  round: Round | null;
  begin: () => void;
}

function Begin({ kit, round, begin }: BeginProps) {
  const right = round?.answers.filter((a) => a.correct).length ?? 0;
  return (
    <section aria-labelledby="helper" className="panel space-y-3">
      <h1 id="helper">Hold up the notes for {kit.student.name}</h1>
      {round ? (
        <p role="status" className="text-lg">
          {right} of {round.answers.length} were right.
        </p>
      ) : null}
      <ol className="list-decimal space-y-1 pl-6">
        <li>Sit opposite and hold the screen so that {kit.student.name} sees the large note.</li>
        <li>You need not read music: the name and the place stand small at the foot.</li>
        <li>Let {kit.student.name} say the name first, then show the place on the instrument.</li>
        <li>Press “Right” or “Not yet”. After “Not yet”, say the name together once.</li>
        <li>Stop after one round, or when it stops being fun.</li>
      </ol>
      <button type="button" className="btn btn-main min-h-14! px-8! text-xl" onClick={begin}>
        <Play aria-hidden /> {round ? 'Another round' : 'Begin'}
      </button>
    </section>
  );
}

interface CardProps {
  kit: PracticeKit;
  round: Round;
  say: (right: boolean) => void;
}

function Card({ kit, round, say }: CardProps) {
  const { current } = round;
  const picture = useMemo(
    () => noteSvg({ position: current, key: kit.key, terms: kit.terms }),
    [current, kit],
  );
  return (
    <section aria-label="Card">
      <p className="text-sm text-soft">
        Note {round.answers.length + 1} of {NOTES}
      </p>
      <div data-note={positionId(current)} className="panel mt-1 bg-white!">
        <Svg markup={picture} className="mx-auto max-w-2xl [&_svg]:max-h-[46vh] [&_svg]:w-full" />
      </div>
      <div className="mt-3 grid grid-cols-2 gap-3">
        <button
          type="button"
          className="btn min-h-20! justify-center text-2xl! border-madder! text-madder!"
          onClick={() => say(false)}
        >
          <X aria-hidden size={28} /> Not yet
        </button>
        <button
          type="button"
          className="btn btn-main min-h-20! justify-center text-2xl!"
          onClick={() => say(true)}
        >
          <Check aria-hidden size={28} /> Right
        </button>
      </div>
      <ForHelper kit={kit} round={round} />
    </section>
  );
}

/** What the helper checks against: small, at the foot, below the student's eyes. */
function ForHelper({ kit, round }: Omit<CardProps, 'say'>) {
  const { current } = round;
  const item = { ...current, key: kit.key, accidental: null };
  const place = kitPlace(kit, current);
  const diagram =
    place && diagramOf(kit.instrument, { around: [place], leftHanded: kit.leftHanded });
  const word = wordAt(kit.sayings, current);
  return (
    <div className="mt-3 flex items-center gap-3 text-sm" data-answer>
      {place && diagram ? (
        <Svg
          markup={diagramSvg(diagram, [{ place, role: 'here' }], place.words)}
          className="w-20 shrink-0 [&_svg]:max-h-20 [&_svg]:w-full"
        />
      ) : null}
      <p>
        <b>{displayName(nameText(rightName(item)), kit.naming, kit.key)}</b>,{' '}
        {describePosition(current, kit.terms)}
        {word && word.length > 1 ? `, “${word}”` : ''}
        {place ? `; ${place.words}` : ''}
      </p>
    </div>
  );
}
