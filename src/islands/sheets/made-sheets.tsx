import { Printer } from 'lucide-react';
import { useState } from 'react';
import { NumberField } from '../../ui/fields';

/** A sheet that was made. */
export interface Made {
  readonly code: string;
  readonly title: string;
  readonly copies: number;
  readonly given: number;
  readonly back: number;
  readonly marked: number;
  readonly at: number;
}

/** Sheets listed. */
const LISTED = 8;

/** Sheets made for this group, newest first, to print again or to mark. */
export function MadeSheets({ made, group }: { made: readonly Made[]; group: string }) {
  const [times, setTimes] = useState(1);
  if (made.length === 0) return null;
  return (
    <section className="panel p-3!" aria-labelledby="made">
      <div className="flex items-end justify-between gap-2">
        <h2 id="made">Made</h2>
        <div className="w-28">
          <NumberField label="Prints of each" value={times} min={1} max={40} onChange={setTimes} />
        </div>
      </div>
      <ul className="divide-y divide-rule text-sm">
        {made.slice(0, LISTED).map((s) => (
          <OneSheet key={s.code} sheet={s} group={group} times={times} />
        ))}
      </ul>
    </section>
  );
}

const day = new Intl.DateTimeFormat('en', { day: 'numeric', month: 'short' });

function OneSheet({ sheet: s, group, times }: { sheet: Made; group: string; times: number }) {
  const file = `/api/sheets/${s.code}`;
  const extra = Number.isInteger(times) && times > 1 && times <= 40 ? `&times=${times}` : '';
  return (
    <li className="py-1.5">
      <b>{s.code}</b> <span className="hint">{day.format(s.at)}</span>{' '}
      <span className="wrap-anywhere">{s.title}</span>
      {s.given + s.back + s.marked > 0 ? (
        <span className="hint block">
          given to {s.given}, back from {s.back}, {s.marked} marked
        </span>
      ) : (
        <br />
      )}
      <Printer aria-hidden size={14} className="inline text-soft" />{' '}
      {link(`${file}/pdf?part=sheets${extra}`, s.copies === 1 ? 'sheet' : `${s.copies} sheets`)}
      {' · '}
      {link(`${file}/pdf?part=key`, 'key')}
      {' · '}
      {link(`${file}/pdf?part=all${extra}`, 'both', 'Sheets with their keys at the end')}
      {' · '}
      {link(
        `${file}/pdf?part=pack`,
        'packs',
        'For each student: the sheet, its cards and the fingering chart',
      )}
      {' · '}
      <a
        href={`/marking?group=${group}&code=${s.code}`}
        className="inline-flex min-h-6 items-center"
      >
        mark{s.marked > 0 ? ` (${s.marked} done)` : ''}
      </a>
      <OtherFiles file={file} copies={s.copies} />
    </li>
  );
}

function link(href: string, text: string, title?: string) {
  return (
    <a
      href={href}
      target="_blank"
      rel="noreferrer"
      title={title}
      className="inline-flex min-h-6 items-center"
    >
      {text}
    </a>
  );
}

/** One copy in open formats: a page as SVG, the items as CSV, the notes as MusicXML. */
function OtherFiles({ file, copies }: { file: string; copies: number }) {
  const [copy, setCopy] = useState(1);
  const [page, setPage] = useState(1);
  const at = `copy=${Number.isFinite(copy) ? copy : 1}`;
  const svg = `${file}/svg?${at}&page=${Number.isFinite(page) ? page : 1}`;
  return (
    <details>
      <summary className="hint min-h-6">Other files</summary>
      <div className="grid max-w-48 grid-cols-2 gap-2">
        <NumberField label="Copy" value={copy} min={1} max={copies} onChange={setCopy} />
        <NumberField label="Page" value={page} min={1} max={20} onChange={setPage} />
      </div>
      SVG: {link(svg, 'sheet')}, {link(`${svg}&key=1`, 'key')}
      <br />
      Items: {link(`${file}/items?format=csv&${at}`, 'CSV')}
      <br />
      MusicXML: {link(`${file}/items?format=musicxml&${at}`, 'as printed')},{' '}
      {link(`${file}/items?format=musicxml&answers=1&${at}`, 'with answers')}
    </details>
  );
}
