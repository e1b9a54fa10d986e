import type { StudentView } from '../../contract/views';
import { openKey } from '../pictures';
import type { StudentRow } from '../stores/students';

/** A student as their teacher sees them. */
export function studentView({
  id,
  name,
  instrument,
  secondInstrument,
  leftHanded,
  method,
  lockedUntil,
  pictures,
}: StudentRow): StudentView {
  return {
    id,
    name,
    instrument,
    secondInstrument,
    leftHanded,
    method,
    lockedUntil,
    pictures: openKey(pictures),
  };
}
