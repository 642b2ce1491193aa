import { readFile } from 'node:fs/promises';
import { expect, type Page } from '@playwright/test';
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { expectAccessible, expectNoSidewaysScroll, signIn, stranger, test } from './support';

interface Word {
  readonly text: string;
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
}

/** What somebody else’s reader finds on each page of a PDF, in shares of the page. */
async function pagesOf(page: Page, link: string): Promise<readonly (readonly Word[])[]> {
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: link }).click();
  const data = new Uint8Array(await readFile(await (await download).path()));
  const document = await getDocument({ data, verbosity: 0 }).promise;
  const pages: Word[][] = [];
  for (let number = 1; number <= document.numPages; number++) {
    const sheet = await document.getPage(number);
    const { width, height } = sheet.getViewport({ scale: 1 });
    const { items } = await sheet.getTextContent();
    pages.push(
      items.flatMap((item) => {
        if (!('str' in item) || item.str.trim() === '') return [];
        const [left, bottom] = [Number(item.transform[4]), Number(item.transform[5])];
        return [{ text: item.str, left: left / width, right: (left + item.width) / width, bottom: bottom / height, top: (bottom + item.height * 0.8) / height }];
      }),
    );
  }
  return pages;
}

function plain(text: string): string {
  return text.replace(/\s+/g, ' ');
}

test('cards are read on the page, on paper and on a phone, with the same numbers', async ({ browser }) => {
  test.slow();
  const page = await stranger(browser);
  await signIn(page, 'demo@kaddle.example', 'ropewalk-evening');
  await page.getByRole('link', { name: /Wedding of Runa and Joss/ }).click();
  await page.getByRole('link', { name: 'Cards', exact: true }).click();
  const cards = page.getByRole('list', { name: 'Cards' }).getByRole('article');
  await expect(cards).toHaveCount(16);
  await expectAccessible(page);
  const told = await cards.evaluateAll((all) =>
    all.map((card) => {
      const texts = (within: Element, what: string) => [...within.querySelectorAll<HTMLElement>(what)].map((part) => part.innerText);
      return { settings: texts(card, 'p.font-head > span'), rows: [...card.querySelectorAll('tr')].map((row) => texts(row, 'th, td')) };
    }),
  );
  expect(told.flatMap(({ rows }) => rows).length, 'distances on all cards').toBeGreaterThan(30);

  for (const link of ['Cards, A6 (PDF)', 'Cards for a dark screen (PDF)']) {
    const pages = await pagesOf(page, link);
    expect(pages).toHaveLength(16);
    for (const [i, words] of pages.entries()) {
      for (const word of words) expect(word.left > 0 && word.right < 1 && word.bottom > 0 && word.top < 1, `“${word.text}” of card ${i + 1} is on the page`).toBe(true);
      const printed = plain(words.map((word) => word.text).join(' '));
      const { settings = [], rows = [] } = told[i] ?? {};
      expect(settings, `settings of card ${i + 1}`).not.toEqual([]);
      for (const setting of settings) expect(printed).toContain(setting);
      for (const [at = '', turn = '', output = ''] of rows) expect(printed, `${at} on card ${i + 1}`).toContain(plain(`${turn} ${at} ${output}`));
    }
  }
  const [sheet = []] = await pagesOf(page, 'The score, A4 (PDF)');
  expect(sheet.map((word) => word.text).join(' ')).toContain('Last dances');
  for (const word of sheet) expect(word.left > 0 && word.right < 1, word.text).toBe(true);
  const [packing = []] = await pagesOf(page, 'Packing list, A5 (PDF)');
  expect(plain(packing.map((word) => word.text).join(' '))).toMatch(/Fast 35 .* cells for each Full-size flash/);

  await page.setViewportSize({ width: 390, height: 844 });
  await page.getByRole('link', { name: 'Carry them on your phone' }).click();
  await expect(page.getByRole('heading', { name: /Couple at the loft window/ })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Back' })).toBeDisabled();
  await page.getByRole('button', { name: 'Next' }).click();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('heading', { name: /Guests arrive/ })).toBeVisible();
  await page.keyboard.press('ArrowLeft');
  await expect(page.getByText('2 of 16')).toBeVisible();
  await expectNoSidewaysScroll(page);
  await expectAccessible(page);
  expect((await page.getByRole('button', { name: 'Next' }).boundingBox())?.height).toBeGreaterThanOrEqual(60);
  await page.close();
});
