import { expect, type Page, test } from '@playwright/test';
import { bestPlace, type InstrumentId, type Place } from '../../src/core/instruments';
import { parsePositionId, pitchAt, type StaffPosition } from '../../src/core/notation';
import { accessible, enterAs, hydrated, open, teacher } from './people';

test.describe('the Instruments view', () => {
  test.beforeEach(({ page }) => teacher(page));

  test('shows the place of a typed note, and says why another has none', async ({ page }) => {
    await open(page, 'instruments', 'Boathouse strings', '&with=violin&note=A4');
    const words = page.locator('[data-words]');
    await expect(words).toHaveText('the open A string');
    await expect(page.getByRole('button', { name: 'D string, 4' })).toBeVisible();
    await page.getByLabel('Note', { exact: true }).fill('C#5');
    await expect(words).toHaveText('high second finger on the A string');
    await page.getByLabel('Note', { exact: true }).fill('H4');
    await expect(page.getByRole('alert')).toContainText('from A to G');
    await expect(words).toHaveText('high second finger on the A string');
    await page.getByLabel('Note', { exact: true }).fill('C3');
    await expect(page.getByRole('alert')).toContainText('its lowest note is G3. C4 can be played.');
    expect(page.url()).toContain('note=C3');
  });

  test('shows the note of a place that is touched, and keeps the place', async ({ page }) => {
    await open(page, 'instruments', 'Boathouse strings', '&with=violin&note=D4');
    await page.getByRole('button', { name: 'string D, 7 half steps up' }).click();
    await expect(page.getByLabel('Note', { exact: true })).toHaveValue('A4');
    await expect(page.locator('[data-words]')).toHaveText('fourth finger on the D string');
    const slider = page.getByRole('slider', { name: 'Note on the staff' });
    await expect(slider).toHaveAttribute('aria-valuetext', 'treble clef, note in space 2');
    await slider.focus();
    await page.keyboard.press('ArrowUp');
    await expect(page.getByLabel('Note', { exact: true })).toHaveValue('B4');
    await page.getByRole('button', { name: 'flat' }).click();
    await expect(page.locator('[data-words]')).toHaveText('low first finger on the A string');
  });

  test('sets holes and valves one by one, and says when no note is meant', async ({ page }) => {
    await open(page, 'instruments', 'Reeds and brass', '&with=clarinet&note=F4');
    await expect(page.locator('[data-words]')).toHaveText('thumb');
    await page.getByRole('button', { name: 'left finger 1' }).click();
    await expect(page.getByLabel('Note', { exact: true })).toHaveValue('E4');
    await page.getByRole('button', { name: 'left finger 3' }).click();
    await expect(page.getByText('No note of the first years')).toBeVisible();
    await page.getByRole('button', { name: 'left finger 2' }).click();
    await expect(page.getByLabel('Note', { exact: true })).toHaveValue('C4');
    await page.getByLabel('Instrument 1').selectOption('trumpet');
    await expect(page.locator('[data-words]')).toHaveText('open, no valve pressed');
    await page.getByRole('button', { name: 'valve 1, right first finger' }).click();
    await expect(page.getByLabel('Note', { exact: true })).toHaveValue(/^(Bb3|A#3|F4|Bb4|A#4)$/);
  });

  test('puts four side by side: all read, all sound', async ({ page }) => {
    const four = 'with=flute,clarinet,alto-saxophone,trombone';
    await open(page, 'instruments', 'Reeds and brass', `&${four}&note=Bb3&mode=sound`);
    const shown = (id: string) => page.locator(`[data-instrument=${id}]`);
    await expect(shown('clarinet')).toContainText('Written C4, sounds B♭3');
    await expect(shown('alto-saxophone')).toContainText('Written G4, sounds B♭3');
    await expect(shown('flute')).toContainText('an octave above');
    await page.getByRole('button', { name: 'All read this' }).click();
    await expect(page.getByLabel('All read')).toHaveValue('Bb3');
    await expect(shown('flute').getByRole('alert')).toContainText('below the range');
    await page.getByRole('button', { name: 'Take away Flute' }).click();
    await expect(shown('flute')).toHaveCount(0);
    await page.reload();
    await hydrated(page);
    await expect(page.locator('[data-instrument]')).toHaveCount(3);
  });

  test('is silent until asked', async ({ page }) => {
    await open(page, 'instruments', 'Boathouse strings', '&with=violin&note=A4');
    const scripts = () =>
      page.evaluate(() => performance.getEntriesByType('resource').map((r) => r.name).length);
    await page.waitForLoadState('networkidle');
    const before = await scripts();
    await page.getByRole('button', { name: 'Hear it' }).click();
    await expect.poll(scripts).toBeGreaterThan(before);
  });

  test('prints charts, and answers a wish that cannot be met', async ({ page }) => {
    await open(page, 'instruments', 'Boathouse strings', '&notes=t1,t3,b3');
    const link = page.getByRole('link', { name: 'a page for each section' });
    const pdf = await page.request.get((await link.getAttribute('href'))!);
    expect(pdf.headers()['content-type']).toBe('application/pdf');
    const bad = await page.request.get('/api/charts.pdf?instrument=violin&set=chosen&notes=b3');
    expect(bad.status()).toBe(400);
    expect((await bad.json()).detail).toContain('The violin reads none of the chosen notes');
    const no = await page.request.get('/api/charts.pdf?instrument=kazoo&set=first');
    expect(no.status()).toBe(400);
  });

  test('warns of fingers that clash, in Groups too', async ({ page }) => {
    await open(page, 'groups', 'Guitar, alone');
    await expect(page.getByText('Finger 1 is the first finger on the guitar')).toBeVisible();
    // The box follows the server: it is ticked once the change is stored.
    const left = page.getByRole('checkbox', { name: 'left-handed' });
    await left.click();
    await expect(left).toBeChecked();
    await page.reload();
    await hydrated(page);
    await expect(left).toBeChecked();
    await left.click();
    await expect(left).not.toBeChecked();
  });
});

/** The right place of the note that is asked. */
async function asked(
  page: Page,
  instrument: InstrumentId,
  key: 0 | 2,
): Promise<[StaffPosition, Place]> {
  const id = (await page.locator('[data-note]').getAttribute('data-note'))!;
  const position = parsePositionId(id)!;
  return [position, bestPlace(instrument, pitchAt(position, key))!];
}

/** Touches a place of a bowed string or a guitar, with a finger. */
async function finger(page: Page, place: Place, number?: number): Promise<void> {
  if (place.kind !== 'string') throw new Error(place.kind);
  const spot =
    place.semitones === 0
      ? `open string ${place.string}`
      : `string ${place.string}, ${place.semitones} half steps up`;
  await page.getByRole('button', { name: spot, exact: true }).click();
  if (place.semitones > 0) {
    await page.getByRole('button', { name: String(number ?? place.finger), exact: true }).click();
  }
}

test.describe('places in practice', () => {
  test('find it: right places go on, a wrong one shows both', async ({ page }) => {
    await enterAs(page, 'Boathouse strings', 'STRN42', 'Bente');
    await page.getByRole('radio', { name: /Find it/ }).check();
    await accessible(page);
    await page.getByRole('button', { name: 'Begin' }).click();
    await accessible(page);
    const [, first] = await asked(page, 'cello', 2);
    await finger(page, first);
    await expect(page.getByText('was right')).toBeVisible();
    const [, second] = await asked(page, 'cello', 2);
    const wrong = { ...second, semitones: 1, index: 0, string: 'C', finger: 1 } as Place;
    await finger(page, wrong);
    await expect(page.getByRole('status')).toContainText('You showed');
    await expect(page.getByRole('status')).toContainText(second.words);
    await accessible(page);
    await page.getByRole('button', { name: 'Next note' }).click();
    await expect(page.getByText('Note 3 of 20')).toBeVisible();
    await expect.poll(() => page.evaluate(() => localStorage.length)).toBe(0);
    await open(page, 'progress', 'Boathouse strings');
    await page.getByLabel('Student').selectOption({ label: 'Bente' });
    await expect(page.getByRole('heading', { name: /places on the cello known/ })).toBeVisible();
  });

  test('say it and finger it: the place is asked after the right name', async ({ page }) => {
    await enterAs(page, 'Boathouse strings', 'STRN42', 'Arlo');
    await page.getByRole('radio', { name: /Say it and finger it/ }).check();
    await page.getByRole('button', { name: 'Begin' }).click();
    const [position, place] = await asked(page, 'violin', 2);
    const { letter, alter } = pitchAt(position, 2);
    await page.keyboard.press(alter ? `Shift+${letter}` : letter.toLowerCase());
    await expect(page.getByText('Now show where it is.')).toBeVisible();
    await finger(page, place);
    await expect(page.getByText('Note 2 of 20')).toBeVisible();
    const [next] = await asked(page, 'violin', 2);
    const other = pitchAt(next, 2).letter === 'B' ? 'c' : 'b';
    await page.keyboard.press(other);
    await expect(page.getByRole('status')).toContainText('You said');
  });

  test('read it back: the place is shown, the octave counts', async ({ page }) => {
    await enterAs(page, 'Reeds and brass', 'REED42', 'Ida');
    await page.getByRole('radio', { name: /Read it back/ }).check();
    await page.getByRole('button', { name: 'Begin' }).click();
    await accessible(page);
    const staff = page.getByRole('slider', { name: 'Note on the staff' });
    const put = async (step: number) => {
      await staff.focus();
      await page.keyboard.press('ArrowUp');
      for (let at = 4; at !== step; at += Math.sign(step - at)) {
        await page.keyboard.press(step > at ? 'ArrowUp' : 'ArrowDown');
      }
      await page.getByRole('button', { name: 'It is here' }).click();
    };
    const [first] = await asked(page, 'soprano-recorder', 0);
    await put(first.step);
    await expect(page.getByText('was right')).toBeVisible();
    const [second] = await asked(page, 'soprano-recorder', 0);
    await put(second.step > 4 ? second.step - 1 : second.step + 1);
    await expect(page.getByRole('status')).toContainText('This place is');
  });

  test('fingerings of several touches are set, then confirmed', async ({ page }) => {
    await enterAs(page, 'Reeds and brass', 'REED42', 'Kit');
    await page.getByRole('radio', { name: /Find it/ }).check();
    await page.getByRole('button', { name: 'Begin' }).click();
    const [, place] = await asked(page, 'trumpet', 0);
    if (place.kind !== 'valves') throw new Error(place.kind);
    for (const valve of place.valves) {
      await page.getByRole('button', { name: new RegExp(`valve ${valve},`) }).click();
    }
    await page.getByRole('button', { name: 'That is it' }).click();
    await expect(page.getByText('was right')).toBeVisible();
  });
});

test('a helper holds notes up and says right or not yet', async ({ page }) => {
  await enterAs(page, 'Boathouse strings', 'STRN42', 'Noor');
  await page.getByRole('link', { name: 'Hold up' }).click();
  await hydrated(page);
  await accessible(page);
  await page.getByRole('button', { name: 'Begin' }).click();
  await accessible(page);
  const [position, place] = await asked(page, 'violin', 2);
  await expect(page.locator('[data-answer]')).toContainText(pitchAt(position, 2).letter);
  await expect(page.locator('[data-answer]')).toContainText(place.words);
  const sent = page.waitForRequest('**/api/student/answers');
  for (let i = 0; i < 15; i++) {
    await page.getByRole('button', { name: i % 3 === 2 ? 'Not yet' : 'Right' }).click();
  }
  await expect(page.getByRole('status')).toContainText('10 of 15 were right');
  const { answers } = (await sent).postDataJSON();
  expect(answers[0]).toMatchObject({ source: 'card', task: 'name', ms: null });
  await expect.poll(() => page.evaluate(() => localStorage.length)).toBe(0);
});
