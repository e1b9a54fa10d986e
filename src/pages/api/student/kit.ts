import { endpoint } from '@/server/endpoint';
import { practiceKit } from '@/server/services/practice';

/** What a student's device needs for its next rounds. */
export const GET = endpoint({ who: 'student', handle: ({ actor }) => practiceKit(actor) });
