/** `npm run screenshots`: fills docs/screenshots from a fresh demo at 1280x800. Names as arguments take only those. */
import { spawn } from 'node:child_process';
import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { BROWSER } from './browser.mjs';
import { ROOT, run } from './prepare.mjs';

process.chdir(ROOT);
const OUT = process.env.OUT ?? 'docs/screenshots';
const PORT = process.env.PORT ?? '4377';
const BASE = process.env.BASE ?? `http://127.0.0.1:${PORT}`;
/** The notes of the sheets that are pictured. */
const SHEET_NOTES = 't0,t1,t2,t3,t4,t5,t6,t7,t8,b2,b3,b4,b6';
const wanted = process.argv.slice(2);

/** Starts a demo of its own unless BASE names one. */
async function startDemo() {
  if (process.env.BASE) return null;
  const env = { ...process.env, PORT, DATA_DIR: mkdtempSync(join(tmpdir(), 'lucid-shots-')) };
  const child = spawn('node', ['scripts/demo.mjs'], { env, stdio: ['ignore', 'pipe', 'inherit'] });
  await new Promise((resolve, reject) => {
    child.stdout.on('data', (text) => String(text).includes('Teacher:') && resolve());
    child.on('exit', () => reject(new Error('the demo did not start')));
  });
  return child;
}

const demo = await startDemo();
mkdirSync(OUT, { recursive: true });
const browser = await chromium.launch(BROWSER);
const size = { width: 1280, height: 800 };
const teacher = await (await browser.newContext({ viewport: size })).newPage();
const student = await (await browser.newContext({ viewport: size })).newPage();

async function shot(name, page, prepare) {
  if (wanted.length > 0 && !wanted.includes(name)) return;
  await prepare(page);
  await page.waitForLoadState('networkidle');
  await page.evaluate(() => document.fonts.ready);
  await page.screenshot({ path: join(OUT, `${name}.png`) });
  console.log(name);
}

/** The address of a view for a group by its name. */
async function open(page, view, group, query = '') {
  await page.goto(`${BASE}/today`);
  const id = await page.locator('header select option', { hasText: group }).getAttribute('value');
  await page.goto(`${BASE}/${view}?group=${id}${query}`);
  // Controls answer once their islands are awake.
  await page.waitForFunction(() => !document.querySelector('astro-island[ssr]'));
}

async function pdfPage(page, address, name, number) {
  if (wanted.length > 0 && !wanted.includes(name)) return;
  const pdf = await page.request.get(BASE + address);
  const file = join(mkdtempSync(join(tmpdir(), 'lucid-pdf-')), 'print.pdf');
  writeFileSync(file, await pdf.body());
  run('pdftoppm', [
    '-r',
    '80',
    '-png',
    '-f',
    String(number),
    '-l',
    String(number),
    '-singlefile',
    file,
    join(OUT, name),
  ]);
  console.log(name);
}

await teacher.goto(`${BASE}/sign-in`);
await teacher.getByLabel('E-mail').fill('teacher@saltmarsh.example');
await teacher.getByLabel('Password').fill('lantern-evening');
await teacher.getByRole('button', { name: 'Sign in' }).click();
await teacher.waitForURL('**/today');
await shot('today', teacher, (p) => p.goto(`${BASE}/today`));
await shot('groups', teacher, (p) => open(p, 'groups', 'Boathouse strings'));
await shot('ladder', teacher, async (p) => {
  await open(p, 'ladder', 'Boathouse strings', '&notes=t1,t3');
  await p.getByRole('button', { name: /treble space 2/ }).click();
});
await shot('sayings', teacher, async (p) => {
  await open(p, 'sayings', 'Monday keys');
  await p.getByRole('combobox', { name: /^For/ }).selectOption({ label: 'Mika, has own' });
  await p.getByRole('button', { name: 'Suggest' }).click();
});
await shot('instruments', teacher, (p) =>
  open(
    p,
    'instruments',
    'Reeds and brass',
    '&with=violin,clarinet,trumpet,guitar&note=C4&mode=sound',
  ),
);
await shot('sheets', teacher, async (p) => {
  await open(p, 'sheets', 'Monday keys', `&notes=${SHEET_NOTES}`);
  await p.getByLabel('Start from').selectOption('mixed');
  await p.getByRole('button', { name: /^Draw the note/ }).click();
});
await shot('cards', teacher, (p) => open(p, 'cards', 'Boathouse strings', '&notes=t0,t2,t3,t5,t8'));
await shot('marking', teacher, async (p) => {
  await open(p, 'marking', 'Monday keys');
  await p
    .getByRole('button', { name: /^[0-9A-Z]{6}$/ })
    .first()
    .click();
  // What a student wrote who is a third out in the bass, and left one out.
  const names = p.getByLabel(/^Name the notes/);
  await names.fill('*');
  const rows = await p
    .locator('form svg')
    .evaluateAll((all) =>
      all.map((svg) => [
        svg.getAttribute('aria-label').includes('bass'),
        [...svg.querySelectorAll('text[font-weight]')].map((t) => t.textContent),
      ]),
    );
  const out = (letter) => 'CDEFGAB'[('CDEFGAB'.indexOf(letter[0]) + 5) % 7];
  const written = rows.flatMap(([bass, letters]) => letters.map((l) => (bass ? out(l) : l)));
  await names.fill(
    written
      .map((l, i) => (i === 3 ? '-' : l))
      .join(' ')
      .toLowerCase(),
  );
  const lines = p.getByLabel(/^Line or space/);
  await lines.fill('*');
  const right = await p.locator('form ol b').allTextContents();
  await lines.fill(
    right
      .map((t) => t.split(' ')[0].toLowerCase())
      .slice(0, 6)
      .join(' '),
  );
});
await shot('progress', teacher, async (p) => {
  await open(p, 'progress', 'Monday keys');
  await p.getByLabel('Student').selectOption({ label: 'Juno' });
  await p.locator('.apexcharts-series').first().waitFor();
});
if (['print-sheet', 'print-key-way'].some((n) => wanted.length === 0 || wanted.includes(n))) {
  await open(teacher, 'sheets', 'Boathouse strings', `&notes=${SHEET_NOTES}`);
  await teacher.getByLabel('Start from').selectOption('mixed');
  await teacher.getByLabel('Exercise to add').selectOption('find-mistakes');
  await teacher.getByRole('button', { name: 'Add', exact: true }).click();
  const made = teacher.locator('section[aria-labelledby=made] li');
  const before = await made.count();
  await teacher.getByRole('button', { name: 'Make the sheet' }).click();
  await teacher.waitForFunction(
    (n) => document.querySelectorAll('section[aria-labelledby=made] li').length > n,
    before,
  );
  const code = await made.first().locator('a[href*="part=key"]').getAttribute('href');
  await pdfPage(teacher, code.replace('part=key', 'part=sheets'), 'print-sheet', 1);
  await pdfPage(teacher, code, 'print-key-way', 3);
}
const cards = await open(teacher, 'cards', 'Boathouse strings', '&notes=t0,t2,t3,t5,t8').then(() =>
  teacher.getByRole('link', { name: /^PDF for all/ }).getAttribute('href'),
);
await pdfPage(teacher, cards, 'print-card-backs', 2);
await pdfPage(teacher, '/api/charts.pdf?instrument=clarinet&set=first', 'print-chart', 1);
const posters = await open(teacher, 'sayings', 'Monday keys').then(() =>
  teacher.getByRole('link', { name: 'Wall poster' }).getAttribute('href'),
);
await pdfPage(teacher, posters, 'print-poster', 1);
// The key of another student, as the teacher sees it.
await open(teacher, 'groups', 'Boathouse strings');
const row = teacher.locator('tbody tr', { has: teacher.getByLabel('Name of Rafi') });
const rafi = (await row.locator('td').nth(3).textContent()).match(
  /anchor|apple|bell|bird|bike|cloud|fish|key|leaf|moon|star|sun/g,
);

await shot('enter', student, (p) => p.goto(`${BASE}/enter?code=KEYS42`));
async function enter(groupCode, name, pictures) {
  await student.goto(`${BASE}/enter?code=${groupCode}`);
  await student.getByLabel('Your name').fill(name);
  for (const picture of pictures)
    await student.getByRole('button', { name: picture, exact: true }).click();
  await student.getByRole('button', { name: 'Enter', exact: true }).click();
  await student.waitForURL('**/practise');
  await student.waitForLoadState('networkidle');
}
await enter('KEYS42', 'Wren', ['anchor', 'fish', 'moon']);
await student.getByRole('button', { name: 'Begin' }).click();
await shot('practise', student, async () => {});
await shot('practise-way', student, async (p) => {
  await p.getByRole('button', { name: 'Hint' }).waitFor();
  // Two letters: at most one of them can be right.
  for (const letter of ['a', 'b', 'c']) {
    if (await p.getByRole('button', { name: 'Next note' }).isVisible()) break;
    await p.keyboard.press(letter);
    await p.waitForTimeout(150);
  }
  await p.emulateMedia({ reducedMotion: 'reduce' });
  await p.waitForTimeout(6000);
});
await shot('hand', student, async (p) => {
  await p.goto(`${BASE}/hand`);
});
await enter('STRN42', 'Rafi', rafi);
await student.getByRole('radio', { name: /Find it/ }).check();
await student.getByRole('button', { name: 'Begin' }).click();
await shot('practise-find', student, async (p) => {
  await p.getByRole('button', { name: 'string C, 4 half steps up' }).click();
  await p.getByRole('button', { name: '4', exact: true }).click();
  await p.waitForTimeout(6000);
});
await browser.close();
demo?.kill();
