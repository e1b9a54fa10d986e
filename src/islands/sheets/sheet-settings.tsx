import { Shuffle } from 'lucide-react';
import type { KeySignature } from '../../core/notation';
import type { Fade } from '../../core/sayings';
import { HEADER_FIELDS, type Paper } from '../../core/sheets';
import { FadeOptions, KeyOptions } from '../../ui/options';
import type { Draft } from './draft';

interface Props {
  draft: Draft;
  instructions: string;
  change: (part: Partial<Draft>) => void;
  shuffle: () => void;
  students: number;
}

/** The few settings of a sheet. */
export function SheetSettings({ draft, instructions, change, shuffle, students }: Props) {
  return (
    <section className="panel space-y-3" aria-label="Settings of the sheet">
      <label className="field">
        Title
        <input
          className="input"
          value={draft.title}
          onChange={(e) => change({ title: e.target.value })}
        />
      </label>
      <label className="field">
        Instructions
        <textarea
          className="input h-20 text-sm!"
          value={instructions}
          onChange={(e) => change({ instructions: e.target.value })}
        />
      </label>
      <div className="grid grid-cols-2 gap-3">
        <label className="field">
          Notes
          <input
            className="input"
            type="number"
            min={1}
            max={200}
            value={draft.count || ''}
            onChange={(e) => change({ count: Number(e.target.value) })}
          />
        </label>
        <label className="field">
          Staff, mm
          <input
            className="input"
            type="number"
            min={2}
            max={8}
            step={0.2}
            value={draft.staffSpace || ''}
            onChange={(e) => change({ staffSpace: Number(e.target.value) })}
          />
        </label>
        <label className="field">
          Paper
          <select
            className="input"
            value={draft.paper}
            onChange={(e) => change({ paper: e.target.value as Paper })}
          >
            <option>A4</option>
            <option>Letter</option>
          </select>
        </label>
        <label className="field">
          Key signature
          <select
            className="input"
            value={draft.key}
            onChange={(e) => change({ key: Number(e.target.value) as KeySignature })}
          >
            <KeyOptions />
          </select>
        </label>
      </div>
      <fieldset>
        <legend className="field">To fill in</legend>
        <div className="flex flex-wrap gap-x-3">
          {HEADER_FIELDS.map((f) => (
            <label key={f} className="flex min-h-7 items-center gap-1.5 text-sm">
              <input
                type="checkbox"
                className="size-4.5"
                checked={draft.header.includes(f)}
                onChange={(e) =>
                  change({
                    header: HEADER_FIELDS.filter((h) =>
                      h === f ? e.target.checked : draft.header.includes(h),
                    ),
                  })
                }
              />
              {f}
            </label>
          ))}
        </div>
      </fieldset>
      <label className="flex min-h-7 items-center gap-2 text-sm">
        <input
          type="checkbox"
          className="size-4.5"
          checked={draft.weakFirst}
          onChange={(e) => change({ weakFirst: e.target.checked })}
        />
        More of the weak notes
      </label>
      <label className="flex min-h-7 items-center gap-2 text-sm">
        <input
          type="checkbox"
          className="size-4.5"
          checked={draft.keyPlaces}
          onChange={(e) => change({ keyPlaces: e.target.checked })}
        />
        Places on the instrument in the key
      </label>
      <label className="field">
        Sayings across the top
        <select
          className="input"
          value={draft.fade}
          onChange={(e) => change({ fade: e.target.value as Fade })}
        >
          <FadeOptions />
        </select>
      </label>
      <label className="field">
        Versions
        <select
          className="input"
          value={draft.versions}
          onChange={(e) => change({ versions: e.target.value as Draft['versions'] })}
        >
          <option value="one">One for all</option>
          <option value="each">One for each of {students} students</option>
        </select>
      </label>
      <button type="button" className="btn" onClick={shuffle}>
        <Shuffle aria-hidden size={16} /> Other order
      </button>
    </section>
  );
}
