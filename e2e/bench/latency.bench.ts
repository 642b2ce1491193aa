/*
 * How fast the bench answers a change, as the browser sees it:
 *
 *   bin/start                # in another terminal
 *   npm run bench:page       # KADDLE_URL where it is not http://127.0.0.1:8017
 *
 * Signs in to the demo, turns rulers with the keyboard and measures from the key
 * press to the first frame that shows the answer. Stores nothing.
 */
import { test, type Page } from '@playwright/test';
import { signIn } from '../support';

const ROUNDS = 40;

declare global {
  interface Window {
    answered: Promise<number>;
  }
}

test('from key press to painted answer', async ({ page }) => {
  await signIn(page, 'demo@kaddle.example', 'ropewalk-evening');
  await page.getByRole('link', { name: /Wedding of Runa/ }).click();
  await page.getByRole('button', { name: 'Add a moment' }).waitFor();
  const moments = await page
    .getByRole('list', { name: 'Moments' })
    .locator('a[href]:not([aria-label])')
    .evaluateAll((links) => links.map((link) => ({ href: link.getAttribute('href') ?? '', name: link.textContent })));
  // The demo stays as it is: what the bench would store is turned away.
  await page.route('**/moments/*', (route) => (route.request().method() === 'PUT' ? route.abort() : route.continue()));
  page.on('dialog', (dialog) => void dialog.accept());
  for (const { href, name } of moments) {
    await page.goto(href);
    for (const label of ['Subject distance', 'Ceiling height']) report(name, label, await turn(page, label));
  }
  console.log(`JavaScript of the bench as sent: ${await scriptWeight(page)} KB`);
});

/** ms from key press to painted answer, ascending. */
async function turn(page: Page, label: string): Promise<readonly number[]> {
  const ruler = page.getByRole('slider', { name: label });
  const times: number[] = [];
  for (let i = 0; i < ROUNDS; i++) {
    await ruler.focus();
    await page.evaluate(listen);
    await page.keyboard.press(i % 4 < 2 ? 'ArrowRight' : 'ArrowLeft');
    times.push(await page.evaluate(() => window.answered));
  }
  return times.sort((a, b) => a - b);
}

function report(name: string, label: string, times: readonly number[]): void {
  const at = (share: number) => (times[Math.min(times.length - 1, Math.floor(share * times.length))] ?? NaN).toFixed(0).padStart(4);
  console.log(`${name.padEnd(32)} ${label.padEnd(18)} median ${at(0.5)} ms   95 % ${at(0.95)} ms   worst ${at(1)} ms`);
}

/** Runs in the page: promises the ms from the next key press to the first frame after the settings are no longer busy. */
function listen(): void {
  const settings = document.querySelector('section[aria-busy]');
  if (settings === null) throw new Error('no settings on this page');
  window.answered = new Promise((resolve) => {
    let pressed = 0;
    addEventListener(
      'keydown',
      () => {
        pressed = performance.now();
      },
      { once: true, capture: true },
    );
    const observer = new MutationObserver(() => {
      if (pressed === 0 || settings.getAttribute('aria-busy') === 'true') return;
      observer.disconnect();
      requestAnimationFrame(() =>
        setTimeout(() => {
          resolve(performance.now() - pressed);
        }, 0),
      );
    });
    observer.observe(settings, { attributes: true, attributeFilter: ['aria-busy'] });
  });
}

async function scriptWeight(page: Page): Promise<number> {
  await page.reload();
  const bytes = await page.evaluate(() =>
    (performance.getEntriesByType('resource') as PerformanceResourceTiming[])
      .filter((entry) => entry.name.endsWith('.js'))
      .reduce((sum, entry) => sum + entry.encodedBodySize, 0),
  );
  return Math.round(bytes / 1000);
}
