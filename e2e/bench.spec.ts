import { expect } from '@playwright/test';
import { expectAccessible, expectNoSidewaysScroll, saved, settings, show, signIn, startNight, stranger, test, toTimetable } from './support';

test('from a new night to settings, saved through reload and a new sign-in', async ({ page, browser, person }) => {
  await startNight(page, 'Silver wedding');
  const before = await settings(page);

  await page.getByRole('textbox', { name: 'Ceiling height' }).fill('6');
  await page.getByRole('textbox', { name: 'Subject distance' }).fill('5');
  const changed = await settings(page);
  expect(changed).not.toEqual(before);
  await saved(page);

  await page.reload();
  expect(await settings(page)).toEqual(changed);
  const elsewhere = await stranger(browser);
  await signIn(elsewhere, person.email, person.password);
  await elsewhere.goto(page.url());
  expect(await settings(elsewhere)).toEqual(changed);
  await expect(elsewhere.getByRole('textbox', { name: 'Ceiling height' })).toHaveValue('6');
  await elsewhere.close();
});

test('the demo shows supper in the ropewalk with settings and reasons', async ({ browser }) => {
  const page = await stranger(browser);
  await signIn(page, 'demo@kaddle.example', 'ropewalk-evening');
  await page.getByRole('link', { name: /Wedding of Runa and Joss/ }).click();
  await toTimetable(page);
  await expectAccessible(page);
  await expectNoSidewaysScroll(page);
  await page.getByRole('link', { name: 'Supper in the ropewalk', exact: true }).click();
  await expect(page.getByRole('img', { name: /Section of the room: 3.1 m high, subject 3 m/ })).toBeVisible();
  expect(await settings(page)).toEqual({ shutter: '1/40 s', aperture: 'f/4', iso: '1250', head: 'Left wall', output: '1/16 +⅓' });
  await expect(page.getByText('At 35 mm you can hold 1/35 s.')).toBeVisible();
  await expectAccessible(page);
  await page.setViewportSize({ width: 820, height: 1180 });
  const [read, stage] = await Promise.all([page.getByRole('button', { name: /^As read at/ }).boundingBox(), page.getByRole('region', { name: 'View on the stage' }).boundingBox()]);
  expect((read?.x ?? Infinity) + (read?.width ?? 0), 'a long name stays in its panel').toBeLessThanOrEqual(stage?.x ?? 0);
});

test('refuses bad input at its field, keeps the last answer, and recovers', async ({ page }) => {
  await startNight(page, 'Refusals');
  const distance = page.getByRole('textbox', { name: 'Subject distance' });
  await distance.fill('-3');
  await expect(page.getByText('The subject distance must be 0.4 to 100 m; it is −3.')).toBeVisible();
  await expect(distance).toHaveAttribute('aria-invalid', 'true');
  await distance.fill('NaN');
  await expect(page.getByText('The subject distance must be a number, 0.4 to 100 m.')).toBeVisible();
  await distance.fill('60');
  await expect(page.getByText('The subject stands outside the room')).toBeVisible();
  await page.getByRole('textbox', { name: 'Ceiling height' }).fill('0');
  await expect(page.getByText('The ceiling height must be 2 to 40 m; it is 0.')).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('textbox', { name: 'Ceiling height' }).fill('3');
  await distance.fill('2.5');
  await expect(page.getByText('out of range')).toBeHidden();
  await expect(distance).toHaveAttribute('aria-invalid', 'false');
  await saved(page);
  await distance.fill('70');
  await expect(page.getByText('Not saved')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(distance).toHaveValue('2.5');
  await saved(page);
  await page.reload();
  await expect(distance).toHaveValue('2.5');
});

test('says by how many stops an impossible moment falls short', async ({ page }) => {
  await startNight(page, 'Blackout');
  await page.getByRole('textbox', { name: 'Glow', exact: true }).fill('-6');
  await expect(page.getByRole('heading', { name: 'This cannot be had with this gear' })).toBeVisible();
  await expect(page.getByRole('listitem').filter({ hasText: /The room reads \d+(\.\d)? stops darker than you wish/ })).toBeVisible();
  await expect(page.getByText('Rest the camera, on a stand where that is allowed')).toBeVisible();
  await expectAccessible(page);
});

test('everything can be done from the keyboard', async ({ page }) => {
  await startNight(page, 'By hand');
  const ruler = page.getByRole('slider', { name: 'Subject distance' });
  const before = await ruler.getAttribute('aria-valuetext');
  await ruler.focus();
  await page.keyboard.press('ArrowRight');
  await expect(ruler).not.toHaveAttribute('aria-valuetext', before ?? '');

  const finish = page.getByRole('combobox', { name: 'Ceiling finish' });
  await finish.focus();
  await page.keyboard.type('dark');
  await expect(finish).toHaveValue('dark-timber');

  await page.getByRole('radio', { name: 'As EV' }).focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('combobox', { name: 'Shutter' })).toBeVisible();

  await page.getByRole('button', { name: 'Gear' }).focus();
  await page.keyboard.press('Enter');
  await page.getByRole('combobox', { name: 'Body' }).focus();
  await page.keyboard.type('small');
  await expect(page.getByText('half steps, sync 1/180 s')).toBeVisible();
  await expect(page.getByTestId('Shutter')).toHaveText(/1\/(30|45|60|90|125|180)/);

  await saved(page);
});

test('another way to point the head is one press away', async ({ page }) => {
  await startNight(page, 'Turn it');
  await page.getByRole('button', { name: 'Straight up' }).click();
  expect((await settings(page))['head']).toBe('Straight up');
  await expect(page.getByRole('button', { name: 'Straight up' })).toHaveAttribute('aria-pressed', 'true');
  await expect(page.getByText('Straight up is your choice; the zoom stands at 24 mm')).toBeVisible();
  await saved(page);
  await page.reload();
  expect((await settings(page))['head']).toBe('Straight up');
});

test('asks before a change is lost that could not be stored, and keeps the theme', async ({ page, context }) => {
  await startNight(page, 'Unsaved');
  await page.getByRole('button', { name: 'Dark for the venue' }).click();
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark');
  await context.setOffline(true);
  await page.getByRole('textbox', { name: 'Subject distance' }).fill('4');
  await expect(page.getByText('Not saved', { exact: true })).toBeVisible();
  let asked = '';
  page.once('dialog', (dialog) => {
    asked = dialog.message();
    void dialog.dismiss();
  });
  await page.getByRole('link', { name: 'Unsaved' }).click();
  expect(asked).toContain('not stored yet');
  await expect(page.getByRole('textbox', { name: 'Subject distance' })).toHaveValue('4');
  await context.setOffline(false);
  await page.getByRole('textbox', { name: 'Subject distance' }).fill('4.5');
  await saved(page);
  await page.reload();
  await expect(page.getByRole('textbox', { name: 'Subject distance' })).toHaveValue('4.5');
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark');
});

test('changes are taken back and made again, by button and key, also after a reload', async ({ page }) => {
  await startNight(page, 'To and fro');
  const distance = page.getByRole('textbox', { name: 'Subject distance' });
  await expect(page.getByRole('button', { name: 'Undo' })).toBeDisabled();
  await distance.fill('4');
  await saved(page);
  await distance.fill('5');
  await saved(page);
  await page.reload();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(distance).toHaveValue('4');
  await page.getByRole('button', { name: 'Undo' }).focus();
  await page.keyboard.press('Control+z');
  await expect(distance).toHaveValue('3');
  await expect(page.getByRole('button', { name: 'Undo' })).toBeDisabled();
  await page.keyboard.press('Control+Shift+z');
  await expect(distance).toHaveValue('4');
  await page.getByRole('button', { name: 'Redo' }).click();
  await expect(distance).toHaveValue('5');
});

test('two tabs do not overwrite each other in silence', async ({ page, context }) => {
  await startNight(page, 'Two tabs');
  const other = await context.newPage();
  await other.goto(page.url());
  await page.getByRole('textbox', { name: 'Subject distance' }).fill('4');
  await saved(page);
  await other.getByRole('textbox', { name: 'Subject distance' }).fill('6');
  await expect(other.getByText('was changed in another tab')).toBeVisible();
  await expectAccessible(other);
  await other.getByRole('button', { name: 'Take what is stored' }).click();
  await expect(other.getByRole('textbox', { name: 'Subject distance' })).toHaveValue('4');
  await other.getByRole('textbox', { name: 'Subject distance' }).fill('5');
  await saved(other);
  await page.getByRole('textbox', { name: 'Subject distance' }).fill('7');
  await page.getByRole('button', { name: 'Keep what is here' }).click();
  await saved(page);
  await other.reload();
  await expect(other.getByRole('textbox', { name: 'Subject distance' })).toHaveValue('7');
});

test('says so when the server cannot be reached, and goes on when it can', async ({ page, context }) => {
  await startNight(page, 'No connection');
  await context.setOffline(true);
  await page.getByRole('textbox', { name: 'Subject distance' }).fill('4');
  await expect(page.getByText('No connection to Kaddle')).toBeVisible();
  await context.setOffline(false);
  await page.getByRole('textbox', { name: 'Subject distance' }).fill('4.5');
  await expect(page.getByText('No connection to Kaddle')).toBeHidden();
});

test('a kind of room to start from changes size and finishes at once', async ({ page }) => {
  await startNight(page, 'Barn dance');
  const before = await settings(page);
  await page.getByRole('button', { name: 'The whole room' }).click();
  await page.getByLabel('Start from a kind of room').selectOption('barn with a pitched roof');
  await expect(page.getByRole('textbox', { name: 'Ceiling height' })).toHaveValue('4');
  await expect(page.getByLabel('Ceiling finish')).toHaveValue('dark-timber');
  expect(await settings(page)).not.toEqual(before);
  await show(page, 'Costs');
  await expect(page.getByRole('heading', { name: 'What a change costs' })).toBeVisible();
  await expectAccessible(page);
});

test('a night is added to and deleted', async ({ page }) => {
  await startNight(page, 'Short-lived');
  await page.getByRole('link', { name: 'Short-lived' }).click();
  await page.getByRole('button', { name: 'Add a moment' }).click();
  await page.waitForURL('**/moments/*');
  await page.getByRole('button', { name: 'Name and time' }).click();
  await page.getByLabel('Name', { exact: true }).fill('Toast');
  await expect(page.getByRole('heading', { level: 1, name: 'Toast' })).toBeVisible();
  await saved(page);
  await page.getByRole('link', { name: 'Short-lived' }).click();
  await toTimetable(page);
  await expect(page.getByRole('link', { name: 'Toast', exact: true })).toBeVisible();
  const leave = page.getByRole('button', { name: 'Delete the night' });
  await leave.click();
  await expect(page.getByRole('button', { name: 'Keep it' })).toBeFocused();
  await page.keyboard.press('Escape');
  await expect(leave).toBeFocused();
  await leave.click();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Delete it' }).click();
  await expect(page.getByText('“Short-lived” is deleted.')).toBeVisible();
});

for (const { width, height } of [
  { width: 820, height: 1180 },
  { width: 390, height: 844 },
]) {
  test(`fits ${width} px`, async ({ page }) => {
    await page.setViewportSize({ width, height });
      await startNight(page, 'Any size');
    await expectNoSidewaysScroll(page);
    await expectAccessible(page);
  });
}
