import { expect, type Locator, type Page } from '@playwright/test';
import { expectAccessible, expectNoSidewaysScroll, saved, settings, startNight, test } from './support';

/** What a person stops at with the Tab key, by its name, as far as the first of the parts asked for is reached. */
async function order(page: Page, names: readonly RegExp[]): Promise<number[]> {
  const found = names.map(() => -1);
  for (let at = 0; at < 120 && found.includes(-1); at++) {
    await page.keyboard.press('Tab');
    const name = await page.evaluate(() => document.activeElement?.getAttribute('aria-label') ?? document.activeElement?.textContent ?? '');
    names.forEach((wanted, i) => {
      if (found[i] === -1 && wanted.test(name)) found[i] = at;
    });
  }
  return found;
}

async function isWhole(page: Page, part: Locator): Promise<boolean> {
  const box = await part.boundingBox();
  const { height } = page.viewportSize() ?? { height: 0 };
  return box !== null && box.y >= 0 && box.y + box.height <= height;
}

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 } });

  test('the answer and what changes most stand on the first screen, in steps for a thumb, and in that order for keys', async ({ page }) => {
    await startNight(page, 'In the pocket');
    expect(await isWhole(page, page.getByRole('region', { name: 'Settings' }))).toBe(true);
    const more = page.getByRole('button', { name: 'Subject distance up' });
    for (const name of ['Subject distance up', 'Subject distance down', 'Ceiling height up', 'Glow down']) {
      const button = page.getByRole('button', { name });
      expect(await isWhole(page, button), name).toBe(true);
      const box = await button.boundingBox();
      expect(Math.min(box?.width ?? 0, box?.height ?? 0), name).toBeGreaterThanOrEqual(44);
    }
    const before = await settings(page);
    for (let i = 0; i < 12; i++) await more.click();
    await expect.poll(async () => (await settings(page))['output'], 'twice as far asks more of the flash').not.toBe(before['output']);
    await page.getByRole('button', { name: 'Glow down' }).press('Enter');
    await expect(page.getByRole('group', { name: 'Glow', exact: true })).not.toContainText('curve');
    await saved(page);
    await page.reload();
    const reached = await order(page, [/^Hold or turn a setting/, /^Subject distance down$/, /^Room$/, /^Subject distance$/, /^The limits of each setting/]);
    expect(reached).toEqual([...reached].sort((a, b) => a - b));
    expect(reached).not.toContain(-1);
    await page.getByRole('button', { name: 'Hold or turn a setting' }).click();
    await page.getByRole('button', { name: 'Hold Shutter' }).click();
    await expect(page.getByRole('button', { name: 'Hold Shutter' })).toHaveAttribute('aria-pressed', 'true');
    await saved(page);
    await expectAccessible(page);
  });
});

for (const viewport of [{ width: 1280, height: 800 }, { width: 820, height: 1180 }, { width: 390, height: 844 }]) {
  test.describe(`at ${viewport.width} x ${viewport.height}`, () => {
    test.use({ viewport });

    test('keys lead to every view and into it, and nothing runs out to the side', async ({ page }) => {
      await startNight(page, `Keys at ${viewport.width}`);
      for (const [i, view] of ['Room', 'Picture', 'Drag', 'Costs', 'Meter', 'Colour', 'Side by side'].entries()) {
        await page.keyboard.press(String(i + 1));
        const choice = page.getByRole('radio', { name: view, exact: true });
        await expect(choice).toBeChecked();
        await expect(page.getByRole('region', { name: 'View on the stage' })).not.toContainText(/Getting the view|Working out/);
        await choice.focus();
        const reached = page.locator('[aria-label="View on the stage"]:focus-within');
        for (let stops = 0; stops < 9 && (await reached.count()) === 0; stops++) await page.keyboard.press('Tab');
        await expect(reached, `from the choice of ${view} into it`).toHaveCount(1);
        await expectNoSidewaysScroll(page);
        await page.evaluate(() => {
          (document.activeElement as HTMLElement | null)?.blur();
        });
      }
      await expectAccessible(page);
    });
  });
}

test('panels fold away and stay so, and an answer is heard in one sentence', async ({ page }) => {
  await startNight(page, 'Folded');
  await page.getByRole('button', { name: 'Reasons and ways' }).press('Enter');
  await expect(page.getByRole('heading', { name: 'Ways to point the head' })).toBeHidden();
  await page.reload();
  await expect(page.getByRole('button', { name: 'Reasons and ways' })).toHaveAttribute('aria-expanded', 'false');
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Reasons and ways' }).click();
  await expect(page.getByRole('heading', { name: 'Ways to point the head' })).toBeVisible();
  const { shutter, aperture } = await settings(page);
  const heard = page.getByRole('region', { name: 'Settings' }).getByRole('status');
  await expect(heard).toHaveText(new RegExp(`^${(shutter ?? '').replace(' s', '')}, ${aperture ?? ''}, ISO \\d+, `));
  expect(await page.getByRole('region', { name: 'Settings' }).locator('[aria-live]').count()).toBe(0);
});
