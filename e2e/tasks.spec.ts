import { expect, test } from './app';
import { firstScripts, mostFirstScript, weightOf } from './figures';

test('find an athlete and start today’s session: three taps', async ({ app, page }) => {
  await app.enter();
  await page.goto('/');
  const lesson = page
    .getByRole('link', { name: /\bwork\b/ })
    .filter({ hasText: /Cage|Mound/ })
    .first();
  await lesson.click();
  app.taps = 1;
  await app.tap(/Start the session|Back to session/);
  await app.tap('Nothing hurts');
  expect(app.taps).toBe(3);
  await expect(page.getByRole('button', { name: /^(Clean|Done), 0 so far/ })).toBeVisible();
});

test('a rep is one tap, and its figure changes at once', async ({ app, page }) => {
  await app.enter();
  const id = await app.planned('Quick');
  await page.goto(`/athletes/${id}/session`);
  await app.tap('Nothing hurts');
  await app.counted();
  await page.getByRole('button', { name: 'Clean, 0 so far' }).waitFor();
  // However fast they come: each is counted, and shown before the next. How fast that is the benchmark measures.
  const shown = await page.evaluate(async () => {
    const area = () => document.querySelector<HTMLElement>('[role=button][aria-label^="Clean"]')!;
    const labels: (string | null)[] = [];
    for (let n = 0; n < 12; n++) {
      const before = area().getAttribute('aria-label');
      area().click();
      while (area().getAttribute('aria-label') === before) await new Promise(requestAnimationFrame);
      labels.push(area().getAttribute('aria-label'));
    }
    return labels;
  });
  expect(shown.map((label) => Number(/\d+/.exec(label ?? '')?.[0]))).toEqual(
    Array.from({ length: 12 }, (_, n) => n + 1),
  );
});

test('whether velocity really changed is one tap from the athlete', async ({ app, page }) => {
  await app.enter();
  await page.goto(`/athletes/${await app.idOf('Wren')}/work`);
  await app.tap('prove', 'link');
  await expect(page.getByText(/Really faster by \d\.\d mph/)).toBeVisible();
  await expect(page.getByRole('application', { name: /^Axis of time from/ })).toBeVisible();
});

test('an athlete who came back shows what slipped, and a flat one no real change', async ({ app, page }) => {
  await app.enter();
  await page.goto(`/athletes/${await app.idOf('Harriet')}/prove`);
  await expect(page.getByText(/No real change: /)).toBeVisible();
  await app.tap('Delivery', 'radio');
  await expect(page.getByText(/[1-9]\d* slipped/)).toBeVisible();
  await expect(page.getByText(/^Slipped: /).first()).toBeVisible();
  await app.open(`/athletes/${await app.idOf('Caspian')}/trace`);
  await app.tap('Doubts', 'radio');
  await expect(page.getByText(/The body may not get there yet/).first()).toBeVisible();
});

test('the roster is searched and filtered', async ({ app, page }) => {
  await app.enter();
  await page.goto('/roster');
  await expect(page.getByText('athletes', { exact: false }).first()).toBeVisible();
  await page.getByRole('searchbox').fill('quill');
  await expect(page.getByText(/^1 of \d+ athletes$/)).toBeVisible();
  await expect(page.getByRole('link', { name: /Odalys Quillfeather/ })).toBeVisible();
  await page.getByRole('searchbox').fill('nobody at all');
  await app.tap('Show everyone');
  await app.tap('Filters');
  await app.tap('Windmill', 'radio');
  await app.tap('Left', 'radio');
  await expect(page.getByRole('link', { name: /Maren Fallowfield/ })).toBeVisible();
  await expect(page.getByText(/^1 of \d+ athletes$/)).toBeVisible();
});

test.describe('on a wide screen', () => {
  test.use({ viewport: { width: 1280, height: 800 } });
  test('list and detail stand side by side, and keys lead everywhere', async ({ app, page }) => {
    await app.enter();
    await page.goto(`/athletes/${await app.idOf('Wren')}/look`);
    await expect(page.getByRole('complementary', { name: 'Roster' })).toBeVisible();
    await expect(page.getByRole('heading', { level: 1, name: 'Wren Ablethorpe' })).toBeVisible();
    for (const [key, path] of [
      ['2', /trace$/],
      ['5', /prove$/],
      ['1', /look$/],
    ] as const) {
      await page.keyboard.press(key);
      await expect(page).toHaveURL(path);
    }
    await page.keyboard.press('?');
    await expect(page.getByText('this list')).toBeVisible();
    await page.keyboard.press('Escape');
    await page.keyboard.press('g');
    await page.keyboard.press('d');
    await expect(page.getByRole('heading', { level: 1, name: 'Drills' })).toBeVisible();
    await page.keyboard.press('/');
    await expect(page.getByRole('searchbox')).toBeFocused();
  });
});

test('the first script is small, and what changes seldom may be kept', async ({ page }) => {
  const scripts = await firstScripts(page, 'gzip');
  for (const script of scripts) {
    expect(script.headers()['cache-control']).toContain('immutable');
    expect(script.headers()['content-encoding']).toBe('gzip');
  }
  expect(weightOf(scripts)).toBeGreaterThan(100);
  expect(weightOf(scripts)).toBeLessThanOrEqual(mostFirstScript);
});
