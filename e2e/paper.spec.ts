import { readFile } from 'node:fs/promises';
import { expect, type Browser, type Page } from '@playwright/test';
import { expectAccessible, expectNoSidewaysScroll, register, signIn, stranger, test, toTimetable } from './support';

/** Starts a night from a pattern and stands on its timetable. */
async function startPattern(page: Page, name: string, pattern = 'evening wedding'): Promise<void> {
  await page.goto('/nights');
  await page.getByLabel('What is it?').fill(name);
  await page.getByLabel('Where?').fill(`Sail loft of ${name}`);
  await page.getByLabel('When?').fill('2027-06-12');
  await page.getByLabel('Begin with').selectOption(pattern);
  await page.getByRole('button', { name: 'Start the night' }).click();
  await toTimetable(page);
}

/** Presses Tab until a control has the focus: what cannot be reached like that cannot be used without a mouse. */
async function tabTo(page: Page, role: 'button' | 'link' | 'textbox' | 'combobox' | 'slider' | 'checkbox', name: string): Promise<void> {
  const wanted = page.getByRole(role, { name, exact: true }).first();
  for (let i = 0; i < 150; i++) {
    if (await wanted.evaluate((element) => element === document.activeElement)) return;
    await page.keyboard.press('Tab');
  }
  throw new Error(`Tab never came to ${role} “${name}”.`);
}

test('a new user comes from an empty account to a first kit check, by keyboard alone', async ({ browser }) => {
  const page = await stranger(browser);
  await register(page);
  await tabTo(page, 'textbox', 'What is it?');
  await page.keyboard.type('First night');
  await page.keyboard.press('Tab');
  await page.keyboard.type('Rope store');
  await page.keyboard.press('Tab');
  await page.keyboard.type('12 Jun 2027');
  await tabTo(page, 'combobox', 'Begin with');
  await page.keyboard.type('awards');
  await tabTo(page, 'button', 'Start the night');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1, name: 'First night' })).toBeVisible();
  await tabTo(page, 'link', 'Kit check');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: /The bag reaches|falls? short/ })).toBeVisible();
  await expect(page.getByRole('columnheader', { name: 'Verdict' })).toBeVisible();
  await page.getByText('Stops to spare, moment by way of lighting').press('Enter');
  await expect(page.getByRole('columnheader', { name: 'bounced, Fast 35', exact: true })).toBeVisible();
  await expectAccessible(page);
  await page.close();
});

test('gear is put in, changed, taken back, copied and archived by keyboard', async ({ page }) => {
  await page.goto('/bag');
  await tabTo(page, 'link', 'Add a lens');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1, name: 'Add a lens' })).toBeVisible();
  await tabTo(page, 'button', 'Portrait 85');
  await page.keyboard.press('Enter');
  await tabTo(page, 'textbox', 'Name');
  await page.keyboard.press('Control+A');
  await page.keyboard.type('Borrowed 85');
  await tabTo(page, 'button', 'Add a focal length');
  await page.keyboard.press('Enter');
  await expectAccessible(page);
  await page.keyboard.press('Shift+Tab');
  await page.keyboard.press('Shift+Tab');
  await page.keyboard.press('Shift+Tab');
  await page.keyboard.type('wide');
  await page.getByLabel('Name').focus();
  await page.keyboard.press('Enter');
  await expect(page.getByText('The focal length must be a number, 8 to 600 mm.')).toBeVisible();
  await expect(page.getByText('nothing was stored')).toBeVisible();
  await tabTo(page, 'button', 'Remove focal length 2');
  await page.keyboard.press('Enter');
  await page.getByLabel('Name').focus();
  await page.keyboard.press('Enter');
  await expect(page.getByText('“Borrowed 85” is in your bag.')).toBeVisible();

  await page.getByRole('link', { name: 'Borrowed 85' }).click();
  await page.getByLabel('Close limit').fill('0.7');
  await page.getByRole('button', { name: 'Save' }).first().click();
  const row = page.getByRole('group', { name: 'Borrowed 85', exact: true });
  await row.getByRole('button', { name: 'Take back the change' }).click();
  await expect(page.getByText('The last change of “Borrowed 85” is taken back.')).toBeVisible();
  await row.getByRole('button', { name: 'Archive' }).click();
  await expect(page.getByText('archived · 85 mm, f/1.8')).toBeVisible();
  await row.getByRole('button', { name: 'Copy' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Borrowed 85 (copy)' })).toBeVisible();
  await page.goto('/bag');
  await expectAccessible(page);
});

/** Goes to a control by Tab and types into it, over what stands there. */
async function typeInto(page: Page, name: string, text: string): Promise<void> {
  await tabTo(page, 'textbox', name);
  await page.keyboard.press('Control+A');
  await page.keyboard.type(text);
}

async function press(page: Page, role: 'button' | 'link', name: string): Promise<void> {
  await tabTo(page, role, name);
  await page.keyboard.press('Enter');
}

test('a place, its rules, a room and readings make a curve, by keyboard alone', async ({ page }) => {
  test.slow();
  await page.goto('/places');
  await typeInto(page, 'Name of the venue', 'Tar house');
  await tabTo(page, 'combobox', 'Time zone');
  await page.keyboard.press('Control+A');
  await page.keyboard.type('Europe/Oslo');
  await page.keyboard.press('Escape');
  await press(page, 'button', 'Add the place');
  await expect(page.getByText('Give its own position')).toBeVisible();
  await typeInto(page, 'Latitude', '95');
  await press(page, 'button', 'Add a house rule');
  await tabTo(page, 'textbox', 'From');
  await page.keyboard.type('18:00');
  await tabTo(page, 'textbox', 'To');
  await page.keyboard.type('6:40 pm');
  await press(page, 'button', 'Save');
  await expect(page.getByText('The latitude must be −90 to 90 °; it is 95.')).toBeVisible();
  await typeInto(page, 'Latitude', '58.2');
  await press(page, 'button', 'Save');
  await expect(page.getByText('Saved.')).toBeVisible();
  await expectAccessible(page);

  await tabTo(page, 'combobox', 'Start from a kind of room');
  await page.keyboard.type('long');
  await press(page, 'button', 'Add a room');
  await expect(page.getByRole('heading', { level: 1, name: 'Long low hall' })).toBeVisible();
  await press(page, 'button', 'Add a reading');
  await typeInto(page, 'Spot', 'Middle');
  await tabTo(page, 'textbox', 'Day and time');
  await page.keyboard.type('18 Sep 2027, 9 pm');
  await typeInto(page, 'Reading of an incident meter (optional)', '40');
  await press(page, 'button', 'Save');
  await expect(page.getByRole('img', { name: /Glow of the room: .*21:00 EV 4.0.* 1 readings/ })).toBeVisible();
  await tabTo(page, 'combobox', 'Way it was measured');
  await page.keyboard.type('camera');
  await expect(page.getByLabel('Reading of an incident meter')).toBeHidden();
  await press(page, 'button', 'Save');
  await expect(page.getByText('needs shutter, aperture and ISO')).toBeVisible();
  await expectAccessible(page);
});

test('moments are moved by key and by drag, and overlaps are told', async ({ page }) => {
  await startPattern(page, 'Moving');
  const bar = page.getByRole('slider', { name: 'Start of Ceremony' });
  const solving = page.getByText(/being solved/);
  await expect(solving).toHaveCount(0, { timeout: 30_000 });
  const outputs = page.getByText(/^Output /);
  const told = await outputs.count();
  expect(told).toBeGreaterThan(0);
  let letGo = () => {};
  const held = new Promise<void>((resolve) => {
    letGo = resolve;
  });
  await page.route(page.url(), async (route) => {
    if (route.request().headers()['x-inertia-partial-data'] === 'solved') await held;
    await route.continue();
  });
  await bar.focus();
  await page.keyboard.press('ArrowLeft');
  await page.keyboard.press('ArrowLeft');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Overlaps by 10 min')).toBeVisible();
  // The settings of before stay until the next ones come, so that no bar moves from under a hand.
  await expect(solving).toHaveCount(1);
  await expect(outputs).toHaveCount(told);
  letGo();
  await expect(bar).toHaveAttribute('aria-valuetext', '17:50 to 18:30');
  await bar.focus();
  await page.keyboard.press('PageUp');
  await page.keyboard.press('Escape');
  await expect(bar).toHaveAttribute('aria-valuetext', '17:50 to 18:30');
  await expect(solving).toHaveCount(0, { timeout: 30_000 });
  const box = await bar.boundingBox();
  if (box === null) throw new Error('no bar');
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 + 60, box.y + box.height / 2, { steps: 5 });
  await page.mouse.up();
  await expect(bar).not.toHaveAttribute('aria-valuetext', '17:50 to 18:30');
  await page.reload();
  await expect(bar).not.toHaveAttribute('aria-valuetext', '17:50 to 18:30');
});

test('a plan brings its cautions, and a copy of the night stands on its new date, by keyboard alone', async ({ page }) => {
  test.slow();
  await startPattern(page, 'Planned', 'club night');
  await press(page, 'link', 'Plan Warm-up');
  await expect(page.getByRole('heading', { level: 1, name: 'Warm-up' })).toBeVisible();
  await tabTo(page, 'checkbox', 'animals');
  await page.keyboard.press('Space');
  await typeInto(page, 'Length', '0');
  await page.keyboard.press('Enter');
  await expect(page.getByText('The length must be 1 to 720 min; it is 0.')).toBeVisible();
  await expectAccessible(page);
  await typeInto(page, 'Length', '30');
  await typeInto(page, 'Shot notes (optional)', 'The dog of the house band');
  await tabTo(page, 'textbox', 'Name');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Animals: ask before you fire at all.')).toBeVisible();
  await expect(page.getByText('The dog of the house band')).toBeVisible();
  await press(page, 'link', 'Energy');
  await expect(page.getByText(/Carry \d+ (cells|packs?) for each unit/)).toBeVisible();
  await press(page, 'link', 'Timetable');
  const copy = page.getByRole('region', { name: 'The same once more' });
  await press(page, 'button', 'Duplicate the night');
  await expect(copy.getByText('must be a day of the years 1900 to 2099')).toBeVisible();
  await copy.getByLabel('Date').focus();
  await page.keyboard.type('11 December 2027');
  await press(page, 'button', 'Duplicate the night');
  await expect(page.getByText('Saturday, 11 December 2027')).toBeVisible();
});

test('a night leaves as a file and comes back elsewhere; a faulty file is refused in sentences', async ({ page, browser }) => {
  await startPattern(page, 'Travelling');
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: 'The night as JSON' }).click();
  const file = await (await download).path();
  const text = await readFile(file, 'utf8');

  const other = await stranger(browser);
  await register(other);
  await other.goto('/import');
  const choose = other.getByLabel('JSON file that Kaddle wrote');
  await choose.setInputFiles({ name: 'night.json', mimeType: 'application/json', buffer: Buffer.from(text.replace('"Europe/', '"Mars/').replace(/"zone": ?"[^"]+"/, '"zone": "Mars/Base"')) });
  await expect(other.getByText('must be a name of the IANA database')).toBeVisible();
  await expectAccessible(other);
  await choose.setInputFiles({ name: 'night.json', mimeType: 'application/json', buffer: Buffer.from(text) });
  await expect(other.getByRole('heading', { name: 'What would change' })).toBeVisible();
  await expectAccessible(other);
  await other.getByRole('button', { name: 'Take it' }).click();
  await other.getByRole('button', { name: 'Go to your nights' }).click();
  await other.getByRole('link', { name: /Travelling/ }).click();
  await toTimetable(other);
  await expect(other.getByRole('slider', { name: 'Start of Ceremony' })).toBeVisible();
  await other.close();
});

const SHEETS = ['', '/cards', '/timetable', '/kit', '/energy'];

test('the sheets of the demo are accessible', async ({ browser }) => {
  const page = await openDemo(browser);
  test.slow();
  const night = await weddingOf(page);
  for (const sheet of SHEETS) {
    await page.goto(night + sheet);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    await expectAccessible(page);
  }
  await page.goto('/places');
  await expectAccessible(page);
  await page.getByRole('link', { name: /Halvorsund Ropeworks/ }).click();
  await page.getByRole('link', { name: 'Ropewalk hall' }).click();
  await expect(page.getByText('“Under the gallery” at 20:40 on 18 Sep 2027 disagrees with the rest')).toBeVisible();
  await expectAccessible(page);
  await page.close();
});

for (const { width, height } of [
  { width: 1280, height: 800 },
  { width: 820, height: 1180 },
  { width: 390, height: 844 },
]) {
  test(`all pages fit ${width} px`, async ({ browser }) => {
    const page = await openDemo(browser);
    await page.setViewportSize({ width, height });
    const night = await weddingOf(page);
    for (const place of [...SHEETS.map((sheet) => night + sheet), '/nights', '/bag', '/bag/new/flash', '/places', '/import']) {
      await page.goto(place);
      await expect(page.getByRole('heading', { level: 1 }), place).toBeVisible();
      await expectNoSidewaysScroll(page);
    }
    await page.close();
  });
}

async function openDemo(browser: Browser): Promise<Page> {
  const page = await stranger(browser);
  await signIn(page, 'demo@kaddle.example', 'ropewalk-evening');
  return page;
}

async function weddingOf(page: Page): Promise<string> {
  return (await page.getByRole('link', { name: /Wedding of Runa and Joss/ }).getAttribute('href')) ?? '';
}
