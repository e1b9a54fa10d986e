import type { OptionField, OptionTable, RawOptions } from '../../core/sheets';
import { CheckField, Choices, NumberField, SelectField } from '../../ui/fields';

interface Props {
  table: OptionTable;
  options: RawOptions;
  change: (name: string, value: string | number | boolean) => void;
}

/** The settings that an exercise kind has of its own. */
export function OptionFields({ table, options, change }: Props) {
  return Object.entries(table).map(([name, field]) => (
    <OneField
      key={name}
      field={field}
      value={options[name] ?? field.start}
      change={(value) => change(name, value)}
    />
  ));
}

interface OneProps {
  field: OptionField;
  value: string | number | boolean;
  change: (value: string | number | boolean) => void;
}

function OneField({ field, value, change }: OneProps) {
  const { label } = field;
  switch (field.type) {
    case 'flag':
      return <CheckField label={label} checked={value === true} onChange={change} />;
    case 'number': {
      const { min, max, step = 1 } = field;
      return (
        <NumberField
          label={label}
          value={Number(value)}
          {...{ min, max, step }}
          onChange={change}
        />
      );
    }
    case 'choice':
      return (
        <SelectField label={label} value={String(value)} onChange={change}>
          <Choices names={Object.fromEntries(field.values)} />
        </SelectField>
      );
  }
}
