import type { BrowserContext, Page } from '@playwright/test';
import { v7 } from 'uuid';
import { App, expect, test } from './app';
import { aDay, entriesOf, leaveBehind, wrongClock } from './device';

// What keeps the app is tested here, so that nothing else may.
test.use({ serviceWorkers: 'allow', keepsScripts: false });
// The rest of the day is read along while the first screen stands idle.
test.describe.configure({ timeout: 240_000 });

/** Waits until the app itself is kept by the browser. */
const appKept = (page: Page) =>
  page.evaluate(async () => {
    const { active } = await navigator.serviceWorker.ready;
    while (active!.state !== 'activated')
      await new Promise((done) => active!.addEventListener('statechange', done, { once: true }));
  });

/** Waits until an answer of the server is kept by the browser. */
const answerKept = (page: Page, path: string) =>
  expect
    .poll(
      () =>
        page.evaluate(
          (key) =>
            new Promise<boolean>((done, fail) => {
              const opening = indexedDB.open('wrightonic');
              opening.onerror = () => fail(opening.error);
              opening.onsuccess = () => {
                const asking = opening.result.transaction('responses').objectStore('responses').get(key);
                asking.onsuccess = () => {
                  opening.result.close();
                  done(asking.result !== undefined);
                };
              };
            }),
          path,
        ),
      { timeout: 60_000 },
    )
    .toBe(true);

const reps = async (app: App, id: string): Promise<number> =>
  (await app.read(`/athletes/${id}/open-session`)).events.filter((e: { kind: string }) => e.kind === 'rep')
    .length;

test('a session goes on without a connection at the same rep after the tab was killed, and is sent once', async ({
  app,
  page,
  context,
}) => {
  await app.enter();
  const id = await app.planned('Away');
  await page.goto(`/athletes/${id}/session`);
  await app.tap('Nothing hurts');
  await app.counted();
  const drill = await page.getByRole('heading', { level: 1 }).innerText();
  await app.tap('Clean, 0 so far');
  await app.sent();
  await appKept(page);
  await context.setOffline(true);
  for (let n = 1; n < 4; n++) await app.tap(`Clean, ${n} so far`);
  await page.close({ runBeforeUnload: false });

  const next = await context.newPage();
  await next.goto(`/athletes/${id}/session`);
  // What was sent before the connection went is still shown.
  await expect(next.getByRole('button', { name: 'Clean, 4 so far' })).toBeVisible();
  await expect(next.getByRole('heading', { level: 1, name: drill })).toBeVisible();
  await next.getByRole('button', { name: 'Missed, 0 so far' }).click();
  await next.getByRole('link', { name: /[48] entries not sent yet/ }).click();
  await expect(next.getByText(`Clean: ${drill}`, { exact: true })).toHaveCount(3);
  await expect(next.getByText(`Missed: ${drill}`, { exact: true })).toBeVisible();
  await context.setOffline(false);
  const again = new App(next);
  await again.sent();
  expect(await reps(again, id)).toBe(5);
  await expect(next.getByText('Everything logged here has reached the server.')).toBeVisible();
});

test('signing out without a connection names what is not sent and leaves nothing of anybody', async ({
  app,
  page,
  context,
}) => {
  await app.enter();
  const id = await app.planned('Leaver');
  await page.goto(`/athletes/${id}/session`);
  await app.tap('Nothing hurts');
  await app.counted();
  await app.sent();
  await appKept(page);
  await context.setOffline(true);
  await app.tap(/^Clean/);
  await page.goto('/office');
  await app.tap(/^Account/);
  await app.tap('Sign out');
  await expect(page.getByText(/^Leaver Testwell: [12] entr/)).toBeVisible();
  await app.tap('Stay signed in');
  await app.tap('Sign out');
  await app.tap('Delete and sign out');
  await page.waitForURL((url) => url.pathname === '/');
  await expect(page.getByRole('alert')).toBeVisible();
  expect(await entriesOf(page)).toEqual([]);
  await page.goto(`/athletes/${id}/prove`);
  await expect(page.getByText('Leaver', { exact: false })).toHaveCount(0);
  // The server is told as soon as it can be.
  await context.setOffline(false);
  await expect(page.getByRole('button', { name: 'Look around the demo academy' })).toBeVisible();
  expect((await page.request.get('/api/athletes')).status()).toBe(401);
});

test('the day opens without a connection, with whoever has a lesson, though nobody opened them before', async ({
  app,
  page,
  context,
}) => {
  await app.enter();
  const id = await app.planned('Dayward');
  const { today } = await app.read<{ today: string }>('/session');
  await app.post('/lessons', {
    id: v7(),
    athleteId: id,
    date: today,
    time: '23:40',
    minutes: 20,
    place: 'Cage 9',
  });
  await page.goto('/');
  await appKept(page);
  await answerKept(page, `athletes/${id}/open-session`);
  await context.setOffline(true);
  await page.goto('/');
  await page.getByRole('link', { name: /23:40\s+Dayward Testwell/ }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Dayward Testwell' })).toBeVisible();
  await page.goto(`/athletes/${id}/build`);
  await expect(page.getByText('Lower half', { exact: false }).first()).toBeVisible();
  await page.goto(`/athletes/${id}/session`);
  await app.tap('Nothing hurts');
  await app.counted();
  await app.tap('Clean, 0 so far');
  await expect(page.getByRole('button', { name: 'Clean, 1 so far' })).toBeVisible();
  await expect(page.getByText(/No connection\. This is the last saved version/)).toBeVisible();
  await context.setOffline(false);
  await app.sent();
  expect(await reps(app, id)).toBe(1);
});

test('after a night without a connection it is the next day, without the lessons of the one before', async ({
  app,
  page,
  context,
}) => {
  await app.enter();
  await page.goto('/');
  await page.getByText(/lessons? (at|of)/).waitFor();
  await appKept(page);
  await answerKept(page, 'lessons');
  const shown = (date: Date) =>
    new Intl.DateTimeFormat('en-GB', { weekday: 'long', day: 'numeric', timeZone: 'UTC' }).format(date);
  const { today } = await app.read<{ today: string }>('/session');
  await context.setOffline(true);
  await wrongClock(page, aDay);
  await page.reload();
  const next = new Date(Date.parse(today) + aDay);
  await expect(page.getByRole('heading', { level: 1 })).toContainText(shown(next).split(' ')[0]!);
  await expect(page.getByText('No lessons today.', { exact: false })).toBeVisible();
});

test('two devices in one session lose and double nothing', async ({ app, page, browser }) => {
  await app.enter();
  const id = await app.planned('Twofold');
  await page.goto(`/athletes/${id}/session`);
  await app.tap('Nothing hurts');
  await app.counted();
  await app.tap('Clean, 0 so far');
  await app.sent();
  const second: BrowserContext = await browser.newContext({ viewport: { width: 390, height: 844 } });
  const other = new App(await second.newPage());
  await other.enter();
  await other.page.goto(`/athletes/${id}/session`);
  await expect(other.page.getByRole('button', { name: 'Clean, 1 so far' })).toBeVisible();
  await second.setOffline(true);
  for (let n = 1; n < 4; n++) await other.tap(`Clean, ${n} so far`);
  await app.tap('Missed, 0 so far');
  await app.tap('Undo');
  await app.tap('Clean, 1 so far');
  await second.setOffline(false);
  await Promise.all([app.sent(), other.sent()]);
  expect(await reps(app, id)).toBe(5);
  // Each shows what the other logged as soon as it reads the session again, and what was taken back is gone.
  for (const each of [app, other]) {
    await each.page.reload();
    await expect(each.page.getByRole('button', { name: 'Clean, 5 so far' })).toBeVisible();
    await expect(each.page.getByRole('button', { name: 'Missed, 0 so far' })).toBeVisible();
  }
  await second.close();
});

test('a clock that is wrong by a day puts nothing on the wrong day', async ({ app, page }) => {
  await app.enter();
  const id = await app.planned('Clocked');
  await wrongClock(page, aDay);
  await page.goto(`/athletes/${id}/session`);
  await app.tap('Nothing hurts');
  await app.counted();
  await app.tap('Clean, 0 so far');
  await app.sent();
  const { session, events } = await app.read(`/athletes/${id}/open-session`);
  const { today } = await app.read<{ today: string }>('/session');
  expect(session.date).toBe(today);
  const off = Math.abs(Date.parse(events.at(-1).at) - Date.now());
  expect(off).toBeLessThan(5 * 60_000);
});

test('what the server does not take is kept and shown with what to do', async ({ app, page }) => {
  await app.enter();
  const id = await app.planned('Refused');
  await page.goto(`/athletes/${id}/session`);
  await app.tap('Nothing hurts');
  await app.sent();
  // As an older version of the app might have left it: a reading that no radar gives.
  await leaveBehind(page, id, [
    {
      id: v7(),
      at: new Date().toISOString(),
      kind: 'throw',
      sessionId: (await app.read(`/athletes/${id}/open-session`)).session.id,
      drill: 'full-delivery',
      velocity: 400,
      effort: 80,
      pitch: 'fastball',
      ballG: 145,
    },
  ]);
  await page.goto('/');
  await app.tap(/1 entry was refused/, 'link');
  await expect(page.getByText(/^Not accepted: velocity must be less than or equal to 55/)).toBeVisible();
  await page.reload();
  await expect(page.getByText('Throw: Full delivery, flat ground, measured')).toBeVisible();
  await app.tap('Remove from the list');
  await expect(page.getByText('Everything logged here has reached the server.')).toBeVisible();
});

test('a browser without room says so, and what is tapped is sent all the same', async ({
  app,
  page,
  context,
}) => {
  await app.enter();
  const id = await app.planned('Fullup');
  await page.addInitScript(() => {
    IDBObjectStore.prototype.put = () => {
      throw new DOMException('full', 'QuotaExceededError');
    };
  });
  await page.goto(`/athletes/${id}/session`);
  await app.tap('Nothing hurts');
  await app.counted();
  await context.setOffline(true);
  await app.tap('Clean, 0 so far');
  await expect(page.getByText(/This browser cannot store them\. Keep this page open/)).toBeVisible();
  await context.setOffline(false);
  await expect.poll(() => reps(app, id)).toBe(1);
});
