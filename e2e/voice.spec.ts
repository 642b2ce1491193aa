import { expect, type Page } from '@playwright/test';
import { expectAccessible, expectNoSidewaysScroll, register, saved, settings, show, startNight, stranger, test, toTimetable } from './support';

const METRES = /(?<![\w.])\d+(\.\d+)? ?m\b(?! ?[²³])/;
const FEET = /\d ?(ft|in)\b(?! (the|a|this|your)\b)/;
const HOURS_24 = /(?<![\d:T])([01]\d|2[0-3]):[0-5]\d(?! ?[ap]m)(?![\d:])/;
const HOURS_12 = /\d ?[ap]m\b/;

/** All that a page tells: what is seen, what is read out, and what stands in fields. */
async function told(page: Page): Promise<string[]> {
  return page.evaluate(() => {
    const texts: string[] = [];
    const walk = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    // A text may be put together from parts, so it is read by the block that it stands in.
    for (let node = walk.nextNode(); node !== null; node = walk.nextNode()) {
      const parent = node.parentElement;
      if (node.textContent?.trim() !== '' && parent !== null && !['SCRIPT', 'STYLE', 'OPTION'].includes(parent.tagName)) texts.push(parent.textContent);
    }
    for (const element of document.querySelectorAll('*')) {
      for (const name of ['aria-label', 'aria-valuetext', 'title', 'placeholder']) texts.push(element.getAttribute(name) ?? '');
      if (element instanceof HTMLInputElement && element.tabIndex >= 0) texts.push(element.value);
    }
    return [...new Set(texts)];
  });
}

async function expectOnly(page: Page, others: readonly RegExp[]): Promise<void> {
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  const strange = (await told(page)).filter((text) => others.some((other) => other.test(text)));
  expect(strange, page.url()).toEqual([]);
}

async function tellIn(page: Page, unit: string, clock: string): Promise<void> {
  await page.goto('/account');
  await page.getByRole('combobox', { name: 'Lengths' }).selectOption(unit);
  await page.getByRole('combobox', { name: 'Time of day' }).selectOption(clock);
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Lengths and times are told that way now')).toBeVisible();
}

test('an account is told feet and the 12-hour clock on every page, or metres and 24 hours, and nothing of the other', async ({ browser }) => {
  test.slow();
  const page = await stranger(browser);
  await register(page);
  await page.getByLabel('What is it?').fill('Both ways');
  await page.getByLabel('Where?').fill('Sail loft');
  await page.getByLabel('When?').fill('12 Jun 2027');
  await page.getByLabel('Begin with').selectOption('evening wedding');
  await page.getByRole('button', { name: 'Start the night' }).click();
  await toTimetable(page);
  const night = new URL(page.url()).pathname.replace('/timetable', '');
  for (const [unit, clock, others] of [
    ['feet and inches', '7:30 pm', [METRES, HOURS_24]],
    ['metres', '19:30', [FEET, HOURS_12]],
  ] as const) {
    await tellIn(page, unit, clock);
    await expectAccessible(page);
    await page.goto(`${night}/timetable`);
    await expect(page.getByText(/being solved/)).toHaveCount(0, { timeout: 30_000 });
    await expectOnly(page, others);
    const moment = (await page.getByRole('link', { name: 'First dance', exact: true }).getAttribute('href')) ?? '';
    await page.goto(`${night}/kit`);
    await expect(page.getByText(/is being (reckoned|solved)/)).toHaveCount(0, { timeout: 60_000 });
    await expectOnly(page, others);
    await page.goto(moment);
    for (const view of ['Drag', 'Meter', 'Picture', 'Costs'] as const) {
      await show(page, view);
      await expectOnly(page, others);
    }
    await expect(page.getByRole('heading', { name: 'What a change costs' })).toBeVisible();
    for (const fold of ['The whole room', 'Gear', 'Name and time']) await page.getByRole('button', { name: fold }).click();
    await settings(page);
    await expectOnly(page, others);
    await page.getByRole('textbox', { name: 'Subject distance' }).fill('900 ft');
    await page.getByRole('textbox', { name: 'Subject distance' }).blur();
    await expect(page.getByText(/distance must be/)).toBeVisible();
    await expectOnly(page, others);
    await page.setViewportSize({ width: 390, height: 844 });
    await expect(() => expectNoSidewaysScroll(page)).toPass({ timeout: 5_000 });
    await page.setViewportSize({ width: 1280, height: 800 });
    await page.goto(`${moment}/plan`);
    await expectOnly(page, others);
    for (const list of ['/bag', '/places']) {
      await page.goto(list);
      await expectOnly(page, others);
    }
    await page.getByRole('link', { name: /Sail loft/ }).click();
    await expectOnly(page, others);
    await page.getByRole('link', { name: 'Function room' }).first().click();
    await expectOnly(page, others);
  }
  await page.close();
});

test('lengths and times are typed in any unit, and a night made in feet is the same document', async ({ browser }) => {
  test.slow();
  const page = await stranger(browser);
  await register(page);
  const documents: unknown[] = [];
  for (const { unit, clock, typed } of [
    { unit: 'metres', clock: '19:30', typed: { distance: ['4.88', '16 ft', "16'", '4.88 m'], height: '10\'6"', starts: '9:15 pm' } },
    { unit: 'feet and inches', clock: '7:30 pm', typed: { distance: ['16', '4.88 m', "16'", '16 ft'], height: '3.2 m', starts: '21:15' } },
  ]) {
    await tellIn(page, unit, clock);
    await startNight(page, 'Made either way');
    const distance = page.getByRole('textbox', { name: 'Subject distance' });
    const shown = unit === 'metres' ? '4.88' : '16 ft';
    for (const text of typed.distance) {
      await distance.fill('2');
      await distance.fill(text);
      await distance.blur();
      await expect(distance, text).toHaveValue(shown);
    }
    await page.getByRole('textbox', { name: 'Ceiling height' }).fill(typed.height);
    await page.getByRole('button', { name: 'Name and time' }).click();
    const starts = page.getByRole('textbox', { name: 'Start' });
    await starts.fill(typed.starts);
    await starts.blur();
    await expect(starts).toHaveValue(clock === '19:30' ? '21:15' : '9:15 pm');
    await settings(page);
    await saved(page);
    const moment = new URL(page.url()).pathname;
    documents.push(await (await page.request.get(`${moment}/document`)).json());
  }
  expect(documents[1]).toEqual(documents[0]);
  await page.close();
});
