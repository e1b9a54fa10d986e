import { RotateCcw } from 'lucide-react';
import type { PracticeKit } from '../../contract/views';
import { letterAt, noteName, parsePositionId, pitchAt, placeName } from '../../core/notation';
import { summarise } from '../../core/practice';
import type { Round } from './engine';

/** What the round showed, plainly. */
export function Summary({
  kit,
  round,
  again,
}: {
  kit: PracticeKit;
  round: Round;
  again: () => void;
}) {
  const { asked, right, medianMs, again: weak } = summarise(round.answers);
  const name = (id: string) => {
    const at = parsePositionId(id)!;
    return `${noteName(pitchAt(at, kit.key), kit.naming, kit.key) || letterAt(at)} (${at.clef} ${placeName(at.step, kit.terms)})`;
  };
  return (
    <section aria-labelledby="done" className="panel mx-auto mt-6 max-w-xl">
      <h1 id="done">Round over</h1>
      <p className="my-2 text-lg">
        {asked} notes, {right} right
        {medianMs === null ? '' : `, half of them within ${(medianMs / 1000).toFixed(1)} seconds`}.
      </p>
      {weak.length > 0 ? (
        <p className="my-2">
          Look at {weak.length === 1 ? 'this one' : 'these'} again:{' '}
          <b>{weak.map(name).join(', ')}</b>.
        </p>
      ) : (
        <p className="my-2">None was wrong.</p>
      )}
      <button type="button" className="btn btn-main min-h-12!" onClick={again}>
        <RotateCcw aria-hidden size={18} /> Another round
      </button>
    </section>
  );
}
