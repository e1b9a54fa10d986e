import AxeBuilder from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';
import { PICTURES } from '../../src/contract/pictures';

type Cookies = Awaited<ReturnType<ReturnType<Page['context']>['cookies']>>;
/** One session for all tests: signing in anew in each would meet the rate limit. */
const sessions = new Map<string, Cookies>();

/** Signs a teacher in; once for each address and account, then by the same session. */
export async function signIn(page: Page, email: string, password: string): Promise<void> {
  const known = sessions.get(email);
  if (known) {
    await page.context().addCookies(known);
    await page.goto('/today');
    return;
  }
  await page.goto('/sign-in');
  await hydrated(page);
  await page.getByLabel('E-mail').fill(email);
  await page.getByLabel('Password').fill(password);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await page.waitForURL('**/today');
  sessions.set(email, await page.context().cookies());
}

/** Signs the demo's teacher in. */
export async function teacher(page: Page): Promise<void> {
  await signIn(page, 'teacher@saltmarsh.example', 'lantern-evening');
}

/** Opens a view for a group by its name. */
export async function open(page: Page, view: string, group: string, query = ''): Promise<void> {
  await page.goto('/today');
  const id = await page.locator('header select option', { hasText: group }).getAttribute('value');
  await page.goto(`/${view}?group=${id}${query}`);
  await hydrated(page);
}

/** Waits until every island on the page answers. */
export async function hydrated(page: Page): Promise<void> {
  await expect(page.locator('astro-island[ssr]')).toHaveCount(0);
}

/** Enters as a student by group code, name and pictures. */
export async function enter(
  page: Page,
  code: string,
  name: string,
  pictures: readonly string[],
): Promise<void> {
  await page.goto(`/enter?code=${code}`);
  await hydrated(page);
  await page.getByLabel('Your name').fill(name);
  for (const picture of pictures)
    await page.getByRole('button', { name: picture, exact: true }).click();
  await page.getByRole('button', { name: 'Enter', exact: true }).click();
}

/** The demo's student whose key is printed. */
export async function wren(page: Page): Promise<void> {
  await enter(page, 'KEYS42', 'Wren', ['anchor', 'fish', 'moon']);
  await page.waitForURL('**/practise');
  await hydrated(page);
}

/** Enters as any student of the demo, with the key that the teacher sees; the round is not begun. */
export async function enterAs(
  page: Page,
  group: string,
  code: string,
  name: string,
): Promise<void> {
  await teacher(page);
  await open(page, 'groups', group);
  const row = page.locator('tbody tr', { has: page.getByLabel(`Name of ${name}`) });
  const text = (await row.locator('td').nth(3).textContent())!;
  await enter(page, code, name, text.match(new RegExp(PICTURES.join('|'), 'g'))!);
  await page.waitForURL('**/practise');
  await hydrated(page);
}

/** No violation of WCAG 2.2 AA that axe can find. */
export async function accessible(page: Page): Promise<void> {
  const { violations } = await new AxeBuilder({ page })
    .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'])
    .analyze();
  const found = violations.map(
    (v) =>
      `${v.id}: ${v.help} (${v.nodes
        .map((n) => n.target.join(' '))
        .slice(0, 3)
        .join('; ')})`,
  );
  expect(found).toEqual([]);
}
