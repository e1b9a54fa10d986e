/**
 * `npm test`: installs what it needs and runs every check in turn, the quick ones first.
 * Ends with one line that counts the unit and end-to-end tests.
 */
import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { BROWSER } from './browser.mjs';
import { build, install, ROOT } from './prepare.mjs';

process.chdir(ROOT);
mkdirSync('.cache', { recursive: true });
const failures = [];

function check(name, command, args) {
  console.log(`\n── ${name}`);
  const { status } = spawnSync(command, args, {
    stdio: 'inherit',
    env: { ...process.env, ASTRO_TELEMETRY_DISABLED: '1' },
  });
  if (status !== 0) failures.push(name);
}

/** Debian's Chromium; where it may not be installed, a line that says what is missing. */
function needChromium() {
  if (existsSync(BROWSER.executablePath)) return;
  console.log('Installing Chromium.');
  const quiet = { stdio: ['ignore', 'ignore', 'inherit'] };
  spawnSync('apt-get', ['update', '-qq'], quiet);
  spawnSync('apt-get', ['install', '-y', '-qq', 'chromium'], quiet);
  if (!existsSync(BROWSER.executablePath)) {
    console.error(
      'The end-to-end tests need Chromium. Install it, for example with: sudo apt-get install chromium\nor set CHROMIUM to its path.',
    );
    process.exit(1);
  }
}

/** Counts of a Vitest or Playwright report. */
function count(file, read) {
  if (!existsSync(file)) return { passed: 0, failed: 1 };
  return read(JSON.parse(readFileSync(file, 'utf8')));
}

install();
needChromium();
for (const file of ['.cache/unit.json', '.cache/e2e.json']) rmSync(file, { force: true });
check('format and lint', 'npx', ['biome', 'ci', '--error-on-warnings', '.']);
check('types', 'npx', ['tsc', '--noEmit']);
check('types of pages', 'npx', ['astro', 'check', '--minimumFailingSeverity', 'warning']);
check('import rules', 'npx', ['depcruise', 'src', '--config', '.dependency-cruiser.cjs']);
check('dead code', 'npx', ['knip']);
check('unit tests', 'npx', [
  'vitest',
  'run',
  '--reporter=dot',
  '--reporter=json',
  '--outputFile.json=.cache/unit.json',
]);
build();
check('end-to-end tests', 'npx', ['playwright', 'test']);

const unit = count('.cache/unit.json', (r) => ({
  passed: r.numPassedTests,
  failed: r.numFailedTests,
}));
const e2e = count('.cache/e2e.json', ({ stats }) => ({
  passed: stats.expected + stats.flaky,
  failed: stats.unexpected,
}));
if (failures.length > 0) console.log(`\nNot passed: ${failures.join(', ')}`);
console.log(`\n${unit.passed + e2e.passed} passed, ${unit.failed + e2e.failed} failed`);
process.exit(failures.length > 0 ? 1 : 0);
