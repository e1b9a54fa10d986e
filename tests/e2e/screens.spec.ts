import { expect, test } from '@playwright/test';
import { accessible, enter, hydrated, open, teacher, wren } from './people';

/** Everything a page asks for comes from this server, and nothing is reported in its console. */
test.beforeEach(async ({ page, baseURL }) => {
  const problems: string[] = [];
  page.on('request', (r) => {
    const own = r.url().startsWith(baseURL!) || /^(data|blob):/.test(r.url());
    if (!own) problems.push(`foreign request: ${r.url()}`);
  });
  page.on('console', (m) => m.type() === 'error' && problems.push(m.text()));
  page.on('pageerror', (e) => problems.push(e.message));
  (page as unknown as { problems: string[] }).problems = problems;
});
test.afterEach(({ page }) => {
  const { problems } = page as unknown as { problems: string[] };
  // A refused request that a test makes on purpose is logged by the browser.
  expect(problems.filter((p) => !/status of (400|401|404|429)/.test(p))).toEqual([]);
});

const VIEWS: [view: string, group: string, query: string][] = [
  ['today', 'Monday keys', ''],
  ['groups', 'Boathouse strings', ''],
  ['ladder', 'Boathouse strings', '&notes=t2,t8'],
  ['sayings', 'Reeds and brass', ''],
  ['sheets', 'Monday keys', '&notes=t1,t3,b1'],
  ['cards', 'Boathouse strings', '&notes=t1,t3,t5'],
  ['instruments', 'Boathouse strings', '&with=violin'],
  ['instruments', 'Reeds and brass', '&with=flute,clarinet,trumpet,guitar&mode=sound'],
  ['marking', 'Monday keys', ''],
  ['progress', 'Monday keys', ''],
];

test.describe('every screen', () => {
  for (const [view, group, query] of VIEWS) {
    test(`${view} ${query} works for everybody and fits a phone`, async ({ page }) => {
      await teacher(page);
      await open(page, view, group, query);
      await expect(page.locator('main h1')).toBeVisible();
      await accessible(page);
      await page.setViewportSize({ width: 390, height: 800 });
      const wide = await page.evaluate(
        () => document.documentElement.scrollWidth - window.innerWidth,
      );
      expect(wide).toBeLessThanOrEqual(0);
    });
  }

  test('the student’s pages work for everybody and fit a phone', async ({ page }) => {
    await wren(page);
    for (const path of ['/practise', '/hold-up', '/my-sayings', '/hand']) {
      await page.setViewportSize({ width: 1280, height: 800 });
      await page.goto(path);
      await hydrated(page);
      await accessible(page);
      await page.setViewportSize({ width: 390, height: 800 });
      const wide = await page.evaluate(
        () => document.documentElement.scrollWidth - window.innerWidth,
      );
      expect([path, wide]).toEqual([path, 0]);
    }
  });

  for (const path of ['/sign-in', '/enter?code=KEYS42', '/nowhere']) {
    test(`${path} works for everybody`, async ({ page }) => {
      await page.goto(path);
      await accessible(page);
    });
  }

  test('practise works for everybody, at each step, with big targets', async ({ page }) => {
    await wren(page);
    await accessible(page);
    await page.getByRole('button', { name: 'Begin' }).click();
    await accessible(page);
    for (const button of await page.getByRole('button').all()) {
      const box = (await button.boundingBox())!;
      expect(Math.min(box.width, box.height)).toBeGreaterThanOrEqual(48);
    }
    await page.setViewportSize({ width: 390, height: 800 });
    const wide = await page.evaluate(
      () => document.documentElement.scrollWidth - window.innerWidth,
    );
    expect(wide).toBeLessThanOrEqual(0);
  });
});

test('pages of teachers and students are closed to others', async ({ page }) => {
  await page.goto('/ladder?notes=t1');
  await expect(page).toHaveURL(/sign-in\?back=%2Fladder/);
  await page.goto('/practise');
  await expect(page).toHaveURL(/enter/);
  await wren(page);
  await page.goto('/today');
  await expect(page).toHaveURL(/sign-in/);
});

test('a wrong key is refused with what to do', async ({ page }) => {
  await enter(page, 'KEYS42', 'Wren', ['sun', 'sun', 'sun']);
  await expect(page.getByRole('alert')).toContainText('do not belong together');
  await expect(page.getByLabel('Your name')).toHaveValue('Wren');
});

test('scripts are held to the policy, and foreign ones are refused', async ({ page }) => {
  const response = await page.goto('/sign-in');
  const policy = response!.headers()['content-security-policy']!;
  expect(policy).toContain("default-src 'self'");
  expect(/script-src[^;]*/.exec(policy)![0]).not.toContain('unsafe-inline');
  await hydrated(page);
});
