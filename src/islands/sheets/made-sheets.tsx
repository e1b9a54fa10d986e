import { Printer } from 'lucide-react';

/** A sheet that was made. */
export interface Made {
  readonly code: string;
  readonly title: string;
  readonly copies: number;
  readonly marked: number;
  readonly at: number;
}

/** Sheets made for this group, newest first, to print again or to mark. */
export function MadeSheets({ made }: { made: readonly Made[] }) {
  if (made.length === 0) return null;
  const day = new Intl.DateTimeFormat('en', { day: 'numeric', month: 'short' });
  return (
    <section className="panel" aria-labelledby="made">
      <h2 id="made">Made</h2>
      <ul className="divide-y divide-rule text-sm">
        {made.slice(0, 8).map((s) => (
          <li key={s.code} className="py-1.5">
            <b>{s.code}</b> <span className="hint">{day.format(s.at)}</span> {s.title}
            <br />
            <Printer aria-hidden size={14} className="inline text-soft" />{' '}
            <a
              href={`/api/sheets/${s.code}/pdf?part=sheets`}
              target="_blank"
              rel="noreferrer"
              className="inline-flex min-h-6 items-center"
            >
              {s.copies === 1 ? 'sheet' : `${s.copies} sheets`}
            </a>
            {' · '}
            <a
              href={`/api/sheets/${s.code}/pdf?part=key`}
              target="_blank"
              rel="noreferrer"
              className="inline-flex min-h-6 items-center"
            >
              key
            </a>
            {' · '}
            <a
              href={`/api/sheets/${s.code}/pdf?part=all`}
              target="_blank"
              rel="noreferrer"
              className="inline-flex min-h-6 items-center"
            >
              both
            </a>
            {' · '}
            <a
              href={`/api/sheets/${s.code}/pdf?part=pack`}
              target="_blank"
              rel="noreferrer"
              title="For each student: the sheet, its cards and the fingering chart"
              className="inline-flex min-h-6 items-center"
            >
              packs
            </a>
            {' · '}
            <a href={`/marking?code=${s.code}`} className="inline-flex min-h-6 items-center">
              mark{s.marked > 0 ? ` (${s.marked} done)` : ''}
            </a>
          </li>
        ))}
      </ul>
    </section>
  );
}
