import { ArrowRight } from 'lucide-react';
import { useEffect, useMemo, useRef, useState } from 'react';
import type { PracticeKit } from '../../contract/views';
import {
  CLEFS,
  type ClefId,
  type Letter,
  letterAt,
  noteName,
  placeName,
} from '../../core/notation';
import { type Random, seeded } from '../../core/random';
import { diagramSvg } from '../../engrave/diagrams';
import { type Hand, handDiagram, handPlace, handTitle } from '../../engrave/hand';
import { Svg } from '../../ui/svg';

/** Pixels for one unit of the hand. */
const SCALE = 2.6;
const ALPHABET: readonly Letter[] = ['A', 'B', 'C', 'D', 'E', 'F', 'G'];

type Mode = 'name' | 'point';

interface Turn {
  readonly step: number;
  /** What was answered wrongly; null: not yet. */
  readonly wrong: number | Letter | null;
}

/** The hand as a staff: a finger or gap is named, or a name is pointed to. */
export function HandPage({ kit }: { kit: PracticeKit }) {
  const clefs = useMemo(() => [...new Set(kit.notes.map((n) => n.position.clef))], [kit]);
  const [clef, setClef] = useState<ClefId>(clefs[0] ?? 'treble');
  const [hand, setHand] = useState<Hand>('left');
  const [mode, setMode] = useState<Mode>('name');
  const [random] = useState<Random>(() => seeded(`${kit.student.id} hand`));
  const steps = useMemo(() => stepsOf(kit, clef), [kit, clef]);
  const [turn, setTurn] = useState<Turn>({ step: steps[0]!, wrong: null });
  const [right, setRight] = useState(0);
  const frame = useRef<HTMLDivElement>(null);
  // On a narrow screen the fingers are what must be seen, not the wrist.
  useEffect(() => {
    const box = frame.current;
    if (box) box.scrollLeft = hand === 'left' ? box.scrollWidth : 0;
  }, [hand]);
  const name = (step: number) =>
    noteName({ letter: letterAt({ clef, step }), alter: 0 }, kit.naming);
  const next = () => {
    const others = steps.filter((s) => s !== turn.step);
    const from = others.length > 0 ? others : steps;
    setTurn({ step: from[Math.floor(random() * from.length)]!, wrong: null });
  };
  const answer = (correct: boolean, given: number | Letter) => {
    if (!correct) return setTurn({ ...turn, wrong: given });
    setRight(right + 1);
    next();
  };
  const drawing = {
    hand,
    clef,
    labels: turn.wrong === null ? {} : labelsUpTo(turn.step, name),
    marks: marksOf(mode, turn),
  };
  const diagram = handDiagram(drawing);
  const change = (part: { clef?: ClefId; mode?: Mode }) => {
    if (part.clef) setClef(part.clef);
    if (part.mode) setMode(part.mode);
    const fresh = stepsOf(kit, part.clef ?? clef);
    setTurn({ step: fresh[Math.floor(random() * fresh.length)]!, wrong: null });
  };
  const asked =
    mode === 'name'
      ? `What is the name of the ${handPlace(turn.step)}?`
      : `Point to ${name(turn.step)}.`;
  return (
    <div className="mx-auto max-w-3xl px-4 py-4">
      <h1>Your hand is a staff</h1>
      <p className="my-2">
        Palm towards you, thumb on top. Fingers are lines, gaps are spaces, counted from the little
        finger.
      </p>
      <div className="flex flex-wrap gap-2">
        <Choice
          now={mode}
          options={{ name: 'Name it', point: 'Point to it' }}
          set={(m) => change({ mode: m })}
        />
        <Choice now={hand} options={{ left: 'Left hand', right: 'Right hand' }} set={setHand} />
        {clefs.length > 1 ? (
          <Choice
            now={clef}
            options={{ treble: CLEFS.treble.name, bass: CLEFS.bass.name }}
            set={(c) => change({ clef: c })}
          />
        ) : null}
      </div>
      <div className="panel mt-3 bg-white!">
        <p className="text-center text-lg" data-step={turn.step}>
          {asked}
        </p>
        <div ref={frame} className="overflow-x-auto">
          <div
            className="relative mx-auto"
            style={{ width: diagram.width * SCALE, height: diagram.height * SCALE }}
          >
            <Svg markup={diagramSvg(diagram, [], handTitle(drawing))} />
            {mode === 'point' && turn.wrong === null
              ? diagram.spots.map((s) => (
                  <button
                    key={s.id}
                    type="button"
                    aria-label={s.label}
                    className="absolute rounded hover:bg-felt/20 focus-visible:outline-3 focus-visible:outline-brass"
                    style={{
                      left: (s.x - s.width / 2) * SCALE,
                      top: (s.y - s.height / 2) * SCALE,
                      width: s.width * SCALE,
                      height: s.height * SCALE,
                    }}
                    onClick={() => {
                      const step = Number(s.id);
                      const letter = letterAt({ clef, step });
                      answer(letter === letterAt({ clef, step: turn.step }), step);
                    }}
                  />
                ))
              : null}
          </div>
        </div>
        {mode === 'name' && turn.wrong === null ? (
          <div
            role="group"
            aria-label="Names"
            className="mx-auto mt-2 grid max-w-xl grid-cols-7 gap-2"
          >
            {ALPHABET.map((letter) => (
              <button
                key={letter}
                type="button"
                className="btn min-h-14! min-w-12! justify-center px-2! text-2xl!"
                onClick={() => answer(letter === letterAt({ clef, step: turn.step }), letter)}
              >
                {noteName({ letter, alter: 0 }, kit.naming)}
              </button>
            ))}
          </div>
        ) : null}
        <p role="status" className="mt-2 text-center text-lg">
          {turn.wrong === null
            ? right > 0
              ? `${right} right`
              : ''
            : `The ${handPlace(turn.step)} is ${placeName(turn.step, kit.terms)}: ${name(turn.step)}.`}
        </p>
        {turn.wrong === null ? null : (
          <div className="text-center">
            <button type="button" className="btn btn-main min-h-12! px-6!" onClick={next}>
              Next <ArrowRight aria-hidden size={18} />
            </button>
          </div>
        )}
      </div>
    </div>
  );
}

interface ChoiceProps<T extends string> {
  now: T;
  options: Readonly<Record<T, string>>;
  set: (value: T) => void;
}

function Choice<T extends string>({ now, options, set }: ChoiceProps<T>) {
  return (
    <div className="flex">
      {(Object.entries(options) as [T, string][]).map(([value, label]) => (
        <button
          key={value}
          type="button"
          aria-pressed={value === now}
          className={`btn min-h-12! ${value === now ? 'btn-main' : ''}`}
          onClick={() => set(value)}
        >
          {label}
        </button>
      ))}
    </div>
  );
}

/** Steps inside the staff that the student has met in a clef; all of them before the first. */
function stepsOf(kit: PracticeKit, clef: ClefId): number[] {
  const met = kit.notes
    .filter((n) => n.position.clef === clef)
    .map((n) => n.position.step)
    .filter((step) => step >= 0 && step <= 8);
  return met.length > 0 ? met : [0, 1, 2, 3, 4, 5, 6, 7, 8];
}

/** The way up from the little finger in lines, or from the lowest gap in spaces. */
function labelsUpTo(step: number, name: (step: number) => string): Record<number, string> {
  const labels: Record<number, string> = {};
  for (let s = step % 2; s <= step; s += 2) labels[s] = name(s);
  return labels;
}

function marksOf(mode: Mode, { step, wrong }: Turn): Record<number, 'asked' | 'right' | 'wrong'> {
  if (wrong === null) return mode === 'name' ? { [step]: 'asked' } : {};
  return typeof wrong === 'number' ? { [wrong]: 'wrong', [step]: 'right' } : { [step]: 'right' };
}
