import { expect } from '@playwright/test';
import { factorsOf, toneTable } from '../resources/js/features/bench/picture/develop';
import { setInto, stillsOf } from '../resources/js/features/bench/drag/scene';
import type { DragData, PictureDocument } from '../resources/js/types/generated';
import { expectAccessible, saved, show, startNight, test } from './support';

test('what moves is told, a curtain is advised, and a look that is asked for is used and taken back, by keyboard alone', async ({ page }) => {
  await startNight(page, 'Dragged shutter');
  await show(page, 'Drag');
  await page.getByRole('combobox', { name: 'Movement' }).selectOption('dance');
  await page.getByRole('textbox', { name: 'Time by hand' }).fill('0.5');
  await expect(page.getByText('in 0.5 s by hand', { exact: false }).first()).toBeVisible();
  await expect(page.getByText('Second curtain: the smear follows them', { exact: false })).toBeVisible();
  await page.getByRole('combobox', { name: 'Curtain' }).selectOption('first');
  await expect(page.getByText('You chose the first curtain.', { exact: false })).toBeVisible();
  await page.getByRole('slider', { name: 'Exposed' }).focus();
  await page.keyboard.press('Home');
  await expect(page.getByText('0 s of 0.5 s')).toBeVisible();
  await page.getByRole('textbox', { name: 'Speed (optional)' }).fill('16');
  await expect(page.getByText('The speed must be 0 to 15 m/s; it is 16.')).toBeVisible();
  await page.getByRole('textbox', { name: 'Speed (optional)' }).fill('1.2');
  await expect(page.getByText('must be 0 to 15')).toHaveCount(0);
  await page.getByRole('combobox', { name: 'Look' }).selectOption('trail-behind');
  await page.getByRole('checkbox', { name: 'There is a tripod' }).check();
  await page.getByRole('button', { name: 'Find settings' }).press('Enter');
  await page.getByRole('button', { name: 'Use these settings' }).press('Enter');
  await expect(page.getByTestId('Shutter')).toHaveText('1/5 s');
  await saved(page);
  await page.reload();
  await expect(page.getByTestId('Shutter')).toHaveText('1/5 s');
  await expect(page.getByRole('combobox', { name: 'Movement' })).toHaveValue('dance');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByTestId('Shutter')).not.toHaveText('1/5 s');
  await expectAccessible(page);
});

test('a lamp’s trail is painted as long and as bright as it is reckoned', async ({ page }) => {
  await startNight(page, 'Painted');
  const [told, seen] = ['/drag', '/picture'].map((route) => page.waitForResponse((response) => response.url().endsWith(route) && (response.request().postData() ?? '').includes('"speedAcross":-3')));
  await show(page, 'Drag');
  await page.getByRole('textbox', { name: 'Time by hand' }).fill('0.25');
  await page.getByRole('button', { name: /^Lamps behind/ }).click();
  await page.getByRole('button', { name: 'Add a lamp' }).click();
  const lamp = page.getByRole('group', { name: 'lamp 1' });
  for (const [name, value] of [['Place to the right of the middle', '2'], ['Height over the lens', '0.7'], ['Distance from the lens', '8'], ['Level', '11'], ['Size (optional)', '20'], ['Speed upwards (optional)', '0.6'], ['Speed to the right (optional)', '-3']] as const) {
    await lamp.getByRole('textbox', { name, exact: true }).fill(value);
  }
  const { drag, solution } = (await (await told)?.json()) as DragData;
  const picture = (await (await seen)?.json()) as PictureDocument;
  const trail = setInto(drag, picture).trails[0];
  if (trail === undefined) throw new Error('no trail');
  expect(trail.shape).toBe('line');
  const canvas = page.getByRole('img', { name: /^Second curtain:/ });
  await expect(page.getByText(/^A line of/)).toBeVisible();
  const { pixels, width, height } = await canvas.evaluate((element: HTMLCanvasElement) => {
    const image = element.getContext('2d')?.getImageData(0, 0, element.width, element.height);
    return { pixels: [...(image?.data ?? [])], width: element.width, height: element.height };
  });
  const { codes, scale } = toneTable(picture);
  const tones = Array.from(codes, (code, i) => [(i / scale) ** 2, code] as const);
  const lightAt = (x: number, y: number) => {
    const code = pixels[4 * (Math.floor(y) * width + Math.floor(x)) + 1] ?? 0;
    return tones.reduce<readonly [number, number]>((best, tone) => (Math.abs(tone[1] - code) < Math.abs(best[1] - code) ? tone : best), [0, 0])[0];
  };
  const place = (share: number) => {
    const [from, to] = [0, trail.across.length - 1].map((i) => [width / 2 + (trail.across[i] ?? 0) * width, height / 2 - (trail.up[i] ?? 0) * width] as const);
    if (from === undefined || to === undefined) throw new Error('no ends');
    return [from[0] + share * (to[0] - from[0]), from[1] + share * (to[1] - from[1])] as const;
  };
  const still = stillsOf(picture)(width);
  const factors = factorsOf(solution.levels);
  const drawn = (share: number) => {
    const [x, y] = place(share);
    const green = 3 * (Math.floor(y) * width + Math.floor(x)) + 1;
    return lightAt(x, y) - factors.room * (still.room[green] ?? 0) - factors.flash * (still.flash[green] ?? 0);
  };
  const expected = 2 ** (trail.level ?? NaN) * trail.green;
  for (let share = 0.1; share < 0.91; share += 0.05) expect(Math.abs(Math.log2(drawn(share) / expected)), `at ${share.toFixed(2)}`).toBeLessThan(0.1);
  const inside = Array.from({ length: 1401 }, (_, i) => -0.2 + i / 1000).filter((share) => drawn(share) > expected / 2);
  expect(Math.abs(inside.length / 1000 - 1)).toBeLessThan(0.03);
  const length = Math.hypot((trail.across[48] ?? 0) - (trail.across[0] ?? 0), (trail.up[48] ?? 0) - (trail.up[0] ?? 0));
  expect(Math.abs((100 * length) / trail.length.percent - 1)).toBeLessThan(0.03);
});

test('where motion is not wanted the exposure stands in five stages, and fits a phone', async ({ page }) => {
  await page.emulateMedia({ reducedMotion: 'reduce' });
  await startNight(page, 'In stages');
  await page.setViewportSize({ width: 390, height: 844 });
  await show(page, 'Drag');
  const stages = page.getByRole('group', { name: 'Stages of the exposure' }).getByRole('button');
  await expect(stages).toHaveCount(5);
  await stages.first().click();
  await expect(stages.first()).toHaveAttribute('aria-pressed', 'true');
  await expect(page.getByRole('slider', { name: 'Exposed' })).toHaveCount(0);
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as a picture' }).click();
  expect((await download).suggestedFilename()).toBe('drag.png');
});
