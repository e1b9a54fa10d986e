/** One setting of an exercise kind, as its form shows it and as a request is checked by it. */
export type OptionField =
  | {
      readonly type: 'choice';
      readonly label: string;
      /** Value and what it is called. */
      readonly values: readonly (readonly [string, string])[];
      readonly start: string;
    }
  | {
      readonly type: 'number';
      readonly label: string;
      readonly min: number;
      readonly max: number;
      readonly step?: number;
      readonly start: number;
    }
  | { readonly type: 'flag'; readonly label: string; readonly start: boolean };

export type OptionTable = Readonly<Record<string, OptionField>>;

/** Options as stored and sent: a kind's own names with plain values. */
export type RawOptions = Readonly<Record<string, string | number | boolean>>;

/** The values that a table of fields stands for. */
export type OptionsOf<T extends OptionTable> = {
  readonly [K in keyof T]: T[K] extends { readonly type: 'choice' }
    ? T[K]['values'][number][0]
    : T[K] extends { readonly type: 'number' }
      ? number
      : boolean;
};

export type ReadOptions =
  | { readonly ok: true; readonly options: RawOptions }
  | { readonly ok: false; readonly reason: string };

/** Checks options against their table; those left out get the value they start with, unknown ones are dropped. */
export function readOptions(table: OptionTable, raw: RawOptions): ReadOptions {
  const options: Record<string, string | number | boolean> = {};
  for (const [name, field] of Object.entries(table)) {
    const value = raw[name] ?? field.start;
    const problem = problemOf(field, value);
    if (problem) return { ok: false, reason: problem };
    options[name] = value;
  }
  return { ok: true, options };
}

function problemOf(field: OptionField, value: string | number | boolean): string | null {
  if (field.type === 'flag') {
    return typeof value === 'boolean' ? null : `${field.label}: choose yes or no.`;
  }
  if (field.type === 'choice') {
    if (field.values.some(([v]) => v === value)) return null;
    return `${field.label}: choose ${field.values.map(([, name]) => name).join(', ')}.`;
  }
  const { min, max, label } = field;
  if (typeof value === 'number' && value >= min && value <= max) return null;
  return `${label}: a number from ${min} to ${max}.`;
}
