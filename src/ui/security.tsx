import { SECURITY_WORDS, type Security } from '../core/evidence';

/** How a security looks: colour, and a sign so that it never depends on colour alone. */
export const SECURITY_LOOK: Readonly<
  Record<Security, { sign: string; style: string; color: string }>
> = {
  'not-met': { sign: '·', style: 'bg-paper text-soft border-rule', color: '#8d8676' },
  learning: { sign: '◔', style: 'bg-brass-pale text-brass border-brass', color: '#7a5810' },
  secure: { sign: '◕', style: 'bg-felt-pale text-felt border-felt', color: '#2f7d61' },
  instant: { sign: '●', style: 'bg-felt text-white border-felt', color: '#174735' },
  fading: { sign: '◌', style: 'bg-madder-pale text-madder border-madder', color: '#a3262e' },
};

/** A security as a small label with sign and word. */
export function SecurityTag({ security, name }: { security: Security; name?: string }) {
  const { sign, style } = SECURITY_LOOK[security];
  return (
    <span
      className={`inline-flex items-center gap-1 rounded border px-1.5 py-0.5 text-sm ${style}`}
    >
      <span aria-hidden>{sign}</span>
      {name ? <b>{name}</b> : null} {SECURITY_WORDS[security]}
    </span>
  );
}

/** Share of students who know a note, as a bar with words. */
export function ShareBar({ known, of }: { known: number; of: number }) {
  const share = of === 0 ? 0 : known / of;
  return (
    <span className="inline-flex items-center gap-2 text-sm">
      <span
        aria-hidden
        className="inline-block h-2 w-20 overflow-hidden rounded border border-felt bg-white"
      >
        <span className="block h-full bg-felt" style={{ width: `${share * 100}%` }} />
      </span>
      {known} of {of} know it
    </span>
  );
}
