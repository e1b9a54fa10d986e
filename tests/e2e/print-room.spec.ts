import { expect, type Page, test } from '@playwright/test';
import type { MarkingKit } from '../../src/contract/views';
import { composeSheet } from '../../src/core/sheets';
import { hydrated, open, teacher } from './people';

const NOTES = '&notes=t0,t1,t2,t3,t4,t5,t6,t7,t8,b0,b1,b2,b3,b4';

test.beforeEach(({ page }) => teacher(page));

const exercises = (page: Page) =>
  page.getByRole('region', { name: 'Exercises' }).locator('li button[aria-expanded]');
const names = (page: Page) =>
  exercises(page).evaluateAll((all) =>
    all.map((b) => b.firstElementChild?.nextElementSibling?.textContent),
  );

test('a sheet is put together, put in order by keyboard, undone, kept, and taken again', async ({
  page,
}) => {
  await open(page, 'sheets', 'Monday keys', NOTES);
  await page.getByLabel('Start from').selectOption('mixed');
  expect(await names(page)).toEqual(['Name the notes', 'Dots', 'Draw the note']);
  await expect(page.getByText('Page 1 of 2', { exact: true })).toBeVisible();

  await page.getByRole('button', { name: 'Move Draw the note' }).focus();
  const said = (text: string) => expect(page.getByText(`Draw the note is ${text}`)).toBeAttached();
  await page.keyboard.press('Space');
  await said('now at place 3 of 3.');
  await page.keyboard.press('ArrowUp');
  await said('now at place 2 of 3.');
  await page.keyboard.press('ArrowUp');
  await said('now at place 1 of 3.');
  await page.keyboard.press('Space');
  await expect.poll(() => names(page)).toEqual(['Draw the note', 'Name the notes', 'Dots']);

  const from = (await page.getByRole('button', { name: 'Move Dots' }).boundingBox())!;
  const to = (await page.getByRole('button', { name: 'Move Draw the note' }).boundingBox())!;
  await page.mouse.move(from.x + 10, from.y + 10);
  await page.mouse.down();
  await page.mouse.move(to.x + 10, to.y + 6, { steps: 12 });
  await page.mouse.up();
  await expect.poll(() => names(page)).toEqual(['Dots', 'Draw the note', 'Name the notes']);

  await page.getByRole('button', { name: 'Undo' }).click();
  await page.getByRole('button', { name: 'Undo' }).click();
  expect(await names(page)).toEqual(['Name the notes', 'Dots', 'Draw the note']);
  await page.getByRole('button', { name: 'Redo' }).click();
  await page.getByRole('button', { name: 'Take out Dots' }).click();
  await page.locator('body').press('Control+z');
  expect(await names(page)).toEqual(['Draw the note', 'Name the notes', 'Dots']);

  await page.getByLabel('Exercise to add').selectOption('mixed-clefs');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await page.getByLabel('Keep as').fill('Tuesday test');
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Forget it' })).toBeVisible();
  await page.reload();
  await hydrated(page);
  await page.getByLabel('Start from').selectOption('own Tuesday test');
  expect(await names(page)).toEqual([
    'Draw the note',
    'Name the notes',
    'Dots',
    'Mixed-clef check',
  ]);
  await page.getByRole('button', { name: 'Forget it' }).click();
  await expect(page.getByLabel('Start from').getByText('Tuesday test')).toHaveCount(0);
});

test('what cannot be is said, and nothing is lost', async ({ page }) => {
  await open(page, 'sheets', 'Monday keys', '&notes=t1,t2');
  await page.getByLabel('Start from').selectOption('clefs');
  await expect(page.getByText('Left out: The clefs can only change')).toBeVisible();
  await page.getByLabel('Title').fill('x'.repeat(301));
  await expect(page.getByText('The title is too long: up to 300 letters.')).toBeVisible();
  await expect(page.getByLabel('Title')).toHaveValue('x'.repeat(301));
  await expect(page.getByRole('button', { name: 'Make the sheet' })).toBeDisabled();
  await page.getByLabel('Title').fill('Long '.repeat(60));
  await expect(page.locator('.paper svg')).toContainText('Long Long');
  await page.getByText('Paper and size').click();
  await page.getByLabel('Staff, mm').fill('9');
  await expect(page.getByText('Staff lines stand 2 to 8 mm apart.')).toBeVisible();
});

test('three versions are made, printed in open formats, keyed in, taken back, and followed up', async ({
  page,
}) => {
  await open(page, 'sheets', 'Boathouse strings', '&notes=t0,t1,t2,t3,t4,t5,t7,t8');
  await page.getByLabel('Start from').selectOption('look');
  await page.getByLabel('Versions').selectOption('abc');
  await page.getByRole('button', { name: 'Make the 3 versions' }).click();
  const link = page.getByRole('link', { name: '3 sheets' }).first();
  await expect(link).toBeVisible();
  const code = /sheets\/([0-9A-Z]{6})\//.exec((await link.getAttribute('href'))!)![1]!;
  const file = async (path: string) => {
    const response = await page.request.get(`/api/sheets/${code}/${path}`);
    expect(response.status(), path).toBe(200);
    return response.text();
  };
  expect(await file('svg?copy=2&page=1&key=1')).toContain('<svg');
  expect(await file('items?format=csv&copy=3')).toContain('Line or space');
  expect(await file('items?format=musicxml')).toContain('<score-partwise');
  expect((await page.request.get(`/api/sheets/${code}/svg?copy=1&page=9`)).status()).toBe(404);

  const kit = (await (await page.request.get(`/api/marking/${code}`)).json()) as MarkingKit;
  const [lines, twos] = composeSheet(kit.spec, kit.copies[1]!.copy);
  await page.goto(`/marking?code=${code}-2`);
  await hydrated(page);
  await expect(page.getByLabel('Version')).toHaveValue('2');
  const first = kit.students[0]!;
  const typed = lines!.questions
    .map((q) => q.answer)
    .join('')
    .toLowerCase();
  await page.getByLabel(/^Line or space/).fill(typed);
  await page.keyboard.press('Enter');
  await expect(page.getByLabel(/^Two of a letter/)).toBeFocused();
  const pair = twos!.questions[0]!.answer === '12' ? '34' : '12';
  await page.keyboard.type(`${pair} *`);
  await page.keyboard.press('Enter');
  const total = lines!.questions.length + twos!.questions.length;
  const line = page.getByRole('button', {
    name: new RegExp(`${first.name}.*${total - 1}/${total}`),
  });
  await expect(line).toBeVisible();
  await expect(page.getByRole('row', { name: new RegExp(first.name) })).toContainText(
    `${total - 1} of ${total}`,
  );
  await page.getByRole('button', { name: `Undo ${first.name}` }).click();
  await expect(page.getByRole('row', { name: new RegExp(first.name) })).toContainText('not marked');
  await expect(page.getByRole('heading', { name: first.name, exact: true })).toBeVisible();
  await page.getByLabel(/^Line or space/).fill(typed);
  await page.getByLabel(/^Two of a letter/).fill(`${pair} *`);
  await page.keyboard.press('Enter');
  await line.click();
  await expect(page.getByLabel(/^Two of a letter/)).toHaveValue(new RegExp(`^${pair} `));
  await page.getByRole('button', { name: 'Take the marking back' }).click();
  await expect(page.getByRole('row', { name: new RegExp(first.name) })).toContainText('not marked');
  await expect(page.getByLabel(/^Line or space/)).not.toHaveValue('');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(line).toBeVisible();
  await page.keyboard.press('PageUp');
  await expect(page.getByRole('heading', { name: first.name, exact: true })).toBeVisible();
  const given = page.getByLabel(`Given to ${kit.students[1]!.name}`);
  await given.click();
  await expect(given).toBeChecked();
});

test('a marked class becomes a sheet for exactly what went wrong', async ({ page }) => {
  await open(page, 'sheets', 'Monday keys', NOTES);
  const marked = page.getByRole('link', { name: /^mark \(\d+ done\)/ }).last();
  await marked.click();
  await hydrated(page);
  await expect(page.getByText('Who has it')).toBeVisible();
  await expect(page.getByText('of another group')).toHaveCount(0);
  const here = page.url();
  const code = await page.getByLabel(/Code in the corner/).inputValue();
  await open(page, 'marking', 'Boathouse strings', `&code=${code}`);
  await expect(page.getByText('This sheet is of another group, Monday keys')).toBeVisible();
  await page.goto(here);
  await expect(page.getByRole('cell', { name: /of 28/ }).first()).toBeVisible();
  await page.getByRole('button', { name: 'Make the sheet for what went wrong' }).click();
  const print = page.getByRole('link', { name: 'print it' });
  await expect(print).toBeVisible();
  const pdf = await page.request.get((await print.getAttribute('href'))!);
  expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-');
});

test('cards are set, and the PDF is what the address says', async ({ page }) => {
  await open(page, 'cards', 'Boathouse strings', '&notes=t1,t3,t5');
  const captions = page.locator('figcaption');
  await expect(captions).toHaveText(['Page 1, fronts', 'Page 1, backs']);
  await page.getByLabel('Printed on').selectOption('fold');
  await expect(captions).toHaveText(['Page 1']);
  await page.getByLabel(/^Front/).selectOption('name');
  await page.getByLabel('the note', { exact: true }).check();
  await page.getByLabel('Cards of').selectOption('letters');
  await expect(page.getByText('7 cards.')).toBeVisible();
  await page.getByLabel('Printed on').selectOption('short');
  await page.getByLabel('Move right, mm').fill('30');
  await expect(page.getByText('Backs are moved by up to 10 mm')).toBeVisible();
  await page.getByLabel('Move right, mm').fill('1.5');
  const href = await page.getByRole('link', { name: /PDF for all/ }).getAttribute('href');
  expect(href).toContain('right=1.5');
  const pdf = await page.request.get(href!);
  expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-');
  const test = await page.request.get('/api/card-test.pdf?paper=A4');
  expect(test.status()).toBe(200);
});

test('each student’s copy is seen as it will be printed', async ({ page }) => {
  await open(page, 'sheets', 'Reeds and brass', '&notes=t1,t2,t3,t4,b3,b4,b5,b6');
  await page.getByLabel('Versions').selectOption('each');
  const whose = page.getByLabel('Copy shown');
  const heads = () =>
    page
      .locator('.paper svg text')
      .evaluateAll((all) =>
        all.filter((t) => t.textContent === '\uE0A2').map((t) => Number(t.getAttribute('y'))),
      );
  const names = await whose.locator('option').allTextContents();
  const seen: number[][] = [];
  for (const name of names) {
    await whose.selectOption({ label: name });
    await expect(page.locator('.paper svg')).toContainText(name);
    seen.push(await heads());
  }
  await page.getByRole('button', { name: `Make the ${names.length} sheets` }).click();
  const newest = page.locator('section[aria-labelledby=made] li').first();
  await expect(newest).toContainText(`${names.length} sheets`);
  const code = (await newest.locator('b').textContent())!;
  const kit = (await (await page.request.get(`/api/marking/${code}`)).json()) as MarkingKit;
  const printed = names.map((name) => {
    const { id } = kit.students.find((s) => s.name === name)!;
    const [section] = composeSheet(kit.spec, kit.copies.find((c) => c.studentId === id)!.copy);
    return section!.questions.map((q) => 40 - q.evidence!.item.step * 5);
  });
  expect(seen).toEqual(printed);
});
