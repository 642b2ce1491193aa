import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { expectAccessible, register, signIn } from './support';

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

  const log = process.env['KADDLE_ACCOUNT_LOG'] ?? 'var/storage/logs/mail.log';
  const link = [...readFileSync(log, 'utf8').matchAll(/\/reset\/[a-z0-9]+\?email=[^\s"<&)\]]+/g)].at(-1)?.[0];
  expect(link).toBeDefined();
  await page.goto(link ?? '');
  await expectAccessible(page);
  await page.getByLabel('New password').fill('quite another one');
  await page.getByRole('button', { name: 'Set the password' }).click();
  await page.waitForURL('**/sign-in');
  await signIn(page, person.email, 'quite another one');
});

test('says in words that a page does not exist', async ({ page }) => {
  await register(page);
  const response = await page.goto('/nights/999999');
  expect(response?.status()).toBe(404);
  await expect(page.getByText('it belongs to another account')).toBeVisible();
  await expectAccessible(page);
});
