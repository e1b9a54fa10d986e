import type { APIRoute } from 'astro';
import { auth, CLIENT_HEADER } from '@/server/auth';

/** The sign-in library answers itself; it only learns the caller's real address from us. */
export const ALL: APIRoute = ({ request, clientAddress }) => {
  const headers = new Headers(request.headers);
  headers.set(CLIENT_HEADER, clientAddress);
  return auth().handler(new Request(request, { headers }));
};
