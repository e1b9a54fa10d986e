import type { BehindAnswer, GroupView, ProgressView } from '../../contract/views';
import { CAUSE_TEXT, causeName, nameText, rightName } from '../../core/evidence';
import { placeOf } from '../../core/instruments';
import { placeName } from '../../core/notation';
import { displayName } from '../../engrave';

const SOURCE: Record<BehindAnswer['source'], string> = {
  drill: 'drill',
  sheet: 'sheet',
  card: 'card',
  spoken: 'spoken',
};

/** Likely misreadings with the answers behind them and what would help. */
export function Misreadings({ progress, group }: { progress: ProgressView; group: GroupView }) {
  const { diagnosis, causes, weighed } = progress;
  return (
    <section className="panel" aria-labelledby="why">
      <h2 id="why">Why the mistakes</h2>
      <p className="hint">
        From the newest {diagnosis.answers} answers, {diagnosis.wrong} of them wrong.
      </p>
      {causes.length === 0 ? (
        <p className="my-2">
          {diagnosis.verdict === 'clear'
            ? 'Plain slips at most: nothing to mend.'
            : 'Not enough to tell yet.'}
        </p>
      ) : null}
      {diagnosis.verdict === 'more' && causes.length > 0 ? (
        <p className="my-2">Not settled yet. Possible:</p>
      ) : null}
      {causes.map((c) => (
        <article
          key={c.id + (c.position ?? '') + (c.instrument ?? '')}
          className="my-3 border-l-4 border-madder pl-3"
        >
          <h3>
            {causeName(c)} <span className="hint font-sans">{percent(c.probability)} likely</span>
          </h3>
          <p>{CAUSE_TEXT[c.id].seen}</p>
          <p>
            <b>What helps:</b> {CAUSE_TEXT[c.id].helps}
          </p>
          <Behind answers={c.behind} group={group} timed={c.id === 'counting'} />
        </article>
      ))}
      {diagnosis.ask ? <p className="my-2 font-bold text-brass">{diagnosis.ask}</p> : null}
      <details className="text-sm">
        <summary className="min-h-7 text-felt">All explanations weighed</summary>
        <ul className="columns-2">
          {weighed.map((c) => (
            <li key={c.id + (c.position ?? '') + (c.instrument ?? '')}>
              {causeName(c)}: {percent(c.probability)}
            </li>
          ))}
        </ul>
      </details>
    </section>
  );
}

/** What was said or shown, in words. */
function saidOf({ task, given, instrument }: BehindAnswer): string {
  if (task !== 'place') return ` named ${displayName(given ?? '–')}`;
  const place = instrument && given ? placeOf(instrument, given) : null;
  return ` shown as ${place?.words ?? 'nothing'}`;
}

function percent(p: number): string {
  return p > 0.99 ? 'over 99 %' : p < 0.01 ? 'under 1 %' : `${Math.round(p * 100)} %`;
}

function Behind({
  answers,
  group,
  timed,
}: {
  answers: readonly BehindAnswer[];
  group: GroupView;
  timed: boolean;
}) {
  if (answers.length === 0) return null;
  const day = new Intl.DateTimeFormat('en', { day: 'numeric', month: 'short' });
  return (
    <details className="text-sm">
      <summary className="min-h-7 text-felt">
        {timed ? 'Slowest answers' : 'Answers behind it'}
      </summary>
      <ul className="columns-2">
        {answers.map((a) => {
          const right = displayName(nameText(rightName({ ...a, accidental: null })));
          return (
            <li key={a.id}>
              {a.clef} {placeName(a.step, group.terms)}, {right}
              {timed ? `: ${((a.ms ?? 0) / 1000).toFixed(1)} s` : saidOf(a)}{' '}
              <span className="hint">
                {SOURCE[a.source]}, {day.format(a.at)}
              </span>
            </li>
          );
        })}
      </ul>
    </details>
  );
}
