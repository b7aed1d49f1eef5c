import { addDays } from '@wrightonic/core';
import { v7 } from 'uuid';
import { expect, test, type App } from './app';

/** Somebody with a week assigned from the server’s own proposal, as lessons or at home. */
async function withWeek(app: App, givenName: string, kinds: readonly ('lesson' | 'home')[]) {
  const id = await app.planned(givenName);
  const page = await app.whole(id);
  const { today } = await app.read('/session');
  const days = kinds.map((kind, n) => ({
    date: addDays(today, n),
    kind,
    minutes: 45,
    equipment: kind === 'lesson' ? page.academy.equipment : [],
    places: kind === 'lesson' ? ['cage', 'mound', 'field'] : ['home', 'field'],
    pitches: null,
  }));
  const headers = { 'x-csrf-token': await app.token() };
  const data = { from: today, days, pins: [], before: null };
  const answer = await app.page.request.post(`/api/plans/${page.plan.id}/week`, { headers, data });
  const { items } = await answer.json();
  await app.post(`/plans/${page.plan.id}/assignments`, { id: v7(), from: today, days, items, reason: '' });
  return { id, today, items: items as { date: string; drill: string; sets: number }[] };
}

test(
  'what is ticked at home without a connection comes to the instructor at once, and a link taken back loses nothing',
  { tag: '@day' },
  async ({ app, page, browser }) => {
    await app.enter();
    const { id } = await withWeek(app, 'Homer', ['home', 'home', 'home']);
    const headers = { 'x-csrf-token': await app.token() };
    const share = { id: v7(), days: 7 };
    const made = await page.request.post(`/api/athletes/${id}/shares`, { headers, data: share });
    const { token } = await made.json();
    // Its stream opens after it has read, and after what it is to show was told.
    let tell = () => undefined as void;
    const told = new Promise<void>((resolve) => (tell = resolve));
    await page.route('**/change-feed/stream', async (route) => {
      await told;
      await route.continue();
    });
    const read = page.waitForResponse(`**/api/athletes/${id}/work`);
    await page.goto(`/athletes/${id}/work`);
    await read;

    const context = await browser.newContext();
    const home = await context.newPage();
    await home.goto(`/s/${token}`);
    const first = home.getByRole('checkbox').first();
    await expect(first).toBeVisible();
    await context.setOffline(true);
    await first.click();
    await expect(first).toBeChecked();
    await expect(home.getByText(/1 not sent yet/)).toBeVisible();
    await context.setOffline(false);
    await expect(home.getByText(/not sent yet/)).toBeHidden({ timeout: 20_000 });
    tell();
    // The page of the instructor was open all the time, and nobody touched it.
    await expect(page.getByRole('heading', { name: 'At home' })).toBeVisible();

    // Out of sight it hears nothing; in sight again it knows.
    const seen = (state: string) =>
      page.evaluate((shown) => {
        Object.defineProperty(document, 'visibilityState', { value: shown, configurable: true });
        document.dispatchEvent(new Event('visibilitychange'));
      }, state);
    await seen('hidden');
    await home.getByRole('button', { name: 'Something hurts' }).click();
    await home.getByRole('radio', { name: 'Pain' }).click();
    await home.getByRole('radio', { name: 'knee' }).click();
    await home.getByRole('button', { name: 'Save', exact: true }).click();
    await expect(home.getByRole('button', { name: 'Save', exact: true })).toBeHidden();
    await seen('visible');
    await expect(page.getByText(/pain, knee/)).toBeVisible();

    await app.post(`/shares/${share.id}/end`, { id: v7() });
    await home.getByLabel('Pitches').fill('38');
    await home.getByRole('button', { name: 'Save pitches' }).click();
    await expect(home.getByText(/kept on this device/)).toBeVisible();
    await expect(home.getByText(/38 pitches/)).toBeVisible();
    await home.reload();
    await expect(home.getByText(/no longer works/)).toBeVisible();
    expect((await app.whole(id)).home.games).toEqual([]);
    await context.close();
  },
);

test(
  'a lesson that is rained off proposes the rest of the week at once',
  { tag: '@day' },
  async ({ app, page }) => {
    await app.enter();
    const { id, today } = await withWeek(app, 'Rainer', ['home', 'lesson', 'home', 'home']);
    const tomorrow = addDays(today, 1);
    await app.post('/lessons', {
      id: v7(),
      athleteId: id,
      date: tomorrow,
      time: '08:00',
      minutes: 45,
      place: 'Cage 9',
    });
    const lessons = await app.read(`/lessons?from=${tomorrow}&days=1`);
    const lesson = lessons.find(({ athleteId }: { athleteId: string }) => athleteId === id);
    await page.goto(`/diary/${lesson.id}?on=${tomorrow}`);
    await app.tap('Rained off');
    await expect(page.getByRole('status').getByText('Rained off', { exact: true })).toBeVisible();
    await expect(page.getByRole('button', { name: 'Assign the new week' })).toBeVisible({ timeout: 20_000 });
    await app.tap('Assign the new week');
    await expect(page.getByText('The new week is assigned.')).toBeVisible();
    const { plan } = await app.whole(id);
    expect(plan.assignment.days.find(({ date }: { date: string }) => date === tomorrow).kind).toBe('home');
    await page.goto('/diary');
    // Weeks begin on Mondays.
    const day = (new Date(`${tomorrow}T00:00:00Z`).getUTCDay() + 6) % 7;
    if (day === 0) await app.tap('Next week');
    await page.getByRole('tab').nth(day).click();
    await expect(page.getByText('Cage 9 · rained off')).toBeVisible();
  },
);
