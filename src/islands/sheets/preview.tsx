import { ChevronLeft, ChevronRight } from 'lucide-react';
import { useMemo, useState } from 'react';
import type { Section, SheetSpec } from '../../core/sheets';
import { pageSvg, sheetPages } from '../../engrave';
import { Svg } from '../../ui/svg';

interface Props {
  spec: SheetSpec;
  sections: readonly Section[];
  strip: readonly string[];
  /** The version shown, on sheets with three. */
  label: string | undefined;
  choose: (label: string) => void;
  /** Each student gets another sheet than the one that is seen. */
  own: boolean;
}

/** The sheet as it will print, page by page, or its key. */
export function Preview({ spec, sections, strip, label, choose, own }: Props) {
  const [key, setKey] = useState(false);
  const [wanted, setPage] = useState(0);
  const pages = useMemo(
    () => sheetPages(spec, sections, { code: 'preview', strip, key, ...(label ? { label } : {}) }),
    [spec, sections, strip, key, label],
  );
  const page = Math.min(wanted, pages.length - 1);
  // Only the page that is seen is drawn.
  const markup = useMemo(() => pageSvg(pages[page]!), [pages, page]);
  return (
    <div>
      <div className="mx-auto mb-2 flex max-w-2xl items-center gap-2">
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
        {label ? (
          <select
            className="input mt-0! w-32!"
            aria-label="Version shown"
            value={label}
            onChange={(e) => choose(e.target.value)}
          >
            {['A', 'B', 'C'].map((v) => (
              <option key={v} value={v}>
                Version {v}
              </option>
            ))}
          </select>
        ) : null}
        {own ? (
          <span className="hint">one of many: each student’s has notes of their own</span>
        ) : null}
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
