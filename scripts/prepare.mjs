/**
 * Brings a checkout to the point where it can be served: packages installed, application
 * built. Uses Node's own modules only, because nothing may be installed yet. Each step is
 * skipped when nothing that it depends on has changed.
 */
import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const ROOT = dirname(dirname(fileURLToPath(import.meta.url)));
const CACHE = join(ROOT, '.cache');
const SOURCES = ['src', 'public', 'astro.config.mjs', 'package-lock.json', 'tsconfig.json'];

/** Runs a command in the project's folder; ends the process with a line when it fails. */
export function run(command, args, options = {}) {
  const result = spawnSync(command, args, { cwd: ROOT, stdio: 'inherit', ...options });
  if (result.status !== 0) {
    console.error(`\n${[command, ...args].join(' ')} failed. What stands above says why.`);
    process.exit(result.status ?? 1);
  }
}

function files(path) {
  if (!statSync(path).isDirectory()) return [path];
  return readdirSync(path)
    .sort()
    .flatMap((name) => files(join(path, name)));
}

function hashOf(paths) {
  const hash = createHash('sha256').update(process.version);
  for (const path of paths.map((p) => join(ROOT, p)).filter(existsSync)) {
    for (const file of files(path)) hash.update(file).update(readFileSync(file));
  }
  return hash.digest('hex');
}

/** Runs a step unless its stamp says that it was done for the same inputs. */
function once(name, inputs, result, step) {
  const stamp = join(CACHE, `${name}.stamp`);
  const hash = hashOf(inputs);
  const done = existsSync(stamp) && readFileSync(stamp, 'utf8') === hash;
  if (done && existsSync(join(ROOT, result))) return;
  step();
  mkdirSync(CACHE, { recursive: true });
  writeFileSync(stamp, hash);
}

/** Installs the packages of package-lock.json. */
export function install() {
  once('install', ['package-lock.json'], 'node_modules/astro', () => {
    console.log('Installing packages. The first time takes a few minutes.');
    run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error']);
  });
}

/** Builds the application. */
export function build() {
  once('build', SOURCES, 'dist/server/entry.mjs', () => {
    console.log('Building.');
    run('npx', ['astro', 'build', '--silent']);
    run('node', ['scripts/compress.mjs']);
  });
}
