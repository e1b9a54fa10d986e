/** Writes a compressed twin of every script and style, which the server sends to browsers that take it. */
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { brotliCompressSync, gzipSync } from 'node:zlib';

const FOLDER = 'dist/client';
const names = readdirSync(FOLDER, { recursive: true }).map(String);
for (const name of names.filter((n) => /\.(js|css|svg)$/.test(n))) {
  const content = readFileSync(join(FOLDER, name));
  writeFileSync(join(FOLDER, `${name}.gz`), gzipSync(content, { level: 9 }));
  writeFileSync(join(FOLDER, `${name}.br`), brotliCompressSync(content));
}
