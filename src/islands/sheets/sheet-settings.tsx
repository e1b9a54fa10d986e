import type { KeySignature } from '../../core/notation';
import { HEADER_FIELDS, type HeadLetters, SHEET_LIMITS } from '../../core/sheets';
import { CheckField, Choices, NumberField, SelectField } from '../../ui/fields';
import { FadeOptions, InstrumentOptions, KeyOptions } from '../../ui/options';
import type { Draft } from './draft';

const HEAD_LETTER_NAMES: Readonly<Record<HeadLetters, string>> = {
  none: 'None',
  all: 'In all',
  other: 'In every other',
  first: 'In the first of each note',
  fading: 'Fading over the sheet',
};

interface Props {
  draft: Draft;
  change: (part: Partial<Draft>, about: string) => void;
}

/** Settings of the sheet as a whole. */
export function SheetSettings({ draft, change }: Props) {
  const set = <K extends keyof Draft>(name: K, value: Draft[K]) => change({ [name]: value }, name);
  return (
    <section className="panel space-y-2.5 p-3!" aria-label="Settings of the sheet">
      <label className="field">
        Title
        <input
          className="input"
          value={draft.title}
          onChange={(e) => set('title', e.target.value)}
        />
      </label>
      <details>
        <summary className="min-h-7 font-bold">Paper and size</summary>
        <Paper draft={draft} set={set} />
      </details>
      <details>
        <summary className="min-h-7 font-bold">Header, helps and key</summary>
        <Helps draft={draft} set={set} />
      </details>
    </section>
  );
}

interface PartProps {
  draft: Draft;
  set: <K extends keyof Draft>(name: K, value: Draft[K]) => void;
}

function Paper({ draft, set }: PartProps) {
  return (
    <div className="space-y-2.5 pt-1">
      <div className="grid grid-cols-2 gap-2">
        <SelectField label="Paper" value={draft.paper} onChange={(v) => set('paper', v)}>
          <option>A4</option>
          <option>Letter</option>
        </SelectField>
        <SelectField
          label="Key signature"
          value={String(draft.key)}
          onChange={(v) => set('key', Number(v) as KeySignature)}
        >
          <KeyOptions />
        </SelectField>
        <NumberField
          label="Staff, mm"
          value={draft.staffSpace}
          {...SHEET_LIMITS.staffSpace}
          step={0.2}
          onChange={(v) => set('staffSpace', v)}
        />
        <NumberField
          label="To write, mm"
          value={draft.write}
          {...SHEET_LIMITS.write}
          onChange={(v) => set('write', v)}
        />
      </div>
      <CheckField label="Large print" checked={draft.large} onChange={(v) => set('large', v)} />
      <CheckField label="In colour" checked={draft.colour} onChange={(v) => set('colour', v)} />
      <SelectField
        label="Letters in the heads"
        value={draft.headLetters}
        onChange={(v) => set('headLetters', v)}
      >
        <Choices names={HEAD_LETTER_NAMES} />
      </SelectField>
      {draft.versions === 'each' ? null : (
        <SelectField
          label="Instrument whose places are asked"
          value={draft.instrument}
          onChange={(v) => set('instrument', v)}
        >
          <InstrumentOptions />
        </SelectField>
      )}
    </div>
  );
}

function Helps({ draft, set }: PartProps) {
  return (
    <div className="space-y-2.5 pt-1">
      <label className="field">
        Instructions for the whole sheet
        <textarea
          className="input h-16 text-sm!"
          value={draft.instructions}
          onChange={(e) => set('instructions', e.target.value)}
        />
      </label>
      <fieldset>
        <legend className="field">To fill in</legend>
        <div className="flex flex-wrap gap-x-3">
          {HEADER_FIELDS.map((f) => (
            <CheckField
              key={f}
              label={f}
              checked={draft.header.includes(f)}
              onChange={(on) =>
                set(
                  'header',
                  HEADER_FIELDS.filter((h) => (h === f ? on : draft.header.includes(h))),
                )
              }
            />
          ))}
        </div>
      </fieldset>
      <SelectField
        label="Sayings across the top"
        value={draft.fade}
        onChange={(v) => set('fade', v)}
      >
        <FadeOptions />
      </SelectField>
      <CheckField
        label="Places on the instrument in the key"
        checked={draft.keyPlaces}
        onChange={(v) => set('keyPlaces', v)}
      />
    </div>
  );
}
