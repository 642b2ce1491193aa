import { expect, type Page } from '@playwright/test';
import { expectAccessible, expectNoSidewaysScroll, saved, show, startNight, test } from './support';

interface Seen {
  readonly surfaces: readonly unknown[];
  readonly spots: readonly { readonly name: string; readonly across: number; readonly up: number; readonly room: number; readonly flash: number }[];
  readonly aspect: number;
  readonly tones: readonly number[];
  readonly brightest: number;
}

/** Code that the tone curve of a picture gives to some light. */
function code({ tones, brightest }: Seen, light: number): number {
  const at = Math.sqrt(light / brightest) * (tones.length - 1);
  const low = Math.floor(at);
  return (tones[low] ?? 0) + (at - low) * ((tones[low + 1] ?? 0) - (tones[low] ?? 0));
}

/** Green of the painted pixel at a place of the picture. */
async function painted(page: Page, { across, up }: { readonly across: number; readonly up: number }): Promise<number> {
  return page.getByRole('img', { name: /^The picture to expect/ }).evaluate((canvas: HTMLCanvasElement, [x, y]) => {
    const at = canvas.getContext('2d')?.getImageData(Math.floor((0.5 + (x ?? 0)) * canvas.width), Math.floor(canvas.height / 2 - (y ?? 0) * canvas.width), 1, 1);
    return at?.data[1] ?? -1;
  }, [across, up]);
}

test('the picture to expect is painted as the engine tells it, and follows settings and camera', async ({ page }) => {
  await startNight(page, 'A picture');
  await show(page, 'Picture');
  const canvas = page.getByRole('img', { name: /^The picture to expect\. Face: / });
  await expect(canvas).toBeVisible();
  const [asked, solved] = ['/picture', '/solve'].map((route) => page.waitForResponse((response) => response.url().endsWith(route) && (response.request().postData() ?? '').includes('"distance":3.1')));
  await page.getByRole('textbox', { name: 'Subject distance' }).fill('3.1');
  const picture = (await (await asked)?.json()) as Seen;
  const { levels } = (await (await solved)?.json()) as { readonly levels: { readonly room: number; readonly faceFlash: number } };
  await expect(page.getByText('Point at the picture for the level there.')).toBeVisible();
  const face = picture.spots.find(({ name }) => name === 'Face');
  const light = (face?.room ?? 0) * 2 ** levels.room + (face?.flash ?? 0) * 2 ** levels.faceFlash;
  expect(Math.abs((await painted(page, face ?? { across: 0, up: 0 })) - code(picture, light))).toBeLessThanOrEqual(2);
  await expect(page.getByRole('row', { name: /^Face/ })).toContainText(`${light >= 1 ? '+' : '−'}${Math.abs(Math.log2(light)).toFixed(1)} stops`);

  const before = await painted(page, { across: -0.4, up: 0 });
  await page.getByRole('textbox', { name: 'Wish for the room' }).fill('4');
  await expect.poll(async () => painted(page, { across: -0.4, up: 0 })).toBeLessThan(before - 20);
  await page.getByRole('button', { name: 'Hold the camera otherwise' }).press('Enter');
  await page.getByRole('textbox', { name: 'Tilt of the camera' }).fill('40');
  await expect(page.getByText(/must be −30 to 30/)).toBeVisible();
  await expect(canvas).toBeVisible();
  await expect(page.getByText('From before the last change.')).toBeVisible();
  await page.getByRole('textbox', { name: 'Tilt of the camera' }).fill('10');
  await page.getByRole('button', { name: 'Upright' }).press('Enter');
  await expect.poll(async () => canvas.evaluate((element: HTMLCanvasElement) => element.height > element.width)).toBe(true);
  await page.getByRole('button', { name: 'Show what is lost' }).press('Enter');
  await canvas.hover({ position: { x: 30, y: 30 } });
  await expect(page.getByText(/^There: .*; room .*, flash /)).toBeVisible();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as a picture' }).press('Enter');
  expect((await download).suggestedFilename()).toBe('picture.png');
  await expectAccessible(page);
  await saved(page);
  await page.reload();
  await expect(canvas).toBeVisible();
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Words and keys' })).toBeVisible();
  await expectAccessible(page);
  await page.keyboard.press('Escape');
  await page.keyboard.press('1');
  await expect(page.getByRole('img', { name: /^Section of the room/ })).toBeVisible();
  await page.keyboard.press('2');
  await expect(canvas).toBeVisible();
  await page.setViewportSize({ width: 390, height: 844 });
  await expectNoSidewaysScroll(page);
});
