import type { SheetResultView } from '@/contract/views';
import { endpoint } from '@/server/endpoint';
import { resultsOf } from '@/server/services/sheet-results';
import { getSheet } from '@/server/stores/sheets';
import { listStudents } from '@/server/stores/students';

/** What each marked copy came to, with its likely misreadings. */
export const GET = endpoint({
  who: 'teacher',
  handle({ actor, params }): SheetResultView[] {
    const stored = getSheet(actor.id, params.code!);
    const results = resultsOf(stored, listStudents(actor.id, stored.group.id));
    return results.map(({ asked: _, ...result }) => result);
  },
});
