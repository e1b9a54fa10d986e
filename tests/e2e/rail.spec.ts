import { expect, test } from '@playwright/test';
import { open, teacher } from './people';

const pressed = (page: import('@playwright/test').Page) =>
  page.locator('aside button[aria-pressed=true]');

test.beforeEach(async ({ page }) => {
  await teacher(page);
  await open(page, 'sheets', 'Monday keys');
});

test('notes are chosen by click, drag, keyboard and preset, and stay in the address', async ({
  page,
}) => {
  await page.locator('#rung-t1').click();
  await expect(page).toHaveURL(/notes=t1$/);

  const from = (await page.locator('#rung-t4').boundingBox())!;
  const to = (await page.locator('#rung-t7').boundingBox())!;
  await page.mouse.move(from.x + 70, from.y + 12);
  await page.mouse.down();
  await page.mouse.move(to.x + 70, to.y + 12, { steps: 8 });
  await page.mouse.up();
  await expect(pressed(page)).toHaveCount(5);

  await page.locator('#rung-t1').focus();
  await page.keyboard.press('Space');
  await expect(pressed(page)).toHaveCount(4);
  await page.locator('#rung-t4').click();
  await page.keyboard.press('Shift+ArrowDown');
  await expect(page.locator('#rung-t3')).toHaveAttribute('aria-pressed', 'true');

  await page.getByLabel('Choose notes by a preset').selectOption('Bass spaces');
  await expect(pressed(page)).toHaveCount(4);
  await page.getByRole('link', { name: 'Cards' }).click();
  await expect(page).toHaveURL(/cards\?group=.*notes=b1,b3,b5,b7/);
  await expect(pressed(page)).toHaveCount(4);
  await page.reload();
  await expect(pressed(page)).toHaveCount(4);
});

test('middle C is there for each clef', async ({ page }) => {
  await page.locator('#rung-b10').click();
  await page.locator('#rung-t-2').click();
  await expect(page).toHaveURL(/notes=b10,t-2/);
});

test('the sheet follows the rail at once, and says what to do when nothing is chosen', async ({
  page,
}) => {
  await expect(page.getByText('Choose at least one note on the staff')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Make the sheet' })).toBeDisabled();
  await page.locator('#rung-t2').click();
  await expect(page.locator('.paper svg')).toHaveCount(1);
  await page.getByLabel('Notes', { exact: true }).fill('150');
  await expect(page.getByText(/^Page 1 of \d$/)).toBeVisible();
  await page.getByRole('button', { name: 'Next page' }).click();
  await expect(page.locator('.paper svg')).toHaveAttribute('aria-label', /page 2 of \d/);
  await page.getByLabel('Notes', { exact: true }).fill('999');
  await expect(page.getByText('up to 200 items on a sheet')).toBeVisible();
});
