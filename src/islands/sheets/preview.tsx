import { ChevronLeft, ChevronRight } from 'lucide-react';
import { useMemo, useState } from 'react';
import type { Section, SheetCopy, SheetSpec } from '../../core/sheets';
import { pageSvg, sheetPages } from '../../engrave';
import { Svg } from '../../ui/svg';

/** A version or a student whose copy can be looked at. */
export interface Choice {
  readonly id: string;
  readonly name: string;
}

interface WhoseProps {
  choices: readonly Choice[];
  chosen: string | undefined;
  choose: (id: string) => void;
}

/** Whose copy is seen; nothing when there is only one. */
export function Whose({ choices, chosen, choose }: WhoseProps) {
  if (choices.length === 0) return null;
  return (
    <select
      className="input mt-0! w-36!"
      aria-label="Copy shown"
      value={chosen}
      onChange={(e) => choose(e.target.value)}
    >
      {choices.map((c) => (
        <option key={c.id} value={c.id}>
          {c.name}
        </option>
      ))}
    </select>
  );
}

interface Props extends WhoseProps {
  spec: SheetSpec;
  copy: SheetCopy;
  sections: readonly Section[];
  student: string | undefined;
}

/** The sheet as it will print, page by page, or its key. */
export function Preview({ spec, copy, sections, student, ...whose }: Props) {
  const [key, setKey] = useState(false);
  const [wanted, setPage] = useState(0);
  const { label, strip = [] } = copy;
  const pages = useMemo(
    () =>
      sheetPages(spec, sections, {
        code: 'preview',
        strip,
        key,
        ...(label ? { label } : {}),
        ...(student ? { student } : {}),
      }),
    [spec, sections, strip, key, label, student],
  );
  const page = Math.min(wanted, pages.length - 1);
  // Only the page that is seen is drawn.
  const markup = useMemo(() => pageSvg(pages[page]!), [pages, page]);
  return (
    <div>
      <div className="mx-auto mb-2 flex max-w-2xl flex-wrap items-center gap-2">
        <button
          type="button"
          className="btn"
          aria-label="Page before"
          disabled={page === 0}
          onClick={() => setPage(page - 1)}
        >
          <ChevronLeft aria-hidden size={16} />
        </button>
        <span aria-live="polite">
          Page {page + 1} of {pages.length}
        </span>
        <button
          type="button"
          className="btn"
          aria-label="Next page"
          disabled={page === pages.length - 1}
          onClick={() => setPage(page + 1)}
        >
          <ChevronRight aria-hidden size={16} />
        </button>
        <Whose {...whose} />
        <button
          type="button"
          className="btn ml-auto"
          aria-pressed={key}
          onClick={() => setKey(!key)}
        >
          {key ? 'Show the sheet' : 'Show the key'}
        </button>
      </div>
      <Svg markup={markup} className="paper mx-auto max-w-2xl" />
    </div>
  );
}
