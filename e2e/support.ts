import { readFileSync } from 'node:fs';
import axe from 'axe-core';
import { expect, test as base, type Browser, type BrowserContextOptions, type Page } from '@playwright/test';

interface Person {
  readonly name: string;
  readonly email: string;
  readonly password: string;
}

/** A test of somebody who is signed in; one account serves the whole run, each test starts a night of its own. */
export const test = base.extend<object, { person: Person & { state: BrowserContextOptions['storageState'] } }>({
  person: [
    async ({ browser }, provide) => {
      const page = await browser.newPage({ baseURL: base.info().project.use.baseURL ?? '' });
      const person = await register(page);
      const state = await page.context().storageState();
      await page.close();
      await provide({ ...person, state });
    },
    { scope: 'worker' },
  ],
  storageState: async ({ person }, provide) => {
    await provide(person.state);
  },
  page: async ({ page }, provide) => {
    const refused: string[] = [];
    page.on('console', (message) => {
      if (message.text().includes('Content Security Policy')) refused.push(message.text());
    });
    await provide(page);
    expect(refused, 'what the policy of the page does not allow').toEqual([]);
  },
});

function somebody(): Person {
  const tag = `${Date.now()}-${Math.floor(Math.random() * 1e6)}`;
  return { name: 'Wenna Holt', email: `wenna-${tag}@kaddle.example`, password: 'a long enough one' };
}

export async function register(page: Page, person = somebody()): Promise<Person> {
  await page.goto('/register');
  await page.getByLabel('Your name').fill(person.name);
  await page.getByLabel('Mail address').fill(person.email);
  await page.getByLabel('Password').fill(person.password);
  await page.getByRole('button', { name: 'Make the account' }).click();
  await expect(page.getByText(`A mail to ${person.email} is on its way.`)).toBeVisible();
  await page.goto(await linkFor(person.email, /\/confirm\/\d+\?expires=\d+&(?:amp;)?signature=[0-9a-f]+/g));
  await page.getByLabel('Password').fill(person.password);
  await page.getByRole('button', { name: 'Confirm and sign in' }).click();
  await page.waitForURL('**/nights');
  return person;
}

/** The link in the newest mail to somebody; mails leave after the answer, and stand in a log. */
export async function linkFor(email: string, pattern: RegExp): Promise<string> {
  const log = process.env['KADDLE_ACCOUNT_LOG'] ?? 'var/storage/logs/mail.log';
  let link: string | undefined;
  await expect(() => {
    const mail = readFileSync(log, 'utf8')
      .split('\nTo: ')
      .filter((part) => part.startsWith(email))
      .at(-1);
    link = mail?.match(pattern)?.[0].replace('&amp;', '&');
    expect(link).toBeDefined();
  }).toPass();
  return link ?? '';
}

export async function signIn(page: Page, email: string, password: string): Promise<void> {
  await page.goto('/sign-in');
  await page.getByLabel('Mail address').fill(email);
  await page.getByLabel('Password').fill(password);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await page.waitForURL('**/nights');
}

/** From any other sheet of a night, which shows its moments as well: waits until it is gone. */
export async function toTimetable(page: Page): Promise<void> {
  await page.getByRole('link', { name: 'Timetable' }).click();
  await expect(page.getByRole('button', { name: 'Duplicate the night' })).toBeVisible();
}

export async function startNight(page: Page, name: string): Promise<void> {
  await page.goto('/nights');
  await page.getByLabel('What is it?').fill(name);
  await page.getByLabel('Where?').fill(`Old net loft, ${name}`); // a venue of its own: its rooms are shared by all nights there
  await page.getByLabel('When?').fill('2027-06-12');
  await page.getByRole('button', { name: 'Start the night' }).click();
  await page.waitForURL('**/moments/*');
}

/** What the page recommends, once it has answered to what stands in the fields. */
export async function settings(page: Page): Promise<Record<string, string>> {
  await expect(page.getByRole('region', { name: 'Settings' })).toHaveAttribute('aria-busy', 'false');
  const read = async (name: string) => (await page.getByTestId(name).innerText()).trim();
  return {
    shutter: await read('Shutter'),
    aperture: await read('Aperture'),
    iso: await read('ISO'),
    head: await read('Head'),
    output: await read('Flash output'),
  };
}

/** Every change is stored by itself, once the hand rests. */
export async function saved(page: Page): Promise<void> {
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
}

/** A browser in which nobody is signed in. */
export async function stranger(browser: Browser): Promise<Page> {
  return (await browser.newContext({ storageState: { cookies: [], origins: [] } })).newPage();
}

/**
 * No page may break the rules of accessibility; in the dark theme only what depends on colour is looked at again. Where
 * something is wrong is asked for only then: telling it of all that is right takes a quarter of the time.
 */
export async function expectAccessible(page: Page): Promise<void> {
  const rules: axe.RunOnly = { type: 'tag', values: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'] };
  await expectNoViolation(page, 'light', rules);
  await expectNoViolation(page, 'dark', { type: 'rule', values: ['color-contrast', 'link-in-text-block'] });
}

async function expectNoViolation(page: Page, theme: string, runOnly: axe.RunOnly): Promise<void> {
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(axe.source);
  const look = (selectors: boolean): Promise<axe.Result[]> =>
    page.evaluate(
      async ([chosen, options]) => {
        document.documentElement.dataset['theme'] = chosen;
        return (await (window as unknown as { axe: typeof axe }).axe.run(document, options)).violations;
      },
      [theme, { runOnly, selectors, resultTypes: ['violations'], preload: false } satisfies axe.RunOptions] as const,
    );
  const violations = (await look(false)).length === 0 ? [] : await look(true);
  expect(violations.map((v) => `${theme}: ${v.id} at ${v.nodes.map((n) => n.target.join(' ')).join(', ')}`)).toEqual([]);
}

/** Nothing may hang over the edge of the screen. */
export async function expectNoSidewaysScroll(page: Page): Promise<void> {
  const over = await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);
  expect(over, page.url()).toBeLessThanOrEqual(0);
}

/** Shows a view on the stage of the bench. */
export async function show(page: Page, view: 'Room' | 'Picture' | 'Drag' | 'Costs' | 'Meter' | 'Colour' | 'Side by side'): Promise<void> {
  await page.getByRole('radio', { name: view, exact: true }).press('Enter');
}
