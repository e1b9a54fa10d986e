import { expect, test } from '@playwright/test';
import { hydrated, wren } from './people';

const queued = (page: import('@playwright/test').Page) =>
  page.evaluate(() => {
    const key = Object.keys(localStorage).find((k) => k.startsWith('lucid-answers'));
    return key ? (JSON.parse(localStorage.getItem(key)!) as unknown[]).length : 0;
  });

/** Five answers, whatever they are; none may reach the server. */
async function answerFive(page: import('@playwright/test').Page) {
  for (let i = 1; i <= 5; i++) {
    await page.keyboard.press('g');
    await expect.poll(() => queued(page)).toBe(i);
    const next = page.getByRole('button', { name: 'Next note' });
    if (await next.isVisible()) await next.click();
    await expect(page.getByRole('button', { name: 'Hint' })).toBeVisible();
  }
}

test('a lost connection loses nothing: answers wait and are sent once', async ({
  page,
  context,
}) => {
  await wren(page);
  await page.getByRole('button', { name: 'Begin' }).click();
  await context.setOffline(true);
  await answerFive(page);
  await expect(page.getByText('No connection. Go on')).toBeVisible();
  expect(await queued(page)).toBe(5);
  // A page closed without a connection still has them when it is opened again.
  const sent: string[] = [];
  page.on('request', (r) => {
    if (r.url().endsWith('/api/student/answers')) {
      for (const a of (r.postDataJSON() as { answers: { id: string }[] }).answers) sent.push(a.id);
    }
  });
  await context.setOffline(false);
  await page.reload();
  await expect.poll(() => queued(page)).toBe(0);
  expect(new Set(sent).size).toBe(5);
});

test('an ended session in the middle of practice keeps the answers until the student enters again', async ({
  page,
  context,
}) => {
  await wren(page);
  await page.getByRole('button', { name: 'Begin' }).click();
  await context.clearCookies();
  await answerFive(page);
  await expect(page.getByText(/You are signed out/)).toBeVisible();
  expect(await queued(page)).toBe(5);
  await page.getByRole('link', { name: 'Enter again' }).click();
  await hydrated(page);
  await expect(page.getByText('Answers on this device are kept')).toBeVisible();
  await wren(page);
  await expect.poll(() => queued(page)).toBe(0);
});
