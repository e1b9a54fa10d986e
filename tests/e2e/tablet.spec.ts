import { expect, test } from '@playwright/test';
import { DEMO } from '../../playwright.config';
import { BROWSER } from '../../scripts/browser.mjs';
import { hydrated } from './people';

/** A tablet reaches the room by the name of another machine, over plain HTTP: no secure context. */
test.use({
  launchOptions: {
    ...BROWSER,
    args: [...(BROWSER.args ?? []), '--host-resolver-rules=MAP room.test 127.0.0.1'],
  },
  baseURL: DEMO.replace('127.0.0.1', 'room.test'),
});

test('a student practises on a tablet without a secure connection', async ({ page }) => {
  const problems: string[] = [];
  page.on('pageerror', (e) => problems.push(e.message));
  await page.goto('/enter?code=KEYS42');
  expect(await page.evaluate(() => window.isSecureContext)).toBe(false);
  await hydrated(page);
  await page.getByLabel('Your name').fill('Wren');
  for (const picture of ['anchor', 'fish', 'moon']) {
    await page.getByRole('button', { name: picture, exact: true }).click();
  }
  await page.getByRole('button', { name: 'Enter', exact: true }).click();
  await page.waitForURL('**/practise');
  await hydrated(page);
  await page.getByRole('button', { name: 'Begin' }).click();
  await page.locator('[data-note]').waitFor();
  await page.keyboard.press('a');
  await expect(page.getByText(/Note 2 of 20|You said A/)).toBeVisible();
  await page.goto('/hold-up');
  await hydrated(page);
  await page.getByRole('button', { name: 'Begin' }).click();
  await page.getByRole('button', { name: 'Right', exact: true }).click();
  await expect(page.getByText('Note 2 of 15')).toBeVisible();
  expect(problems).toEqual([]);
});
