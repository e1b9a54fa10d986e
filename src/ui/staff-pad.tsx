import { ChevronDown, ChevronUp } from 'lucide-react';
import { type KeyboardEvent, type PointerEvent, useMemo } from 'react';
import {
  type ClefId,
  describePosition,
  type KeySignature,
  placeName,
  type Terms,
} from '../core/notation';
import type { DrawnNote } from '../engrave/staff';
import { staffPadGeometry, staffPadSvg } from '../engrave/staff-pad';
import { Svg } from './svg';

interface Props {
  clef: ClefId;
  keySignature: KeySignature;
  terms: Terms;
  /** Steps that can be chosen. */
  low: number;
  high: number;
  /** Where the note stands; null: none yet. */
  step: number | null;
  /** What is drawn: the note with its sign, and others beside it. */
  notes: readonly DrawnNote[];
  choose: (step: number) => void;
  disabled?: boolean;
  /** Larger buttons, for students. */
  big?: boolean;
}

/** Puts a note on a staff: press it there, or move it with the arrow keys. */
export function StaffPad(props: Props) {
  const { clef, keySignature: key, terms, low, high, step, notes, choose, disabled, big } = props;
  const geometry = useMemo(() => staffPadGeometry({ low, high }), [low, high]);
  const picture = useMemo(
    () => staffPadSvg({ clef, key, low, high, notes }),
    [clef, key, low, high, notes],
  );
  const clamp = (s: number) => Math.min(high, Math.max(low, s));
  const move = (by: number) => !disabled && choose(clamp((step ?? 4) + (step === null ? 0 : by)));
  const press = (event: PointerEvent<HTMLDivElement>) => {
    if (disabled) return;
    const box = event.currentTarget.getBoundingClientRect();
    choose(geometry.stepAt((event.clientY - box.top) / box.height));
  };
  const type = (event: KeyboardEvent) => {
    const by: Record<string, number> = { ArrowUp: 1, ArrowDown: -1, PageUp: 7, PageDown: -7 };
    const moved = by[event.key];
    if (moved === undefined) return;
    event.preventDefault();
    move(moved);
  };
  const arrow = `btn justify-center ${big ? 'min-h-12! min-w-12!' : 'px-1.5! min-h-8!'}`;
  return (
    <div className="flex flex-wrap items-center gap-x-2">
      <div
        role="slider"
        tabIndex={disabled ? -1 : 0}
        aria-label="Note on the staff"
        aria-orientation="vertical"
        aria-valuemin={low}
        aria-valuemax={high}
        aria-valuenow={step ?? 4}
        aria-valuetext={step === null ? 'no note yet' : describePosition({ clef, step }, terms)}
        aria-disabled={disabled}
        className={`min-w-0 flex-1 touch-none rounded ${disabled ? '' : 'cursor-pointer'}`}
        onPointerDown={press}
        onKeyDown={type}
      >
        <Svg markup={picture} className="pointer-events-none [&_svg]:w-full" />
      </div>
      {disabled ? null : (
        <div className="grid gap-2">
          <button type="button" className={arrow} aria-label="Higher" onClick={() => move(1)}>
            <ChevronUp aria-hidden size={20} />
          </button>
          <button type="button" className={arrow} aria-label="Lower" onClick={() => move(-1)}>
            <ChevronDown aria-hidden size={20} />
          </button>
        </div>
      )}
      {disabled ? null : (
        <span className="hint basis-full" aria-hidden>
          {step === null ? ' ' : placeName(step, terms)}
        </span>
      )}
    </div>
  );
}
