import {
  CARD_COUNTS,
  CARD_PART_NAMES,
  CARD_PARTS,
  CARD_SET_NAMES,
  type CardBacks,
  type CardCount,
  type CardPart,
  type CardSettings,
  MOST_OFFSET,
  SET_COLOURS,
} from '../../core/cards';
import { INSTRUMENTS } from '../../core/instruments';
import type { Fade } from '../../core/sayings';
import { CheckField, Choices, NumberField, SelectField } from '../../ui/fields';
import { FadeOptions } from '../../ui/options';

const FRONT_NAMES = {
  note: 'The note',
  name: 'The name',
  place: 'The place on the instrument',
} as const;
const BACKS_NAMES: Readonly<Record<CardBacks, string>> = {
  long: 'Both sides, long edge',
  short: 'Both sides, short edge',
  fold: 'One side, to fold over',
};

interface Props {
  settings: CardSettings;
  set: <K extends keyof CardSettings>(name: K, value: CardSettings[K]) => void;
}

/** What stands on the two sides. */
export function SidesForm({ settings, set }: Props) {
  const notes = settings.set === 'notes';
  const back = (part: CardPart, on: boolean) =>
    set(
      'back',
      CARD_PARTS.filter((p) => (p === part ? on : settings.back.includes(p))),
    );
  return (
    <>
      <SelectField label="Cards of" value={settings.set} onChange={(v) => set('set', v)}>
        <Choices names={CARD_SET_NAMES} />
      </SelectField>
      {notes ? (
        <>
          <SelectField label="Front" value={settings.front} onChange={(v) => set('front', v)}>
            <Choices names={FRONT_NAMES} />
          </SelectField>
          <fieldset>
            <legend className="field">Back</legend>
            {CARD_PARTS.filter((p) => p !== settings.front).map((part) => (
              <CheckField
                key={part}
                label={CARD_PART_NAMES[part]}
                checked={settings.back.includes(part)}
                onChange={(on) => back(part, on)}
              />
            ))}
          </fieldset>
          <SelectField
            label="Of the saying"
            value={settings.fade}
            onChange={(v) => set('fade', v as Fade)}
          >
            <FadeOptions />
          </SelectField>
        </>
      ) : null}
      {notes || settings.set === 'line-space' ? (
        <SelectField label="Heads" value={settings.head} onChange={(v) => set('head', v)}>
          <option value="whole">Whole notes</option>
          <option value="quarter">Filled, with stems</option>
        </SelectField>
      ) : null}
      {notes ? (
        <CheckField
          label="With the group’s key signature"
          checked={settings.signature}
          onChange={(v) => set('signature', v)}
        />
      ) : null}
      <CheckField
        label="A helper’s card"
        checked={settings.helper}
        onChange={(v) => set('helper', v)}
      />
    </>
  );
}

/** Size, how backs come behind fronts, and how sets are told apart. */
export function PrintForm({ settings, set, paper }: Props & { paper: string }) {
  return (
    <>
      <SelectField label="Printed on" value={settings.backs} onChange={(v) => set('backs', v)}>
        <Choices names={BACKS_NAMES} />
      </SelectField>
      <div className="grid grid-cols-2 gap-2">
        <SelectField
          label="On a page"
          value={String(settings.perPage)}
          onChange={(v) => set('perPage', Number(v) as CardCount)}
        >
          {CARD_COUNTS.map((n) => (
            <option key={n} value={n}>
              {n}
            </option>
          ))}
        </SelectField>
        {settings.backs === 'fold' ? null : (
          <>
            <NumberField
              label="Move right, mm"
              value={settings.right}
              min={-MOST_OFFSET}
              max={MOST_OFFSET}
              step={0.5}
              onChange={(v) => set('right', v)}
            />
            <NumberField
              label="Move down, mm"
              value={settings.down}
              min={-MOST_OFFSET}
              max={MOST_OFFSET}
              step={0.5}
              onChange={(v) => set('down', v)}
            />
          </>
        )}
        <label className="field">
          Name of the set
          <input
            className="input"
            value={settings.label}
            maxLength={30}
            onChange={(e) => set('label', e.target.value)}
          />
        </label>
        <SelectField label="Its colour" value={settings.colour} onChange={(v) => set('colour', v)}>
          {SET_COLOURS.map((id) => (
            <option key={id}>{id}</option>
          ))}
        </SelectField>
      </div>
      <CheckField
        label="Marks where to cut"
        checked={settings.marks}
        onChange={(v) => set('marks', v)}
      />
      {settings.backs === 'fold' ? null : (
        <p className="hint">
          Which edge, and is the printer out?{' '}
          <a href={`/api/card-test.pdf?paper=${paper}`} target="_blank" rel="noreferrer">
            Print the test page
          </a>
          .
        </p>
      )}
    </>
  );
}

/** Cautions that belong to an instrument, for its cards. */
export function Cautions({ instrument }: { instrument: keyof typeof INSTRUMENTS }) {
  const { cautions } = INSTRUMENTS[instrument];
  return cautions.length > 0 ? (
    <p className="hint">With the instrument: {cautions.join(' ')}</p>
  ) : null;
}
