/** Serves the built application. HOST, PORT and DATA_DIR are read from the environment. */
import { createServer } from 'node:http';
import sirv from 'sirv';

/**
 * Starts the server. Ends the process with one line when the port is taken.
 * @returns the address it listens on
 */
export async function serve() {
  const host = process.env.HOST ?? '127.0.0.1';
  const port = Number(process.env.PORT ?? 4321);
  if (!Number.isInteger(port) || port < 1 || port > 65535) {
    console.error(`PORT=${process.env.PORT} is not a port: use a number from 1 to 65535.`);
    process.exit(1);
  }
  process.env.ASTRO_NODE_AUTOSTART = 'disabled';
  const { handler } = await import(new URL('../dist/server/entry.mjs', import.meta.url).href);
  const assets = sirv('dist/client', { gzip: true, brotli: true, setHeaders: cacheForEver });
  const server = createServer((request, response) => {
    assets(request, response, () => handler(request, response));
  });
  await new Promise((resolve) => {
    server.once('error', (error) => {
      const taken = error.code === 'EADDRINUSE';
      console.error(
        taken
          ? `Port ${port} is in use. Choose another, for example: PORT=${port + 1} npm run demo`
          : `The server could not start on ${host}:${port}: ${error.message}`,
      );
      process.exit(1);
    });
    server.listen(port, host, resolve);
  });
  const shown = host.includes(':') ? `[${host}]` : host;
  return `http://${shown}:${port}`;
}

/** Built files carry a hash in their name, so a browser may keep them. */
function cacheForEver(response, path) {
  const hashed = path.startsWith('/_astro/');
  response.setHeader(
    'cache-control',
    hashed ? 'public, max-age=31536000, immutable' : 'public, max-age=3600',
  );
  response.setHeader('x-content-type-options', 'nosniff');
}
