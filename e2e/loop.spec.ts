import { drillOf } from '@wrightonic/core';
import { v7 } from 'uuid';
import { allClean, expect, restClean, test, type App } from './app';

/** One clean throw and the velocity that was read off a gun. */
async function throwAt(app: App, velocity: string): Promise<void> {
  await app.tap(/^Clean/);
  app.taps = 0;
  await app.tap('Velocity');
  for (const key of velocity) await app.page.getByRole('button', { name: key, exact: true }).click();
  await app.tap('Save');
}

test(
  'a new instructor takes a new athlete from a look to a gain that was counted',
  { tag: '@day' },
  async ({ app, page }) => {
    await page.goto('/');
    await page.getByRole('textbox', { name: 'E-mail' }).fill('isla@saltmarsh.example');
    await page.getByRole('textbox', { name: 'Password' }).fill(process.env['DEMO_PASSWORD']!);
    await app.tap('Sign in');

    await app.tap('Roster', 'link');
    app.taps = 0;
    await app.tap('Add athlete');
    await page.getByRole('textbox', { name: 'Given name' }).fill('Petra');
    await page.getByRole('textbox', { name: 'Family name' }).fill('Loopworth');
    await page.getByLabel('Birthdate', { exact: true }).fill('2011-05-23');
    await app.tap('Left', 'radio');
    await app.tap('Tue', 'checkbox');
    await app.tap('Thu', 'checkbox');
    await app.tap('Add athlete and take a first look');
    // The least that is needed of an athlete: six taps and typing.
    expect(app.taps).toBeLessThanOrEqual(6);
    await expect(page.getByRole('heading', { level: 1, name: 'Petra Loopworth' })).toBeVisible();
    await expect(page.getByText(/15, left, overhand|1\d, left, overhand/)).toBeVisible();

    // From here to the assigned week: 25 taps and 60 seconds at most.
    app.taps = 0;
    await app.tap('Take the first quick look');
    await app.tap(allClean);
    await app.tap('Momentum dies at the top: severe');
    await app.tap(restClean);
    await app.tap('Lead leg opens early: obvious');
    await app.tap(restClean);
    await app.tap(allClean);
    await app.tap('Glove pulls the body around: slight');
    await app.tap(restClean);
    await app.tap(allClean);
    await app.tap(allClean);
    await app.tap('Finish the look');

    await expect(page.getByRole('heading', { name: 'Momentum dies at the top' })).toBeVisible();
    await expect(
      page.getByRole('button', { name: /threads from cause to effect, 3 findings/ }),
    ).toBeVisible();
    await expect(page.getByText(/accounts for 4\.\d of the 6\.0 points marked: itself, /)).toBeVisible();
    await app.tap('Accept both focuses');
    await app.tap('Build the plan');
    await expect(page.getByRole('heading', { name: 'The coming week' })).toBeVisible();
    await app.tap('Assign the week');
    await expect(page.getByRole('heading', { name: 'Assigned' })).toBeVisible();
    expect(app.taps).toBeLessThanOrEqual(25);
    test.info().annotations.push({ type: 'taps', description: String(app.taps) });

    // Something to throw today, put into the week by hand.
    await app.tap('Change the week');
    await app.tap(/^Add a drill to /);
    await app.tap('Full delivery, flat ground', 'checkbox');
    await app.tap('Assign the week');
    await expect(page.getByRole('heading', { name: 'Assigned' })).toBeVisible();

    await app.tap('Go to Work');
    await app.tap('Start the session');
    await app.tap('Nothing hurts');
    await app.counted();
    const drill = await page.getByRole('heading', { level: 1 }).innerText();
    for (let n = 0; n < 9; n++) await app.tap(`Clean, ${n} so far`);
    await app.tap('Missed, 0 so far');
    await app.tap('Missed, 1 so far');
    await app.tap('Undo');
    await expect(page.getByRole('button', { name: 'Missed, 1 so far' })).toBeVisible();
    await app.tap('End');
    await app.tap('Nothing hurts');
    await expect(page.getByText(/: 9 of 10 clean$/)).toBeVisible();
    await app.tap(/^Show the /);
    await expect(page.getByText('9 of 10', { exact: true })).toBeVisible();
    await expect(
      page.getByText(/[Ll]ast three sessions: 9 of 10 clean: passed once; one more session like it/),
    ).toBeVisible();
    await app.tap('Back to session');

    // Five throws, with their velocities typed, on the first drill where something is thrown.
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(drill);
    await app.tap('Previous drill');
    while (!(await page.getByRole('button', { name: 'Velocity' }).isVisible())) await app.tap('Next drill');
    for (const velocity of ['51', '52.5', '50', '51.5', '53']) await throwAt(app, velocity);
    // Ten more where the first drill was thrown as well.
    await expect(page.getByText(/^\d+ thrown( \(count as [\d.]+\))? · \d+ left$/)).toBeVisible();
    await app.tap('End');
    await page.getByRole('textbox', { name: 'Note' }).fill('Found the hip.');
    await app.tap('End session');

    await expect(page.getByText('51.5 mph', { exact: true })).toBeVisible();
    await expect(page.getByText('53.0 mph', { exact: true })).toBeVisible();
    // The five throws count as well where they were of the same drill.
    await app.tap('Practice', 'radio');
    await expect(
      page.getByText(new RegExp(`^${drill}  (9 of 10|14 of 15) clean: passed once`)),
    ).toBeVisible();
    await expect(page.getByText(/1 session in all/)).toBeVisible();
  },
);

test('five throws with a velocity make the first point of the line', async ({ app, page }) => {
  await app.enter();
  const id = await app.planned('Velo');
  const plan = (await app.whole(id)).plan;
  const rungs = plan.threads[0].stages as { stage: string; drills: { drill: string }[] }[];
  const thrown = rungs.find(({ stage }) => stage === 'deliver')!.drills[0]!.drill;
  const { today } = await app.read('/session');
  await app.post(`/plans/${plan.id}/assignments`, {
    id: plan.id.replace(/^./, '0'),
    from: today,
    days: [
      { date: today, kind: 'bullpen', minutes: 60, equipment: [], places: ['field', 'mound'], pitches: null },
    ],
    items: [{ date: today, drill: thrown, sets: 1 }],
    reason: '',
  });

  await page.goto(`/athletes/${id}/session`);
  await app.tap('Nothing hurts');
  for (const velocity of ['68.5', '70', '69.5', '71', '70.5']) {
    await throwAt(app, velocity);
    // Two taps and the figures.
    expect(app.taps).toBe(2);
  }
  await expect(page.getByText('5 thrown · 90 left')).toBeVisible();
  await app.tap('End');
  await app.tap('Nothing hurts');
  await expect(page.getByText(/the top was 71\.0 mph/).first()).toBeVisible();
  await app.tap('End session');
  await expect(page.getByText('One session has throws like the newest ones', { exact: false })).toBeVisible();
  await expect(page.getByText('70.0 mph')).toBeVisible();
});

test('what is thrown and what hurts in a session that is left open counts on every page', async ({
  app,
  page,
}) => {
  await app.enter();
  const [thrower, hurt] = [await app.planned('Leaver'), await app.planned('Hurter')];
  const rosterOf = async (name: string) => {
    await app.open('/roster');
    await page.getByRole('searchbox', { name: 'Search by name' }).fill(name);
    return page.getByRole('link', { name: new RegExp(name) });
  };
  const begin = async (id: string) => {
    await app.open(`/athletes/${id}/work`);
    await expect(page.getByText('95 throws left today', { exact: true })).toBeVisible();
    await app.tap('Start the session');
  };
  const leave = async () => {
    await app.tap('Leave; the session stays open');
    await page.waitForURL(/work$/);
  };
  await page.goto('/roster');
  await expect(await rosterOf('Hurter')).toBeVisible();

  await begin(thrower);
  await app.tap('Nothing hurts');
  await app.toThrows();
  for (let n = 0; n < 3; n++) await app.tap(/^Clean, /);
  await app.sent();
  await page.context().setOffline(true);
  await app.tap(/^Clean, /);
  await leave();
  const thrown = page.getByText('4 thrown · 91 throws left today', { exact: true });
  await expect(thrown).toBeVisible();
  await page.context().setOffline(false);
  await app.sent();
  for (const part of ['work', 'build', 'work']) await app.open(`/athletes/${thrower}/${part}`);
  await expect(thrown).toBeVisible();

  await begin(hurt);
  await app.tap('Pain', 'radio');
  await app.tap('elbow', 'radio');
  await app.tap('Continue');
  await expect(page.getByText(/closed: throws are locked since \d+ \w+: pain in the elbow/)).toBeVisible();
  await leave();
  await expect(page.getByRole('alert').filter({ hasText: 'Throws locked: pain in the elbow' })).toBeVisible();
  await expect(
    page.getByText(/^Closed\. Throws are locked since \d+ \w+: pain in the elbow\.$/).first(),
  ).toBeVisible();
  await expect(page.getByText('0 throws left today', { exact: false })).toBeVisible();
  await expect((await rosterOf('Hurter')).getByText('Throws locked: elbow')).toBeVisible();
});

test(
  'pain in the elbow locks every throw until somebody clears it by name',
  { tag: '@day' },
  async ({ app, page }) => {
    await app.enter();
    const id = await app.planned('Sora');
    await page.goto(`/athletes/${id}/session`);
    await app.tap('Pain', 'radio');
    await expect(page.getByRole('button', { name: 'Continue' })).toBeDisabled();
    await app.tap('elbow', 'radio');
    await expect(page.getByText(/licensed clinician/)).toBeVisible();
    await app.tap('Continue');
    await expect(page.getByText('Pain stops the session.', { exact: false })).toBeVisible();
    await expect(page.getByRole('button', { name: 'Velocity' })).toHaveCount(0);
    await app.tap('End');
    await app.tap('Nothing hurts');
    await expect(page.getByText(/^Throws are locked until/)).toBeVisible();
    await app.tap('End session');

    // The same day, another session, and nothing hurts any more: the lock is the athlete's.
    await app.sent();
    const locked = page.getByRole('alert').filter({ hasText: 'Throws locked: pain in the elbow' });
    for (const verb of ['look', 'trace', 'build', 'work', 'prove', 'profile']) {
      await app.open(`/athletes/${id}/${verb}`);
      await expect(locked).toBeVisible();
    }
    await app.open(`/athletes/${id}/session`);
    await app.tap('Nothing hurts');
    await expect(locked).toBeVisible();
    await expect(page.getByRole('button', { name: 'Velocity' })).toHaveCount(0);
    await app.sent();
    const { session } = await app.read(`/athletes/${id}/open-session`);
    const thrown = {
      id: v7(),
      at: new Date().toISOString(),
      kind: 'throw',
      sessionId: session.id,
      drill: null,
      velocity: null,
      effort: 90,
      pitch: 'fastball',
      ballG: 145,
    };
    const answer = await page.request.post('/api/log', {
      headers: { 'x-csrf-token': await app.token() },
      data: { events: [thrown] },
    });
    expect(JSON.stringify(await answer.json())).toMatch(/Throws are locked since .*elbow/);

    // The first thing of the day, and what the family sees.
    await app.open('/');
    const first = page.getByRole('alert').filter({ hasText: 'Throws locked' });
    await expect(first.getByRole('button', { name: /^Sora .*: elbow/ })).toBeVisible();
    expect((await first.boundingBox())!.y).toBeLessThan(200);
    await first.getByRole('button', { name: /^Sora / }).click();

    await app.tap('Unlock throws');
    const unlock = page.getByRole('button', { name: 'Unlock throws' });
    await page.getByRole('textbox', { name: 'Who cleared the throws' }).waitFor();
    await unlock.click();
    await expect(
      page.getByRole('alert', { name: 'Why the throws are open again: Fill this in.' }),
    ).toBeVisible();
    await expect(locked).toBeVisible();
    await page.getByRole('textbox', { name: 'Who cleared the throws' }).fill('Dr. Marrable');
    await page
      .getByRole('textbox', { name: 'Why the throws are open again' })
      .fill('A graze, no joint pain.');
    await unlock.click();
    await expect(locked).toBeHidden();
    await app.sent();
    await page.reload();
    await expect(page.getByRole('heading', { level: 1, name: /^Sora/ })).toBeVisible();
    await expect(locked).toBeHidden();
  },
);

test('another focus is pinned with a reason, and a drill is swapped for its neighbour', async ({
  app,
  page,
}) => {
  await app.enter();
  const id = await app.newAthlete('Pinna');
  await app.look(id, { 'oh.lift-stall': 3, 'oh.lead-leg-opens': 2, 'oh.glove-pull': 1 });
  await page.goto(`/athletes/${id}/trace`);
  await app.tap('Choose another focus for lower half');
  await app.tap(/Lead leg opens early.*of what you marked/);
  const keep = page.getByRole('button', { name: 'Keep both focuses' });
  await expect(keep).toBeDisabled();
  await page.getByRole('textbox', { name: 'Why another focus' }).fill('She feels this one.');
  await keep.click();
  await app.tap('Build the plan');
  await expect(page.getByRole('heading', { name: 'Lead leg opens early' })).toBeVisible();

  const { threads } = (await app.whole(id)).plan;
  const lower = threads.find(({ thread }: { thread: string }) => thread === 'lower');
  const [{ drill }] = lower.stages.find(({ stage }: { stage: string }) => stage === 'feel').drills;
  const ladder = page.getByRole('group', { name: 'Ladder of the lower half' });
  await ladder.getByRole('button', { name: drillOf(drill)!.name, exact: true }).click();
  const swap = page.getByRole('button', { name: /^Swap .* for the harder / }).first();
  const [, from, to] = /^Swap (.*) for the harder (.*)$/.exec((await swap.getAttribute('aria-label'))!)!;
  await swap.click();
  await expect(ladder.getByRole('button', { name: to!, exact: true }).first()).toBeVisible();
  await page.reload();
  await expect(ladder.getByRole('button', { name: to!, exact: true }).first()).toBeVisible();
  await expect(ladder.getByRole('button', { name: from!, exact: true })).toHaveCount(0);
});
