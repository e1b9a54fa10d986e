import { FAMILIES, FAMILY_NAMES, INSTRUMENTS, type InstrumentId } from '../core/instruments';
import { METHODS } from '../core/methods';
import { KEY_SIGNATURES, keyName } from '../core/notation';
import { FADE_NAMES, FADES } from '../core/sayings';

/** Options of a list of methods. */
export function MethodOptions() {
  return Object.values(METHODS).map((m) => (
    <option key={m.id} value={m.id}>
      {m.name}
    </option>
  ));
}

/** Options of a list of instruments, by family. */
export function InstrumentOptions({ without }: { without?: readonly InstrumentId[] }) {
  return FAMILIES.map(({ family, ids }) => (
    <optgroup key={family} label={FAMILY_NAMES[family]}>
      {ids
        .filter((id) => !without?.includes(id))
        .map((id) => (
          <option key={id} value={id}>
            {INSTRUMENTS[id].name}
          </option>
        ))}
    </optgroup>
  ));
}

/** Options of how much of a saying is shown. */
export function FadeOptions() {
  return FADES.map((f) => (
    <option key={f} value={f}>
      {FADE_NAMES[f]}
    </option>
  ));
}

/** Options of a list of key signatures, by their major keys. */
export function KeyOptions() {
  return KEY_SIGNATURES.map((k) => {
    const count = Math.abs(k);
    const sign = k > 0 ? 'sharp' : 'flat';
    const text = k === 0 ? 'none' : `${count} ${sign}${count === 1 ? '' : 's'}`;
    return (
      <option key={k} value={k}>
        {text} ({keyName(k)})
      </option>
    );
  });
}
