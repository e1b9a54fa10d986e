import { CircleAlert, CircleCheck, Info } from 'lucide-react';
import type { ReactNode } from 'react';

const LOOK = {
  wrong: { Icon: CircleAlert, style: 'border-madder bg-madder-pale text-madder' },
  note: { Icon: Info, style: 'border-brass bg-brass-pale text-ink' },
  good: { Icon: CircleCheck, style: 'border-felt bg-felt-pale text-felt' },
} as const;

/** A sentence that says what went wrong or was done; read out when it appears. */
export function Notice({ kind, children }: { kind: keyof typeof LOOK; children: ReactNode }) {
  const { Icon, style } = LOOK[kind];
  return (
    <div
      role={kind === 'wrong' ? 'alert' : 'status'}
      className={`my-2 flex gap-2 rounded border-l-4 px-3 py-2 ${style}`}
    >
      <Icon aria-hidden className="mt-0.5 size-5 shrink-0" />
      <div className="min-w-0 wrap-anywhere">{children}</div>
    </div>
  );
}
