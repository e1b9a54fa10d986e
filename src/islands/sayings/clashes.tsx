import { Wrench } from 'lucide-react';
import { useMemo } from 'react';
import { seeded } from '../../core/random';
import { sayingText } from '../../core/sayings';
import { type Clash, repairClash } from '../../core/workshop';

interface Props {
  found: readonly Clash[];
  /** Puts a mended saying into use. */
  mend: (target: string, text: string) => Promise<boolean>;
}

/** Sayings in use, compared in pairs: what will be mixed up, and a way out. */
export function Clashes({ found, mend }: Props) {
  return (
    <section className="panel" aria-labelledby="clash">
      <h2 id="clash">Mixed up?</h2>
      {found.length === 0 ? (
        <p>No two of the sayings in use have anything alike.</p>
      ) : (
        <ul className="divide-y divide-rule">
          {found.map((c) => (
            <Pair key={`${c.a.target.id} ${c.b.target.id}`} clash={c} mend={mend} />
          ))}
        </ul>
      )}
      <p className="hint mt-2">
        The number is the share of positions at which a student who starts the wrong saying names a
        wrong note and yet says a word of the right one, and so does not notice.
      </p>
    </section>
  );
}

function Pair({ clash, mend }: { clash: Clash; mend: Props['mend'] }) {
  const { a, b, share, reasons } = clash;
  // The later one changes: the first is usually known best.
  const repair = useMemo(
    () => repairClash(b, [a], seeded(`${sayingText(a.words)}/${sayingText(b.words)}`)),
    [a, b],
  );
  return (
    <li className="py-2">
      <h3>
        {share > 0 ? `${Math.round(share * 100)} % clash: ` : 'Alike: '}
        {a.target.name.replace(/^the /, '')} and {b.target.name.replace(/^the /, '')}
      </h3>
      <p className="hint">
        {sayingText(a.words)} · {sayingText(b.words)}
      </p>
      <ul className="list-disc pl-5">
        {reasons.map((r) => (
          <li key={r}>{r}</li>
        ))}
      </ul>
      {repair ? (
        <p className="mt-1">
          <button
            type="button"
            className="btn min-h-8!"
            onClick={() => mend(b.target.id, sayingText(repair))}
          >
            <Wrench aria-hidden size={16} /> For {b.target.name}: {sayingText(repair)}
          </button>
        </p>
      ) : null}
    </li>
  );
}
