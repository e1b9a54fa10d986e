import { Check, CircleAlert, Info, Vote } from 'lucide-react';
import { useMemo, useState } from 'react';
import { seeded } from '../../core/random';
import { sayingText, type Words } from '../../core/sayings';
import {
  checkSaying,
  clashOf,
  type SayingIssue,
  type SayingTarget,
  type UsedSaying,
  wordsOf,
} from '../../core/workshop';
import { Picture } from './picture';
import { Suggest } from './suggest';

interface Props {
  target: SayingTarget;
  current: Words;
  /** The student's own, not the group's. */
  own: boolean;
  student: string | null;
  /** The other sayings in use. */
  others: readonly UsedSaying[];
  save: (text: string) => Promise<boolean>;
  propose: (text: string) => Promise<boolean>;
}

/** One saying: typed or suggested, checked as it is typed, and compared with the others in use. */
export function Editor({ target, current, own, student, others, save, propose }: Props) {
  const [text, setText] = useState(sayingText(current));
  const words = useMemo(() => wordsOf(text), [text]);
  const issues = useMemo(() => checkSaying(text, target, seeded(text)), [text, target]);
  const wrong = issues.some((i) => i.weight === 'wrong');
  const near = useMemo(
    () =>
      wrong
        ? []
        : others
            .map((o) => clashOf({ target, words }, o))
            .filter((c) => c.share > 0 || c.reasons.length > 0),
    [wrong, others, target, words],
  );
  const same = text.trim() === sayingText(current);
  return (
    <section className="panel space-y-3" aria-labelledby="saying">
      <h2 id="saying">
        {student ? `${student}: ` : ''}
        {target.name.replace(/^the /, '')}
      </h2>
      <label className="field">
        One word for each of {target.letters.join(' ')}, from the{' '}
        {target.part === 'strings' ? 'lowest string' : 'bottom'}
        <input
          className="input text-lg"
          value={text}
          onChange={(e) => setText(e.target.value)}
          aria-invalid={wrong}
          aria-describedby="saying-issues"
          spellCheck
        />
      </label>
      <ul id="saying-issues" className="space-y-1" aria-live="polite">
        {issues.map((i) => (
          <Issue key={`${i.kind} ${i.index}`} issue={i} use={setText} />
        ))}
        {near.map((c) => (
          <li key={c.b.target.id} className="flex gap-2 text-brass">
            <CircleAlert aria-hidden className="mt-0.5 size-5 shrink-0" />
            <span>
              {c.share > 0
                ? `${Math.round(c.share * 100)} % clash with ${c.b.target.name}. `
                : `Like ${c.b.target.name}. `}
              {c.reasons.join(' ')}
            </span>
          </li>
        ))}
        {issues.length === 0 && near.length === 0 && words.length > 0 ? (
          <li className="flex gap-2 text-felt">
            <Check aria-hidden className="mt-0.5 size-5 shrink-0" /> Fits, and nothing in use is
            like it.
          </li>
        ) : null}
      </ul>
      <Picture target={target} words={wrong ? [] : words} />
      <div className="flex flex-wrap gap-2">
        <button
          type="button"
          className="btn btn-main"
          disabled={wrong || same}
          onClick={() => save(text)}
        >
          Use it {student ? `for ${student}` : 'for the group'}
        </button>
        {student ? (
          <button type="button" className="btn" disabled={!own} onClick={() => save('')}>
            Back to the group’s
          </button>
        ) : (
          <button
            type="button"
            className="btn"
            disabled={wrong || words.length === 0}
            onClick={() => propose(text)}
          >
            <Vote aria-hidden size={16} /> Put it to the vote
          </button>
        )}
      </div>
      <Suggest target={target} words={words} others={others} use={setText} />
    </section>
  );
}

function Issue({ issue, use }: { issue: SayingIssue; use: (text: string) => void }) {
  const wrong = issue.weight === 'wrong';
  const Icon = wrong ? CircleAlert : Info;
  return (
    <li className={`flex gap-2 ${wrong ? 'text-madder' : 'text-ink'}`}>
      <Icon aria-hidden className="mt-0.5 size-5 shrink-0" />
      <span>
        {issue.message}{' '}
        {issue.repair ? (
          <button type="button" className="btn min-h-7! py-0!" onClick={() => use(issue.repair!)}>
            {issue.repair}
          </button>
        ) : null}
      </span>
    </li>
  );
}
