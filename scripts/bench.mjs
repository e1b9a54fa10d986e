/** `npm run bench`: builds, serves a demo of its own, and measures. */
import { spawn, spawnSync } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { build, install, ROOT } from './prepare.mjs';

process.chdir(ROOT);
install();
build();
const port = process.env.PORT ?? '4378';
const env = {
  ...process.env,
  PORT: port,
  DATA_DIR: mkdtempSync(join(tmpdir(), 'lucid-bench-demo-')),
};
const demo = spawn('node', ['scripts/demo.mjs'], { env, stdio: ['ignore', 'pipe', 'inherit'] });
await new Promise((resolve) =>
  demo.stdout.on('data', (text) => String(text).includes('Teacher:') && resolve()),
);
const { status } = spawnSync('npx', ['tsx', 'bench/run.ts'], {
  stdio: 'inherit',
  env: { ...process.env, BENCH_BASE: `http://127.0.0.1:${port}` },
});
demo.kill();
process.exit(status ?? 1);
