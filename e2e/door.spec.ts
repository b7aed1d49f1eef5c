import { expect, test } from './app';

test('a wrong password is refused in words, and what was typed is still there', async ({ app, page }) => {
  await page.goto('/roster');
  await page.getByRole('textbox', { name: 'E-mail' }).fill('jory@saltmarsh.example');
  await page.getByRole('textbox', { name: 'Password' }).fill('not this one');
  await app.tap('Sign in');
  await expect(page.getByRole('alert')).toContainText('do not match');
  await expect(page.getByRole('textbox', { name: 'E-mail' })).toHaveValue('jory@saltmarsh.example');
  await page.getByRole('textbox', { name: 'E-mail' }).fill('nobody');
  await app.tap('Sign in');
  await expect(page.getByRole('alert')).toContainText('must be an e-mail address');
  // The right one leads to the page that was asked for.
  await page.getByRole('textbox', { name: 'E-mail' }).fill('jory@saltmarsh.example');
  await page.getByRole('textbox', { name: 'Password' }).fill(process.env['DEMO_PASSWORD']!);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1, name: 'Roster' })).toBeVisible();
});

test('the demo opens with one tap, and signing out closes it', async ({ app, page }) => {
  await page.goto('/');
  await app.tap('Look around the demo academy');
  await expect(page.getByText(/lessons? of yours/)).toBeVisible();
  await app.tap('Office', 'link');
  await app.tap(/^Account/);
  await app.tap('Sign out');
  await expect(page.getByRole('button', { name: 'Look around the demo academy' })).toBeVisible();
  expect((await page.request.get('/api/athletes')).status()).toBe(401);
});

test('an athlete who is not there, and a page that is not there, are no blank screens', async ({
  app,
  page,
}) => {
  await app.enter();
  await page.goto('/athletes/0190a000-0000-7000-8000-000000000000/look');
  await expect(page.getByRole('alert')).toContainText('This athlete is not here.');
  await page.goto('/nowhere');
  await expect(page.getByRole('link', { name: 'Today' }).first()).toBeVisible();
});
