/** `npm run demo`: the application with the demo's data. `-- --reset` makes the data anew. */
import { existsSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { build, install, ROOT, run } from './prepare.mjs';

process.chdir(ROOT);
const data = resolve(process.env.DATA_DIR ?? 'data/demo');
process.env.DATA_DIR = data;
const marker = join(data, 'demo.json');

install();
build();
if (process.argv.includes('--reset')) rmSync(data, { recursive: true, force: true });
if (!existsSync(marker)) {
  if (existsSync(join(data, 'lucid-staff.db'))) {
    console.error(`${data} holds data that is not the demo's. Set DATA_DIR to another folder.`);
    process.exit(1);
  }
  console.log('Filling the demo: six weeks of practice.');
  run('npx', ['tsx', 'scripts/seed-demo.ts']);
  writeFileSync(marker, JSON.stringify({ made: Date.now() }));
}
const { made } = JSON.parse(readFileSync(marker, 'utf8'));
const { serve } = await import('./serve.mjs');
const address = await serve();
const days = Math.floor((Date.now() - made) / 86_400_000);
console.log(`
Lucid Staff, demo: the Saltmarsh Music Room
  ${address}
  Teacher: teacher@saltmarsh.example, password lantern-evening
  Student: ${address}/enter?code=KEYS42, name Wren, pictures anchor, fish, moon
${days > 0 ? `\nThe demo's dates end ${days} day${days === 1 ? '' : 's'} ago. npm run demo -- --reset makes it anew.\n` : ''}`);
