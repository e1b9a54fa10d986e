import type { KindId } from './kind-ids';
import { KINDS } from './kinds';
import type { RawOptions } from './options';
import type { SectionSpec } from './spec';

/** A section of a kind as it starts, with what differs from that. `id` must differ from the sheet's other sections. */
export function newSection(
  kind: KindId,
  id: string,
  { options = {}, ...rest }: Partial<Omit<SectionSpec, 'kind' | 'id'>> = {},
): SectionSpec {
  const table = KINDS[kind].options;
  const start: RawOptions = Object.fromEntries(Object.entries(table).map(([k, f]) => [k, f.start]));
  return {
    id,
    kind,
    options: { ...start, ...options },
    instructions: null,
    perLine: null,
    key: null,
    count: KINDS[kind].count.start,
    clefs: 'blocks',
    order: 'any',
    weakFirst: false,
    ledgers: 2,
    ...rest,
  };
}
