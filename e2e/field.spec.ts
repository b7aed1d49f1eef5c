import type { Page } from '@playwright/test';
import { addDays } from '@wrightonic/core';
import { v7 } from 'uuid';
import { expect, test, type App } from './app';

/** Opens a session on a drill that throws. */
async function throwing(app: App, givenName: string): Promise<string> {
  const id = await app.planned(givenName);
  await app.page.goto(`/athletes/${id}/session`);
  await app.tap('Nothing hurts');
  await app.toThrows();
  return id;
}

/** A device of the academy that sends readings. */
async function device(app: App, name: string) {
  const id = v7();
  const headers = { 'x-csrf-token': await app.token() };
  const answer = await app.page.request.post('/api/devices', { headers, data: { id, name } });
  const { key } = (await answer.json()) as { key: string };
  // By the instrument's clock nobody throws twice in a second, however quick the test is.
  let clock = Date.now();
  return {
    read: async (velocity: number) => {
      const sent = await app.page.request.post('/api/readings', {
        headers: { authorization: `Bearer ${key}`, 'content-type': 'application/json' },
        data: JSON.stringify({ velocity, unit: 'mph', at: new Date((clock += 9000)).toISOString() }),
      });
      expect(sent.status()).toBe(201);
    },
    end: () => app.post(`/devices/${id}/end`, { id: v7() }),
  };
}

const count = (page: Page, outcome: 'Clean' | 'Missed', n: number) =>
  expect(page.getByRole('button', { name: `${outcome}, ${n} so far` })).toBeVisible();
const throwsOf = async (app: App, id: string) =>
  (await app.read(`/athletes/${id}/open-session`)).events.filter(
    ({ kind }: { kind: string }) => kind === 'throw',
  );

test('a reading counts once its rep is tapped, never by itself', async ({ app, page }) => {
  await app.enter();
  const name = `Gun ${v7().slice(-6)}`;
  const gun = await device(app, name);
  const id = await throwing(app, 'Radmund');
  await app.tap('Velocity');
  await page.getByRole('radio', { name }).click();
  await app.tap('Cancel');
  const shown = page.getByRole('status', { name: 'Radar' });
  const waiting = page.getByRole('alert').filter({ hasText: 'unclaimed' });
  const velocities = async () => {
    await app.sent();
    return (await throwsOf(app, id)).map(({ velocity }: { velocity: number | null }) => velocity);
  };
  await expect(shown).toHaveText('Radar is ready');

  // The thumb first: the reading belongs to the rep it follows.
  await app.tap(/^Clean/);
  await gun.read(62.5);
  await expect(shown).toHaveText('62.5 mph');
  expect(await velocities()).toEqual([expect.closeTo(27.94, 1)]);

  // Nobody tapped: it waits, through a reload too, and counts nowhere.
  await gun.read(61.2);
  await expect(waiting).toHaveText(/61\.2 mph unclaimed/);
  await page.reload();
  await expect(waiting).toHaveText(/61\.2 mph unclaimed/);
  await count(page, 'Clean', 1);
  expect(await velocities()).toHaveLength(1);
  app.taps = 0;
  await app.tap(/^Clean/);
  expect(app.taps).toBe(1);
  await count(page, 'Clean', 2);
  await expect(shown).toHaveText('61.2 mph');
  await expect(waiting).toBeHidden();
  expect(await velocities()).toEqual([expect.anything(), expect.closeTo(27.36, 1)]);
  const { events } = await app.read(`/athletes/${id}/open-session`);
  const reps = events.filter(({ kind }: { kind: string }) => kind === 'rep');
  expect((await throwsOf(app, id))[1]).toMatchObject({ source: 'radar', repId: reps[1].id });

  // A bat waits with a reason; a reading that is discarded is no throw.
  await gun.read(130);
  await expect(waiting).toHaveText(/130\.0 mph unclaimed: /);
  await waiting.getByRole('button', { name: 'Discard reading' }).click();
  await expect(waiting).toBeHidden();
  expect(await velocities()).toHaveLength(2);

  app.taps = 0;
  await app.tap('Discard reading');
  expect(app.taps).toBe(1);
  // The throw of the rep stays; what was measured does not.
  expect((await velocities()).map((velocity: number | null) => velocity === null)).toEqual([false, true]);
  await count(page, 'Clean', 2);
  await gun.end();
});

for (const [width, height, what] of [
  [844, 390, 'on its side'],
  [195, 422, 'at 200 %'],
  [360, 640, 'that is small'],
] as const)
  test(`both areas are whole on a phone ${what}`, async ({ app, page }) => {
    await page.setViewportSize({ width, height });
    await app.enter();
    await throwing(app, `Low${width}`);
    for (const outcome of [/^Clean,/, /^Missed,/]) {
      const box = (await page.getByRole('button', { name: outcome }).boundingBox())!;
      expect(box.height).toBeGreaterThanOrEqual(140);
      expect(box.width).toBeGreaterThanOrEqual(80);
      expect(box.y + box.height).toBeLessThanOrEqual(height);
      expect(box.x + box.width).toBeLessThanOrEqual(width);
    }
    await app.tap(/^Clean/);
    await count(page, 'Clean', 1);
    if (width < 360) return;
    await app.open('/roster');
    await page.getByRole('heading', { level: 1, name: 'Roster' }).waitFor();
    expect(await page.evaluate(() => document.scrollingElement!.scrollWidth)).toBeLessThanOrEqual(width);
    const add = (await page.getByRole('button', { name: 'Add athlete' }).boundingBox())!;
    expect(add.x + add.width).toBeLessThanOrEqual(width);
  });

test('text is as large as the browser is asked for', async ({ app, page }) => {
  await page.addInitScript(() =>
    document.addEventListener('readystatechange', () => (document.documentElement.style.fontSize = '24px'), {
      once: true,
    }),
  );
  await app.enter();
  await page.goto('/roster');
  const heading = page.getByRole('heading', { level: 1, name: 'Roster' });
  expect(await heading.evaluate((node) => getComputedStyle(node).fontSize)).toBe('51px');
});

test('a missed rep says why, before or after the tap, and a note takes two taps', async ({ app, page }) => {
  await app.enter();
  const id = await throwing(app, 'Missela');
  const missed = page.getByRole('button', { name: /^Missed,/ });
  await missed.click({ delay: 700 });
  await app.tap('rushed');
  await count(page, 'Missed', 1);
  await missed.click();
  await app.tap('Why missed?');
  await app.tap('lost balance');
  await count(page, 'Missed', 2);
  await app.tap(/^Note on/);
  await app.tap('Try it smaller');
  await expect(page.getByText('Noted: Try it smaller')).toBeVisible();
  await app.sent();
  const { events } = await app.read(`/athletes/${id}/open-session`);
  expect(events.flatMap(({ reason }: { reason?: string }) => reason ?? [])).toEqual([
    'rushed',
    'off-balance',
  ]);
  expect(events.filter(({ kind }: { kind: string }) => kind === 'throw')).toHaveLength(2);
  await app.tap('Undo');
  await count(page, 'Missed', 1);

  // The end says it in words, plans the next date with two taps, and has a line for the parent.
  await app.tap('End');
  await app.tap('Nothing hurts');
  await app.tap(/^Show the /);
  await expect(page.getByText(/Missed: rushed/)).toBeVisible();
  app.taps = 0;
  await app.tap('Add a lesson');
  await page.getByRole('radiogroup', { name: 'Day of the next lesson' }).getByRole('radio').first().click();
  await app.tap(/^Add \w+ \d+ /);
  await app.sent();
  const { today } = await app.read('/session');
  expect((await app.whole(id)).upcoming).toMatchObject([{ date: addDays(today, 2), kind: 'lesson' }]);
  await expect(page.getByText(/Missela practiced Full delivery.*\(0 of 1 clean\)/).first()).toBeVisible();
});

test('a group of three is one tap apart, each at their own drill', async ({ app, page }) => {
  await app.enter();
  const [first, second, third] = [await app.planned('Ada'), await app.planned('Bo'), await app.planned('Cy')];
  const { today } = await app.read('/session');
  await page.goto('/');
  await page.evaluate(
    ([date, ...ids]) => localStorage.setItem('wrightonic.settings', JSON.stringify({ group: { date, ids } })),
    [today, first, second, third] as string[],
  );
  await page.goto(`/athletes/${first}/session`);
  await app.tap('Nothing hurts');
  await app.counted();
  const drill = await page.getByRole('heading', { level: 1 }).innerText();
  await app.tap(/^Clean/);
  await app.tap('Go to Bo');
  await expect(page.getByRole('heading', { name: 'Does anything hurt, Bo?' })).toBeVisible();
  await app.tap('Nothing hurts');
  await app.counted();
  await app.tap(/^Missed,/);
  await count(page, 'Missed', 1);
  await count(page, 'Clean', 0);
  app.taps = 0;
  await app.tap('Go to Ada');
  await count(page, 'Clean', 1);
  expect(app.taps).toBe(1);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(drill);
});
