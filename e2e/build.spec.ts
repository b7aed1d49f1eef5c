import { expect, test } from './app';

test('what a team coach says is checked against the plan and can be taken back', async ({ app, page }) => {
  await app.enter();
  const id = await app.planned('Worded');
  await page.goto(`/athletes/${id}/build`);
  await expect(page.getByText('Nothing that Worded was told pulls apart.')).toBeVisible();
  await page.getByRole('textbox', { name: 'Who tells it' }).fill('Team coach');
  await page.getByRole('textbox', { name: 'What they say' }).fill('Push hard off the rubber');
  await app.tap('Check these words');
  await expect(
    page.getByText(/^“Push hard off the rubber” \(Team coach\) against .*\(the plan\)/),
  ).toBeVisible();
  await expect(page.getByText('The plan’s word: let your hips go down the slope.').first()).toBeVisible();
  await app.sent();
  await page.reload();
  await app.tap('Take back what Team coach says');
  await expect(page.getByText('Nothing that Worded was told pulls apart.')).toBeVisible();
});

test('a week is not assigned into a day of rest without a reason', async ({ app, page }) => {
  await app.enter();
  const id = await app.planned('Rested');
  const { today } = await app.read<{ today: string }>('/session');
  const yesterday = new Date(Date.parse(today) - 86_400_000).toISOString().slice(0, 10);
  const plan = (await app.read(`/athletes/${id}`)).plan;
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
  await page.goto(`/athletes/${id}/build`);
  await app.tap('Drills of other stages');
  await app.tap('Full delivery, flat ground', 'checkbox');
  await expect(page.getByText(/no hard throws until .*Take drills or days out, or say why/)).toBeVisible();
  const assign = page.getByRole('button', { name: 'Assign the week' });
  await expect(assign).toBeDisabled();
  await page
    .getByRole('textbox', { name: 'Why more throws than the limits allow?' })
    .fill('Cleared by the league.');
  await assign.click();
  await expect(page.getByRole('heading', { name: 'Assigned' })).toBeVisible();
});
