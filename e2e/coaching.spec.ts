import type { LogEvent } from '@wrightonic/contract';
import type { Page } from '@playwright/test';
import { expect, test, type App } from './app';

/** A session of somebody new with one drill, whatever the plan says for today. */
async function working(app: App, page: Page, givenName: string, drill: string): Promise<string> {
  await app.enter();
  const id = await app.planned(givenName);
  await page.goto(`/athletes/${id}/session`);
  await app.tap('Nothing hurts');
  await oneMore(page, drill);
  return id;
}

/** Goes on to a drill of the session, or takes it in after the last. */
async function oneMore(page: Page, drill: string): Promise<void> {
  const more = page.getByRole('button', { name: 'One more drill' });
  const here = page.getByRole('heading', { name: drill, exact: true });
  await expect(
    page
      .getByRole('button', { name: /^(Clean|Done), / })
      .or(more)
      .first(),
  ).toBeVisible();
  while (!(await more.count()) && !(await here.count()))
    await page.getByRole('button', { name: 'Next drill', exact: true }).last().click();
  if (await here.count()) return;
  await more.click();
  await page.getByLabel('Search for the other drill').fill(drill);
  await page.getByRole('button', { name: drill, exact: true }).last().click();
  await expect(here).toBeVisible();
}

const repsOf = async (app: App, id: string) => {
  const { events } = await app.read<{ events: LogEvent[] }>(`/athletes/${id}/open-session`);
  return events.filter((event) => event.kind === 'rep');
};

test('a drill is worked at a level and on each side, and both stay through a reload', async ({
  app,
  page,
}) => {
  const id = await working(app, page, 'Levelled', 'Wall-seat drive');
  await expect(page.getByRole('radio', { name: 'hold' })).toBeChecked();
  await app.tap('drive', 'radio');
  await expect(page.getByText('Sit, hold, then drive the hips off the wall.')).toBeVisible();
  for (let n = 0; n < 6; n++) await app.tap(/^Clean, /);
  // The set has six on each side: the other is called for.
  await expect(page.getByRole('button', { name: /^Change sides: right side, 0 of 6/ })).toBeVisible();
  await app.tap(/^Missed, /);
  await app.sent();
  await page.reload();
  await expect(page.getByRole('radio', { name: 'drive' })).toBeChecked();
  await expect(page.getByRole('button', { name: /^right side, 1 of 6/ })).toBeVisible();
  expect((await repsOf(app, id)).map((rep) => [rep.level, rep.side, rep.outcome])).toEqual([
    ...Array.from({ length: 6 }, () => ['drive', 'lead', 'clean']),
    ['drive', 'trail', 'missed'],
  ]);
  await app.tap('End');
  await app.tap('Nothing hurts');
  await app.tap(/^Show the /);
  await expect(page.getByText('left side: 6 of 6; right side: 0 of 1')).toBeVisible();
});

test('another cue is one tap, and the athlete’s page says how the reps after each went', async ({
  app,
  page,
}) => {
  const id = await working(app, page, 'Cued', 'Hip-first lean');
  const change = page.getByRole('button', { name: /^Change cue / });
  for (let n = 0; n < 2; n++) await app.tap(/^Missed, /);
  await change.click();
  const own = page.getByRole('textbox', { name: 'The cue in other words' });
  await own.fill('x'.repeat(2000));
  await expect(page.getByText('A cue has at most 120 letters; this one has 2000.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Use these words' })).toBeDisabled();
  await own.fill('Pocket to the fence');
  await app.tap('Athlete’s own words', 'radio');
  await app.tap('Use these words');
  await expect(page.getByRole('button', { name: 'Change cue “Pocket to the fence”' })).toBeVisible();
  for (let n = 0; n < 3; n++) await app.tap(/^Clean, /);
  await change.click();
  await expect(page.getByText('Now. Athlete’s own words; 3 of 3 clean', { exact: false })).toBeVisible();
  await page.getByRole('button', { name: 'Cancel' }).click();
  await app.sent();
  await app.open(`/athletes/${id}/work`);
  await app.tap(/^Cues so far/);
  await expect(page.getByText('0 of 2 clean', { exact: false })).toBeVisible();
  await expect(page.getByText(/^Athlete’s own words · since .* · 3 of 3 clean/)).toBeVisible();
  const [own2] = await app.whole(id).then(({ cues }) => cues);
  expect(own2).toMatchObject({ drill: 'hip-first-lean', text: 'Pocket to the fence', whose: 'athlete' });
  await page
    .getByRole('button', { name: /^Use “/ })
    .first()
    .click();
  await expect(page.getByRole('button', { name: 'Use “Pocket to the fence”' })).toBeVisible();
});

test('a spot is called, and two taps chart the throw and where it went', async ({ app, page }) => {
  const id = await working(app, page, 'Spotted', 'Easy catch');
  await app.tap('Call spots: off; change');
  await expect(page.getByText('Aim high, arm side')).toBeVisible();
  app.taps = 0;
  await app.tap(/^Clean, /);
  await app.tap('Missed low, arm side');
  expect(app.taps).toBe(2);
  await expect(page.getByText('Aim low, glove side')).toBeVisible();
  await app.tap(/^Missed, /);
  await app.tap('On target');
  await app.tap(/^Clean, /);
  await app.tap('Skip');
  await app.sent();
  const throws = await app.read<{ sides: string[] | null }[]>(`/athletes/${id}/throws`);
  expect(throws.map(({ sides }) => sides)).toEqual([['low', 'arm'], [], null]);
  // An undo takes back where it went first, and the question comes again.
  await app.tap('Undo');
  await app.tap('Undo');
  await expect(page.getByRole('button', { name: 'On target' })).toBeVisible();
});

test('constraints that are on stay on through another drill and a reload', async ({ app, page }) => {
  await working(app, page, 'Constrained', 'Hop-load throw');
  await app.tap('Change constraints: none');
  const first = page.getByRole('group', { name: 'Constraints in use' }).getByRole('checkbox').first();
  const name = await first.innerText();
  await first.click();
  await expect(first).toBeChecked();
  await app.tap(/^Close$/);
  const row = page.getByRole('button', { name: `Change constraints: ${name}` });
  await expect(row).toBeVisible();
  await app.tap('Previous drill');
  await page.getByRole('button', { name: 'Next drill', exact: true }).last().click();
  await expect(row).toBeVisible();
  await app.tap(/^Clean, /);
  await app.sent();
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Hop-load throw' })).toBeVisible();
  await expect(row).toBeVisible();
});
