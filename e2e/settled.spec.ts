import { v7 } from 'uuid';
import { expect, test } from './app';

test('a ladder is kept under a name, and a new plan of another athlete starts from it', async ({
  app,
  page,
}) => {
  await app.enter();
  const name = `Spring ${v7().slice(-6)}`;
  const first = await app.planned('Kept');
  const rungs = async (id: string) =>
    (await app.whole(id)).plan.threads.map(({ stages }: any) =>
      stages.map(({ stage, drills }: any) => [stage, drills.map(({ drill, dose }: any) => [drill, dose])]),
    );
  const { plan } = await app.whole(first);
  const { drills } = plan.threads[0].stages.find(({ stage }: any) => stage === 'move');
  // Another dose than the usual one, so that it is seen to come along.
  await page.request.put(`/api/plans/${plan.id}/drills/${drills[0].id}`, {
    headers: { 'x-csrf-token': await app.token() },
    data: { id: v7(), drill: drills[0].drill, dose: '2x4' },
  });
  expect(JSON.stringify(await rungs(first))).toContain(`["${drills[0].drill}","2x4"]`);
  await page.goto(`/athletes/${first}/build`);
  await app.weekPlanned();
  await app.tap('Save as a template');
  await page.getByLabel('Name of the ladder', { exact: true }).fill(name);
  await app.tap('Save template');
  await expect(page.getByText(`Saved as “${name}”. New plans can start from it.`)).toBeVisible();

  const second = await app.newAthlete('Started');
  const lookId = await app.look(second, { 'oh.lift-stall': 3, 'oh.glove-pull': 1 });
  const trace = { id: v7(), lookId, lower: 'oh.lift-stall', arm: 'oh.glove-pull', reason: '' };
  await app.post(`/athletes/${second}/traces`, trace);
  await app.open(`/athletes/${second}/build`);
  await app.tap(name, 'radio');
  await app.tap('Build the plan');
  await app.weekPlanned();
  expect(await rungs(second)).toEqual(await rungs(first));
});

test('what the academy settles for every plan is saved, and a figure that is none is named', async ({
  app,
  page,
}) => {
  await app.enter();
  await page.goto('/office/planning');
  const rise = page.getByLabel('Rise that is shown as a warning, percent', { exact: true });
  const before = await rise.inputValue();
  await rise.fill('a lot');
  await app.tap('Save');
  await expect(page.getByText('Must be a number.')).toBeVisible();
  await rise.fill('35');
  await app.tap('Save');
  await expect.poll(async () => (await app.read('/planning')).rampPercent).toBe(35);
  await page.reload();
  await expect(rise).toHaveValue('35');
  await rise.fill(before);
  await app.tap('Save');
  await expect.poll(async () => String((await app.read('/planning')).rampPercent)).toBe(before);
});

test('a word that the academy adds tags what is said', async ({ app, page }) => {
  await app.enter();
  const word = `zoom${v7().slice(-4).replaceAll(/\d/g, 'x')}`;
  await page.goto('/office/words');
  await page.getByLabel('What somebody says').fill(`never ${word} at the top`);
  await expect(page.getByText('Asks for nothing that is tagged.')).toBeVisible();
  await app.tap('push', 'radio');
  await page.getByLabel('One more word or phrase').fill(word);
  await app.tap('Add it');
  await expect(page.getByText('Asks for: not push.')).toBeVisible();
  await app.tap(`Remove “${word}”`);
  await expect(page.getByText('Asks for nothing that is tagged.')).toBeVisible();
});

test('a thread stays where it is against what the gate proposes, with the reason', async ({ app, page }) => {
  await app.enter();
  const id = await app.planned('Stayer');
  const { threads } = (await app.whole(id)).plan;
  const { stages, stage: now } = threads[0];
  const { drills } = stages.find(({ stage }: any) => stage === now);
  const event = (kind: string, rest: object) => ({ id: v7(), at: new Date().toISOString(), kind, ...rest });
  const { today } = await app.read<{ today: string }>('/session');
  const session = event('session-begun', { athleteId: id, planId: null, zone: 'Europe/London', date: today });
  const reps = drills.flatMap(({ drill }: { drill: string }) =>
    Array.from({ length: 20 }, () => event('rep', { sessionId: session.id, drill, outcome: 'clean' })),
  );
  await app.post('/log', { events: [session, ...reps] });
  await page.goto(`/athletes/${id}/build`);
  const lower = page.getByRole('group', { name: 'Ladder of the lower half' });
  await lower.getByRole('button', { name: 'Stay' }).click();
  await expect(lower.getByRole('button', { name: 'Stay' })).toBeDisabled();
  await lower.getByLabel(`Why stay on ${now}?`).fill('One more week of it.');
  await lower.getByRole('button', { name: 'Stay' }).click();
  await expect(lower.getByRole('button', { name: 'Stay' })).toHaveCount(0);
  const after = (await app.whole(id)).plan.threads[0];
  expect([after.stage, after.stayed]).toEqual([now, true]);
});

test('a screen whose script cannot be fetched says so, and comes when it is loaded again', async ({
  app,
  page,
}) => {
  await app.enter();
  const scripts = '**/lazyScreens-*.js';
  await page.route(scripts, (route) => route.abort());
  await page.goto('/drills');
  await expect(page.getByText('This screen could not be opened.', { exact: false })).toBeVisible();
  await page.unroute(scripts);
  await app.tap('Reload');
  await expect(page.getByRole('heading', { name: 'Drills', level: 1 })).toBeVisible();
});
