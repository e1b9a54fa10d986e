import type { SayingsView } from '../../contract/views';
import { sayingText } from '../../core/sayings';
import { targetById } from '../../core/workshop';

/** Since when who uses which saying, so that mistakes can be tied to a change. */
export function History({ view }: { view: SayingsView }) {
  if (view.history.length === 0) return null;
  const day = new Intl.DateTimeFormat('en', { day: 'numeric', month: 'short' });
  return (
    <section className="panel text-sm" aria-labelledby="history">
      <h2 id="history">In use since</h2>
      <ul className="max-h-72 divide-y divide-rule overflow-y-auto">
        {view.history.map((h, i) => (
          <li key={i} className="py-1">
            <span className="hint">
              {day.format(h.at)}, {h.student ?? 'the group'},{' '}
              {targetById(h.target)?.name.replace(/^the /, '')}
            </span>
            <br />
            {sayingText(h.words) || 'no longer in use'}
          </li>
        ))}
      </ul>
    </section>
  );
}
