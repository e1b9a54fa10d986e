import { Check } from 'lucide-react';
import { useMemo, useState } from 'react';
import type { PracticeKit } from '../../contract/views';
import { INSTRUMENTS } from '../../core/instruments';
import {
  CLEFS,
  type ClefId,
  parsePositionId,
  positionId,
  type StaffPosition,
} from '../../core/notation';
import { FELT, INK, MADDER } from '../../engrave/colors';
import { diagramOf, diagramSvg } from '../../engrave/diagrams';
import { StaffPad } from '../../ui/staff-pad';
import { Svg } from '../../ui/svg';
import type { Outcome } from './engine';
import { kitPlace, type kitView } from './place-question';

/** Steps that can always be chosen, so that the staff's size says nothing about the note. */
const REACH = { low: -4, high: 12 } as const;

interface Props {
  kit: PracticeKit;
  current: StaffPosition;
  wrong: Outcome | null;
  view: ReturnType<typeof kitView>;
  answer: (position: string) => void;
}

/** A place on the instrument, and a staff to put its note on. */
export function WriteQuestion({ kit, current, wrong, view, answer }: Props) {
  const clefs = useMemo(() => [...new Set(kit.notes.map((n) => n.position.clef))], [kit]);
  const [clef, setClef] = useState<ClefId>(current.clef);
  const [step, setStep] = useState<number | null>(null);
  const steps = kit.notes.map((n) => n.position.step);
  const low = Math.min(REACH.low, ...steps.map((s) => s - 2));
  const high = Math.max(REACH.high, ...steps.map((s) => s + 2));
  const place = kitPlace(kit, current)!;
  const picture = useMemo(() => {
    const diagram = diagramOf(kit.instrument, view)!;
    const title = `${INSTRUMENTS[kit.instrument].name}: ${place.short}`;
    return diagramSvg(diagram, [{ place, role: 'here' }], title);
  }, [kit, view, place]);
  const shownClef = wrong ? current.clef : clef;
  const given = wrong && parsePositionId(wrong.given);
  const notes = wrong
    ? [
        { step: current.step, color: FELT },
        ...(given?.clef === current.clef ? [{ step: given.step, color: MADDER }] : []),
      ]
    : step === null
      ? []
      : [{ step, color: INK }];
  return (
    <div className="grid items-center gap-4 md:grid-cols-2">
      <Svg markup={picture} className="[&_svg]:max-h-80 [&_svg]:w-full" />
      <div>
        {clefs.length > 1 && !wrong ? (
          <fieldset className="mb-2 flex gap-2">
            <legend className="sr-only">Clef</legend>
            {clefs.map((c) => (
              <button
                key={c}
                type="button"
                aria-pressed={c === clef}
                className={`btn min-h-12! ${c === clef ? 'btn-main' : ''}`}
                onClick={() => setClef(c)}
              >
                {CLEFS[c].name}
              </button>
            ))}
          </fieldset>
        ) : null}
        <StaffPad
          clef={shownClef}
          keySignature={kit.key}
          terms={kit.terms}
          low={low}
          high={high}
          step={wrong ? current.step : step}
          notes={notes}
          choose={setStep}
          disabled={wrong !== null}
          big
        />
        {wrong ? null : (
          <button
            type="button"
            className="btn btn-main mt-2 min-h-12! px-6! text-lg!"
            disabled={step === null}
            onClick={() => step !== null && answer(positionId({ clef, step }))}
          >
            <Check aria-hidden size={20} /> It is here
          </button>
        )}
      </div>
    </div>
  );
}
