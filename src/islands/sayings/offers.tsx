import { Hand, MessageCircle, Trash2 } from 'lucide-react';
import { useState } from 'react';
import type { OfferView, SayingsView } from '../../contract/views';
import { sayingText } from '../../core/sayings';
import { targetById } from '../../core/workshop';

interface Props {
  view: SayingsView;
  call: (method: string, path: string, body: object) => Promise<boolean>;
}

/** Sayings that students sent in or the class votes on, by what they are for. */
export function Offers({ view, call }: Props) {
  const open = view.offers.filter((o) => o.state !== 'accepted');
  const targets = [...new Set(open.map((o) => o.target))];
  return (
    <section className="panel" aria-labelledby="offers">
      <h2 id="offers">From the class</h2>
      {open.length === 0 ? (
        <p className="hint">
          Students send in their own under “My sayings”. A saying of yours can be put to the vote.
        </p>
      ) : null}
      {targets.map((id) => {
        const all = open.filter((o) => o.target === id);
        const most = Math.max(0, ...all.map((o) => o.hands ?? 0));
        return (
          <div key={id} className="mt-2">
            <h3>{targetById(id)?.name.replace(/^the /, '')}</h3>
            <ul className="divide-y divide-rule">
              {all.map((o) => (
                <Offer key={o.id} offer={o} leads={most > 0 && o.hands === most} call={call} />
              ))}
            </ul>
          </div>
        );
      })}
    </section>
  );
}

interface OfferProps {
  offer: OfferView;
  /** Most hands so far. */
  leads: boolean;
  call: Props['call'];
}

function Offer({ offer, leads, call }: OfferProps) {
  const [reply, setReply] = useState<string | null>(null);
  const { id, words, student, state, hands } = offer;
  const path = `/api/offers/${id}`;
  const text = sayingText(words);
  const small = 'btn min-h-8! px-2!';
  return (
    <li className="space-y-1.5 py-2">
      <p>
        <b>{text}</b> <span className="hint">{student ? student.name : 'yours'}</span>
        {leads ? <b className="text-felt"> most hands</b> : null}
      </p>
      {state === 'change' ? <p className="hint">Asked: {offer.reply}</p> : null}
      <div className="flex flex-wrap items-center gap-1.5 text-sm">
        <label className="flex items-center gap-1">
          <Hand aria-hidden size={16} />
          <span className="sr-only">Hands for {text}</span>
          <input
            className="input min-h-8! w-16"
            type="number"
            min={0}
            max={200}
            defaultValue={hands ?? ''}
            onBlur={(e) =>
              e.target.value !== '' &&
              Number(e.target.value) !== hands &&
              call('PATCH', path, { do: 'count', hands: Number(e.target.value) })
            }
          />
        </label>
        {student ? (
          <button
            type="button"
            className={small}
            onClick={() => call('PATCH', path, { do: 'accept', for: 'student' })}
          >
            For {student.name}
          </button>
        ) : null}
        <button
          type="button"
          className={small}
          onClick={() => call('PATCH', path, { do: 'accept', for: 'group' })}
        >
          For the group
        </button>
        {student ? (
          <button
            type="button"
            className={small}
            aria-label={`Ask ${student.name} for a change`}
            onClick={() => setReply(reply === null ? offer.reply : null)}
          >
            <MessageCircle aria-hidden size={16} />
          </button>
        ) : null}
        <button
          type="button"
          className={`${small} text-madder!`}
          aria-label={`Take ${text} away`}
          onClick={() => call('DELETE', path, {})}
        >
          <Trash2 aria-hidden size={16} />
        </button>
      </div>
      {reply === null ? null : (
        <form
          className="flex gap-1.5"
          onSubmit={async (e) => {
            e.preventDefault();
            if (await call('PATCH', path, { do: 'ask', reply })) setReply(null);
          }}
        >
          <input
            className="input min-w-0 flex-1"
            aria-label="What to change"
            placeholder="The second word must start with G"
            value={reply}
            onChange={(e) => setReply(e.target.value)}
          />
          <button type="submit" className={small}>
            Ask
          </button>
        </form>
      )}
    </li>
  );
}
