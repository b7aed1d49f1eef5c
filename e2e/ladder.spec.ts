import { drillOf } from '@wrightonic/core';
import { v7 } from 'uuid';
import { expect, test } from './app';

test('a ladder is put in order by keyboard, locked, added to and cut, and says when it falls short', async ({
  app,
  page,
}) => {
  await app.enter();
  const id = await app.planned('Laddered');
  const feel = async () => {
    const { plan } = await app.whole(id);
    const lower = plan.threads.find(({ thread }: { thread: string }) => thread === 'lower');
    const rung = lower.stages.find(({ stage }: { stage: string }) => stage === 'feel');
    return rung.drills.map(({ drill }: { drill: string }) => drill) as string[];
  };
  await page.goto(`/athletes/${id}/build`);
  await app.weekPlanned();
  const before = await feel();
  const name = drillOf(before[0]!)!.name;
  const ladder = page.getByRole('group', { name: 'Ladder of the lower half' });
  const handle = ladder.getByRole('button', { name: `Move ${name}`, exact: true });
  // At the edge of the screen the first key would scroll instead.
  await handle.evaluate((node) => node.scrollIntoView({ block: 'center' }));
  await handle.focus();
  await page.keyboard.press('Space');
  await expect(page.getByText('Place 1 of', { exact: false })).toBeAttached();
  await page.keyboard.press('ArrowDown');
  await expect(page.getByText('Place 2 of', { exact: false })).toBeAttached();
  await page.keyboard.press('ArrowUp');
  await expect(page.getByText('Place 1 of', { exact: false })).toBeAttached();
  await page.keyboard.press('ArrowDown');
  await expect(page.getByText('Place 2 of', { exact: false })).toBeAttached();
  await page.keyboard.press('Space');
  await expect.poll(feel).toEqual([before[1], before[0], ...before.slice(2)]);

  await ladder.getByRole('button', { name: /^Show all / }).click();
  await page
    .getByRole('button', { name: /^blend, / })
    .first()
    .click();
  await page.getByRole('button', { name: 'Drill-and-deliver pairs', exact: true }).first().click();
  await app.tap('Lock Drill-and-deliver pairs');
  await expect(page.getByRole('button', { name: 'Unlock Drill-and-deliver pairs' })).toBeVisible();
  await expect(
    page.getByRole('button', { name: 'Remove Drill-and-deliver pairs from the ladder' }),
  ).toHaveCount(0);
  await app.tap('Unlock Drill-and-deliver pairs');
  await app.tap('Remove Drill-and-deliver pairs from the ladder');
  await expect(page.getByText('This ladder stops before the delivery', { exact: false })).toBeVisible();
  await expect(page.getByRole('button', { name: /^blend, .*, 0 drills$/ })).toBeVisible();
  await app.tap('Add a blend drill');
  await page.getByRole('button', { name: /^Drill-and-deliver pairs/ }).click();
  await expect(page.getByText('This ladder stops before the delivery', { exact: false })).toHaveCount(0);
});

test('a thing that is missing at home is named with the drills it would bring, and ticked there', async ({
  app,
  page,
}) => {
  await app.enter();
  const id = await app.planned('Missing');
  await page.goto(`/athletes/${id}/build`);
  await app.weekPlanned();
  await expect(page.getByText('There is no lesson in the diary on', { exact: false })).toBeVisible();
  await expect(page.getByText('No suspension strap at home: Strap lean is left out.')).toBeVisible();
  await app.tap('Add a suspension strap');
  await expect(page.getByText('No suspension strap at home', { exact: false })).toHaveCount(0);
  expect((await app.whole(id)).athlete.equipment).toContain('suspension strap');
});

test('a proposed stage is taken from the roster', async ({ app, page }) => {
  await app.enter();
  const name = `Mover${v7().slice(-5)}`;
  const id = await app.planned(name);
  const { threads } = (await app.whole(id)).plan;
  const before = threads.map(({ stage }: { stage: string }) => stage);
  const stages = threads[1];
  const feel = stages.stages.find(({ stage }: { stage: string }) => stage === stages.stage).drills;
  const event = (kind: string, rest: object) => ({ id: v7(), at: new Date().toISOString(), kind, ...rest });
  const { today } = await app.read<{ today: string }>('/session');
  const session = event('session-begun', { athleteId: id, planId: null, zone: 'Europe/London', date: today });
  const reps = feel.flatMap(({ drill }: { drill: string }) =>
    Array.from({ length: 20 }, () => event('rep', { sessionId: session.id, drill, outcome: 'clean' })),
  );
  await app.post('/log', { events: [session, ...reps] });
  await page.goto('/roster');
  await app.tap(/ready to move up$/);
  await app.tap(new RegExp(`^Move ${name} Testwell up to `));
  await expect
    .poll(async () => (await app.whole(id)).plan.threads.map(({ stage }: { stage: string }) => stage))
    .not.toEqual(before);
});

test('drills are found by flaw and by what is at hand, read in full, and set beside their neighbours', async ({
  app,
  page,
}) => {
  await app.enter();
  await page.goto('/drills');
  await expect(page.getByText(/^(\d+) of \1 drills$/)).toBeVisible();
  await app.tap('By flaw');
  await app.tap('Loads the knee, not the hip', 'radio');
  await expect(page.getByText(/^\d of \d+ drills$/)).toBeVisible();
  await app.tap('By equipment');
  await app.tap('cone', 'checkbox');
  await expect(page.getByRole('link', { name: /^Tilted mound throw/ })).toHaveCount(0);
  await app.tap(/^Knee gate/, 'link');
  await expect(page.getByRole('heading', { level: 1, name: 'Knee gate' })).toBeVisible();
  await expect(page.getByRole('img', { name: 'Knee gate, how it goes, right-handed' })).toBeVisible();
  await app.tap('Left-handed', 'radio');
  await expect(page.getByRole('img', { name: 'Knee gate, how it goes, left-handed' })).toBeVisible();
  await expect(page.getByText(/^Workaround: /)).toBeVisible();
  await expect(page.getByRole('table').getByText('Step-over gate')).toBeVisible();
  await app.tap('Step-over gate');
  await expect(page.getByRole('heading', { level: 1, name: 'Step-over gate' })).toBeVisible();
});
