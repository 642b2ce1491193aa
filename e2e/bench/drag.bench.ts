/*
 * How fast the drag of a moment follows a hand:
 *
 *   bin/start                # in another terminal
 *   npm run bench:page -- drag
 *
 * Scrubs the exposure of the demo's first dance for three seconds, a place to each frame, and counts
 * the frames; changes the time by hand and measures from the key to the first frame with new numbers;
 * and sets the route against one that answers nothing, in turns. Stores nothing.
 */
import { test, type Page } from '@playwright/test';
import { signIn } from '../support';

const ROUNDS = 40;

test('scrubbing, and a change of what moves', async ({ page }) => {
  await page.addInitScript(() => {
    localStorage.setItem('kaddle-stage', 'drag');
    const send = window.fetch.bind(window);
    window.fetch = (input, init) => (init?.method === 'PUT' ? Promise.reject(new TypeError('not stored')) : send(input, init));
  });
  page.on('dialog', (dialog) => void dialog.accept());
  await signIn(page, 'demo@kaddle.example', 'ropewalk-evening');
  await page.getByRole('link', { name: /Wedding of Runa/ }).click();
  await page.getByRole('link', { name: /First dance/ }).first().click();
  const scrubber = page.getByRole('slider', { name: 'Exposed' });
  await scrubber.scrollIntoViewIfNeeded();
  await page.waitForTimeout(1000);
  for (const curtains of ['first run', 'again']) console.log(`scrubbing both curtains, ${curtains}: ${(await scrub(page)).toFixed(0)} pictures a second`);
  console.log(`a change of what moves, key to numbers: ${percentiles(await change(page))}`);
  await weigh(page);
});

/** Frames a second in which both pictures are painted anew. */
async function scrub(page: Page): Promise<number> {
  return page.getByRole('slider', { name: 'Exposed' }).evaluate(async (element: HTMLInputElement) => {
    let frames = 0;
    const start = performance.now();
    await new Promise<void>((done) => {
      const step = () => {
        const now = performance.now() - start;
        if (now > 3000) {
          done();
          return;
        }
        frames++;
        Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')?.set?.call(element, String(Math.abs(((now / 1500) % 2) - 1)));
        element.dispatchEvent(new Event('input', { bubbles: true }));
        requestAnimationFrame(step);
      };
      requestAnimationFrame(step);
    });
    return (1000 * frames) / (performance.now() - start);
  });
}

/** ms from a new speed to the frame that tells what it does. */
async function change(page: Page): Promise<readonly number[]> {
  const times: number[] = [];
  for (let i = 0; i < ROUNDS; i++) {
    times.push(
      await page.getByRole('textbox', { name: 'Speed (optional)' }).evaluate(async (element: HTMLInputElement, speed) => {
        const told = [...document.querySelectorAll('p')].find((p) => p.textContent.includes('they smear'));
        if (told === undefined) throw new Error('nothing told');
        const before = told.textContent;
        const start = performance.now();
        Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')?.set?.call(element, speed);
        element.dispatchEvent(new Event('input', { bubbles: true }));
        return new Promise<number>((resolve) => {
          const frame = () => {
            if (told.textContent === before && performance.now() - start < 2000) requestAnimationFrame(frame);
            else setTimeout(() => { resolve(performance.now() - start); }, 0);
          };
          requestAnimationFrame(frame);
        });
      }, (0.5 + i / 50).toFixed(2)),
    );
    await page.waitForTimeout(100);
  }
  return times.sort((a, b) => a - b);
}

async function weigh(page: Page): Promise<void> {
  const asked = page.waitForRequest((request) => request.url().endsWith('/drag'));
  await page.getByRole('textbox', { name: 'Speed (optional)' }).fill('1.7');
  const draft = (await asked).postData() ?? '';
  const [drag = [], empty = []] = await page.evaluate(async (body) => {
    const token = decodeURIComponent(/XSRF-TOKEN=([^;]+)/.exec(document.cookie)?.[1] ?? '');
    const headers = { 'Content-Type': 'application/json', Accept: 'application/json', 'X-XSRF-TOKEN': token };
    const times: [number[], number[]] = [[], []];
    for (let i = 0; i < 200; i++) {
      for (const [which, url, init] of [[0, `${location.pathname}/drag`, { method: 'POST', headers, body }], [1, '/alive', { headers }]] as const) {
        const start = performance.now();
        await (await fetch(url, init)).text();
        times[which].push(performance.now() - start);
      }
    }
    return times.map((list) => list.sort((a, b) => a - b));
  }, draft);
  console.log(`the drag as the server answers it: ${percentiles(drag)}; a route that answers nothing: ${percentiles(empty)}`);
}

function percentiles(times: readonly number[]): string {
  const at = (share: number) => (times[Math.min(times.length - 1, Math.floor(share * times.length))] ?? NaN).toFixed(1);
  return `median ${at(0.5)} ms, 95 % ${at(0.95)} ms`;
}
