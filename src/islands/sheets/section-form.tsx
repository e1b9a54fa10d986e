import type { KeySignature } from '../../core/notation';
import { KINDS, type Order, type Section, type SectionSpec, SHEET_LIMITS } from '../../core/sheets';
import { CheckField, Choices, NumberField, SelectField } from '../../ui/fields';
import { KeyOptions } from '../../ui/options';
import { OptionFields } from './option-fields';

const ORDER_NAMES: Readonly<Record<Order, string>> = {
  any: 'Any order',
  close: 'Similar notes side by side',
  apart: 'Similar notes apart',
  taught: 'New ones in the order of teaching',
};

interface Props {
  section: SectionSpec;
  /** As composed; missing while a setting is not right. */
  made: Section | undefined;
  change: (part: Partial<SectionSpec>, about: string) => void;
}

/** Settings of one exercise. */
export function SectionForm({ section, made, change }: Props) {
  const kind = KINDS[section.kind];
  const set = <K extends keyof SectionSpec>(name: K, value: SectionSpec[K]) =>
    change({ [name]: value }, name);
  return (
    <div className="space-y-2.5 pb-3">
      <p className="hint">{kind.about}</p>
      <NumberField
        label={capital(kind.count.of)}
        value={section.count}
        min={1}
        max={kind.count.max}
        onChange={(v) => set('count', v)}
      />
      <OptionFields
        table={kind.options}
        options={section.options}
        change={(name, value) =>
          change({ options: { ...section.options, [name]: value } }, `option ${name}`)
        }
      />
      {kind.asksNotes ? <NoteWishes section={section} set={set} /> : null}
      <label className="field">
        Instructions <span className="hint">empty: as printed below</span>
        <textarea
          className="input h-16 text-sm!"
          value={section.instructions ?? ''}
          placeholder={made?.instructions}
          onChange={(e) => set('instructions', e.target.value || null)}
        />
      </label>
      {kind.asksNotes ? (
        <div className="grid grid-cols-2 gap-2">
          <label className="field">
            Most on a line
            <input
              className="input"
              type="number"
              min={SHEET_LIMITS.perLine.min}
              max={SHEET_LIMITS.perLine.max}
              value={section.perLine ?? ''}
              placeholder="fits"
              onChange={(e) => set('perLine', e.target.value ? Number(e.target.value) : null)}
            />
          </label>
          <SelectField
            label="Key signature"
            value={section.key === null ? '' : String(section.key)}
            onChange={(v) => set('key', v === '' ? null : (Number(v) as KeySignature))}
          >
            <option value="">The sheet’s</option>
            <KeyOptions />
          </SelectField>
        </div>
      ) : null}
    </div>
  );
}

interface WishProps {
  section: SectionSpec;
  set: <K extends keyof SectionSpec>(name: K, value: SectionSpec[K]) => void;
}

function NoteWishes({ section, set }: WishProps) {
  return (
    <>
      <SelectField label="Order" value={section.order} onChange={(v) => set('order', v)}>
        <Choices names={ORDER_NAMES} />
      </SelectField>
      <div className="grid grid-cols-2 gap-2">
        <SelectField label="Clefs" value={section.clefs} onChange={(v) => set('clefs', v)}>
          <option value="blocks">In blocks</option>
          <option value="mixed">Mixed</option>
        </SelectField>
        <NumberField
          label="Ledger lines"
          value={section.ledgers}
          min={SHEET_LIMITS.ledgers.min}
          max={SHEET_LIMITS.ledgers.max}
          onChange={(v) => set('ledgers', v)}
        />
      </div>
      <CheckField
        label="More of the weak notes"
        checked={section.weakFirst}
        onChange={(v) => set('weakFirst', v)}
      />
    </>
  );
}

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
