import { ArrowRight } from 'lucide-react';
import { useEffect, useRef } from 'react';
import type { PracticeKit } from '../../contract/views';
import { nameText } from '../../core/evidence';
import { placeOf, read } from '../../core/instruments';
import type { Step } from '../../core/methods';
import {
  describePosition,
  midi,
  parsePositionId,
  pitchAt,
  type StaffPosition,
} from '../../core/notation';
import { displayName } from '../../engrave/names';
import type { Outcome } from './engine';
import { kitPlace } from './place-question';

interface Props {
  kit: PracticeKit;
  outcome: Outcome;
  current: StaffPosition;
  steps: readonly Step[];
  goOn: () => void;
}

/** What was right, and the way there in the group's own method. */
export function Way({ kit, outcome, current, steps, goOn }: Props) {
  const next = useRef<HTMLButtonElement>(null);
  useEffect(() => next.current?.focus(), []);
  return (
    <div className="panel mx-auto max-w-2xl">
      <p role="status" className="text-lg">
        <Verdict kit={kit} outcome={outcome} current={current} />
      </p>
      <ol className="my-2 list-decimal space-y-1 pl-6">
        {steps.map((s) => (
          <li key={s.say}>{s.say}</li>
        ))}
      </ol>
      <button ref={next} type="button" className="btn btn-main min-h-12! px-6!" onClick={goOn}>
        Next note <ArrowRight aria-hidden size={18} />
      </button>
    </div>
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

function Verdict({ kit, outcome, current }: Omit<Props, 'steps' | 'goOn'>) {
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
