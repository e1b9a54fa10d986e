import { spawnSync } from 'node:child_process';
import { expect, test } from '@playwright/test';
import { DEMO } from '../../playwright.config';
import { open, teacher } from './people';

/** The weaknesses planted in the demo, as a visitor finds them. */
const PLANTED: [group: string, name: string, text: RegExp][] = [
  ['Monday keys', 'Juno', /clef mixed up/],
  ['Monday keys', 'Otis', /counts from the top/],
  ['Monday keys', 'Pia', /counts instead of recalling/],
  ['Boathouse strings', 'Tilda', /key signature forgotten/],
  ['Reeds and brass', 'Kit', /no practice for 15 days/],
];

test('Today names who is stuck on what', async ({ page }) => {
  await teacher(page);
  for (const [group, name, text] of PLANTED) {
    const section = page.locator('section', { has: page.getByRole('heading', { name: group }) });
    await expect(section.locator('li', { hasText: name })).toContainText(text);
  }
  const steady = page.locator('section', {
    has: page.getByRole('heading', { name: 'Monday keys' }),
  });
  await expect(steady.locator('li', { hasText: 'Wren' })).toHaveCount(0);
});

test('Progress shows the reason, the answers behind it and what helps', async ({ page }) => {
  await teacher(page);
  await open(page, 'progress', 'Boathouse strings');
  await page.getByLabel('Student').selectOption({ label: 'Tilda' });
  await expect(page.getByRole('heading', { name: /Key signature forgotten/ })).toBeVisible();
  await expect(page.getByText('Name the signature first')).toBeVisible();
  await page.getByText('Answers behind it').click();
  await expect(page.getByText(/[FC]♯ named [FC] /).first()).toBeVisible();
  await page.getByText('All explanations weighed').click();
  await expect(page.getByText(/Guessing: under 1 %/)).toBeVisible();
});

test('a group’s settings are kept', async ({ page }) => {
  await teacher(page);
  await open(page, 'groups', 'Guitar, alone');
  const hint = page.getByLabel('A hint says of a saying');
  await hint.selectOption('first letters');
  await expect(page.getByText('Saved.')).toBeVisible();
  await page.reload();
  await expect(hint).toHaveValue('letters');
  await expect(page.getByRole('main').getByRole('link', { name: 'Sayings' })).toBeVisible();
});

test('a busy port ends with one line that says how to choose another', () => {
  const port = new URL(DEMO).port;
  const { status, stderr } = spawnSync('node', ['scripts/demo.mjs'], {
    env: { ...process.env, PORT: port, DATA_DIR: '.cache/e2e-demo' },
    encoding: 'utf8',
  });
  expect(status).toBe(1);
  expect(stderr.trim()).toBe(
    `Port ${port} is in use. Choose another, for example: PORT=${Number(port) + 1} npm run demo`,
  );
});
