import { INSTRUMENTS } from '../../core/instruments';
import { METHODS } from '../../core/methods';
import { KEY_SIGNATURES, keyName } from '../../core/notation';

/** Options of a list of methods. */
export function MethodOptions() {
  return Object.values(METHODS).map((m) => (
    <option key={m.id} value={m.id}>
      {m.name}
    </option>
  ));
}

/** Options of a list of instruments. */
export function InstrumentOptions() {
  return Object.values(INSTRUMENTS).map((i) => (
    <option key={i.id} value={i.id}>
      {i.name}
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
