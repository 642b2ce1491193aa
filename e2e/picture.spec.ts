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

/** Light over mid-grey that a code of the tone curve stands for. */
function lightOf({ tones, brightest }: Seen, shown: number): number {
  const above = tones.findIndex((tone) => tone >= shown);
  const [low, high] = [tones[above - 1] ?? 0, tones[above] ?? 255];
  return brightest * ((above - (high > low ? (high - shown) / (high - low) : 0)) / (tones.length - 1)) ** 2;
}

test('every place that has a name is painted as the table says, whatever is set', async ({ page }) => {
  await startNight(page, 'Places');
  await show(page, 'Picture');
  for (const [field, value] of [['Subject distance', '3'], ['Wish for the room', '2.5'], ['Subject distance', '5']] as const) {
    await page.getByRole('textbox', { name: field }).fill(value);
    await page.keyboard.press('Tab');
    await saved(page);
    // What was asked before is not mistaken for what the page asks when it comes.
    const bench = page.url();
    await page.goto('about:blank');
    const asked = page.waitForResponse((response) => response.url().endsWith('/picture'));
    await page.goto(bench);
    const picture = (await (await asked).json()) as Seen;
    const canvas = page.getByRole('img', { name: /^The picture to expect\. / });
    await expect(canvas).toBeVisible();
    const noise = page.getByRole('button', { name: 'Noise' });
    if ((await noise.getAttribute('aria-pressed')) === 'true') await noise.press('Enter');
    const levels = await page.evaluate(() => {
      const { props } = JSON.parse(document.querySelector('script[data-page]')?.textContent ?? '{}') as { props: { bench: { solution: { levels: { room: number; faceFlash: number | null } } } } };
      return props.bench.solution.levels;
    });
    expect(picture.spots.length).toBeGreaterThanOrEqual(12);
    const pixels = await canvas.evaluate(
      (element: HTMLCanvasElement, spots) =>
        spots.map(({ across, up }) => Array.from(element.getContext('2d')?.getImageData(Math.floor((0.5 + across) * element.width), Math.floor(element.height / 2 - up * element.width), 1, 1).data ?? [])),
      picture.spots,
    );
    picture.spots.forEach(({ name, room, flash }, i) => {
      const told = room * 2 ** levels.room + (levels.faceFlash === null ? 0 : flash * 2 ** levels.faceFlash);
      const [r = 0, g = 0, b = 0] = (pixels[i] ?? []).map((shown) => lightOf(picture, shown));
      const shown = code(picture, 0.2126 * r + 0.7152 * g + 0.0722 * b);
      // Between the places that the page gets a line is straight: a twentieth of a stop.
      expect(shown, name).toBeGreaterThanOrEqual(code(picture, told * 2 ** -0.05) - 2);
      expect(shown, name).toBeLessThanOrEqual(code(picture, told * 2 ** 0.05) + 2);
    });
  }
});

test('the picture to expect is painted as the engine tells it, and follows settings and camera', async ({ page }) => {
  await startNight(page, 'A picture');
  await show(page, 'Picture');
  const canvas = page.getByRole('img', { name: /^The picture to expect\. Face: / });
  await expect(canvas).toBeVisible();
  const asked = page.waitForRequest((request) => request.url().endsWith('/pictured') && (request.postData() ?? '').includes('"distance":3.1'));
  await page.getByRole('textbox', { name: 'Subject distance' }).fill('3.1');
  // The settings come first, and the picture behind them. What a page reads as it comes is not kept for others, so it is asked for again.
  const request = await asked;
  const { 'content-type': type = '', 'x-xsrf-token': token = '' } = request.headers();
  const told = await page.request.post(request.url(), { data: request.postData() ?? '', headers: { 'Content-Type': type, 'X-XSRF-TOKEN': token, Accept: 'application/json' } });
  const [settings = '', seen = ''] = (await told.text()).split('\n');
  const { levels } = JSON.parse(settings) as { readonly levels: { readonly room: number; readonly faceFlash: number } };
  const picture = JSON.parse(seen) as Seen;
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

test('a shutter over sync speed shows its dark bar, whole and in sight, beside the words that refuse it', async ({ page }) => {
  await page.setViewportSize({ width: 1280, height: 800 });
  await startNight(page, 'A bar');
  await show(page, 'Picture');
  const canvas = page.getByRole('img', { name: /^The picture to expect/ });
  await expect(canvas).toBeVisible();
  const foot = { across: 0, up: -0.32 };
  const lit = await painted(page, foot);
  await page.getByRole('button', { name: 'Hold Shutter' }).click();
  const rule = page.getByRole('slider', { name: 'Turn Shutter' });
  for (let i = 0; i < 12 && !(await page.getByText(/is over sync speed: \d+ % of the frame gets no flash/).isVisible()); i++) {
    await rule.press('ArrowRight');
    await expect(page.getByRole('region', { name: 'Settings' })).toHaveAttribute('aria-busy', 'false');
  }
  await expect(page.getByText(/a bar of the frame would stay dark/)).toBeVisible();
  await expect.poll(async () => painted(page, foot)).toBeLessThan(lit - 20);
  const [picture, stage] = await Promise.all([canvas.boundingBox(), page.getByRole('region', { name: 'View on the stage' }).boundingBox()]);
  expect((picture?.y ?? Infinity) + (picture?.height ?? 0)).toBeLessThanOrEqual((stage?.y ?? 0) + (stage?.height ?? 0));
});
