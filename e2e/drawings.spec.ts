import { expect, type Locator, type Page } from '@playwright/test';
import { expectAccessible, saved, settings, startNight, test } from './support';

test('people, camera, ceiling and head are moved in the drawings by keys, and the numbers follow', async ({ page }) => {
  await startNight(page, 'Moved by keys');
  const distance = page.getByRole('textbox', { name: 'Subject distance' });
  const before = Number(await distance.inputValue());
  await page.getByRole('slider', { name: 'Move the subject' }).focus();
  await page.keyboard.press('ArrowRight');
  await expect(distance).toHaveValue(String(Math.round((before + 0.1) * 100) / 100));
  await page.getByRole('slider', { name: 'Move the camera' }).focus();
  await page.keyboard.press('ArrowRight');
  await expect(distance).toHaveValue(String(before));
  const ceiling = page.getByRole('textbox', { name: 'Ceiling height' });
  const height = Number(await ceiling.inputValue());
  await page.getByRole('slider', { name: 'Move the ceiling' }).focus();
  await page.keyboard.press('ArrowUp');
  await expect(ceiling).toHaveValue(String(Math.round((height + 0.1) * 10) / 10));
  await page.getByRole('slider', { name: 'Move the head, from above' }).focus();
  await page.keyboard.press('ArrowUp');
  await expect(page.getByTestId('Head')).toHaveText('Turned by hand');
  await expect(page.getByRole('textbox', { name: 'Turn of the head' })).toBeVisible();
  const turned = await settings(page);
  await saved(page);
  await page.reload();
  expect(await settings(page)).toEqual(turned);
  await page.getByRole('radio', { name: 'As advised' }).click();
  await expect(page.getByTestId('Head')).not.toHaveText('Turned by hand');
  await expectAccessible(page);
});

test('the subject is dragged by mouse', async ({ page }) => {
  await startNight(page, 'Dragged');
  const distance = page.getByRole('textbox', { name: 'Subject distance' });
  const before = Number(await distance.inputValue());
  const box = await page.getByRole('slider', { name: 'Move the subject' }).boundingBox();
  if (box === null) throw new Error('no subject to drag');
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + 60, y + 4, { steps: 6 });
  await page.mouse.up();
  await expect.poll(async () => Number(await distance.inputValue())).toBeGreaterThan(before + 0.3);
  await expect(page.getByRole('img', { name: new RegExp(`subject ${await distance.inputValue()} m`) })).toBeVisible();
});

test('moves that follow each other before an answer lose nothing', async ({ page }) => {
  await startNight(page, 'In haste');
  const distance = page.getByRole('textbox', { name: 'Subject distance' });
  const before = Number(await distance.inputValue());
  await page.route('**/solve', async (route) => {
    await new Promise((done) => setTimeout(done, 1500));
    await route.continue();
  });
  await page.route('**/strip', (route) => route.abort());
  await page.getByRole('slider', { name: 'Move the subject' }).focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await page.getByRole('slider', { name: 'Move the camera' }).focus();
  await page.keyboard.press('ArrowRight');
  await expect(distance).toHaveValue(String(Math.round((before + 0.1) * 100) / 100));
  await page.getByRole('slider', { name: 'Move the head, from above' }).focus();
  await page.keyboard.press('ArrowDown');
  const turn = page.getByRole('textbox', { name: 'Turn of the head' });
  const once = Number((await turn.inputValue()).replace('−', '-'));
  await page.keyboard.press('ArrowDown');
  await expect.poll(async () => Number((await turn.inputValue()).replace('−', '-'))).not.toBe(once);
});

test.describe('by finger', () => {
  test.use({ hasTouch: true, viewport: { width: 390, height: 844 } });

  test('the subject is dragged and the shutter turned', async ({ page }) => {
    await startNight(page, 'By finger');
    const distance = page.getByRole('textbox', { name: 'Subject distance' });
    const before = Number(await distance.inputValue());
    await swipe(page, page.getByRole('slider', { name: 'Move the subject' }), 40);
    await expect.poll(async () => Number(await distance.inputValue())).toBeGreaterThan(before + 0.3);
    await page.getByRole('button', { name: 'Hold or turn a setting' }).click();
    const shutter = page.getByTestId('Shutter');
    const slow = await shutter.innerText();
    await swipe(page, page.getByRole('slider', { name: 'Turn Shutter' }), 60);
    await expect(shutter).not.toHaveText(slow);
    await saved(page);
  });
});

/** A finger that goes down in the middle of something, moves sideways and lets go. */
async function swipe(page: Page, on: Locator, by: number): Promise<void> {
  await on.scrollIntoViewIfNeeded();
  const box = await on.boundingBox();
  if (box === null) throw new Error('nothing to swipe on');
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  const screen = await page.context().newCDPSession(page);
  const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', at: number) => screen.send('Input.dispatchTouchEvent', { type, touchPoints: type === 'touchEnd' ? [] : [{ x: at, y }] });
  await touch('touchStart', x);
  for (let i = 1; i <= 6; i++) await touch('touchMove', x + (by * i) / 6);
  await touch('touchEnd', x + by);
}
