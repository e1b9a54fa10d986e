import type { ReactNode } from 'react';

interface NumberProps {
  label: string;
  value: number;
  min: number;
  max: number;
  step?: number;
  onChange: (value: number) => void;
}

/** A number with its label. Left empty it is not a number: whoever uses it says what would be right. */
export function NumberField({ label, value, min, max, step = 1, onChange }: NumberProps) {
  return (
    <label className="field">
      {label}
      <input
        className="input"
        type="number"
        min={min}
        max={max}
        step={step}
        value={Number.isFinite(value) ? value : ''}
        onChange={(e) => onChange(e.target.value === '' ? Number.NaN : Number(e.target.value))}
      />
    </label>
  );
}

interface CheckProps {
  label: string;
  checked: boolean;
  onChange: (checked: boolean) => void;
}

/** A box to tick, with its label behind it. */
export function CheckField({ label, checked, onChange }: CheckProps) {
  return (
    <label className="flex min-h-7 items-center gap-2 text-sm">
      <input
        type="checkbox"
        className="size-4.5"
        checked={checked}
        onChange={(e) => onChange(e.target.checked)}
      />
      {label}
    </label>
  );
}

interface SelectProps<T extends string> {
  label: string;
  value: T;
  onChange: (value: T) => void;
  children: ReactNode;
}

/** A choice of a list, with its label. */
export function SelectField<T extends string>({
  label,
  value,
  onChange,
  children,
}: SelectProps<T>) {
  return (
    <label className="field">
      {label}
      <select className="input" value={value} onChange={(e) => onChange(e.target.value as T)}>
        {children}
      </select>
    </label>
  );
}

/** Options of a choice, by identifier with their names. */
export function Choices({ names }: { names: Readonly<Record<string, string>> }) {
  return Object.entries(names).map(([id, name]) => (
    <option key={id} value={id}>
      {name}
    </option>
  ));
}
