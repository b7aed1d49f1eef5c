import { v7 } from 'uuid';
import { allClean, expect, test, type App } from './app';

const proveOf = async (app: App, name: string) => `/athletes/${await app.idOf(name)}/prove`;
const axisName = /^Axis of time from/;

test('everything stands on one axis, which is moved by keys and by thumb and tells each day', async ({
  app,
  page,
}) => {
  await app.enter();
  await page.goto(await proveOf(app, 'Wren'));
  const axis = page.getByRole('application', { name: axisName });
  const layers = axis.locator('[data-part=layers]');
  // The dots of the sessions, wherever they stand and wherever they were moved to.
  const drawn = async () => {
    const path = await layers.locator('path').last().getAttribute('d');
    return path && `${await layers.getAttribute('transform')} ${path}`;
  };
  const moved = async (by: () => Promise<void>) => {
    const before = await drawn();
    await by();
    await expect.poll(drawn).not.toBe(before);
  };
  await expect.poll(drawn).toBeTruthy();
  const everything = await drawn();
  await axis.focus();
  await moved(() => page.keyboard.press('+'));
  await moved(() => page.keyboard.press('ArrowLeft'));
  await page.keyboard.press('Home');
  await expect.poll(drawn).toBe(everything);
  await app.tap('3 months');
  await expect.poll(drawn).not.toBe(everything);
  const box = (await axis.boundingBox())!;
  await moved(async () => {
    await page.mouse.move(box.x + 120, box.y + 90);
    await page.mouse.down();
    await page.mouse.move(box.x + 330, box.y + 90, { steps: 4 });
    await page.mouse.up();
  });
  await app.tap('Everything');
  await expect.poll(drawn).toBe(everything);

  // Of folded lanes only the open ones are drawn; a day tells all of them.
  const lane = axis.getByText('Throws per week');
  await expect(lane).toHaveCount(0);
  await app.tap(/^Lanes: /);
  await app.tap('Throws per week', 'checkbox');
  await expect(lane).toHaveCount(1);
  const chosen = page.getByRole('group', { name: 'The chosen day' });
  const first = await chosen.innerText();
  await app.tap('Previous day with an entry');
  await expect(chosen).not.toHaveText(first);
  await axis.click({ position: { x: 150, y: 90 } });
  await expect(chosen).toContainText('Throws per week');
});

test('a target is set, drawn and taken away again', async ({ app, page }) => {
  await app.enter();
  await page.goto(await proveOf(app, 'Lysander'));
  await app.tap('Set a target');
  const field = page.getByRole('textbox', { name: 'Target for usual velocity, mph' });
  await field.fill('700');
  await expect(page.getByRole('alert')).toContainText('Target velocity: 11 to 134 mph');
  await field.fill('68.5');
  await app.tap('Set target');
  await expect(page.getByText('Target 68.5')).toHaveCount(1);
  await app.tap('Change target');
  await app.tap('Remove target');
  await expect(page.getByText('Target 68.5')).toHaveCount(0);
});

test('whoever comes back is looked at shortly, at what had been kept and nothing else', async ({
  app,
  page,
}) => {
  await app.enter();
  await page.goto(await proveOf(app, 'Willa'));
  await expect(
    page.getByText(/^Willa was away for 3\d days\. Look again at what had been kept: /),
  ).toBeVisible();
  await app.tap(/^Take a short look at 2$/);
  for (const last of [false, true]) {
    await expect(
      page.getByRole('group', { name: /./ }).filter({ has: page.getByText(/more to look at/) }),
    ).toHaveCount(0);
    await app.tap(last ? allClean : /: clean$/);
    if (!last) await app.tap(/^Next: /);
  }
  await app.tap('Finish the look');
  await page.goto(await proveOf(app, 'Willa'));
  await expect(page.getByRole('application', { name: axisName })).toBeVisible();
  await expect(page.getByText(/was away for/)).toHaveCount(0);
});

test('a flaw that is back again opens its last ladder with one tap', async ({ app, page }) => {
  await app.enter();
  const id = await app.planned('Backagain');
  for (const grade of [1, 0, 2]) await app.look(id, { 'oh.lift-stall': grade, 'oh.jump': 2 });
  const newest = await app.look(id, { 'oh.lift-stall': 2, 'oh.jump': 3 });
  const trace = { id: v7(), lookId: newest, lower: 'oh.jump', arm: null, reason: 'For now' };
  await app.post(`/athletes/${id}/traces`, trace);
  const { today } = await app.read<{ today: string }>('/session');
  await app.post(`/athletes/${id}/plans`, { id: v7(), traceId: trace.id, startsOn: today, weeks: 2 });
  await page.goto(`/athletes/${id}/prove`);
  await expect(page.getByText(/^Back again: Momentum dies at the top/)).toBeVisible();
  await app.tap('Reopen the ladder of Momentum dies at the top');
  await page.waitForURL(/build$/);
  await expect(page.getByRole('heading', { name: 'Momentum dies at the top' })).toBeVisible();
});

test('the delivery then and now, in motion and phase by phase', async ({ app, page }) => {
  await app.enter();
  await page.goto(await proveOf(app, 'Wren'));
  await app.tap('Delivery', 'radio');
  await expect(page.getByText(/^Better in .*: \d+ points in all before, \d+ after\.$/)).toBeVisible();
  await app.tap('See both in motion');
  await expect(page.getByRole('img', { name: /^Before: the delivery as the look of/ })).toBeVisible();
  const sum = page.getByText(/points in all before/);
  const before = await sum.innerText();
  await app.tap('Before: a later look');
  await expect(sum).not.toHaveText(before);
});

test('what is clean in the drill and not in the delivery is named', async ({ app, page }) => {
  await app.enter();
  await page.goto(await proveOf(app, 'Maren'));
  await app.tap('Practice', 'radio');
  await expect(page.getByText('Clean in the drill, not in the delivery:')).toBeVisible();
  await expect(
    page.getByText(/: \d+ of \d+ in the drill, \d+ of \d+ in the delivery\.$/).first(),
  ).toBeVisible();
  await expect(page.getByText(/^\d+ of \d+ sets done(, \d+ late)?[;.]/)).toBeVisible();
  await app.open(await proveOf(app, 'Lysander'));
  await app.tap('Practice', 'radio');
  await expect(page.getByText(/^Grew 4 cm since /)).toBeVisible();
});

test('a family sees two sentences without the name of a flaw, until the report is taken back', async ({
  app,
  page,
}) => {
  await app.enter();
  await page.goto(await proveOf(app, 'Nell'));
  app.taps = 0;
  await app.tap('Send to the family');
  expect(app.taps).toBe(1);
  const address = await page.getByText(/\/s\/report\/[\w-]{32}$/).innerText();
  await page.goto(address);
  await expect(page.getByRole('heading', { level: 1, name: 'Nell’s progress' })).toBeVisible();
  await expect(page.getByText(/things in Nell’s delivery are better than on /)).toBeVisible();
  await expect(page.getByText(/Shoulders open early/)).toHaveCount(0);
  await expect(page.getByRole('img', { name: /Shoulders open early/ })).toHaveCount(0);
  await page.goto(await proveOf(app, 'Nell'));
  await app.tap('Send', 'radio');
  await app.tap(/^Revoke the report of/);
  await expect(page.getByRole('button', { name: /^Revoke the report/ })).toHaveCount(0);
  await page.goto(address);
  await expect(page.getByText('This link no longer works', { exact: false })).toBeVisible();
});

test('the roster tells who moved, and goes out as a table', async ({ app, page }) => {
  await app.enter();
  await page.goto('/roster');
  await app.tap('Progress');
  await expect(page.getByText(/^\d+ faster, \d+ slower, \d+ without a real change/)).toBeVisible();
  await app.tap(/^No real change/, 'radio');
  await expect(page.getByRole('link', { name: /^Maren Fallowfield/ })).toBeVisible();
  await expect(page.getByRole('link', { name: /^Wren/ })).toHaveCount(0);
  const [table] = await Promise.all([page.waitForEvent('download'), app.tap('CSV')]);
  expect(table.suggestedFilename()).toMatch(/^progress-.*\.csv$/);
  await app.tap('What it was worth', 'radio');
  await expect(page.getByText(/no proof of cause/)).toBeVisible();
});
