import { expect, type Page, test } from '@playwright/test';
import { PICTURES } from '../../src/contract/pictures';
import type { MarkingKit } from '../../src/contract/views';
import { composeSheet } from '../../src/core/sheets';
import { enter, hydrated, open, teacher } from './people';

/** A student's pictures as the teacher sees them. */
async function picturesOf(page: Page, name: string): Promise<string[]> {
  const row = page.locator('tbody tr', { has: page.getByLabel(`Name of ${name}`) });
  return (await row.locator('td').nth(3).textContent())!.match(
    new RegExp(PICTURES.join('|'), 'g'),
  )!;
}

test('practice goes by keyboard alone, with shift for the signature’s notes', async ({
  page,
  browser,
}) => {
  await teacher(page);
  await open(page, 'groups', 'Boathouse strings');
  const key = await picturesOf(page, 'Arlo');
  const device = await browser.newContext();
  const student = await device.newPage();
  await enter(student, 'STRN42', 'arlo', key);
  await student.waitForURL('**/practise');
  await hydrated(student);
  await student.getByRole('button', { name: 'Begin' }).focus();
  await student.keyboard.press('Enter');
  const letters = ['c', 'd', 'e', 'f', 'g', 'a', 'b'];
  for (let i = 1; i <= 6; i++) {
    const id = (await student.locator('[data-note]').getAttribute('data-note'))!;
    const letter = letters[(30 + Number(id.slice(1))) % 7]!;
    await student.keyboard.press('fc'.includes(letter) ? `Shift+${letter.toUpperCase()}` : letter);
    await expect(student.getByText(`Note ${i + 1} of 20`)).toBeVisible();
    await expect(student.getByText('was right')).toBeVisible();
  }
  // The bare letter is not the answer where the signature has a sharp.
  for (let i = 0; i < 20; i++) {
    const id = (await student.locator('[data-note]').getAttribute('data-note'))!;
    const letter = letters[(30 + Number(id.slice(1))) % 7]!;
    await student.keyboard.press(letter);
    if (!'fc'.includes(letter)) continue;
    await expect(
      student.getByText(/The key signature \(D major\) makes every [FC] sharp/),
    ).toBeVisible();
    break;
  }
  await device.close();
});

test('a new key lets the student in and shuts the old one out', async ({ page, browser }) => {
  await teacher(page);
  await open(page, 'groups', 'Reeds and brass');
  const old = await picturesOf(page, 'Ida');
  await page.getByRole('button', { name: 'New key for Ida' }).click();
  await expect.poll(() => picturesOf(page, 'Ida').then((k) => k.join())).not.toBe(old.join());
  const fresh = await picturesOf(page, 'Ida');
  const device = await browser.newContext();
  const student = await device.newPage();
  await enter(student, 'REED42', 'Ida', old);
  await expect(student.getByRole('alert')).toBeVisible();
  await enter(student, 'REED42', 'Ida', fresh);
  await student.waitForURL('**/practise');
  await device.close();
});

test('five wrong keys lock a name, and the teacher sees it', async ({ page, browser }) => {
  const device = await browser.newContext();
  const student = await device.newPage();
  for (let i = 0; i < 5; i++) {
    await enter(student, 'REED42', 'Lotte', ['sun', 'sun', 'sun']);
    await expect(student.getByRole('alert')).toContainText('do not belong together');
  }
  await enter(student, 'REED42', 'Lotte', ['sun', 'sun', 'sun']);
  await expect(student.getByRole('alert')).toContainText(/locked for \d+ more minute/);
  await teacher(page);
  await open(page, 'groups', 'Reeds and brass');
  await expect(page.getByText('locked after five wrong keys')).toBeVisible();
  await page.getByRole('button', { name: 'New key for Lotte' }).click();
  await expect(page.getByText('locked after five wrong keys')).toBeHidden();
  await device.close();
});

test('the way to an answer follows the student’s own method', async ({ page, browser }) => {
  await teacher(page);
  await open(page, 'groups', 'Monday keys');
  await page.getByLabel('Method of Mika').selectOption('Landmarks');
  await expect(page.getByLabel('Method of Mika')).toHaveValue('landmarks');
  const device = await browser.newContext();
  const student = await device.newPage();
  await enter(student, 'KEYS42', 'Mika', await picturesOf(page, 'Mika'));
  await student.waitForURL('**/practise');
  await hydrated(student);
  await student.getByRole('button', { name: 'Begin' }).click();
  const id = (await student.locator('[data-note]').getAttribute('data-note'))!;
  const right = 'cdefgab'[((id[0] === 't' ? 30 : 18) + Number(id.slice(1))) % 7];
  await student.keyboard.press(right === 'a' ? 'b' : 'a');
  await expect(
    student.getByText(/Start from|This is the|This is middle C|^Line [24] is [FG]\.$/),
  ).toBeVisible();
  await expect(student.getByText(/Count (lines|spaces)/)).toBeHidden();
  await device.close();
});

test('what the preview shows is what is printed', async ({ page }) => {
  await teacher(page);
  await open(page, 'sheets', 'Monday keys', '&notes=t7,t1,b3');
  const heads = await page
    .locator('.paper svg')
    .first()
    .evaluate((svg) =>
      [...svg.querySelectorAll('text')]
        .filter((t) => t.textContent === '\uE0A2')
        .map((t) => t.getAttribute('y')),
    );
  const newest = page.locator('section[aria-labelledby=made] b').first();
  const before = await newest.textContent();
  await page.getByRole('button', { name: 'Make the sheet' }).click();
  await expect(newest).not.toHaveText(before!);
  const code = (await newest.textContent())!;
  const kit = (await (await page.request.get(`/api/marking/${code}`)).json()) as MarkingKit;
  const [section] = composeSheet(kit.spec, kit.copies[0]!.copy);
  const steps = section!.questions.map((q) => String(40 - q.evidence!.item.step * 5));
  expect(heads).toEqual(steps);
  expect(steps).toHaveLength(20);
});
