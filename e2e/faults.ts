import type { BrowserContext, Page } from '@playwright/test';
import { App, expect, test } from './app';
import { aDay, entriesOf, wrongClock } from './device';
import { kill, roundsOf, row } from './faultRounds';

const taps = 16;

/** Every rep that this browser was told of, sent or not. */
const loggedHere = async (page: Page): Promise<string[]> =>
  (await entriesOf(page)).filter(({ event }) => event.kind === 'rep').map(({ event }) => event.id);

interface Round {
  app: App;
  page: Page;
  context: BrowserContext;
  id: string;
  /** Counts so many more clean reps, as fast as a thumb. */
  tap: (page: Page, times: number) => Promise<void>;
}

const clean = /^(Clean|Done), \d+ so far$/;
/** A browser hears that a new version is there, or it does not. */
const kindsOf: Record<string, number> = { 'another version of the app': 2 };
/** Each fault in the middle of a set; answers with the pages that logged. */
const faults: Record<string, (round: Round) => Promise<Page[]>> = {
  'network off': async ({ page, context, tap }) => {
    await tap(page, taps / 2);
    await context.setOffline(true);
    await tap(page, taps / 2);
    await context.setOffline(false);
    return [page];
  },
  'tab killed': async ({ page, context, id, tap }) => {
    await tap(page, taps / 2);
    await page.close();
    const next = await context.newPage();
    await next.goto(`/athletes/${id}/session`);
    await tap(next, taps / 2);
    return [next];
  },
  'two devices': async ({ page, context, id, tap }) => {
    await tap(page, taps / 4);
    const second = (await context
      .browser()!
      .newContext({ viewport: { width: 390, height: 844 } })) as BrowserContext;
    const other = new App(await second.newPage());
    await other.page.goto('/');
    await other.enter();
    await other.page.goto(`/athletes/${id}/session`);
    await Promise.all([tap(page, taps / 4), tap(other.page, taps / 2)]);
    return [page, other.page];
  },
  'server killed': async ({ page, tap }) => {
    await tap(page, taps / 4);
    const back = kill('server');
    await tap(page, (3 * taps) / 4);
    await back;
    return [page];
  },
  'database killed': async ({ page, tap }) => {
    await tap(page, taps / 4);
    const back = kill('database');
    await tap(page, (3 * taps) / 4);
    await back;
    return [page];
  },
  'another version of the app': async ({ page, context, id, tap }) => {
    await tap(page, taps / 4);
    // The app is kept, and this page is one of the kept app, before anything is changed about it.
    await page.evaluate(() => navigator.serviceWorker.ready);
    await page.reload();
    await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
    await context.setOffline(true);
    await tap(page, taps / 4);
    const version = page.locator('meta[name=version]');
    const before = await version.count();
    await kill('version');
    await context.setOffline(false);
    await page.evaluate(async () => (await navigator.serviceWorker.ready).update());
    // Never in the middle of a session: whoever works is not asked.
    await tap(page, taps / 4);
    await expect(page.getByText('A new version is here', { exact: false })).toBeHidden();
    await page.getByRole('button', { name: 'Leave; the session stays open' }).click();
    // A browser may not let go of the old version for minutes: every second time it hears nothing of the new one.
    if (before % 2)
      await page.evaluate(() => {
        ServiceWorker.prototype.postMessage = () => undefined;
      });
    await page.getByRole('button', { name: 'Load new version' }).click();
    await expect(version).toHaveCount(before + 1, { timeout: 90_000 });
    await page.goto(`/athletes/${id}/session`);
    await tap(page, taps / 4);
    return [page];
  },
  'clock wrong by a day': async ({ page, id, tap }) => {
    await wrongClock(page, aDay);
    await tap(page, taps / 2);
    await page.goto(`/athletes/${id}/session`);
    await tap(page, taps / 2);
    return [page];
  },
};

for (const [name, fault] of Object.entries(faults))
  test(`${name}: nothing is lost, nothing is doubled`, async ({ browser }) => {
    const rounds = roundsOf(kindsOf[name]);
    test.setTimeout(60_000 + rounds * 60_000);
    let [tapped, stored, lost, doubled] = [0, 0, 0, 0];
    for (let n = 0; n < rounds; n++) {
      const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
      const page = await context.newPage();
      const app = new App(page);
      await page.goto('/');
      await app.enter();
      const id = await app.planned(`Fault${n}`);
      await page.goto(`/athletes/${id}/session`);
      await page.getByRole('button', { name: 'Nothing hurts' }).click();
      let reported = 0;
      const tap = async (on: Page, times: number) => {
        for (let each = 0; each < times; each++) await on.getByRole('button', { name: clean }).click();
        reported += times;
      };
      const pages = await fault({ app, page, context, id, tap });
      for (const each of pages) {
        // A connection that comes back says so; a server that comes back is found by the clock.
        await each.evaluate(() => window.dispatchEvent(new Event('online')));
        await new App(each).sent();
      }
      const here = new Set((await Promise.all(pages.map(loggedHere))).flat());
      const { events } = await new App(pages[0]!).read(`/athletes/${id}/open-session`);
      const there = (events as { kind: string; id: string }[])
        .filter(({ kind }) => kind === 'rep')
        .map((event) => event.id);
      tapped += reported;
      stored += there.length;
      doubled += there.length - new Set(there).size;
      lost += Math.max(0, reported - new Set(there).size);
      expect([...here].filter((each) => !there.includes(each))).toEqual([]);
      for (const each of pages) await each.context().close();
    }
    row(name, rounds, tapped, stored, lost, doubled);
    expect({ lost, doubled, stored }).toEqual({ lost: 0, doubled: 0, stored: tapped });
  });
