import { readFile } from 'node:fs/promises';
import { expect, type Page } from '@playwright/test';
import { signIn, stranger, test, toTimetable } from './support';

/** What a link hands over, as text, with its name. */
async function fetched(page: Page, link: string): Promise<{ name: string; text: string }> {
  const waiting = page.waitForEvent('download');
  await page.getByRole('link', { name: link, exact: true }).click();
  const download = await waiting;
  return { name: download.suggestedFilename(), text: await readFile(await download.path(), 'utf8') };
}

test('calendar and tables of the demo leave by their links', async ({ browser }) => {
  const page = await stranger(browser);
  await signIn(page, 'demo@kaddle.example', 'ropewalk-evening');
  await page.getByRole('link', { name: /Wedding of Runa/ }).click();
  await toTimetable(page);
  const calendar = await fetched(page, 'Calendar (ICS)');
  expect(calendar.name).toMatch(/\.ics$/);
  expect(calendar.text.match(/BEGIN:VEVENT/g)).toHaveLength(16);
  expect(calendar.text).toMatch(/^SUMMARY:Sparklers on the quay/m);
  const table = await fetched(page, 'Table (CSV)');
  expect(table.name).toMatch(/\.csv$/);
  expect(table.text.trim().split('\n')).toHaveLength(17);
  await page.getByRole('link', { name: 'Kit check' }).click();
  expect((await fetched(page, 'The whole check (CSV)')).text).toContain('Sparklers on the quay');
  await page.goBack();
  await page.getByRole('link', { name: 'Energy' }).click();
  expect((await fetched(page, 'Energy plan (CSV)')).text).toContain('Sparklers on the quay');
  await page.goto('/bag');
  expect((await fetched(page, 'Packing list (CSV)')).name).toMatch(/\.csv$/);
  await page.close();
});
