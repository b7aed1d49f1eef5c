import { App, expect, test } from './app';
import { runningCamp } from './camp';
import { entriesOf } from './device';

test('a camp is made, filled from the roster, planned, changed by hand and printed', async ({
  app,
  page,
}) => {
  await app.enter();
  await page.goto('/');
  await app.tap('Camps', 'link');
  await app.tap('New camp');
  await page.getByLabel('Name', { exact: true }).fill('Frost camp');
  await app.tap('Create camp');
  // Nobody comes yet; what stops a plan is said.
  await app.tap('Athletes', 'link');
  await app.tap('From the roster');
  for (const name of ['Wren', 'Tobin', 'Caspian', 'Lysander', 'Ezra', 'Sable']) {
    await page.getByLabel('Search the roster').fill(name);
    await app.tap(new RegExp(`^${name} `), 'checkbox');
  }
  await app.tap('Add 6 to the camp');
  await expect(page.getByText('6 athletes are coming', { exact: false })).toBeVisible();
  await app.tap(/^plan/, 'link');
  await app.tap('Plan the camp');
  await expect(page.getByText('of their best, for the athlete served least')).toBeVisible();

  // Alone at a station that opens for three: the rule answers at once, and nothing is saved.
  const chip = page.getByRole('button', { name: 'Move Wren Ablethorpe' });
  await chip.scrollIntoViewIfNeeded();
  await chip.click();
  await page
    .getByRole('button', { name: /^(Arm path|Sit and glide|Brace and post)\b.* 8 free/ })
    .first()
    .click();
  await expect(page.getByRole('status').filter({ hasText: /rules? (is|are) broken/ })).toBeVisible();
  await expect(page.getByText(/at least 3 open it/).first()).toBeVisible();
  await expect(page.getByRole('button', { name: 'Save the change' })).toBeDisabled();
  await app.tap('Discard change');

  await chip.click();
  await app.tap('Pin here');
  // The next change waits for the answer to this one, and is made of it.
  let hold = true;
  await page.route('**/api/camps/*/plans', async (route) => {
    if (hold) await new Promise((done) => setTimeout(done, 1_000));
    hold = false;
    await route.continue();
  });
  await app.tap('Save the change');
  await expect(page.getByRole('button', { name: 'Plan again, move few' })).toBeDisabled();
  await expect(page.getByRole('button', { name: 'Move Wren Ablethorpe, pinned' })).toBeVisible();
  await app.tap('Plan again, move few');
  await expect(page.getByRole('button', { name: 'Move Wren Ablethorpe, pinned' })).toBeVisible();
  await app.tap(/^Undo: (?!Pinned)/);
  await expect(page.getByRole('button', { name: /^Undo: Back to/ })).toBeVisible();
});

test('a no-show is two taps, and everybody is told who moves', async ({ app, page }) => {
  await app.enter();
  const { id, people } = await runningCamp(app, { athletes: 14 });
  await page.goto(`/camps/${id}/day`);
  const name = `${people[0]!.givenName} Testwell`;
  await expect(page.getByText('14 not checked in', { exact: false })).toBeVisible();
  app.taps = 0;
  await app.tap(`${name} is not here`);
  await app.tap(`Plan without ${people[0]!.givenName}`);
  await expect(page.getByText(`${name} is not here`).last()).toBeVisible();
  await expect(page.getByRole('button', { name: `Undo: ${name} is not here` })).toBeVisible();
  expect(app.taps).toBe(2);
  await app.open(`/camps/${id}/board`);
  // Given names alone, and not of somebody who is away.
  await expect(page.getByText('Camper001', { exact: false }).first()).toBeVisible();
  await expect(page.getByText('Testwell')).toHaveCount(0);
  await expect(page.getByText(`Missing: ${people[0]!.givenName}`)).toBeVisible();
});

test('rain closes an area in two taps', async ({ app, page }) => {
  await app.enter();
  const { id, setup } = await runningCamp(app, { athletes: 12 });
  const field = setup.areas.find(({ name }) => name === 'Field')!;
  await page.goto(`/camps/${id}/day`);
  await app.tap('Rain: close an area');
  await app.tap(/^Field, from /);
  await expect(page.getByText('Field is closed').first()).toBeVisible();
  const { plan, setup: now } = await app.read(`/camps/${id}`);
  const closed = new Set(
    now.stations
      .filter(({ areaId }: { areaId: string }) => areaId === field.id)
      .map((s: { id: string }) => s.id),
  );
  const later = plan.slots.length / 2;
  // Tomorrow the field is open again; today nobody goes there from the next slot on.
  expect(closed.size).toBe(2);
  const [change] = (await app.read(`/camps/${id}`)).changes;
  const from = plan.slots.indexOf(change.slot);
  const until = from < later ? later : plan.slots.length;
  for (const { stations } of plan.routes)
    for (const at of stations.slice(from, until)) expect(closed.has(at)).toBe(false);
});

test('two assistants log one group without a connection: nothing is lost, nothing is there twice', async ({
  app,
  page,
  context,
  browser,
}) => {
  await app.enter();
  const { id, setup, today } = await runningCamp(app, { athletes: 12 });
  const { plan } = await app.read(`/camps/${id}`);
  const [slot] = plan.slots as string[];
  const throwing = setup.stations.find(({ name }) => name === 'Brace and post')!;
  const there = plan.routes.flatMap(({ athlete, stations }: { athlete: string; stations: string[] }) =>
    stations[0] === throwing.id ? [athlete] : [],
  );
  const station = there.length
    ? throwing
    : setup.stations.find((each) =>
        plan.routes.some(({ stations }: { stations: string[] }) => stations[0] === each.id),
      )!;
  const group: string[] = plan.routes.flatMap(
    ({ athlete, stations }: { athlete: string; stations: string[] }) =>
      stations[0] === station.id ? [athlete] : [],
  );
  const names = new Map(
    (await app.read(`/camps/${id}`)).members.map((m: { id: string; givenName: string }) => [
      m.id,
      m.givenName,
    ]),
  );
  const second = await browser.newContext({ viewport: { width: 390, height: 844 } });
  const other = new App(await second.newPage());
  await other.page.goto('/');
  await other.enter();
  const path = `/camps/${id}/day/station?at=${station.id}&slot=${slot}`;
  for (const each of [app, other]) {
    await each.page.goto(path);
    await each.tap('Velocity', 'radio');
    await expect(each.page.getByText('0 thrown').first()).toBeVisible();
  }
  await Promise.all([context.setOffline(true), second.setOffline(true)]);
  const log = async (who: App, velocity: number) => {
    for (const athlete of group) {
      const field = who.page.getByRole('textbox', {
        name: `Velocity of ${names.get(athlete)} Testwell, mph`,
      });
      await field.fill(String(velocity));
      await field.press('Enter');
      await expect(
        who.page.getByRole('status', { name: `${names.get(athlete)} Testwell: 1 thrown` }),
      ).toBeVisible();
    }
  };
  await Promise.all([log(app, 50), log(other, 55)]);
  await Promise.all([context.setOffline(false), second.setOffline(false)]);
  await app.sent();
  await other.sent();
  for (const each of [app, other]) expect((await entriesOf(each.page)).filter(({ why }) => why)).toEqual([]);
  const { athletes } = await app.read(`/camps/${id}/days/${today}`);
  for (const athlete of group) {
    const { throws } = athletes.find(({ athleteId }: { athleteId: string }) => athleteId === athlete);
    expect(throws.map(({ velocity }: { velocity: number }) => Math.round(velocity / 0.44704)).sort()).toEqual(
      [50, 55],
    );
  }
  // What the other logged is seen here once it is read again.
  await page.reload();
  await expect(page.getByText('2 thrown').first()).toBeVisible();
  await second.close();
});

test('somebody is checked in and triaged in less than a minute, with a velocity', async ({ app, page }) => {
  await app.enter();
  const { id, people, today } = await runningCamp(app, { athletes: 6 });
  const fresh = people[5]!;
  await page.goto(`/camps/${id}/day/check-in`);
  const begun = Date.now();
  app.taps = 0;
  await app.tap(`Check in ${fresh.givenName} Testwell`);
  await app.tap('Here', 'radio');
  await app.tap('Triage again');
  for (const grade of await page.getByRole('button', { name: /: obvious$/ }).all()) {
    await grade.click();
    app.taps++;
    if (app.taps > 5) break;
  }
  await page.getByLabel('Velocity, mph').fill('48');
  await app.tap('The rest is clean');
  await expect(page.getByRole('button', { name: 'Back to the list' })).toBeVisible();
  expect(Date.now() - begun).toBeLessThan(60_000);
  expect(app.taps).toBeLessThan(15);
  await app.sent();
  const { members } = await app.read(`/camps/${id}`);
  const now = members.find((member: { id: string }) => member.id === fresh.id);
  expect(now.checkIns).toMatchObject([{ date: today, state: 'present' }]);
  const { looks } = await app.whole(fresh.id);
  expect(Object.keys(looks.at(-1).findings)).toHaveLength(8);
  const { athletes } = await app.read(`/camps/${id}/days/${today}`);
  expect(athletes.find(({ athleteId }: { athleteId: string }) => athleteId === fresh.id).throws).toHaveLength(
    1,
  );
});

test('pain at check-in locks the throws at once, without a connection too', async ({
  app,
  page,
  context,
}) => {
  await app.enter();
  const { id, people } = await runningCamp(app, { athletes: 3 });
  const { givenName } = people[1]!;
  await app.open(`/camps/${id}/day/check-in`);
  await app.tap(`Check in ${givenName} Testwell`);
  await context.setOffline(true);
  await app.tap('Pain', 'radio');
  await app.tap('elbow', 'radio');
  await app.tap('Save');
  await expect(page.getByText(/^Throws are locked since .*: pain in the elbow/)).toBeVisible();
  await app.tap('Triage again');
  await expect(page.getByText(/^Throws are locked/)).toBeVisible();
  await context.setOffline(false);
  await app.sent();
  await app.open(`/camps/${id}/athletes`);
  await expect(page.getByText(/throws locked/i).first()).toBeVisible();
});

test('a family signs up behind a link, and is taken', async ({ app, page, browser }) => {
  await app.enter();
  const { id } = await runningCamp(app, { athletes: 3 });
  await page.goto(`/camps/${id}/athletes`);
  await app.tap('Sign-up link');
  await app.tap('Make a link');
  const address = await page.getByText(/\/s\/camp\//).innerText();
  const second = await browser.newContext({ viewport: { width: 390, height: 844 } });
  const family = await second.newPage();
  await family.goto(address);
  await family.getByRole('button', { name: 'Sign up' }).click();
  await expect(family.getByText('Fill this in.').first()).toBeVisible();
  await family.getByLabel('Given name', { exact: true }).fill('Sorrel');
  await family.getByLabel('Family name', { exact: true }).fill(`Marsh${id.slice(-6)}`);
  await family.getByLabel('Birthdate', { exact: true }).fill('2014-04-02');
  await family.getByLabel('Parent or guardian', { exact: true }).fill('Linnet Marsh');
  await family.getByLabel('Phone in an emergency', { exact: true }).fill('01632 960999');
  await family.getByRole('button', { name: 'Sign up' }).click();
  await expect(family.getByText('Sorrel is signed up', { exact: false })).toBeVisible();
  await second.close();
  await page.reload();
  await app.tap('Sign-up link');
  await expect(page.getByText('Linnet Marsh, 01632 960999', { exact: false })).toBeVisible();
  await page.getByRole('button', { name: 'Accept', exact: true }).click();
  await expect(page.getByText('4 athletes are coming', { exact: false })).toBeVisible();
});
