/**
 * The address under which the browser reached us: PUBLIC_URL when the application stands
 * behind another server, else by the Host header (Astro itself puts localhost there).
 */
export function originOf(request: Request): string {
  if (process.env.PUBLIC_URL) return new URL(process.env.PUBLIC_URL).origin;
  const { protocol, host } = new URL(request.url);
  return `${protocol}//${request.headers.get('host') ?? host}`;
}
