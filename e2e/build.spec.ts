import { v7 } from 'uuid';
import { expect, test } from './app';

test('what a team coach says is checked against the plan and can be taken back', async ({ app, page }) => {
  await app.enter();
  const id = await app.planned('Worded');
  await page.goto(`/athletes/${id}/build`);
  await expect(page.getByText('Worded has no conflicting instructions.')).toBeVisible();
  await page.getByRole('textbox', { name: 'Who says it' }).fill('Team coach');
  await page.getByRole('textbox', { name: 'What they say' }).fill('Push hard off the rubber');
  await app.tap('Check these words');
  await expect(
    page.getByText(/^“Push hard off the rubber” \(Team coach\) conflicts with .*\(the plan\)/),
  ).toBeVisible();
  await expect(page.getByText('Plan’s cue: let your hips go first.').first()).toBeVisible();
  await app.sent();
  await page.reload();
  await app.tap('Remove what Team coach says');
  await expect(page.getByText('Worded has no conflicting instructions.')).toBeVisible();
});

test('a week is not assigned into a day of rest without a reason', async ({ app, page }) => {
  await app.enter();
  const id = await app.planned('Rested');
  const { today } = await app.read<{ today: string }>('/session');
  const yesterday = new Date(Date.parse(today) - 86_400_000).toISOString().slice(0, 10);
  const plan = (await app.whole(id)).plan;
  const throws = Array.from({ length: 46 }, (_, n) => ({
    id: plan.id.replace(/.{4}$/, String(1000 + n)),
    date: yesterday,
    time: '',
    velocity: null,
    effort: 95,
    pitch: 'fastball',
    ballG: 145,
    kind: 'game',
    sides: null,
  }));
  await app.post(`/athletes/${id}/throws/import`, { throws });
  await page.goto(`/athletes/${id}/work`);
  await expect(page.getByText(/^No hard throws until .*: 2 days of rest after 46 hard throws/)).toBeVisible();
  await app.open(`/athletes/${id}/build`);
  await app.weekPlanned();
  await app.tap(/^Add a drill to /);
  await app.tap('Full delivery, flat ground', 'checkbox');
  await expect(page.getByText(/no hard throws until /).first()).toBeVisible();
  const assign = page.getByRole('button', { name: 'Assign the week' });
  await expect(assign).toBeDisabled();
  await page
    .getByRole('textbox', { name: 'Why more throws than the limits allow?' })
    .fill('Cleared by the league.');
  await assign.click();
  await expect(page.getByRole('heading', { name: 'Assigned' })).toBeVisible();
});

test('a drill is dragged to another day by keyboard, kept there, and the week is assigned so', async ({
  app,
  page,
}) => {
  // All days stand side by side where there is room.
  await page.setViewportSize({ width: 1280, height: 900 });
  await app.enter();
  const id = await app.planned('Dragged');
  await page.goto(`/athletes/${id}/build`);
  await app.weekPlanned();
  const days = page.getByRole('group', { name: /^(Mon|Tue|Wed|Thu|Fri|Sat|Sun) / });
  const handle = days
    .nth(0)
    .getByRole('button', { name: /^Move / })
    .first();
  const drill = (await handle.getAttribute('aria-label'))!.replace('Move ', '');
  const there = days.nth(1).getByRole('button', { name: new RegExp(`^${drill}, `) });
  const sets = async () =>
    Number(/(\d+) sets of/.exec((await there.first().getAttribute('aria-label')) ?? '')?.[1] ?? 1);
  const before = (await there.count()) ? await sets() : 0;
  await handle.focus();
  await page.keyboard.press('Space');
  await expect(page.getByText(new RegExp(`^${drill} is over `))).toBeAttached();
  const over = await page.getByText(new RegExp(`^${drill} is over `)).innerText();
  await page.keyboard.press('ArrowDown');
  await expect(page.getByText(over, { exact: true })).toHaveCount(0);
  await page.keyboard.press('Space');
  await expect(there.and(page.getByRole('button', { name: /, kept$/ }))).toBeVisible();
  expect(await sets()).toBeGreaterThan(before);
  await expect(days.nth(0).getByRole('button', { name: `Move ${drill}` })).toHaveCount(0);
  await app.tap('Assign the week');
  await expect(page.getByRole('heading', { name: 'Assigned' })).toBeVisible();
  const { assignment } = (await app.whole(id)).plan;
  const { today } = await app.read<{ today: string }>('/session');
  expect(
    assignment.items.some(
      (item: { date: string; planned: string }) => item.date === today && item.planned === drill,
    ),
  ).toBe(false);
});

test('a link opens the week for whoever has it, until it is taken back', async ({
  app,
  page,
  browser,
  baseURL,
}) => {
  await app.enter();
  const id = await app.planned('Shared');
  await page.goto(`/athletes/${id}/build`);
  await app.weekPlanned();
  await app.tap('Assign the week');
  // From assigned to a link that is handed over: two taps.
  app.taps = 0;
  await app.tap('Share with Shared');
  await app.tap('Copy message');
  expect(app.taps).toBe(2);
  const message = await page.getByText(/\/s\/[\w-]{32}\s/).innerText();
  const address = /http\S+\/s\/[\w-]{32}/.exec(message)![0];
  await expect(page.getByRole('img', { name: 'The link as a code, to scan with a phone' })).toBeVisible();
  const home = await (await browser.newContext({ baseURL: baseURL! })).newPage();
  await home.goto(address);
  await expect(home.getByRole('heading', { level: 1, name: 'Shared’s week' })).toBeVisible();
  await expect(home.getByText('Stop for pain.', { exact: false })).toBeVisible();
  await expect(home.getByText('Testwell')).toHaveCount(0);
  await home
    .getByRole('group', { name: /^Sets of / })
    .first()
    .getByRole('checkbox')
    .first()
    .click();
  await home.reload();
  await expect(home.getByRole('checkbox', { checked: true })).toHaveCount(1);
  const token = address.split('/s/')[1]!;
  const pdf = await home.request.get(`/api/shared/${token}/week.pdf`);
  expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-');
  await app.tap(/^Revoke the link of /);
  await expect(page.getByRole('button', { name: 'Make a link' })).toBeVisible();
  await home.reload();
  await expect(home.getByText('This link no longer works', { exact: false })).toBeVisible();
  await home.context().close();
});

test('constraints go on, the way round is answered, and one is faded after two clean sets', async ({
  app,
  page,
}) => {
  await app.enter();
  const id = await app.newAthlete('Gated');
  const lookId = await app.look(id, { 'oh.quad-load': 3 });
  const trace = { id: v7(), lookId, lower: 'oh.quad-load', arm: null, reason: '' };
  await app.post(`/athletes/${id}/traces`, trace);
  const { today } = await app.read<{ today: string }>('/session');
  const planId = v7();
  await app.post(`/athletes/${id}/plans`, { id: planId, traceId: trace.id, startsOn: today, weeks: 4 });
  await app.post(`/plans/${planId}/stage-moves`, { id: v7(), thread: 'lower', to: 'constrain', reason: '' });
  await page.goto(`/athletes/${id}/session`);
  await app.tap('Nothing hurts');
  while (!(await page.getByRole('heading', { level: 1, name: 'Knee gate' }).isVisible()))
    await app.tap('Next drill');
  await app.tap(/^Change constraints/);
  await app.tap('Gate before the knee', 'checkbox');
  await app.tap(/^Close$/);
  const set = async (clean: number, missed: number) => {
    for (let n = 0; n < clean; n++) await app.tap(/^Clean, /);
    for (let n = 0; n < missed; n++) await app.tap(/^Missed, /);
  };
  await set(3, 3);
  await expect(page.getByRole('status', { name: /This set: 3 of 6 clean/ })).toBeVisible();
  await app.tap(/^Change constraints/);
  await app.tap('Lead leg opens early', 'radio');
  await app.tap(/^Close$/);
  await app.tap('Set done');
  await expect(
    page.getByText('Lead leg opens early came instead: add the hurdle to step over.'),
  ).toBeVisible();
  await app.tap('Add it');
  for (let n = 0; n < 2; n++) {
    await set(6, 0);
    await app.tap('Set done');
  }
  await expect(page.getByText('Remove the hurdle to step over only', { exact: false })).toBeVisible();
  await app.sent();
  await page.reload();
  await app.tap('Remove it');
  await set(2, 4);
  await app.tap('Set done');
  await expect(page.getByText('2 of 6 clean without the hurdle to step over: it comes back.')).toBeVisible();
});

test('games of a calendar are looked at, kept, and make their days game days', async ({ app, page }) => {
  await app.enter();
  const id = await app.planned('Gamer');
  const { today } = await app.read<{ today: string }>('/session');
  const game = new Date(Date.parse(today) + 2 * 86_400_000).toISOString().slice(0, 10);
  await page.goto(`/athletes/${id}/build`);
  await app.weekPlanned();
  const file = (text: string) =>
    page.locator('input[type=file][accept^=".ics"]').setInputFiles({
      name: 'league.ics',
      mimeType: 'text/calendar',
      buffer: Buffer.from(text),
    });
  await file('BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\nUID');
  await expect(page.getByText('The iCalendar file is broken', { exact: false })).toBeVisible();
  await file(
    `BEGIN:VCALENDAR\r\nVERSION:2.0\r\nBEGIN:VEVENT\r\nUID:1\r\nDTSTART;VALUE=DATE:${game.replaceAll('-', '')}\r\nSUMMARY:Otters at Terns\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n`,
  );
  await expect(page.getByRole('checkbox', { name: /Otters at Terns$/ })).toBeChecked();
  await app.tap('Save 1 game');
  const third = page.getByRole('tab').nth(2);
  await expect(third).toHaveAccessibleName(/, Game, /);
  await third.click();
  await expect(page.getByText(/^Game · /)).toBeVisible();
  await app.tap('Re-plan');
  await expect(page.getByText('Planning the week that is worth most')).toHaveCount(0);
  await expect(page.getByRole('button', { name: 'Assign the week' })).toBeEnabled();
  await app.tap(/^Remove the game .* Otters at Terns$/);
  await expect(third).not.toHaveAccessibleName(/, Game, /);
  await app.sent();
  await page.reload();
  await app.weekPlanned();
  await expect(page.getByText('Otters at Terns', { exact: false })).toHaveCount(0);
  await expect(third).not.toHaveAccessibleName(/, Game, /);
});

test('two weeks are planned and assigned at once', async ({ app, page }) => {
  await app.enter();
  const names = ['a', 'b', 'c'].map((end) => `Many${v7().slice(-5)}${end}`);
  const ids = [await app.planned(names[0]!), await app.planned(names[1]!)];
  await app.newAthlete(names[2]!);
  await page.goto('/roster');
  await app.tap('Plan several athletes');
  for (const name of names) await app.tap(`${name} Testwell`, 'checkbox');
  await app.tap('Plan 3 weeks');
  await expect(page.getByText('There is no plan yet: look, trace and build first.')).toBeVisible();
  await app.tap('Assign 2 weeks');
  await expect(page.getByText('Assigned', { exact: true })).toHaveCount(2);
  for (const id of ids) expect((await app.whole(id)).plan.assignment.items.length).toBeGreaterThan(3);
});
