import { useMemo } from 'react';
import {
  type Answer,
  CAUSE_TEXT,
  causeName,
  diagnose,
  likelyCauses,
  type Player,
} from '../../core/evidence';
import { evidenceOf, type Mark, type Question } from '../../core/sheets';

interface Props {
  questions: readonly Question[];
  marks: readonly (Mark | undefined)[];
  recent: readonly Answer[];
  player: Player;
  at: number;
}

/** Why, from this sheet together with the student's newest answers. */
export function Reasons({ questions, marks, recent, player, at }: Props) {
  const result = useMemo(() => {
    const own = questions.flatMap((question, i): Answer[] => {
      const mark = marks[i];
      const evidence = mark && evidenceOf(question, mark);
      if (!evidence) return [];
      return [{ ...evidence, id: `now-${i}`, ms: null, hints: 0, source: 'sheet', at }];
    });
    return diagnose([...recent, ...own], player);
  }, [questions, marks, recent, player, at]);
  if (!marks.some((m) => m && !m.correct)) return null;
  // Times say nothing about paper, and this sheet is what is being looked at.
  const causes = likelyCauses(result).filter((c) => c.id !== 'counting');
  return (
    <div className="mt-3 border-t border-rule pt-2" aria-live="polite">
      <h3>Why, perhaps</h3>
      {causes.length === 0 ? (
        <p className="hint">
          {result.verdict === 'clear' ? 'Plain slips: no pattern.' : 'Not enough to tell.'}
        </p>
      ) : (
        <ul>
          {causes.map((c) => (
            <li key={c.id + (c.position ?? '') + (c.instrument ?? '')}>
              <b>{causeName(c)}</b>{' '}
              <span className="hint">
                {Math.round(c.probability * 100)} %, from {result.answers} answers
              </span>
              <br />
              {CAUSE_TEXT[c.id].helps}
            </li>
          ))}
        </ul>
      )}
      {result.ask ? <p className="hint">{result.ask}</p> : null}
    </div>
  );
}
