import { setupInput } from '@/contract/accounts';
import { endpoint } from '@/server/endpoint';
import { setUp } from '@/server/setup';

export const POST = endpoint({
  who: 'anyone',
  input: setupInput,
  handle: ({ input, context }) => setUp(input, context.clientAddress),
});
