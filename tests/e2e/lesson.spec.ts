import { expect, type Page, test } from '@playwright/test';
import { ROOM } from '../../playwright.config';
import { PICTURES } from '../../src/contract/pictures';
import { enter, hydrated, signIn } from './people';

test.use({ baseURL: ROOM });
// The first visit happens only once, so these cannot be tried again.
test.describe.configure({ mode: 'serial', retries: 0 });

const keys = new Map<string, string[]>();
let code = '';
let sheetCode = '';
let groupUrl = '';

const room = (page: Page) => signIn(page, 'new@example.org', 'a few words in a row');

test('the first visit makes the account and a group of students', async ({ page }) => {
  await page.goto('/');
  await expect(page).toHaveURL(/setup/);
  await hydrated(page);
  await page.getByLabel(/Your name/).fill('Mx Teacher');
  await page.getByLabel('E-mail').fill('new@example.org');
  await page.getByLabel(/Password/).fill('a few words in a row');
  await page.getByRole('button', { name: 'Make the account' }).click();
  await page.waitForURL('**/groups');
  await hydrated(page);
  await page.getByLabel('Name of the group').fill('Tuesday <b>keys</b>');
  await page.getByRole('button', { name: 'Make the group' }).click();
  await page.waitForURL(/groups\?group=/);
  groupUrl = page.url();
  await expect(page.getByRole('heading', { name: 'Tuesday <b>keys</b>' })).toBeVisible();
  await hydrated(page);

  const list = page.getByLabel(/One name a line/);
  await list.fill('Ada\nBo\nADA');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByRole('alert')).toContainText('on line 1 and on line 3');
  await expect(list).toHaveValue('Ada\nBo\nADA');
  await list.fill('name;instrument\nAda;keyboard\nBo;violin');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByText('2 added.')).toBeVisible();
  await page.locator('input[type=file]').setInputFiles({
    name: 'more.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from([0x5a, 0x6f, 0xeb]),
  });
  await expect(page.getByText('read as Western European')).toBeVisible();
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByLabel('Name of Zoë')).toBeVisible();
  code = (await page.locator('section[aria-label="Group code"] p').nth(1).textContent())!;
  for (const row of await page.locator('tbody tr').all()) {
    const name = await row.locator('input').inputValue();
    const pictures = (await row.locator('td').nth(3).textContent())!.match(
      new RegExp(PICTURES.join('|'), 'g'),
    )!;
    keys.set(name, pictures);
  }
  expect(keys.get('Ada')).toHaveLength(3);
});

test('four notes are introduced on the ladder', async ({ page }) => {
  await room(page);
  await page.goto(`${groupUrl.replace('/groups', '/ladder')}&notes=t1,t3,t5,t7`);
  await hydrated(page);
  await page.getByRole('button', { name: 'Introduce 4 chosen notes' }).click();
  await expect(page.getByRole('button', { name: 'Take back 4' })).toBeVisible();
  await page.getByRole('button', { name: /treble space 1 introduced/ }).click();
  await expect(page.getByText('the white key just left of the three black keys')).toBeVisible();
  await expect(
    page.getByText('low 2 on the D string').or(page.getByText('low second finger on the D string')),
  ).toBeVisible();
});

test('a sheet for each student is made, printed with its key, and printed again alike', async ({
  page,
}) => {
  await room(page);
  await page.goto(`${groupUrl.replace('/groups', '/sheets')}&notes=t1,t3,t5,t7`);
  await hydrated(page);
  await page.getByLabel('Notes', { exact: true }).fill('8');
  await page.getByLabel('Versions').selectOption('each');
  await page.getByRole('button', { name: 'Make the 3 sheets' }).click();
  const link = page.getByRole('link', { name: '3 sheets' });
  await expect(link).toBeVisible();
  sheetCode = /sheets\/([0-9A-Z]{6})\//.exec((await link.getAttribute('href'))!)![1]!;
  const both = `/api/sheets/${sheetCode}/pdf?part=all`;
  const [first, second] = [await page.request.get(both), await page.request.get(both)];
  expect(first.headers()['content-type']).toBe('application/pdf');
  expect((await first.body()).equals(await second.body())).toBe(true);
  const cards = await page.request.get(
    `/api/cards.pdf?group=${new URL(groupUrl).searchParams.get('group')}&notes=t1,t3`,
  );
  expect((await cards.body()).subarray(0, 5).toString()).toBe('%PDF-');
});

test('a student practises a round, by letters and keyboard, and is shown the way after a mistake', async ({
  page,
}) => {
  await enter(page, code, 'ada', keys.get('Ada')!);
  await page.waitForURL('**/practise');
  await hydrated(page);
  await page.getByRole('button', { name: 'Begin' }).click();
  const names: Record<string, string> = { t1: 'f', t3: 'a', t5: 'c', t7: 'e' };
  const note = () =>
    page
      .locator('[data-note]')
      .getAttribute('data-note')
      .then((n) => names[n!]!);
  const first = await note();
  await page.keyboard.press('g');
  await expect(page.getByRole('status')).toContainText(`You said G. It is ${first.toUpperCase()}.`);
  await expect(page.getByText('The treble clef curls round line 2.')).toBeVisible();
  await page.keyboard.press('Enter');
  for (let i = 1; i < 20; i++) {
    const letter = await note();
    if (i === 2) {
      await page.getByRole('button', { name: 'Keyboard' }).click();
      const white = ['c', 'd', 'e', 'f', 'g', 'a'].indexOf(letter) + 1;
      await page.getByRole('button', { name: `white key ${white}`, exact: true }).click();
      await page.getByRole('button', { name: 'Letters' }).click();
    } else if (i === 3)
      await page.getByRole('button', { name: letter.toUpperCase(), exact: true }).click();
    else await page.keyboard.press(letter);
    await expect(page.getByText(i < 19 ? `Note ${i + 2} of 20` : 'Round over')).toBeVisible();
  }
  await expect(page.getByText('20 notes, 19 right')).toBeVisible();
  await expect
    .poll(() =>
      page.evaluate(
        () => Object.keys(localStorage).filter((k) => k.startsWith('lucid-answers')).length,
      ),
    )
    .toBe(0);
});

test('the teacher keys a sheet in, and sees on the staff who knows what', async ({ page }) => {
  await room(page);
  await page.goto('/marking');
  await hydrated(page);
  const box = page.getByLabel(/Code in the corner/);
  await box.fill('ZZZZZZ');
  await page.getByRole('button', { name: 'Mark this sheet' }).click();
  await expect(page.getByRole('alert')).toContainText(/not a sheet code|not yours/);
  await box.fill(sheetCode.toLowerCase());
  await page.getByRole('button', { name: 'Mark this sheet' }).click();
  await page.getByRole('button', { name: 'Bo', exact: true }).click();
  const letters = page.getByLabel(/^Name the notes/);
  await letters.fill('f a h');
  await expect(page.getByRole('alert')).toContainText('Number 3 is “h”');
  await letters.fill('f a c e f a c e e');
  await expect(page.getByRole('alert')).toContainText('has 8 answers here, but 9');
  await letters.fill('g g g g');
  await expect(page.getByText('4 still to type')).toBeVisible();
  await page.reload();
  await hydrated(page);
  await page.getByLabel(/Code in the corner/).fill(sheetCode);
  await page.getByRole('button', { name: 'Mark this sheet' }).click();
  await page.getByRole('button', { name: 'Bo', exact: true }).click();
  await expect(page.getByLabel(/^Name the notes/)).toHaveValue('g g g g');
  await page.getByLabel(/^Name the notes/).fill('gggggggg');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByRole('button', { name: /Bo.*0\/8/ })).toBeVisible();

  await page.goto(groupUrl.replace('/groups', '/ladder'));
  await hydrated(page);
  await page.getByRole('button', { name: /treble space 1 introduced/ }).click();
  await expect(page.getByText('Ada secure').or(page.getByText('Ada instant'))).toBeVisible();
  await expect(page.getByText('Bo learning')).toBeVisible();
  await page.goto(groupUrl.replace('/groups', '/progress'));
  await expect(page.getByText('20 answers, the last on')).toBeVisible();
  await expect(page.locator('.apexcharts-series').first()).toBeVisible();
});

test('a deleted group ends with a sentence, and the answers stay on the device', async ({
  page,
  browser,
}) => {
  const device = await browser.newContext({ baseURL: ROOM });
  const student = await device.newPage();
  await enter(student, code, 'Ada', keys.get('Ada')!);
  await student.waitForURL('**/practise');
  await hydrated(student);
  await student.getByRole('button', { name: 'Begin' }).click();
  await room(page);
  await page.goto(groupUrl);
  await hydrated(page);
  page.on('dialog', (d) => d.accept('Tuesday <b>keys</b>'));
  await page.getByRole('button', { name: 'Delete the group' }).click();
  await page.waitForURL(/groups$/);
  await student.keyboard.press('g');
  await expect(
    student.getByText(/signed out, or your group is gone. 1 answers are kept/),
  ).toBeVisible();
  await device.close();
});
