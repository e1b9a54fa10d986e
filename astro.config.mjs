import { fileURLToPath } from 'node:url';
import node from '@astrojs/node';
import react from '@astrojs/react';
import tailwindcss from '@tailwindcss/vite';
import { defineConfig } from 'astro/config';

export default defineConfig({
  output: 'server',
  adapter: node({ mode: 'middleware' }),
  integrations: [react()],
  devToolbar: { enabled: false },
  // The endpoint wrapper checks where a request comes from, for JSON too.
  security: { checkOrigin: false },
  experimental: { csp: true },
  build: { inlineStylesheets: 'never' },
  vite: {
    plugins: [tailwindcss()],
    resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
    ssr: { external: ['better-sqlite3', 'pdfkit'] },
  },
});
