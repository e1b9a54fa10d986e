import { expect, test } from '@playwright/test';
import { accessible, enterAs, hydrated, open, teacher } from './people';

test.describe('the Sayings view', () => {
  test('checks while typing, and offers repairs that fit', async ({ page }) => {
    await teacher(page);
    await open(page, 'sayings', 'Boathouse strings');
    const text = page.getByLabel('One word for each');
    const use = page.getByRole('button', { name: 'Use it for the group' });
    await text.fill('Eels glide past dark ferries');
    await expect(page.getByText('Word 3 stands on treble line 3')).toBeVisible();
    await expect(use).toBeDisabled();
    await page.getByRole('button', { name: /^Eels glide .* dark ferries$/ }).click();
    await expect(use).toBeEnabled();
    await text.fill('😀 '.repeat(200));
    await expect(page.getByText('a picture, not a word')).toBeVisible();
    await text.fill('    ');
    await expect(page.getByText('Word 3 stands')).toHaveCount(0);
    await accessible(page);
  });

  test('suggests, keeps words, and puts a saying into use', async ({ page }) => {
    await teacher(page);
    await open(page, 'sayings', 'Guitar, alone');
    await page.getByRole('button', { name: /open strings of the guitar/ }).click();
    await page.getByRole('button', { name: 'Suggest' }).click();
    const list = page.locator('ul[aria-live=polite] button.w-full');
    await expect(list).toHaveCount(6);
    const saying = (await list.first().textContent())!;
    await list.first().click();
    await expect(page.getByLabel('One word for each')).toHaveValue(saying);
    const [first] = saying.split(' ');
    await page.getByRole('button', { name: first!, exact: true }).click();
    await page.getByRole('button', { name: 'Others' }).press('Enter');
    for (const text of await list.allTextContents())
      expect(text.startsWith(`${first} `)).toBe(true);
    await page.getByRole('button', { name: 'Use it for the group' }).click();
    await expect(page.getByText('Saved.')).toBeVisible();
    await page.reload();
    await hydrated(page);
    await expect(page.getByRole('button', { name: /open strings of the guitar/ })).toContainText(
      saying,
    );
    await expect(page.getByRole('heading', { name: 'In use since' })).toBeVisible();
  });

  test('finds the planted clash and mends it', async ({ page }) => {
    await teacher(page);
    await open(page, 'sayings', 'Monday keys');
    await page.getByRole('combobox', { name: /^For/ }).selectOption({ label: 'Mika, has own' });
    const mixed = page.locator('section', {
      has: page.getByRole('heading', { name: 'Mixed up?' }),
    });
    const pair = mixed.getByRole('listitem').filter({ hasText: '80 % clash' });
    await expect(pair).toContainText('lands one line off');
    await accessible(page);
    await pair.getByRole('button', { name: /For the bass lines/ }).click();
    await expect(page.getByText('Saved.')).toBeVisible();
    await expect(page.getByText(/% clash:/)).toHaveCount(0);
  });

  test('a student’s saying is asked to change, sent again, counted and accepted', async ({
    page,
  }) => {
    await enterAs(page, 'Monday keys', 'KEYS42', 'Zoë');
    await page.getByRole('link', { name: 'My sayings' }).click();
    await hydrated(page);
    await accessible(page);
    const own = page.getByLabel(/One word for each/);
    await own.fill('Emus Grab Beer Dry Figs');
    await expect(page.getByText('not for children')).toBeVisible();
    await own.fill('Emus Greet Busy Dotty Frogs');
    await page.getByRole('button', { name: 'Send it' }).click();
    await expect(page.getByText('has not seen it yet')).toBeVisible();

    await teacher(page);
    await open(page, 'sayings', 'Monday keys');
    const offers = page.locator('section', {
      has: page.getByRole('heading', { name: 'From the class' }),
    });
    const row = offers.getByRole('listitem').filter({ hasText: 'Emus Greet' });
    await row.getByRole('button', { name: 'Ask Zoë for a change' }).click();
    await row.getByLabel('What to change').fill('One more animal?');
    await row.getByRole('button', { name: 'Ask', exact: true }).click();
    await expect(row).toContainText('One more animal?');
    await row.getByLabel(/Hands for/).fill('5');
    await row.getByLabel(/Hands for/).blur();
    await expect(row).toContainText('most hands');
    await row.getByRole('button', { name: 'For Zoë' }).click();
    await expect(row).toHaveCount(0);

    await page.goto('/my-sayings');
    await hydrated(page);
    await expect(page.getByText('It is in use.')).toBeVisible();
  });

  test('prints posters and hands, and gives the sayings out as files', async ({ page }) => {
    await teacher(page);
    await open(page, 'sayings', 'Monday keys');
    for (const name of ['Wall poster', 'Left hand as a staff', 'Right hand as a staff']) {
      const href = await page.getByRole('link', { name }).getAttribute('href');
      const pdf = await page.request.get(href!);
      expect(pdf.headers()['content-type']).toBe('application/pdf');
    }
    const csv = await page.request.get(
      (await page.getByRole('link', { name: 'CSV' }).getAttribute('href'))!,
    );
    expect(await csv.text()).toContain('treble-spaces,FACE');
    await page.locator('input[type=file]').setInputFiles({
      name: 'sayings.csv',
      mimeType: 'text/csv',
      buffer: Buffer.from('target,saying\ntreble-lines,Eels'),
    });
    await expect(page.getByRole('alert')).toContainText('Saying 1');
  });
});

test('the hand is a staff: named, and pointed to', async ({ page }) => {
  await enterAs(page, 'Boathouse strings', 'STRN42', 'Noor');
  await page.getByRole('link', { name: 'Hand staff' }).click();
  await hydrated(page);
  await accessible(page);
  const letterOf = (step: number) => 'EFGABCDEF'[step]!;
  const asked = async () => Number(await page.locator('[data-step]').getAttribute('data-step'));
  await page.getByRole('button', { name: letterOf(await asked()), exact: true }).click();
  await expect(page.getByText('1 right')).toBeVisible();
  await page.getByRole('button', { name: 'Point to it' }).click();
  const step = await asked();
  const wrong = letterOf(step) === 'G' ? 'thumb' : 'ring finger';
  await page.getByRole('button', { name: wrong, exact: true }).click();
  await expect(page.getByRole('status')).toContainText(`: ${letterOf(step)}.`);
  await accessible(page);
  await page.getByRole('button', { name: 'Next' }).click();
  await page.getByRole('button', { name: 'Right hand' }).click();
  await expect(page.getByRole('button', { name: 'thumb', exact: true })).toBeVisible();
});

test('a way of teaching is adjusted, kept, and leads the student', async ({ page }) => {
  await teacher(page);
  await open(page, 'groups', 'Guitar, alone');
  await page.getByText('Adjust it').click();
  await page.getByLabel(/^Landmarks/).fill('H4');
  await page.getByRole('button', { name: 'Save the way of teaching' }).click();
  await expect(page.getByRole('alert')).toContainText('from A to G');
  await page.getByLabel(/^Landmarks/).fill('E5 B4');
  await page.getByLabel(/^Keep it as/).fill('Open strings');
  await page.getByRole('button', { name: 'Save the way of teaching' }).click();
  await expect(page.getByText('Saved.')).toBeVisible();
  await page.reload();
  await hydrated(page);
  await expect(page.getByLabel('Way of teaching')).toHaveValue('own Open strings');
  await accessible(page);
});
