import { sheetInput } from '@/contract/sheets';
import { endpoint } from '@/server/endpoint';
import { makeSheet } from '@/server/services/sheets';
import { getGroup } from '@/server/stores/groups';

export const POST = endpoint({
  who: 'teacher',
  input: sheetInput,
  handle({ actor, input, now }) {
    const { groupId, versions, seed, ...asked } = input;
    const group = getGroup(actor.id, groupId);
    const { naming, terms } = group;
    const spec = { ...asked, version: 1, kind: 'name-notes', naming, terms } as const;
    const { sheet, copies } = makeSheet(actor.id, group, spec, { versions, seed }, now);
    return { code: sheet.code, copies: copies.length };
  },
});
