import { sheetInput } from '@/contract/sheets';
import { endpoint } from '@/server/endpoint';
import { makeSheet } from '@/server/services/sheets';
import { getGroup } from '@/server/stores/groups';

/** Makes a sheet; `notices` says what some copies could not be given. */
export const POST = endpoint({
  who: 'teacher',
  input: sheetInput,
  handle({ actor, input, now }) {
    const { groupId, versions, seed, ...asked } = input;
    const group = getGroup(actor.id, groupId);
    const { naming, terms } = group;
    const spec = { ...asked, version: 2, naming, terms } as const;
    const { sheet, copies, notices } = makeSheet(actor.id, group, spec, { versions, seed }, now);
    return { code: sheet.code, copies: copies.length, notices };
  },
});
