import { expect, type Page } from '@playwright/test';
import { expectAccessible, test } from './support';

/** EV of the curve at an hour, as its picture tells it: every third. */
async function glowAt(page: Page, clock: string): Promise<number> {
  const told = await page.getByRole('img', { name: /^Glow of the room/ }).getAttribute('aria-label');
  return Number(told?.match(new RegExp(`${clock} EV ([−\\d.]+)`))?.[1]?.replace('−', '-'));
}

async function save(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Save' }).last().click();
  await expect(page.getByText('Saved.')).toBeVisible();
}

test('windows, lamps and their dimmers make the curve of a room', async ({ page }) => {
  await page.goto('/places');
  await page.getByRole('textbox', { name: 'Name of the venue' }).fill('Lamp store');
  await page.getByRole('button', { name: 'Add the place' }).click();
  await page.getByRole('button', { name: 'Add a room' }).click();
  await expect(page.getByRole('img', { name: /^Glow of the room/ })).toBeVisible();

  await page.getByRole('button', { name: 'Add a group of lamps' }).click();
  const lamps = page.getByRole('group', { name: 'group of lamps 1' });
  await lamps.getByRole('textbox', { name: 'Name' }).fill('Chandelier');
  await lamps.getByRole('textbox', { name: 'Light full up' }).fill('80');
  await lamps.getByRole('textbox', { name: 'Colour temperature' }).fill('2700');
  await save(page);
  // 80 lx are EV 5.
  expect(await glowAt(page, '21:00')).toBeCloseTo(5, 1);

  await lamps.getByRole('button', { name: 'Add a dimmer state' }).click();
  const state = lamps.getByRole('group', { name: 'dimmer state 1' });
  await state.getByRole('textbox', { name: 'From' }).fill('20:00');
  await state.getByRole('textbox', { name: 'Level' }).fill('25');
  await save(page);
  await expect.poll(() => glowAt(page, '21:00')).toBeCloseTo(3, 1);
  const dark = await glowAt(page, '12:00');

  await page.getByRole('button', { name: 'Add a window' }).click();
  const panes = page.getByRole('group', { name: 'window 1' });
  await panes.getByRole('textbox', { name: 'Name' }).fill('Panes');
  await panes.getByRole('textbox', { name: 'Share of daylight' }).fill('500');
  await page.getByRole('button', { name: 'Save' }).last().click();
  await expect(page.getByText('The share of daylight must be 0.001 to 100 %; it is 500.')).toBeVisible();
  await panes.getByRole('textbox', { name: 'Share of daylight' }).fill('5');
  await panes.getByRole('combobox', { name: 'Wall' }).selectOption('right');
  await save(page);
  await expect.poll(() => glowAt(page, '12:00')).toBeGreaterThan(dark + 1);
  expect(await glowAt(page, '21:00')).toBeCloseTo(3, 1);
  await page.reload();
  await expect(panes.getByRole('combobox', { name: 'Wall' })).toHaveValue('right');
  await expectAccessible(page);
});
