import { expect } from '@playwright/test';
import { expectAccessible, expectNoSidewaysScroll, saved, settings, show, startNight, test } from './support';

test('face and background are told apart, one of them is held, and a wish for the colour sets the white balance', async ({ page }) => {
  await startNight(page, 'Two lights');
  const before = await settings(page);
  await page.getByLabel('Room’s light on faces').selectOption('other by so many stops');
  await page.getByRole('textbox', { name: 'Light on the face over what is behind' }).fill('-4');
  const levels = page.getByRole('img', { name: /Room, behind .* Room, on the face/ });
  await expect(levels).toBeVisible();
  const opened = await settings(page);
  expect(opened).not.toEqual(before);
  await expect(page.getByText(/^Hold the face, let the background go: /)).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Hold the face' }).press('Enter');
  await expect(page.getByText(/^Hold the background, open the face: /)).toBeVisible();
  expect((await settings(page)).iso).not.toBe(opened['iso']);

  await show(page, 'Colour');
  const colour = page.getByRole('region', { name: 'Colour' });
  await colour.getByRole('textbox', { name: 'Colour of the room’s light' }).fill('2700');
  await expect(colour.getByText('2700 K, 370 mired')).toBeVisible();
  await colour.getByRole('textbox', { name: 'White balance', exact: true }).fill('900');
  await expect(colour.getByText(/must be 1700 to 25/)).toBeVisible();
  await colour.getByRole('button', { name: /^Match the room/ }).press('Enter');
  await expect(colour.getByRole('textbox', { name: 'White balance', exact: true })).toHaveValue('2700');
  await page.getByRole('button', { name: 'Gear' }).click();
  await expect(page.getByRole('combobox', { name: 'Gel', exact: true }).locator('option:checked')).toHaveText(/range/);
  await colour.getByRole('textbox', { name: 'Tint of the white balance' }).fill('30');
  await expect(colour.getByText(/must be −20 to 20/)).toBeVisible();
  await colour.getByRole('textbox', { name: 'Tint of the white balance' }).fill('4');
  await expectAccessible(page);
  await saved(page);
  await page.reload();
  await expect(page.getByText(/^Hold the background, open the face: /)).toBeVisible();
  await expect(page.getByRole('region', { name: 'Colour' }).getByRole('textbox', { name: 'White balance', exact: true })).toHaveValue('2700');
  await page.setViewportSize({ width: 390, height: 844 });
  await expectNoSidewaysScroll(page);
});

test('a group is planned by rows, refused where it has no room, and told on the bench', async ({ page }) => {
  await startNight(page, 'A group');
  const bench = page.url();
  await page.goto(`${bench}/plan`);
  await page.getByLabel('Number of people').fill('12');
  await page.getByLabel('Number of rows').fill('2');
  await page.getByLabel('Distance between rows').fill('0.9');
  await page.getByLabel('Depth of the group').fill('2');
  await page.getByRole('button', { name: 'Save' }).first().click();
  await expect(page.getByText('Tell either the depth of the group or the distance between its rows.')).toBeVisible();
  await page.getByLabel('Depth of the group').fill('');
  await page.getByRole('button', { name: 'Save' }).first().click();
  await expect(page.getByText(/is changed\.$/)).toBeVisible();
  await page.goto(bench);
  const group = page.getByRole('region', { name: 'The group' });
  await expect(group.getByText(/^12 people in 2 rows, 3 m wide: /)).toBeVisible();
  await expect(group.getByRole('row')).toHaveCount(5);
  await expectAccessible(page);
});
