/*
 * How fast the picture to expect follows a hand:
 *
 *   bin/start                # in another terminal
 *   npm run bench:page -- picture
 *
 * On the demo's supper: from a click of a setting to the first frame in which the picture is another, and from another place
 * of the subject, by its ruler and typed, or another ceiling, under which no light is known, to the frame that shows the picture of it; and the routes of a picture, alone and behind its settings,
 * against one that answers nothing, in turns. Stores nothing.
 */
import { test, type Locator, type Page } from '@playwright/test';
import { signIn } from '../support';

const ROUNDS = 60;

declare global {
  interface Window {
    answered: Promise<number>;
    /** ms from now to the end of the first frame in which the picture has other pixels; a whole one is of the draft, light and place. */
    nextPicture: (whole?: boolean) => Promise<number>;
  }
}

test('a click of a setting, and another place', async ({ page }) => {
  await page.addInitScript(() => {
    localStorage.setItem('kaddle-stage', 'picture');
    const send = window.fetch.bind(window);
    window.fetch = (input, init) => (init?.method === 'PUT' ? Promise.reject(new TypeError('not stored')) : send(input, init));
    window.nextPicture = (whole = false) => {
      const canvas = document.querySelector<HTMLCanvasElement>('canvas[aria-label^="The picture"]');
      if (canvas === null) throw new Error('no picture');
      // A few pixels of faces, walls, ceiling and floor tell one picture from another.
      const places = [[0.1, 0.05], [0.3, 0.4], [0.5, 0.4], [0.7, 0.6], [0.9, 0.95]] as const;
      const seen = () => places.flatMap(([x, y]) => [...(canvas.getContext('2d')?.getImageData(Math.floor(x * canvas.width), Math.floor(y * canvas.height), 1, 1).data ?? [])]).join();
      const before = seen();
      const isBusy = () => canvas.closest('[aria-busy]')?.getAttribute('aria-busy') === 'true';
      let waited = !whole;
      const start = performance.now();
      return new Promise((resolve) => {
        const frame = () => {
          waited ||= isBusy();
          const isDone = seen() !== before && waited && !(whole && isBusy());
          if (!isDone && performance.now() - start < 2000) requestAnimationFrame(frame);
          else setTimeout(() => { resolve(performance.now() - start); }, 0);
        };
        requestAnimationFrame(frame);
      });
    };
  });
  page.on('dialog', (dialog) => void dialog.accept());
  await signIn(page, 'demo@kaddle.example', 'ropewalk-evening');
  await page.getByRole('link', { name: /Wedding of Runa/ }).click();
  await page.getByRole('link', { name: /Supper/ }).first().click();
  await page.getByRole('img', { name: /^The picture to expect/ }).waitFor();
  console.log(`a click of the wish for the room, asked for ahead, to the painted frame: ${percentiles(await turn(page, page.getByRole('slider', { name: 'Wish for the room' })))}`);
  console.log(`another wish for the room, typed, to the painted frame: ${percentiles(await change(page, page.getByRole('textbox', { name: 'Wish for the room' }), (i) => String((i % 8) / 2 + 0.5)))}`);
  console.log(`another place of the subject, by its ruler, to the picture of that place: ${percentiles(await turn(page, page.getByRole('slider', { name: 'Subject distance' }), true))}`);
  console.log(`another place of the subject, typed, to the picture of that place: ${percentiles(await change(page, page.getByRole('textbox', { name: 'Subject distance' }), (i) => (3 + (i % 20) / 10).toFixed(1), true))}`);
  console.log(`another height of the ceiling, typed, to the picture under it: ${percentiles(await change(page, page.getByRole('textbox', { name: 'Ceiling height' }), (i) => (2.5 + ((7 * i) % 60) / 20).toFixed(2), true))}`);
  await weigh(page);
});

/** ms from a key on a ruler that a hand has rested on to the first frame in which the picture has other pixels, or is whole. */
async function turn(page: Page, ruler: Locator, whole = false): Promise<readonly number[]> {
  const times: number[] = [];
  await ruler.focus();
  await page.waitForTimeout(700);
  for (let i = 0; i < ROUNDS; i++) {
    await page.evaluate((all) => {
      window.answered = new Promise((resolve) => {
        addEventListener('keydown', () => { resolve(window.nextPicture(all)); }, { once: true, capture: true });
      });
    }, whole);
    await page.keyboard.press(i % 8 < 4 ? 'ArrowRight' : 'ArrowLeft');
    times.push(await page.evaluate(() => window.answered));
    await page.waitForTimeout(100);
  }
  return times.sort((a, b) => a - b);
}

/** ms from a new value to the first frame in which the picture has other pixels, or is whole. */
async function change(page: Page, box: Locator, value: (round: number) => string, whole = false): Promise<readonly number[]> {
  const times: number[] = [];
  for (let i = 0; i < ROUNDS; i++) {
    times.push(
      await box.evaluate((element: HTMLInputElement, [next, whole]) => {
        const answered = window.nextPicture(whole);
        Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')?.set?.call(element, next);
        element.dispatchEvent(new Event('input', { bubbles: true }));
        return answered;
      }, [value(i), whole] as const),
    );
    await page.waitForTimeout(300);
  }
  return times.sort((a, b) => a - b);
}

async function weigh(page: Page): Promise<void> {
  const asked = page.waitForRequest((request) => /\/pictured?$/.test(request.url()));
  await page.getByRole('textbox', { name: 'Subject distance' }).fill('3.3');
  const draft = (await asked).postData() ?? '';
  const [picture = [], together = [], empty = []] = await page.evaluate(async (body) => {
    const token = decodeURIComponent(/XSRF-TOKEN=([^;]+)/.exec(document.cookie)?.[1] ?? '');
    const headers = { 'Content-Type': 'application/json', Accept: 'application/json', 'X-XSRF-TOKEN': token };
    const times: [number[], number[], number[]] = [[], [], []];
    for (let i = 0; i < 100; i++) {
      for (const [which, url, init] of [[0, `${location.pathname}/picture`, { method: 'POST', headers, body }], [1, `${location.pathname}/pictured`, { method: 'POST', headers, body }], [2, '/alive', { headers }]] as const) {
        const start = performance.now();
        await (await fetch(url, init)).text();
        times[which].push(performance.now() - start);
      }
    }
    return times.map((list) => list.sort((a, b) => a - b));
  }, draft);
  console.log(`the picture as the server answers it: ${percentiles(picture)}; settings and picture: ${percentiles(together)}; a route that answers nothing: ${percentiles(empty)}`);
}

function percentiles(times: readonly number[]): string {
  const at = (share: number) => (times[Math.min(times.length - 1, Math.floor(share * times.length))] ?? NaN).toFixed(1);
  return `median ${at(0.5)} ms, 95 % ${at(0.95)} ms`;
}
