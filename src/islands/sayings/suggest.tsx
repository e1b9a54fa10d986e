import { Dices, Lock, LockOpen } from 'lucide-react';
import { useState } from 'react';
import { seeded } from '../../core/random';
import { sayingText, type Words } from '../../core/sayings';
import {
  type SayingTarget,
  suggestSayings,
  THEMES,
  type Theme,
  type UsedSaying,
} from '../../core/workshop';
import { newId } from '../../ui/new-id';

interface Props {
  target: SayingTarget;
  /** The words as typed; any of them can be kept. */
  words: Words;
  others: readonly UsedSaying[];
  use: (text: string) => void;
}

/** How many are suggested at once. */
const COUNT = 6;

/** Suggestions by theme, with words of the class, and with words kept. */
export function Suggest({ target, words, others, use }: Props) {
  const [theme, setTheme] = useState<Theme | ''>('animals');
  const [supplied, setSupplied] = useState('');
  const [kept, setKept] = useState<readonly number[]>([]);
  const [found, setFound] = useState<readonly Words[] | null>(null);
  const [spelled, setSpelled] = useState(false);
  const full = words.length === target.letters.length && words.every((w) => w.length > 1);
  const roll = () => {
    const locked = full ? words.map((w, i) => (kept.includes(i) ? w : null)) : [];
    setSpelled(target.id === 'treble-spaces' && kept.length === 0);
    setFound(
      suggestSayings(
        {
          target,
          theme: theme || null,
          supplied: supplied.split(/[\s,;]+/).filter(Boolean),
          locked,
          inUse: others,
          count: COUNT,
        },
        seeded(newId()),
      ),
    );
  };
  const toggle = (i: number) =>
    setKept(kept.includes(i) ? kept.filter((k) => k !== i) : [...kept, i]);
  return (
    <div className="space-y-2 border-t border-rule pt-3">
      <h3>Suggestions</h3>
      <div className="flex flex-wrap items-end gap-3">
        <label className="field">
          About
          <select
            className="input"
            value={theme}
            onChange={(e) => setTheme(e.target.value as Theme | '')}
          >
            {THEMES.map((t) => (
              <option key={t} value={t}>
                {t}
              </option>
            ))}
            <option value="">anything</option>
          </select>
        </label>
        <label className="field min-w-40 flex-1">
          Words of the class
          <input
            className="input"
            value={supplied}
            onChange={(e) => setSupplied(e.target.value)}
            placeholder="dinosaurs, gran, biscuits"
          />
        </label>
        <button type="button" className="btn btn-main" onClick={roll}>
          <Dices aria-hidden size={18} /> {found ? 'Others' : 'Suggest'}
        </button>
      </div>
      {full ? (
        <fieldset className="flex flex-wrap items-center gap-1.5">
          <legend className="hint mb-1">Keep these words and change the rest:</legend>
          {words.map((word, i) => (
            <button
              key={i}
              type="button"
              aria-pressed={kept.includes(i)}
              className={`btn min-h-8! ${kept.includes(i) ? 'btn-main' : ''}`}
              onClick={() => toggle(i)}
            >
              {kept.includes(i) ? (
                <Lock aria-hidden size={14} />
              ) : (
                <LockOpen aria-hidden size={14} />
              )}{' '}
              {word}
            </button>
          ))}
        </fieldset>
      ) : null}
      {found ? (
        <ul className="grid gap-1.5 sm:grid-cols-2" aria-live="polite">
          {spelled ? <Choice text="FACE" use={use} /> : null}
          {found.map((w) => (
            <Choice key={w.join(' ')} text={sayingText(w)} use={use} />
          ))}
          {found.length === 0 && !spelled ? (
            <li className="hint">
              No sentence fits the words that are kept. Keep fewer of them, or other ones.
            </li>
          ) : null}
        </ul>
      ) : null}
    </div>
  );
}

function Choice({ text, use }: { text: string; use: (text: string) => void }) {
  return (
    <li>
      <button
        type="button"
        className="min-h-9 w-full rounded border border-rule bg-white px-3 py-1.5 text-left hover:bg-felt-pale"
        onClick={() => use(text)}
      >
        {text}
      </button>
    </li>
  );
}
