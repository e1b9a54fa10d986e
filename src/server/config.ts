import { randomBytes } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join, resolve } from 'node:path';

/** Where the database and the installation's secret live. Set by DATA_DIR. */
export function dataDir(): string {
  const dir = resolve(process.env.DATA_DIR ?? 'data');
  mkdirSync(dir, { recursive: true });
  return dir;
}

let cached: string | undefined;

/** The installation's secret, made at the first start and kept beside the database. */
export function secret(): string {
  if (cached) return cached;
  const file = join(dataDir(), 'secret');
  if (!existsSync(file)) writeFileSync(file, randomBytes(32).toString('hex'), { mode: 0o600 });
  cached = readFileSync(file, 'utf8').trim();
  return cached;
}
