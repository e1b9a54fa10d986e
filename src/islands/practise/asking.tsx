import { Lightbulb, Piano, Type, Volume2 } from 'lucide-react';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { PracticeKit } from '../../contract/views';
import { explain } from '../../core/methods';
import { pitchAt, positionId } from '../../core/notation';
import { ROUND } from '../../core/practice';
import { displayName } from '../../engrave/names';
import { noteSvg } from '../../engrave/picture';
import { Svg } from '../../ui/svg';
import { AnswerPad } from './answer-pad';
import type { Outcome, Round } from './engine';
import { playPitch } from './sound';
import { Way } from './way';

interface Props {
  kit: PracticeKit;
  round: Round;
  /** The wrong answer that is being explained. */
  wrong: Outcome | null;
  /** Name of the note before, when it was right. */
  lastRight: string | null;
  answer: (given: string, ms: number, hints: number) => void;
  goOn: () => void;
}

/** One note, and the ways to answer it; after a wrong answer, the way to the right one. */
export function Asking({ kit, round, wrong, lastRight, answer, goOn }: Props) {
  const { current } = round;
  const [look, setLook] = useState<'letters' | 'keyboard'>('letters');
  const [hint, setHint] = useState(false);
  const [given, setGiven] = useState('');
  const shownAt = useRef(0);
  const turn = round.asked.length;
  // biome-ignore lint/correctness/useExhaustiveDependencies: the clock starts anew with each note
  useEffect(() => {
    setHint(false);
    const frame = requestAnimationFrame(() => {
      shownAt.current = performance.now();
    });
    return () => cancelAnimationFrame(frame);
  }, [turn]);
  const steps = useMemo(
    () => (wrong || hint ? explain(current, kit) : []),
    [wrong, hint, current, kit],
  );
  // A hint shows how the way begins, and stops before the step that gives the name away.
  const way = wrong ? steps : steps.slice(0, Math.min(2, steps.length - 2));
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
  const give = useCallback(
    (name: string) => {
      setGiven(name);
      answer(name, Math.round(performance.now() - shownAt.current), hint ? 1 : 0);
    },
    [answer, hint],
  );
  return (
    <section aria-label="Practice" className="mx-auto max-w-2xl">
      <div className="flex items-center justify-between text-sm text-soft">
        <span>
          Note {Math.min(ROUND.notes, round.answers.length + (wrong ? 0 : 1))} of {ROUND.notes}
        </span>
        <span aria-live="polite">
          {lastRight ? `✓ ${displayName(lastRight, kit.naming, kit.key)} was right` : ''}
        </span>
      </div>
      <div data-note={positionId(current)} className="panel mx-auto mt-2 max-w-2xl bg-white! py-2!">
        <Svg
          markup={picture}
          className="mx-auto max-h-72 max-w-xl [&_svg]:max-h-72 [&_svg]:w-full"
        />
      </div>
      <div className="mt-3 space-y-3">
        {wrong ? (
          <Way kit={kit} given={given} right={wrong.right} steps={way} goOn={goOn} />
        ) : (
          <>
            {hint ? <p className="text-center text-lg">{way.map((s) => s.say).join(' ')}</p> : null}
            <AnswerPad
              keySignature={kit.key}
              naming={kit.naming}
              answer={give}
              disabled={false}
              look={look}
            />
          </>
        )}
        <div className="flex flex-wrap justify-center gap-2">
          {wrong ? null : (
            <>
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
              <button
                type="button"
                className="btn min-h-12!"
                disabled={hint}
                onClick={() => setHint(true)}
              >
                <Lightbulb aria-hidden size={18} /> Hint
              </button>
            </>
          )}
          <button
            type="button"
            className="btn min-h-12!"
            onClick={() => playPitch(pitchAt(current, kit.key), kit.instrument)}
          >
            <Volume2 aria-hidden size={18} /> Hear it
          </button>
        </div>
      </div>
    </section>
  );
}
