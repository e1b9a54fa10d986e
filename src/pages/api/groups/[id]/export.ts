import { endpoint } from '@/server/endpoint';
import { exportGroup } from '@/server/services/export';

/** Everything stored about a group's students, as JSON to keep or to hand over. */
export const GET = endpoint({
  who: 'teacher',
  handle({ actor, params, now }) {
    const data = exportGroup(actor.id, params.id!, now);
    return new Response(JSON.stringify(data, null, 2), {
      headers: {
        'content-type': 'application/json',
        'content-disposition': 'attachment; filename="group.json"',
      },
    });
  },
});
