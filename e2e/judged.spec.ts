import { expect, test } from './app';

test('a look says when, where and how it was taken; tomorrow is refused', async ({ app, page }) => {
  await app.enter();
  const id = await app.newAthlete('Told');
  const now = await app.look(id, { 'oh.wobble': 1 });
  const earlier = await app.look(id, { 'oh.wobble': 3 });
  await page.goto(`/athletes/${id}/look?of=${earlier}`);
  await app.tap('Edit details');
  const day = page.getByLabel('Day of the look', { exact: true });
  await day.fill('2199-01-01');
  await app.tap('Save details');
  await expect(page.getByRole('alert')).toContainText('cannot be dated in the future');
  await day.fill('2026-03-02');
  await page.getByLabel('Time of the look', { exact: true }).fill('16:30');
  await page.getByRole('textbox', { name: 'Place' }).fill('Cage 3');
  await app.tap('Behind', 'radio');
  await page.getByRole('textbox', { name: 'What was thrown' }).fill('bullpen, 25 pitches');
  await page.getByRole('textbox', { name: 'Looked at by' }).fill('Coach Ames');
  await app.tap('Save details');
  await expect(
    page.getByText('2 Mar, 16:30 · Cage 3 · seen from behind · bullpen, 25 pitches · by Coach Ames'),
  ).toBeVisible();
  await app.sent();
  // The one of today is the newest, whatever was written down first.
  const { looks } = await app.whole<{ looks: { id: string }[] }>(id);
  expect(looks.map((look) => look.id)).toEqual([earlier, now]);
});

test('a screen reads what its instruments can, does the sums and keeps a retest beside the tries', async ({
  app,
  page,
}) => {
  await app.enter();
  const id = await app.newAthlete('Instrumented');
  const type = async (name: string, value: string) => {
    await page.getByRole('textbox', { name, exact: true }).fill(value);
    await page.getByRole('textbox', { name, exact: true }).press('Tab');
  };
  await page.goto(`/athletes/${id}/screen?test=seated-rotation`);
  await expect(page.getByRole('radio', { name: 'Marks on the floor' })).toBeVisible();
  await expect(page.getByRole('radio', { name: 'Level on the limb' })).toHaveCount(0);
  await type('Try 1', '36');
  await app.tap('Next');
  await type('Try 1', '50');
  await expect(page.getByText('turning left is the short way', { exact: false })).toBeVisible();
  await app.tap('Yes', 'radio');
  await type('After a stretch', '55');
  await app.open(`/athletes/${id}/screen?test=shoulder-arc`);
  await type('Try 1: turned back', '105');
  await type('Try 1: turned forward', '68');
  await expect(page.getByText('Together: 173 deg')).toBeVisible();
  await app.open(`/athletes/${id}/screen?test=knee-to-wall`);
  await type('Try 1', '1.5');
  await app.tap('Finish now; the rest is untested');
  // Inches, as they are liked here: one and a half of them are severe, and a stiff joint is referred.
  await expect(page.getByText(/^1.5 in: severe, by 0.5 in/)).toBeVisible();
  await expect(page.getByText('Ask a licensed clinician: Knee to wall')).toBeVisible();
  await app.sent();
  const [screen] = await app.read<{ tries: object[] }[]>(`/athletes/${id}/screens`);
  expect(screen!.tries).toContainEqual(
    expect.objectContaining({ test: 'seated-rotation', value: 55, retest: true, tool: 'goniometer' }),
  );
  expect(screen!.tries).toContainEqual(expect.objectContaining({ value: 173, parts: [105, 68] }));
});

test('a norm is changed with its source, and a grade follows it', async ({ app, page }) => {
  await app.enter();
  await page.goto('/office/norms');
  await app.tap('Front foot angle at landing, windmill, all levels');
  await page.getByRole('textbox', { name: 'Low, deg' }).fill('70');
  await app.tap('Save range');
  await expect(page.getByText('Must be above the low end.')).toBeVisible();
  await expect(page.getByText('Fill this in.')).toBeVisible();
  // Typed letter by letter: 40.0 on the way is not 40.
  await page.getByRole('textbox', { name: 'Low, deg' }).fill('');
  await page.getByRole('textbox', { name: 'Low, deg' }).pressSequentially('40.05');
  await expect(page.getByRole('textbox', { name: 'Low, deg' })).toHaveValue('40.05');
  await page.getByRole('textbox', { name: 'Where it comes from' }).fill('Our own pitchers');
  await app.tap('Save range');
  await expect(page.getByText(/^Our own pitchers · changed by .+/)).toBeVisible();
  await app.tap('Back to 30 to 60');
  await expect(page.getByText(/reset by/)).toBeVisible();
});

test('spin and break are typed with a throw, and said with where the ball moves', async ({ app, page }) => {
  await app.enter();
  const id = await app.newAthlete('Spinner');
  await page.goto(`/athletes/${id}/throws?part=chart`);
  await app.tap('Catcher’s view', 'radio');
  await expect(page.getByRole('button', { name: /^The zone as the catcher sees it/ })).toBeVisible();
  await app.tap('Ball, distance, game, spin');
  const field = (name: string) => page.getByRole('textbox', { name });
  await field('Spin, rpm').fill('9000');
  await expect(page.getByRole('alert')).toHaveText('Spin: must be a number from 0 to 4500.');
  await field('Spin, rpm').fill('2100');
  await field('Arm side, in').fill('12');
  await field('Up, in').fill('14');
  await field('Type a throw').fill('2 71.5 x');
  await field('Type a throw').press('Enter');
  await expect(field('Spin, rpm')).toHaveValue('');
  await app.sent();
  await app.open(`/athletes/${id}/throws?part=says`);
  await expect(page.getByText('fastball, 1 throw: 2100 rpm, 12 in to the arm side, 14 in up.')).toBeVisible();
  await expect(page.getByText('grade “Too much sideways movement”', { exact: false })).toBeVisible();
  await expect(page.getByText('As the catcher sees it; the arm side is on the left.')).toBeVisible();
  await app.tap('Pitcher’s view', 'radio');
  await expect(page.getByText('As the pitcher sees it; the arm side is on the right.')).toBeVisible();
});
