import { ArrowRight } from 'lucide-react';
import { useEffect, useRef } from 'react';
import type { PracticeKit } from '../../contract/views';
import type { Step } from '../../core/methods';
import { displayName } from '../../engrave/names';

interface Props {
  kit: PracticeKit;
  given: string;
  right: string;
  steps: readonly Step[];
  goOn: () => void;
}

/** What was right, and the way there in the group's own method. */
export function Way({ kit, given, right, steps, goOn }: Props) {
  const next = useRef<HTMLButtonElement>(null);
  useEffect(() => next.current?.focus(), []);
  const name = (text: string) => displayName(text, kit.naming, kit.key);
  return (
    <div className="panel mx-auto max-w-2xl">
      <p role="status" className="text-lg">
        You said {name(given)}. It is <b className="text-xl">{name(right)}</b>.
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
