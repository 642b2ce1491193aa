import { expect, test } from '@playwright/test';
import { expectAccessible, linkFor, register, signIn } from './support';

test('registers, signs out, signs in again', async ({ page }) => {
  await page.goto('/register');
  await expectAccessible(page);
  const person = await register(page);
  await expect(page.getByRole('heading', { name: 'No night yet' })).toBeVisible();
  await page.getByRole('button', { name: 'Sign out' }).click();
  await page.waitForURL('**/sign-in');
  await expectAccessible(page);
  await signIn(page, person.email, person.password);
});

test('tells by field what is wrong with a registration', async ({ page }) => {
  await page.goto('/register');
  await page.getByLabel('Mail address').fill('not an address');
  await page.getByRole('button', { name: 'Make the account' }).click();
  await expect(page.getByText('Give a mail address, like you@example.org.')).toBeVisible();
  await expect(page.getByLabel('Mail address')).toHaveAttribute('aria-invalid', 'true');
  await expect(page.getByText('Choose a password of at least 10 characters.')).toBeVisible();
});

test('sets a new password with the link from the mail', async ({ page }) => {
  const person = await register(page);
  await page.getByRole('button', { name: 'Sign out' }).click();
  await page.waitForURL('**/sign-in');
  await page.getByRole('link', { name: 'Forgotten the password?' }).click();
  await expect(page.getByRole('heading', { name: 'Forgotten the password' })).toBeVisible();
  await page.getByLabel('Mail address').fill(person.email);
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Send the link' }).click();
  await expect(page.getByText('a link is on its way')).toBeVisible();

  await page.goto(await linkFor(person.email, /\/reset\/[a-z0-9]+\?email=[^\s"<&)\]]+/g));
  await expectAccessible(page);
  await page.getByLabel('New password').fill('quite another one');
  await page.getByRole('button', { name: 'Set the password' }).click();
  await page.waitForURL('**/sign-in');
  await signIn(page, person.email, 'quite another one');
});

test('a new password signs every other browser out, and nothing is seen by going back', async ({ page, browser }) => {
  const person = await register(page);
  await page.getByLabel('What is it?').fill('A private night');
  await page.getByLabel('Where?').fill('Sail loft');
  await page.getByLabel('When?').fill('2027-06-12');
  await page.getByRole('button', { name: 'Start the night' }).click();
  await page.waitForURL('**/moments/*');
  const other = await (await browser.newContext()).newPage();
  await signIn(other, person.email, person.password);

  await page.getByRole('link', { name: 'Account', exact: true }).click();
  await expect(page.getByText('One other browser is signed in.')).toBeVisible();
  await expectAccessible(page);
  await page.getByLabel('Password until now').fill('not the password');
  await page.getByLabel('New password').fill('1234567890');
  await page.getByRole('button', { name: 'Set the password' }).click();
  await expect(page.getByText('among the first that anybody would try')).toBeVisible();
  await page.getByLabel('New password').fill('quite another one');
  await page.getByRole('button', { name: 'Set the password' }).click();
  await expect(page.getByText('This is not the password of this account.')).toBeVisible();
  await page.getByLabel('Password until now').fill(person.password);
  await page.getByRole('button', { name: 'Set the password' }).click();
  await expect(page.getByText('The new password is set.')).toBeVisible();
  await other.goto('/nights');
  await expect(other.getByRole('heading', { name: 'Sign in' })).toBeVisible();

  await page.goto('/nights');
  await page.getByRole('link', { name: 'A private night' }).first().click();
  await expect(page.getByRole('heading', { name: 'A private night' })).toBeVisible();
  await page.getByRole('button', { name: 'Sign out' }).click();
  await page.waitForURL('**/sign-in');
  for (let step = 0; step < 3; ++step) {
    await page.goBack();
    await expect(page.getByRole('heading', { name: 'Sign in' })).toBeVisible();
    await expect(page.getByText('A private night')).toHaveCount(0);
  }
});

test('says in words that a page does not exist', async ({ page }) => {
  await register(page);
  const response = await page.goto('/nights/999999');
  expect(response?.status()).toBe(404);
  await expect(page.getByText('it belongs to another account')).toBeVisible();
  await expectAccessible(page);
});
