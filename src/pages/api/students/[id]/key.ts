import { endpoint } from '@/server/endpoint';
import { studentView } from '@/server/services/students';
import { resetKey } from '@/server/stores/students';

/** Gives a student a new key and lifts a lock. */
export const POST = endpoint({
  who: 'teacher',
  handle: ({ actor, params }) => studentView(resetKey(actor.id, params.id!)),
});
