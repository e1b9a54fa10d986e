/** `npm start`: real use, on a database of its own in DATA_DIR (default: data). */
import { build, install, ROOT } from './prepare.mjs';

process.chdir(ROOT);
process.env.DATA_DIR ??= 'data/room';
install();
build();
const { serve } = await import('./serve.mjs');
console.log(`\nLucid Staff\n  ${await serve()}\n`);
