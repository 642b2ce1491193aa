/*
 * How fast the bench answers a change, as the browser sees it:
 *
 *   bin/start                # in another terminal
 *   npm run bench:page       # KADDLE_URL where it is not http://127.0.0.1:8017
 *
 * Signs in to the demo, turns rulers, a rule and a choice with the keyboard and measures from the key
 * press to the end of the first frame that shows the answer; drags the subject to and fro and counts
 * the places shown; and sets the solve route against a route of the same app that answers nothing,
 * in turns. Stores nothing.
 */
import { test, type Locator, type Page } from '@playwright/test';
import { signIn } from '../support';

const ROUNDS = 40;

/** ms between taking a ruler and turning it. */
const REST = 700;

declare global {
  interface Window {
    answered: Promise<number>;
  }
}

test('from key press to painted answer', async ({ page }) => {
  await signIn(page, 'demo@kaddle.example', 'ropewalk-evening');
  await page.getByRole('link', { name: /Wedding of Runa/ }).click();
  await page.getByRole('link', { name: 'Timetable' }).click();
  await page.getByRole('list', { name: 'Moments' }).waitFor();
  const moments = await page
    .getByRole('list', { name: 'Moments' })
    .locator('a[href]:not([aria-label])')
    .evaluateAll((links) => links.map((link) => ({ href: link.getAttribute('href') ?? '', name: link.textContent })));
  // The demo stays as it is: what the bench would store is turned away, here in the page, where it costs the measured requests nothing.
  await page.addInitScript(() => {
    const send = window.fetch.bind(window);
    window.fetch = (input, init) => (init?.method === 'PUT' ? Promise.reject(new TypeError('not stored')) : send(input, init));
  });
  page.on('dialog', (dialog) => void dialog.accept());
  const all: number[] = [];
  const measure = async (name: string, label: string, control: Locator, afresh: boolean) => {
    const times = await turn(page, control, afresh);
    all.push(...times);
    report(name, label, times);
  };
  for (const { href, name } of moments) {
    await page.goto(href);
    for (const label of ['Subject distance', 'Ceiling height', 'Turn ISO']) await measure(name, label, page.getByRole('slider', { name: label }), false);
    const aperture = page.getByLabel('Aperture that you like here');
    await measure(name, 'Aperture', aperture, false);
    await measure(name, 'Aperture, not known', aperture, true);
  }
  report('All of these', '', all.sort((a, b) => a - b));
  await page.goto('/moments/5');
  console.log(`dragging the subject: ${(await drag(page)).toFixed(0)} places a second`);
  await weigh(page);
  console.log(`JavaScript of the bench as sent: ${await scriptWeight(page)} KB`);
});

/** Places a second at which the drawing shows the subject with its numbers, dragged to and fro for three seconds, a move to each frame. */
async function drag(page: Page): Promise<number> {
  const handle = page.getByRole('slider', { name: 'Move the subject' });
  const box = await handle.boundingBox();
  if (box === null) throw new Error('no subject to drag');
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.waitForTimeout(1000);
  const shown = await handle.evaluate(async (element) => {
    let places = 0;
    const drawing = new MutationObserver(() => places++);
    drawing.observe(element, { attributes: true, attributeFilter: ['aria-valuetext'] });
    const { left, top, width, height } = element.getBoundingClientRect();
    const start = performance.now();
    await new Promise<void>((done) => {
      const move = () => {
        const turn = ((performance.now() - start) / 700) % 2;
        if (performance.now() - start > 3000) {
          done();
          return;
        }
        const aside = (turn < 1 ? turn : 2 - turn) * 90 - 45;
        element.dispatchEvent(new PointerEvent('pointermove', { bubbles: true, buttons: 1, clientX: left + width / 2 + aside, clientY: top + height / 2 }));
        requestAnimationFrame(move);
      };
      requestAnimationFrame(move);
    });
    return places / 3;
  });
  await page.mouse.up();
  return shown;
}

/** Medians of the solve route and of one that answers nothing, asked in turns from the page. */
async function weigh(page: Page): Promise<void> {
  const asked = page.waitForRequest((request) => /\/(solve|strip)$/.test(request.url()));
  await page.getByRole('slider', { name: 'Ceiling height' }).press('ArrowRight');
  // A strip is a draft with places that may come next; here it is the draft alone.
  const draft = JSON.stringify({ ...((await asked).postDataJSON() as object), strip: undefined });
  const [solve, empty] = await page.evaluate(async (body) => {
    const token = decodeURIComponent(/XSRF-TOKEN=([^;]+)/.exec(document.cookie)?.[1] ?? '');
    const headers = { 'Content-Type': 'application/json', Accept: 'application/json', 'X-XSRF-TOKEN': token };
    const times: [number[], number[]] = [[], []];
    for (let i = 0; i < 200; i++) {
      for (const [which, url, init] of [[0, `${location.pathname}/solve`, { method: 'POST', headers, body }], [1, '/alive', { headers }]] as const) {
        const start = performance.now();
        await (await fetch(url, init)).text();
        times[which].push(performance.now() - start);
      }
    }
    return times.map((list) => list.sort((a, b) => a - b)[list.length / 2] ?? NaN);
  }, draft);
  console.log(`solve ${(solve ?? NaN).toFixed(1)} ms, a route that answers nothing ${(empty ?? NaN).toFixed(1)} ms: ${((solve ?? NaN) / (empty ?? NaN)).toFixed(2)} times`);
}

/**
 * ms from key press to painted answer, ascending.
 *
 * @param afresh whether the page must forget before each press what it knows, so that every answer comes from the server
 */
async function turn(page: Page, ruler: Locator, afresh: boolean): Promise<readonly number[]> {
  const times: number[] = [];
  await ruler.focus();
  // A hand that has reached for a ruler looks at it first.
  await page.waitForTimeout(REST);
  for (let i = 0; i < ROUNDS; i++) {
    if (afresh) await page.evaluate(() => window.dispatchEvent(new Event('focus')));
    await page.evaluate(listen);
    await page.keyboard.press(i % 8 < 4 ? 'ArrowRight' : 'ArrowLeft');
    times.push(await page.evaluate(() => window.answered));
  }
  return times.sort((a, b) => a - b);
}

function report(name: string, label: string, times: readonly number[]): void {
  const at = (share: number) => (times[Math.min(times.length - 1, Math.floor(share * times.length))] ?? NaN).toFixed(0).padStart(4);
  console.log(`${name.padEnd(32)} ${label.padEnd(20)} median ${at(0.5)} ms   95 % ${at(0.95)} ms   worst ${at(1)} ms`);
}

/** Runs in the page: promises the ms from the next key press to the end of the first frame that shows settings that are not busy. */
function listen(): void {
  const settings = document.querySelector('section[aria-busy]');
  if (settings === null) throw new Error('no settings on this page');
  window.answered = new Promise((resolve) => {
    const pressed = () => {
      const start = performance.now();
      const frame = () => {
        if (settings.getAttribute('aria-busy') === 'true') requestAnimationFrame(frame);
        else
          setTimeout(() => {
            resolve(performance.now() - start);
          }, 0);
      };
      requestAnimationFrame(frame);
    };
    addEventListener('keydown', pressed, { once: true, capture: true });
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
