import { CircleAlert, Send } from 'lucide-react';
import { useMemo, useState } from 'react';
import type { MySayings } from '../../contract/views';
import { seeded } from '../../core/random';
import { sayingText } from '../../core/sayings';
import {
  checkSaying,
  type SayingTarget,
  STAFF_TARGETS,
  stringsTarget,
  targetById,
} from '../../core/workshop';
import { send } from '../../ui/api';
import { Notice } from '../../ui/notice';

/** A student's sayings: those in use, and one of their own to send in. */
export function MySayingsPage({ initial }: { initial: MySayings }) {
  const [mine, setMine] = useState(initial);
  const strings = stringsTarget(mine.instrument);
  const targets = strings ? [...STAFF_TARGETS, strings] : STAFF_TARGETS;
  return (
    <div className="mx-auto max-w-3xl px-4 py-4">
      <h1>{mine.name}, your sayings</h1>
      <ul className="my-3 divide-y divide-rule border-y border-rule bg-sheet">
        {targets.map((t) => (
          <li key={t.id} className="flex flex-wrap gap-x-4 px-3 py-2">
            <span className="w-52 text-soft">
              {t.name.replace(/^the /, '')} · {t.letters.join(' ')}
            </span>
            <b className="text-lg">{sayingText(mine.inUse[t.id] ?? []) || '–'}</b>
          </li>
        ))}
      </ul>
      <Make targets={targets} sent={setMine} />
      {mine.offers.length > 0 ? <Sent mine={mine} /> : null}
    </div>
  );
}

interface MakeProps {
  targets: readonly SayingTarget[];
  sent: (mine: MySayings) => void;
}

/** Making one's own: vivid, silly, easy to picture. */
function Make({ targets, sent }: MakeProps) {
  const [id, setId] = useState('treble-lines');
  const [text, setText] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const target = targets.find((t) => t.id === id) ?? targets[1]!;
  const issues = useMemo(() => checkSaying(text, target, seeded(text)), [text, target]);
  const wrong = issues.some((i) => i.weight === 'wrong');
  const offer = async () => {
    const body = { target: target.id, text };
    const result = await send<MySayings>('POST', '/api/student/sayings', body);
    setProblem(result.ok ? null : result.problem.detail);
    if (!result.ok) return;
    sent(result.data);
    setText('');
  };
  return (
    <section className="panel space-y-3" aria-labelledby="make">
      <h2 id="make">Make your own</h2>
      <p>Silly ones that you can see before your eyes stick best.</p>
      <label className="field">
        For
        <select className="input min-h-12!" value={id} onChange={(e) => setId(e.target.value)}>
          {targets.map((t) => (
            <option key={t.id} value={t.id}>
              {t.name.replace(/^the /, '')}
            </option>
          ))}
        </select>
      </label>
      <label className="field">
        One word for each of {target.letters.join(' ')}
        <input
          className="input min-h-12! text-lg"
          value={text}
          aria-invalid={wrong}
          aria-describedby="own-issues"
          onChange={(e) => setText(e.target.value)}
        />
      </label>
      <ul id="own-issues" aria-live="polite" className="space-y-1">
        {issues.map((i) => (
          <li
            key={`${i.kind} ${i.index}`}
            className={`flex gap-2 ${i.weight === 'wrong' ? 'text-madder' : ''}`}
          >
            <CircleAlert aria-hidden className="mt-0.5 size-5 shrink-0" /> {i.message}
          </li>
        ))}
      </ul>
      {problem ? <Notice kind="wrong">{problem}</Notice> : null}
      <button
        type="button"
        className="btn btn-main min-h-12!"
        disabled={wrong || text.trim() === ''}
        onClick={offer}
      >
        <Send aria-hidden size={18} /> Send it to your teacher
      </button>
    </section>
  );
}

const STATES = {
  open: 'Your teacher has not seen it yet.',
  accepted: 'It is in use.',
  change: 'Your teacher asks:',
} as const;

function Sent({ mine }: { mine: MySayings }) {
  return (
    <section className="panel mt-4" aria-labelledby="sent">
      <h2 id="sent">Sent in</h2>
      <ul className="divide-y divide-rule">
        {mine.offers.map((o) => (
          <li key={o.id} className="py-2">
            <b>{sayingText(o.words)}</b>{' '}
            <span className="hint">{targetById(o.target)?.name.replace(/^the /, '')}</span>
            <br />
            {STATES[o.state]} {o.state === 'change' ? <b>{o.reply}</b> : null}
          </li>
        ))}
      </ul>
    </section>
  );
}
