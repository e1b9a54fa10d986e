import { type SubmitEvent, useState } from 'react';
import type { GroupView } from '../../contract/views';
import type { ClefId } from '../../core/notation';
import {
  type SayingPart,
  sayingLetters,
  sayingProblem,
  splitSaying,
  type Words,
} from '../../core/sayings';

const FIELDS: readonly [ClefId, SayingPart][] = [
  ['treble', 'spaces'],
  ['treble', 'lines'],
  ['bass', 'spaces'],
  ['bass', 'lines'],
];

interface Props {
  group: GroupView;
  change: (body: object) => Promise<boolean>;
}

/** The four sayings, checked while they are typed. */
export function SayingsForm({ group, change }: Props) {
  const [texts, setTexts] = useState(() =>
    Object.fromEntries(
      FIELDS.map(([clef, part]) => [`${clef} ${part}`, join(group.sayings[clef][part])]),
    ),
  );
  const problems = FIELDS.map(([clef, part]) =>
    sayingProblem(splitSaying(texts[`${clef} ${part}`]!), clef, part),
  );
  const save = (event: SubmitEvent) => {
    event.preventDefault();
    const of = (clef: ClefId) => ({
      spaces: texts[`${clef} spaces`],
      lines: texts[`${clef} lines`],
    });
    change({ sayings: { treble: of('treble'), bass: of('bass') } });
  };
  return (
    <details>
      <summary className="min-h-8 font-bold text-felt">Sayings</summary>
      <form onSubmit={save} className="mt-2 space-y-2">
        {FIELDS.map(([clef, part], i) => {
          const id = `${clef} ${part}`;
          return (
            <label key={id} className="field capitalize">
              {id}{' '}
              <span className="hint normal-case">
                {sayingLetters(clef, part).join(' ')}, from the bottom
              </span>
              <input
                className="input"
                value={texts[id]}
                aria-invalid={problems[i] !== null}
                onChange={(e) => setTexts({ ...texts, [id]: e.target.value })}
              />
              {problems[i] ? (
                <span className="text-sm font-normal normal-case text-madder">{problems[i]}</span>
              ) : null}
            </label>
          );
        })}
        <button type="submit" className="btn" disabled={problems.some((p) => p !== null)}>
          Save the sayings
        </button>
      </form>
    </details>
  );
}

/** F A C E is one word of four letters. */
function join(words: Words): string {
  return words.every((w) => w.length === 1) ? words.join('') : words.join(' ');
}
