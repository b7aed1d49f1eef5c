import { v7 } from 'uuid';
import { expect, test } from './app';

const parts = ['look', 'trace', 'build', 'work', 'prove', 'profile'] as const;

// Wide enough for the roster beside every verb.
test.use({ viewport: { width: 1700, height: 900 } });

test('another athlete of the roster beside is another athlete on every part', async ({ app, page }) => {
  await app.enter();
  const mark = v7().slice(-6);
  const names = [`Firsta${mark}`, `Seconda${mark}`] as const;
  const [first, second] = [await app.planned(names[0]), await app.planned(names[1])];
  const roster = page.getByRole('complementary', { name: 'Roster' });
  const tabs = page.getByRole('navigation', { name: 'The five verbs' }).getByRole('link');
  const shows = async (name: string, id: string) => {
    await expect(page.getByRole('heading', { level: 1, name })).toBeVisible();
    await expect(page.getByRole('button', { name: `Profile of ${name} Testwell` })).toBeVisible();
    await expect(page).toHaveURL(new RegExp(`/athletes/${id}/`));
    await expect(page).toHaveTitle(new RegExp(name));
    for (const tab of await tabs.all()) expect(await tab.getAttribute('href')).toContain(`/athletes/${id}/`);
    for (const other of names.filter((each) => each !== name))
      await expect(page.getByRole('main').last()).not.toContainText(other);
  };
  const choose = async (name: string) => {
    await roster.getByRole('searchbox', { name: 'Search by name' }).fill(name);
    await roster.getByRole('link', { name: new RegExp(name) }).click();
  };
  for (const part of parts)
    await test.step(part, async () => {
      await app.open(`/athletes/${first}/${part}`);
      await shows(names[0], first);
      await choose(names[1]);
      await shows(names[1], second);
      await choose(names[0]);
      await shows(names[0], first);
      await page.goBack();
      await shows(names[1], second);
    });
});

test('what is read slowly of one athlete never stands under the name of another', async ({ app, page }) => {
  await app.enter();
  const mark = v7().slice(-6);
  const [first, second] = [await app.newAthlete(`Slowa${mark}`), await app.newAthlete(`Slowb${mark}`)];
  await app.look(first, { 'oh.lift-stall': 3 });
  await app.look(second, { 'oh.jump': 2 });
  const main = page.getByRole('main').last();
  await page.goto(`/athletes/${first}/trace`);
  await expect(main).toContainText('Momentum dies at the top accounts for 3.0');
  let answer = () => {};
  const asked = new Promise<void>((done) => (answer = done));
  await page.route(`**/api/athletes/${second}/trace`, async (route) => {
    await asked;
    await route.continue();
  });
  const roster = page.getByRole('complementary', { name: 'Roster' });
  await roster.getByRole('searchbox', { name: 'Search by name' }).fill(`Slowb${mark}`);
  await roster.getByRole('link', { name: new RegExp(`Slowb${mark}`) }).click();
  await expect(page.getByRole('heading', { level: 1, name: `Slowb${mark}` })).toBeVisible();
  await expect(main).toContainText('Reading the athlete');
  await expect(main).not.toContainText('explains');
  answer();
  await expect(main).toContainText('Jumps off the rubber accounts for 2.0');
});

test('a verb that cannot be read says so, and is read when somebody tries again', async ({ app, page }) => {
  await app.enter();
  const id = await app.newAthlete(`Unread${v7().slice(-6)}`);
  const path = `**/api/athletes/${id}/build`;
  await page.route(path, (route) => route.fulfill({ status: 404, json: { error: 'This is not here.' } }));
  await page.goto(`/athletes/${id}/build`);
  await expect(page.getByRole('alert').filter({ hasText: 'This is not here.' })).toBeVisible();
  await page.unroute(path);
  await app.tap('Try again');
  await expect(page.getByText('Reading the athlete')).toHaveCount(0);
  await expect(page.getByText('This is not here.')).toHaveCount(0);
});
