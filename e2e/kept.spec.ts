import { allClean, expect, test } from './app';
import { entriesOf } from './device';

test('a look goes on after a reload in the middle', async ({ app, page }) => {
  await app.enter();
  const id = await app.newAthlete('Relo');
  await page.goto(`/athletes/${id}/look`);
  await app.tap('Take the first quick look');
  await app.tap(allClean);
  await app.tap('Momentum dies at the top: severe');
  // On the device, which takes a tenth of a second; what was not sent by then survives in the tests that follow.
  await expect
    .poll(async () => (await entriesOf(page)).filter(({ event }) => event.kind === 'finding').length)
    .toBeGreaterThan(1);
  await page.reload();
  await expect(page.getByRole('button', { name: 'Momentum dies at the top: severe' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await expect(page.getByText('2 looked at')).toBeVisible();
  // What was not tapped is still not looked at, and a second tap takes a grade back.
  await expect(page.getByRole('button', { name: 'Lift is not controlled: clean' })).toHaveAttribute(
    'aria-pressed',
    'false',
  );
  await app.tap('Momentum dies at the top: severe');
  await expect(page.getByRole('button', { name: 'Momentum dies at the top: severe' })).toHaveAttribute(
    'aria-pressed',
    'false',
  );
  await app.sent();
  const { looks } = await app.whole(id);
  expect(looks[0].finished).toBe(false);
  expect('oh.lift-stall' in looks[0].findings).toBe(false);
});

test('reps counted without a connection are kept and sent once it is back', async ({
  app,
  page,
  context,
}) => {
  await app.enter();
  const id = await app.planned('Offa');
  await page.goto(`/athletes/${id}/work`);
  await app.tap('Start the session');
  await app.tap('Nothing hurts');
  await app.counted();
  await app.tap('Clean, 0 so far');
  await app.sent();
  await context.setOffline(true);
  for (let n = 1; n < 6; n++) await app.tap(`Clean, ${n} so far`);
  await expect(page.getByRole('button', { name: 'Clean, 6 so far' })).toBeVisible();
  // Five reps of a drill that throws, and their throws.
  await expect(page.getByText(/10 entries not sent yet\./)).toBeVisible();
  expect(
    (await app.read(`/athletes/${id}/open-session`)).events.filter((e: { kind: string }) => e.kind === 'rep'),
  ).toHaveLength(1);
  await context.setOffline(false);
  await app.sent();
  const { events } = await app.read(`/athletes/${id}/open-session`);
  expect(events.filter((e: { kind: string }) => e.kind === 'rep')).toHaveLength(6);
  // Loaded again, the session stands where it was.
  await page.reload();
  await expect(page.getByRole('button', { name: 'Clean, 6 so far' })).toBeVisible();
});

test('what was tapped while the server was silent survives the browser', async ({ app, page, context }) => {
  await app.enter();
  const id = await app.newAthlete('Silas');
  await page.route('**/api/log', (route) => route.abort());
  await page.goto(`/athletes/${id}/look`);
  await app.tap('Take the first quick look');
  await app.tap(allClean);
  await expect(page.getByText(/not sent yet/)).toBeVisible();
  await page.close();
  const next = await context.newPage();
  await next.goto(`/athletes/${id}/look`);
  await expect(next.getByText(/[1-9]\d* looked at/)).toBeVisible();
  await expect
    .poll(
      async () =>
        Object.keys(
          (await (await next.request.get(`/api/athletes/${id}/look`)).json()).looks[0]?.findings ?? {},
        ).length,
    )
    .toBeGreaterThan(0);
});

test('a form that the server cannot take keeps what was typed and says what is wrong', async ({
  app,
  page,
}) => {
  await app.enter();
  await page.goto('/athletes/new');
  await page.getByRole('textbox', { name: 'Given name' }).fill('Nadia');
  await page.getByLabel('Birthdate', { exact: true }).fill('1890-02-28');
  await app.tap('More about the athlete');
  await app.tap(/^Body and level/);
  await page.getByRole('textbox', { name: 'Height' }).fill('12');
  await app.tap('Add athlete and take a first look');
  await expect(page.getByText('Fill this in.')).toBeVisible();
  await expect(page.getByText('Must be a real day between 1900 and 2200.')).toBeVisible();
  await expect(page.getByText('Must be at least 2\'7.5".')).toBeVisible();
  await expect(page.getByRole('textbox', { name: 'Given name' })).toHaveValue('Nadia');

  await page.getByRole('textbox', { name: 'Family name' }).fill('Keepfast');
  await page.getByLabel('Birthdate', { exact: true }).fill('2011-02-28');
  await page.getByRole('textbox', { name: 'Height' }).fill('150 cm');
  await page.route('**/api/athletes', (route) =>
    route.request().method() === 'POST' ? route.abort() : route.continue(),
  );
  await app.tap('Add athlete and take a first look');
  await expect(page.getByText('No connection. What you typed is still here; try again.')).toBeVisible();
  await page.unroute('**/api/athletes');
  await app.tap('Add athlete and take a first look');
  await expect(page.getByRole('heading', { level: 1, name: 'Nadia Keepfast' })).toBeVisible();
});

test('a lesson goes into the diary only with a day, a time and minutes that can be', async ({
  app,
  page,
}) => {
  await app.enter();
  const id = await app.newAthlete('Diara');
  await page.goto(`/athletes/${id}/edit`);
  await page.getByLabel('Day', { exact: true }).fill('');
  await page.getByLabel('Time', { exact: true }).fill('');
  await page.getByRole('textbox', { name: 'Minutes' }).fill('5');
  await app.tap('Add to the diary');
  await expect(page.getByRole('alert', { name: 'Day: Fill this in.' })).toBeVisible();
  await expect(page.getByRole('alert', { name: 'Time: Fill this in.' })).toBeVisible();
  await expect(page.getByText('Must be at least 10.')).toBeVisible();
  await expect(page.getByRole('textbox', { name: 'Minutes' })).toHaveValue('5');
  const { today } = await app.read('/session');
  await page.getByLabel('Day', { exact: true }).fill(today);
  await page.getByLabel('Time', { exact: true }).fill('23:15');
  await page.getByRole('textbox', { name: 'Minutes' }).fill('45');
  await app.tap('Add to the diary');
  await expect(page.getByText(/^Added: \d+ \w+, 23:15\.$/)).toBeVisible();
  await app.tap('Today', 'link');
  await expect(page.getByRole('link', { name: /23:15\s+Diara Testwell/ })).toBeVisible();
});

test('a screen that cannot be opened says so where it is, and the others go on', async ({ app, page }) => {
  await app.enter();
  const id = await app.planned('Broke');
  await page.route(`**/api/athletes/${id}/build`, async (route) => {
    const answer = await (await route.fetch()).json();
    await route.fulfill({ json: { ...answer, plan: { ...answer.plan, threads: [null] } } });
  });
  await page.goto(`/athletes/${id}/build`);
  await expect(page.getByText('This screen could not be opened.', { exact: false })).toBeVisible();
  expect(new URL(page.url()).pathname).toBe(`/athletes/${id}/build`);
  await app.tap('Roster', 'link');
  await expect(page.getByRole('heading', { level: 1, name: 'Roster' })).toBeVisible();
});
