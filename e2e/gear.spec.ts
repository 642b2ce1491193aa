import { expect, type Page } from '@playwright/test';
import { expectAccessible, saved, settings, show, startNight, test } from './support';

/** Chooses what is fitted, and waits for the answer. */
async function fit(page: Page, label: string, name: string): Promise<void> {
  const choice = page.getByRole('combobox', { name: label, exact: true });
  const option = choice.locator('option', { hasText: name });
  await choice.selectOption((await option.getAttribute('value')) ?? '');
  await expect(page.getByRole('region', { name: 'Settings' })).toHaveAttribute('aria-busy', 'false');
}

test('a dome, a gel and a second unit change output, size and colour, and stay', async ({ page }) => {
  await startNight(page, 'On the head');
  await page.getByRole('button', { name: 'Gear' }).click();
  const bare = await settings(page);
  await fit(page, 'Modifier', 'Frosted dome');
  const domed = await settings(page);
  expect(domed['output']).not.toBe(bare['output']);
  await fit(page, 'Gel', 'Full orange');
  const gelled = await settings(page);
  expect(gelled['output']).not.toBe(domed['output']);
  await fit(page, 'Number of units', '2 side by side');
  expect((await settings(page))['output']).not.toBe(gelled['output']);
  const both = await settings(page);
  await fit(page, 'Gel of the other units', 'none');
  expect((await settings(page))['output']).not.toBe(both['output']);
  await saved(page);
  await page.reload();
  await page.getByRole('button', { name: 'Gear' }).click();
  await expect(page.getByRole('combobox', { name: 'Modifier', exact: true }).locator('option:checked')).toHaveText(/Frosted dome/);
  await expect(page.getByRole('combobox', { name: 'Gel', exact: true }).locator('option:checked')).toHaveText(/Full orange/);
  await expect(page.getByRole('combobox', { name: 'Gel of the other units', exact: true }).locator('option:checked')).toHaveText('none');
  await fit(page, 'Number of units', 'one');
  await fit(page, 'Gel', 'none');
  await fit(page, 'Modifier', 'bare head');
  expect(await settings(page)).toEqual(bare);
  await expectAccessible(page);
});

test('the zoom of the head is set by hand, refused beyond its range, and follows again', async ({ page }) => {
  await startNight(page, 'Zoomed by hand');
  const before = await settings(page);
  await page.getByRole('radio', { name: 'Zoom by hand' }).click();
  const zoom = page.getByRole('textbox', { name: 'Zoom of the head' });
  await zoom.fill('105');
  await expect(page.getByText('The zoom stands at 105 mm.')).toBeVisible();
  await saved(page);
  await page.reload();
  await expect(page.getByText('The zoom stands at 105 mm.')).toBeVisible();
  await zoom.fill('2');
  await expect(page.getByText(/The zoom of the head must be/)).toBeVisible();
  await page.getByRole('radio', { name: 'Zoom follows' }).click();
  expect(await settings(page)).toEqual(before);
});

test('high-speed sync opens the fast shutters where the room is too bright, and is switched off again', async ({ page }) => {
  await startNight(page, 'In the sun');
  await page.getByRole('textbox', { name: 'Subject distance' }).fill('1');
  await page.getByRole('radio', { name: 'As EV' }).click();
  await page.getByRole('textbox', { name: 'Glow', exact: true }).fill('12');
  await page.getByLabel('Aperture that you like here').selectOption('f/2.8');
  await page.getByRole('button', { name: 'High-speed sync', exact: true }).click();
  await expect(page.getByTestId('Shutter')).toHaveText(/^1\/[1-4]\d{3} s$/);
  await expect(page.getByTestId('Aperture')).toHaveText('f/2.8');
  await saved(page);
  await page.getByRole('button', { name: 'Switch high-speed sync off' }).click();
  await expect(page.getByTestId('Shutter')).not.toHaveText(/^1\/\d{4} s$/);
});

test('what is dialled in already is told, and what the unit must make up for', async ({ page }) => {
  await startNight(page, 'Dialled in');
  await show(page, 'Meter');
  const planned = page.getByRole('heading', { name: 'Who sets the output' });
  await expect(planned).toBeVisible();
  const body = page.getByRole('textbox', { name: 'Flash compensation on the body' });
  await body.fill('1');
  await saved(page);
  await page.reload();
  await expect(body).toHaveValue('1');
  await body.fill('9');
  await expect(page.getByText(/The flash compensation on the body must be/)).toBeVisible();
});

test('a picture is taken without flash, and with it again', async ({ page }) => {
  await startNight(page, 'By candles alone');
  await page.getByRole('radio', { name: 'Without' }).click();
  await expect(page.getByTestId('Flash output')).toHaveText('off');
  await expect(page.getByTestId('Head')).toHaveText('Off');
  await expect(page.getByText(/The flash is off: the room alone lights the face/)).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Ways to point the head' })).toBeHidden();
  await show(page, 'Meter');
  await expect(page.getByText('The flash is off: nobody has to set its output.')).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('radio', { name: 'With flash' }).click();
  await expect(page.getByTestId('Flash output')).not.toHaveText('off');
  await expect(page.getByRole('heading', { name: 'Ways to point the head' })).toBeVisible();
});
