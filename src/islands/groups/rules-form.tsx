import { type SubmitEvent, useState } from 'react';
import type { GroupView } from '../../contract/views';
import { DEFAULT_RULES, type SecurityRules } from '../../core/evidence';

/** Figures as a teacher sees them: factor between what is shown and what is stored. */
const FIELDS: readonly [keyof SecurityRules, label: string, factor: number, step: number][] = [
  ['window', 'Newest answers that count', 1, 1],
  ['minAnswers', 'Answers before a note can be secure', 1, 1],
  ['secureAccuracy', 'Secure from, % right', 100, 1],
  ['instantAccuracy', 'Instant from, % right', 100, 1],
  ['instantMs', 'Instant up to, seconds', 0.001, 0.1],
  ['slowMs', 'Slow from, seconds', 0.001, 0.1],
  ['fadingRecall', 'Fading below, % chance of recall', 100, 1],
];

interface Props {
  group: GroupView;
  change: (body: object) => Promise<boolean>;
}

/** When a note counts as secure, instant or fading in this group. */
export function RulesForm({ group, change }: Props) {
  const [rules, setRules] = useState<SecurityRules>(group.rules);
  const save = (event: SubmitEvent) => {
    event.preventDefault();
    change({ rules });
  };
  return (
    <details>
      <summary className="min-h-8 font-bold text-felt">When a note counts as secure</summary>
      <form onSubmit={save} className="mt-2 space-y-2">
        {FIELDS.map(([id, label, factor, step]) => (
          <label key={id} className="flex items-center justify-between gap-3 text-sm">
            {label}
            <input
              className="input mt-0! w-24!"
              type="number"
              step={step}
              value={Math.round(rules[id] * factor * 100) / 100}
              onChange={(e) =>
                setRules({
                  ...rules,
                  [id]: Math.round((Number(e.target.value) / factor) * 1e4) / 1e4,
                })
              }
            />
          </label>
        ))}
        <div className="flex gap-2">
          <button type="submit" className="btn">
            Save the figures
          </button>
          <button type="button" className="btn" onClick={() => setRules(DEFAULT_RULES)}>
            Usual figures
          </button>
        </div>
      </form>
    </details>
  );
}
