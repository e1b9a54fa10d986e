import { Lightbulb, Piano, Type, Volume2 } from 'lucide-react';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { PracticeKit } from '../../contract/views';
import { soundingMidi } from '../../core/instruments';
import { explain } from '../../core/methods';
import { pitchAt, positionId } from '../../core/notation';
import { ROUND } from '../../core/practice';
import { noteSvg } from '../../engrave/picture';
import { playMidi } from '../../ui/sound';
import { Svg } from '../../ui/svg';
import { AnswerPad } from './answer-pad';
import { type Outcome, type Round, taskOf } from './engine';
import { isLong, kitView, PlaceQuestion } from './place-question';
import { useSteps, Way } from './way';
import { WriteQuestion } from './write-question';

interface Props {
  kit: PracticeKit;
  round: Round;
  /** The wrong answer that is being explained. */
  wrong: Outcome | null;
  /** What was right just now, in words. */
  lastRight: string | null;
  answer: (given: string, ms: number, hints: number) => void;
  goOn: () => void;
}

/** One question, and the ways to answer it; after a wrong answer, the way to the right one. */
export function Asking({ kit, round, wrong, lastRight, answer, goOn }: Props) {
  const { current, stage } = round;
  const task = wrong?.task ?? taskOf(round);
  const [look, setLook] = useState<'letters' | 'keyboard'>('letters');
  const [hint, setHint] = useState(false);
  const shownAt = useRef(0);
  const turn = `${round.asked.length} ${stage}`;
  const view = useMemo(() => kitView(kit), [kit]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: the clock starts anew with each question
  useEffect(() => {
    setHint(false);
    const frame = requestAnimationFrame(() => {
      shownAt.current = performance.now();
    });
    return () => cancelAnimationFrame(frame);
  }, [turn]);
  const steps = useMemo(() => {
    if (!wrong && !hint) return [];
    const fade = wrong ? 'sentence' : kit.hintFade;
    return explain(current, { ...kit, known: new Set(kit.known), fade });
  }, [wrong, hint, current, kit]);
  const shown = useSteps(steps, wrong !== null);
  // A hint shows how the way begins, and stops before the step that gives the name away.
  const way = wrong ? steps.slice(0, shown.count) : steps.slice(0, Math.min(2, steps.length - 2));
  const give = useCallback(
    (given: string) => answer(given, Math.round(performance.now() - shownAt.current), hint ? 1 : 0),
    [answer, hint],
  );
  const count = Math.min(ROUND.notes, round.answers.length + (wrong ? 0 : 1));
  const question = { kit, current, wrong, view, answer: give };
  return (
    <section
      aria-label="Practice"
      className={`mx-auto ${task === 'name' ? 'max-w-2xl' : 'max-w-4xl'}`}
    >
      <div className="flex items-center justify-between text-sm text-soft">
        <span>
          Note {count} of {ROUND.notes}
        </span>
        <span aria-live="polite">{lastRight ? `✓ ${lastRight} was right` : ''}</span>
      </div>
      {task === 'name' ? <NotePanel kit={kit} round={round} way={way} /> : null}
      <div className="mt-3 space-y-3" data-task={task}>
        {hint && !wrong ? (
          <p className="text-center text-lg">{way.map((s) => s.say).join(' ')}</p>
        ) : null}
        {task === 'place' ? (
          <div
            className={`grid grid-cols-[minmax(0,1fr)] items-center gap-4 ${isLong(kit) ? '' : 'md:grid-cols-[minmax(0,1fr)_minmax(0,auto)]'}`}
          >
            <div>
              {wrong ? null : <Ask>{stage > 0 ? 'Now show where it is.' : 'Where is it?'}</Ask>}
              <NotePanel kit={kit} round={round} way={way} low={isLong(kit)} />
            </div>
            <PlaceQuestion key={turn} {...question} />
          </div>
        ) : null}
        {task === 'write' ? (
          <div data-note={positionId(current)} className="panel bg-white!">
            {wrong ? null : <Ask>Which note is this? Put it on the staff.</Ask>}
            <WriteQuestion key={turn} {...question} />
          </div>
        ) : null}
        {wrong ? (
          <Way
            kit={kit}
            outcome={wrong}
            current={current}
            steps={steps}
            shown={shown}
            goOn={goOn}
          />
        ) : null}
        {task === 'name' && !wrong ? (
          <AnswerPad
            keySignature={kit.key}
            naming={kit.naming}
            answer={give}
            disabled={false}
            look={look}
          />
        ) : null}
        <div className="flex flex-wrap justify-center gap-2">
          {task === 'name' && !wrong ? (
            <button
              type="button"
              className="btn min-h-12!"
              onClick={() => setLook(look === 'letters' ? 'keyboard' : 'letters')}
            >
              {look === 'letters' ? (
                <Piano aria-hidden size={18} />
              ) : (
                <Type aria-hidden size={18} />
              )}
              {look === 'letters' ? 'Keyboard' : 'Letters'}
            </button>
          ) : null}
          {task !== 'write' && !wrong ? (
            <button
              type="button"
              className="btn min-h-12!"
              disabled={hint}
              onClick={() => setHint(true)}
            >
              <Lightbulb aria-hidden size={18} /> Hint
            </button>
          ) : null}
          <button
            type="button"
            className="btn min-h-12!"
            onClick={() => playMidi([soundingMidi(kit.instrument, pitchAt(current, kit.key))])}
          >
            <Volume2 aria-hidden size={18} /> Hear it
          </button>
        </div>
      </div>
    </section>
  );
}

function Ask({ children }: { children: string }) {
  return <p className="text-center text-lg">{children}</p>;
}

interface NotePanelProps {
  kit: PracticeKit;
  round: Round;
  way: ReturnType<typeof explain>;
  /** Leaves room for the instrument under it. */
  low?: boolean;
}

function NotePanel({ kit, round, way, low }: NotePanelProps) {
  const { current } = round;
  const picture = useMemo(
    () =>
      noteSvg({
        position: current,
        key: kit.key,
        terms: kit.terms,
        marks: way.flatMap((s) => s.marks),
      }),
    [current, kit, way],
  );
  return (
    <div data-note={positionId(current)} className="panel mx-auto mt-2 bg-white! py-2!">
      <Svg
        markup={picture}
        className={`mx-auto max-w-xl [&_svg]:w-full ${low ? '[&_svg]:max-h-48' : '[&_svg]:max-h-72'}`}
      />
    </div>
  );
}
