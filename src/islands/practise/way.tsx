import { Anchor, ArrowRight, Bird, Cat, Drum, Egg, Fish, Grape, Hand, Play } from 'lucide-react';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { PracticeKit } from '../../contract/views';
import { nameText } from '../../core/evidence';
import { placeOf, read } from '../../core/instruments';
import type { Step } from '../../core/methods';
import {
  describePosition,
  type Letter,
  midi,
  parsePositionId,
  pitchAt,
  type StaffPosition,
} from '../../core/notation';
import { diagramSvg } from '../../engrave/diagrams';
import { handDiagram, handTitle } from '../../engrave/hand';
import { displayName } from '../../engrave/names';
import { Svg } from '../../ui/svg';
import type { Outcome } from './engine';
import { kitPlace } from './place-question';

/** How long one step of the way is looked at before the next, in ms. */
const PACE = 1400;
const ICONS = { A: Anchor, B: Bird, C: Cat, D: Drum, E: Egg, F: Fish, G: Grape } as const;

/** How many steps of the way are shown, and how to see them again one by one. */
export interface ShownSteps {
  readonly count: number;
  readonly replay: () => void;
}

/**
 * Shows the steps of a way one after the other. Who asks for less motion sees them all at
 * once and can still go through them.
 */
export function useSteps(steps: readonly Step[], on: boolean): ShownSteps {
  const [count, setCount] = useState(steps.length);
  const replay = useCallback(() => setCount(1), []);
  useEffect(() => {
    const still = window.matchMedia('(prefers-reduced-motion: reduce)').matches;
    setCount(on && !still ? 1 : steps.length);
  }, [on, steps]);
  useEffect(() => {
    if (!on || count >= steps.length) return;
    const timer = setTimeout(() => setCount((n) => n + 1), PACE);
    return () => clearTimeout(timer);
  }, [on, count, steps]);
  return { count, replay };
}

interface Props {
  kit: PracticeKit;
  outcome: Outcome;
  current: StaffPosition;
  steps: readonly Step[];
  shown: ShownSteps;
  goOn: () => void;
}

/** What was right, and the way there in the group's own method, step by step. */
export function Way({ kit, outcome, current, steps, shown, goOn }: Props) {
  const next = useRef<HTMLButtonElement>(null);
  const [hand, setHand] = useState(false);
  useEffect(() => next.current?.focus(), []);
  const counted = steps.find((s) => s.hand)?.hand ?? [];
  return (
    <div className="panel mx-auto max-w-2xl">
      <p role="status" className="text-lg">
        <Verdict kit={kit} outcome={outcome} current={current} />
      </p>
      <ol className="my-2 list-decimal space-y-1 pl-6">
        {steps.map((s, i) => (
          <li
            key={s.say}
            className={i < shown.count ? 'transition-opacity' : 'opacity-0'}
            aria-current={i === shown.count - 1 ? 'step' : undefined}
          >
            {s.say} {s.picture ? <LetterPicture letter={s.picture} /> : null}
          </li>
        ))}
      </ol>
      {hand ? <OnHand current={current} counted={counted} /> : null}
      <div className="flex flex-wrap gap-2">
        <button ref={next} type="button" className="btn btn-main min-h-12! px-6!" onClick={goOn}>
          Next note <ArrowRight aria-hidden size={18} />
        </button>
        <button type="button" className="btn min-h-12!" onClick={shown.replay}>
          <Play aria-hidden size={18} /> Again, step by step
        </button>
        {counted.length > 0 ? (
          <button
            type="button"
            className="btn min-h-12!"
            aria-pressed={hand}
            onClick={() => setHand(!hand)}
          >
            <Hand aria-hidden size={18} /> On my hand
          </button>
        ) : null}
      </div>
    </div>
  );
}

function LetterPicture({ letter }: { letter: Letter }) {
  const Icon = ICONS[letter];
  return <Icon aria-hidden size={22} className="inline text-felt" />;
}

/** The fingers or gaps that are counted, the last one being the note's. */
function OnHand({ current, counted }: { current: StaffPosition; counted: readonly number[] }) {
  const labels = Object.fromEntries(counted.map((step, i) => [step, String(i + 1)]));
  const drawing = {
    hand: 'left' as const,
    clef: current.clef,
    labels,
    marks: { [current.step]: 'right' as const },
  };
  return (
    <Svg
      markup={diagramSvg(handDiagram(drawing), [], handTitle(drawing))}
      className="mx-auto my-2 max-w-sm"
    />
  );
}

/** Names of the notes of a place, each sound once and as the key writes it; at most three. */
function heardNames(kit: PracticeKit, code: string): string[] {
  const byHeight = new Map<number, string>();
  for (const pitch of read(kit.instrument, code, kit.key)) {
    if (!byHeight.has(midi(pitch))) byHeight.set(midi(pitch), nameText(pitch));
  }
  return [...new Set(byHeight.values())].slice(0, 3);
}

function Verdict({ kit, outcome, current }: Pick<Props, 'kit' | 'outcome' | 'current'>) {
  const name = (text: string) => displayName(text, kit.naming, kit.key);
  const right = <b className="text-xl">{name(outcome.right)}</b>;
  const place = kitPlace(kit, current);
  if (outcome.task === 'name') {
    return (
      <>
        You said {name(outcome.given)}. It is {right}.
      </>
    );
  }
  if (outcome.task === 'place') {
    const heard = heardNames(kit, outcome.given).map(name);
    const sameName = heard.includes(name(outcome.right));
    return (
      <>
        You showed {placeOf(kit.instrument, outcome.given)?.words ?? 'another place'}
        {heard.length > 0 && !sameName ? `: that is ${heard.join(', ')}` : ''}
        {sameName ? ': the right letter, but not this note’s place' : ''}. {right} is{' '}
        <b>{place?.words}</b>.
      </>
    );
  }
  const at = parsePositionId(outcome.given)!;
  return (
    <>
      You put {name(nameText(pitchAt(at, kit.key)))} ({describePosition(at, kit.terms)}). This place
      is {right}: {describePosition(current, kit.terms)}.
    </>
  );
}
