import { v7 } from 'uuid';
import type { BrowserContext, Page } from '@playwright/test';
import { type App, expect, test } from './app';
import { lessonOfToday, middle, note, p95, slow, tapsToPaint, usableAfter } from './figures';

// The app on the data of years: `npm run bench -- scale` says where it is.
test.setTimeout(300_000);

const ofOneself = 30;
const academyLessons = /lessons? of yours/;

/** Signs in as an instructor of the large academy, with a full day. */
async function enter(app: App): Promise<string> {
  const headers = { 'x-csrf-token': await app.token() };
  const data = { email: 'person0@barn0.example', password: 'years-of-practice' };
  expect((await app.page.request.post('/api/session', { headers, data })).ok()).toBe(true);
  const { me } = await app.read('/session');
  const lessons = (await app.read('/lessons')) as { instructorId: string; startsAt: string }[];
  const mine = lessons.filter(({ instructorId }) => instructorId === me.person.id);
  const roster = (await app.read('/athletes')) as { id: string }[];
  const date = new Intl.DateTimeFormat('en-CA', { timeZone: me.academy.zone }).format(new Date());
  for (let n = mine.length; n < ofOneself; n++)
    await app.post('/lessons', {
      id: v7(),
      athleteId: roster[n]!.id,
      date,
      time: `${String(7 + Math.floor(n / 2)).padStart(2, '0')}:${n % 2 ? '30' : '00'}`,
      minutes: 30,
      place: 'Cage 1',
    });
  return roster[40]!.id;
}

/** The longest task that the page does meanwhile, ms. */
async function longestTask(page: Page): Promise<() => Promise<number>> {
  await page.addInitScript(() => {
    const tasks: number[] = [];
    Object.assign(window, { tasks });
    new PerformanceObserver((list) =>
      tasks.push(...list.getEntries().map(({ duration }) => duration)),
    ).observe({ type: 'longtask', buffered: true });
  });
  return () => page.evaluate(() => Math.max(0, ...(window as unknown as { tasks: number[] }).tasks));
}

/** Today opened again and again: when it is usable, and its longest task, each the middle of seven. */
async function openings(context: BrowserContext): Promise<{ usable: number; task: number }> {
  const [times, tasks]: [number[], number[]] = [[], []];
  for (let n = 0; n < 7; n++) {
    const next = await context.newPage();
    await slow(next);
    const longest = await longestTask(next);
    times.push(await usableAfter(next, lessonOfToday));
    await next.waitForTimeout(3000);
    tasks.push(await longest());
    await next.close();
  }
  return { usable: middle(times), task: middle(tasks) };
}

test('Today', async ({ app, context }) => {
  await enter(app);
  const { usable, task } = await openings(context);
  note('Today on the data of years usable, 4× slower', usable, 'ms', 2500);
  note('its longest task', task, 'ms', 200);
});

test.describe('from the service worker', () => {
  test.use({ serviceWorkers: 'allow' });
  test('Today', async ({ app, page, context }) => {
    await enter(app);
    await page.goto('/');
    await page.evaluate(() => navigator.serviceWorker.ready);
    await page.getByText(academyLessons).waitFor();
    // Reading along is slow on purpose; the roster and the day come first.
    await page.waitForTimeout(10_000);
    const { usable, task } = await openings(context);
    note('the same from the service worker', usable, 'ms', 1500);
    note('its longest task', task, 'ms', 200);
  });
});

test('the verbs, and a session', async ({ app, page }) => {
  const id = await enter(app);
  for (const verb of ['look', 'trace', 'build', 'work', 'prove', 'throws', 'profile']) {
    const next = await page.context().newPage();
    await slow(next);
    const longest = await longestTask(next);
    await next.goto(`/athletes/${id}/${verb}`);
    await next.getByRole('navigation', { name: 'The five verbs' }).waitFor();
    await next.waitForTimeout(4000);
    note(`${verb} of somebody with years behind, longest task, 4× slower`, await longest(), 'ms', 200);
    await next.close();
  }
  const next = await page.context().newPage();
  await slow(next);
  const longest = await longestTask(next);
  await next.goto('/roster');
  await next.getByText(/1,?000 athletes/).waitFor();
  await next.waitForTimeout(2000);
  note('the roster of 1,000, longest task, 4× slower', await longest(), 'ms', 200);
  await next.close();

  await page.goto(`/athletes/${id}/session`);
  // One that an earlier run left open goes on where it was.
  const asked = page.getByRole('button', { name: 'Nothing hurts' });
  const clean = page.getByRole('button', { name: /^(Clean|Done), \d+ so far/ }).first();
  await asked.or(clean).first().waitFor();
  if (await asked.isVisible()) await asked.click();
  await page
    .getByRole('button', { name: /^(Clean|Done), \d+ so far/ })
    .first()
    .waitFor();
  await slow(page);
  const taps = await tapsToPaint(page);
  note('a rep, tap to paint, 4× slower, 95 of 100', p95(taps), 'ms', 100);
});
