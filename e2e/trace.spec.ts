import { allClean, expect, test, type App } from './app';

/** How sure the verdict is, in a word. */
const sure = /^(Sure|Fairly sure|Too close to call)$/;

/** Presses in the picture where a thread or a stitch is drawn. */
async function press(app: App, fraction: { x: number; y: number }): Promise<void> {
  const picture = app.page.getByRole('button', { name: /threads from cause to effect/ });
  await picture.evaluate((node) => node.scrollIntoView({ block: 'center' }));
  const box = (await picture.boundingBox())!;
  await app.page.mouse.click(box.x + box.width * fraction.x, box.y + box.height * fraction.y);
}

async function traced(app: App, name: string, findings: Record<string, number>): Promise<string> {
  const id = await app.newAthlete(name);
  await app.look(id, findings);
  await app.page.goto(`/athletes/${id}/trace`);
  await app.page.getByRole('button', { name: sure }).waitFor();
  return id;
}

/** Adds a link of the academy’s own. */
async function addLink(app: App, cause: string, effect: string, why: string): Promise<void> {
  await app.tap('Add a link');
  for (const [what, name] of [
    ['cause', cause],
    ['effect', effect],
  ] as const) {
    await app.page.getByRole('searchbox', { name: `Search for the ${what}` }).fill(name.toLowerCase());
    await app.page.getByRole('button', { name, exact: true }).click();
  }
  await app.page.getByRole('textbox', { name: 'Why change the link?' }).fill(why);
  await app.tap('Add it');
}

test('what to look at next is one tap away and comes back with the picture changed', async ({
  app,
  page,
}) => {
  await app.enter();
  const id = await traced(app, 'Nexta', { 'oh.lead-leg-opens': 2, 'oh.hips-late': 2 });
  await app.tap(/^What would settle it/);
  await expect(page.getByText('If you see it, it could account for 33 %.')).toBeVisible();
  app.taps = 0;
  await app.tap('Look: Momentum dies at the top');
  await app.tap('Momentum dies at the top: severe');
  expect(app.taps).toBe(2);
  await expect(page.getByRole('heading', { name: 'Momentum dies at the top', level: 2 })).toBeVisible();
  await expect(
    page.getByText(/Momentum dies at the top accounts for 5\.\d of the 7\.0 points marked/),
  ).toBeVisible();
  await app.sent();
  await page.reload();
  await expect(page.getByText(/of the 7\.0 points marked/).first()).toBeVisible();
  const { looks } = await app.whole(id);
  expect(looks[0].findings['oh.lift-stall']).toBe(3);
});

test('a thin look carries what was graded before, and says so where there is nothing', async ({
  app,
  page,
}) => {
  await app.enter();
  const id = await traced(app, 'Thinna', { 'oh.lift-stall': 3, 'oh.glove-pull': 1 });
  await expect(page.getByText('Cannot judge yet')).toBeVisible();
  const body = ['oh.wobble', 'oh.slouch', 'oh.long-arm', 'oh.hips-late', 'oh.lead-leg-opens', 'oh.no-post'];
  await app.look(id, Object.fromEntries(body.map((node) => [node, 0])));
  await app.look(id, { 'oh.shoulders-early': 2 });
  for (const [width, height] of [
    [390, 844],
    [1280, 800],
  ] as const) {
    await page.setViewportSize({ width, height });
    await page.goto(`/athletes/${id}/trace`);
    // Three, one and what was looked at now: nothing that was seen before is lost.
    await expect(page.getByText(/of the 6\.0 points marked/).first()).toBeVisible();
    await expect(page.getByText(/8 grades are carried from earlier looks/)).toBeVisible();
    await expect(page.getByText('Cannot judge yet')).toHaveCount(0);
  }
  await app.open(`/athletes/${id}/look`);
  await app.tap('Take a full look');
  await app.tap('Lift');
  await expect(page.getByText(/^Carried: (clean|severe), /).first()).toBeVisible();
});

test('a limit that was never tested leads to its test, and the measure comes back into the trace', async ({
  app,
  page,
}) => {
  await app.enter();
  const id = await traced(app, 'Testa', { 'oh.hips-late': 2 });
  await app.tap('Doubts', 'radio');
  await app.tap(/^Test Hip turn in now: Stiff trail hip, turning in/);
  await expect(page.getByRole('heading', { name: 'Hip turn in' })).toBeVisible();
  await expect(page.getByText('right side (trail)')).toBeVisible();
  for (const [n, value] of [
    [1, '27'],
    [2, '30'],
  ] as const) {
    await page.getByRole('textbox', { name: `Try ${n}` }).fill(value);
    await page.getByRole('textbox', { name: `Try ${n}` }).blur();
  }
  await expect(page.getByText(/obvious, by 2°, give or take 3/)).toBeVisible();
  await app.tap('Finish, back to the trace');
  await expect(page.getByText('Stiff trail hip, turning in: obvious. 30 deg, by 2°')).toBeVisible();
  await app.tap('Apply 1 result');
  await app.tap('Doubts', 'radio');
  await expect(page.getByText('The body may not get there yet.').first()).toBeVisible();
  await expect(page.getByText(/Body first: 33 % stiff trail hip \(turning in\)/)).toBeVisible();
  await app.sent();
  const { looks } = await app.whole(id);
  expect(looks[0].details['lim.hip-ir.trail']).toMatchObject({ value: 30, error: 3, source: 'screen' });
});

test('a thread is read with a tap, struck with a reason, and stays in the history', async ({ app, page }) => {
  await app.enter();
  const id = await traced(app, 'Strika', { 'oh.lift-stall': 3, 'oh.lead-leg-opens': 2 });
  const heading = page.getByRole('heading', {
    name: 'Momentum dies at the top causes Lead leg opens early',
  });
  // One thread hangs between the two stitches: somewhere below them a tap finds it.
  for (let y = 0.9; y > 0.4 && !(await heading.isVisible()); y -= 0.05)
    for (const x of [0.3, 0.34]) if (!(await heading.isVisible())) await press(app, { x, y });
  await expect(heading).toBeVisible();
  await app.tap('Strike this link');
  await expect(page.getByRole('button', { name: 'Strike it for Strika' })).toBeDisabled();
  await page.getByRole('textbox', { name: 'Why doesn’t it apply to Strika?' }).fill('Opens without it too.');
  await app.tap('Strike it for Strika');
  await app.tap('Doubts', 'radio');
  await expect(page.getByRole('heading', { name: 'Struck for Strika' })).toBeVisible();
  await app.tap('Causes', 'radio');
  await expect(
    page.getByText(/Momentum dies at the top accounts for 3\.0 of the 5\.0 points marked: itself/),
  ).toBeVisible();
  await app.tap('Accept the focus');
  await page.goto(`/athletes/${id}/trace`);
  await app.tap('Doubts', 'radio');
  await expect(page.getByText(/Opens without it too\. Marlow Venn/)).toBeVisible();
  await app.tap('Earlier', 'radio');
  await expect(page.getByText(/Links of version .*, 1 struck/)).toBeVisible();

  await app.tap('Doubts', 'radio');
  await app.tap(/^Restore: /);
  await page.getByRole('textbox', { name: 'Why does it apply again?' }).fill('On film it does.');
  await app.tap('Restore link');
  await expect(
    page.getByText('The picture has changed since this focus was accepted.', { exact: false }),
  ).toBeVisible();
  await app.tap('Earlier', 'radio');
  await app.tap(/, by Marlow Venn/);
  await expect(page.getByText('3.0 (60 %)')).toBeVisible();
  await expect(page.getByText('4.2 (84 %)')).toBeVisible();
});

test('a trial changes the picture at once and is never saved', async ({ app, page }) => {
  await app.enter();
  const id = await traced(app, 'Tria', { 'oh.lift-stall': 3, 'oh.lead-leg-opens': 2, 'oh.glove-pull': 1 });
  await app.tap('What if');
  await app.tap('What if Momentum dies at the top were clean');
  await expect(
    page.getByText(/6\.0 points as it was seen, 3\.0 in the trial\. “Lead leg opens early” would lead/),
  ).toBeVisible();
  await app.tap('What if Glove pulls the body around were severe');
  await expect(page.getByText(/5\.0 in the trial/)).toBeVisible();
  await expect(page.getByRole('button', { name: /Accept/ })).toHaveCount(0);
  await app.tap('End the trial');
  await expect(page.getByText(/Momentum dies at the top accounts for 4\.\d of the 6\.0/)).toBeVisible();
  const { looks } = await app.whole(id);
  expect(looks[0].findings).toEqual({ 'oh.lift-stall': 3, 'oh.lead-leg-opens': 2, 'oh.glove-pull': 1 });
});

test('what is too close to call says so, with what would settle it open', async ({ app, page }) => {
  await app.enter();
  await traced(app, 'Closa', {
    'oh.lift-stall': 1,
    'oh.quad-load': 1,
    'oh.glove-pull': 1,
    'oh.early-break': 1,
    'oh.long-arm': 1,
  });
  await app.tap('Too close to call');
  await expect(
    page.getByText(/stays first in \d+ % of 1,000 looks graded slightly differently/).first(),
  ).toBeVisible();
  await expect(page.getByRole('button', { name: /^What would settle it/, expanded: true })).toBeVisible();
  await expect(page.getByText(/^If you see it, it could account for/).first()).toBeVisible();
});

test('a focus that is accepted before the look is sent waits for it', async ({ app, page }) => {
  await app.enter();
  const id = await app.newAthlete('Hasty');
  await page.goto(`/athletes/${id}/look`);
  await app.tap('Take the first quick look');
  await app.tap(allClean);
  let free = () => {};
  const held = new Promise<void>((done) => (free = done));
  await page.route('**/api/log', async (route) => {
    await held;
    await route.continue();
  });
  await app.tap('Momentum dies at the top: severe');
  await app.tap('Finish now; the rest is not looked at');
  await app.tap('Accept the focus');
  // It waits and asks for nothing; it does not say that the look is not here.
  await expect(page.getByRole('button', { name: 'Accept the focus' })).toBeDisabled();
  await expect(page.getByRole('alert')).toHaveCount(0);
  free();
  await expect(page.getByRole('button', { name: 'Build the plan' })).toBeVisible();
});

test('phases, words and the printed page say the same as the picture', async ({ app, page }) => {
  await app.enter();
  const id = await traced(app, 'Worda', { 'oh.weight-back': 0, 'oh.lift-stall': 3, 'oh.lead-leg-opens': 2 });
  await app.tap('Phases', 'radio');
  await expect(page.getByRole('group', { name: 'Lift, first broken phase' })).toContainText(
    '1 of 7 looked at',
  );
  await app.tap('Words', 'radio');
  await app.tap(/^Momentum dies at the top \(severe\) accounts for 1\.2 points of lead leg opens early/);
  await expect(
    page.getByRole('heading', { name: 'Momentum dies at the top causes Lead leg opens early' }),
  ).toBeVisible();
  await expect(
    page.getByText(/^Right now the body comes to a stop at the top of the leg lift/).first(),
  ).toBeVisible();
  await app.tap('Print one page');
  await expect(page).toHaveURL(
    `/athletes/${id}/sheet`.concat('?look=').concat((await app.whole(id)).looks[0].id),
  );
  await expect(page.getByText(/not a medical device/)).toBeVisible();
  const pdf = (await page.pdf({ preferCSSPageSize: true, printBackground: true })).toString('latin1');
  expect(pdf.match(/\/Type \/Page\b/g)).toHaveLength(1);
});

test('an academy has its own links, and a circle is refused and spelled out', async ({ app, page }) => {
  await app.enter();
  await page.goto('/office');
  await app.tap(/^Causes and effects/, 'link');
  await page.getByRole('searchbox', { name: 'Search causes and effects' }).fill('eyes leave');
  await app.tap(/^Eyes leave the target causes Strides off line, 0\.\d\d/);
  await page.getByRole('textbox', { name: 'Weight' }).fill('1.5');
  await expect(page.getByText('Weight must be a number from 0.01 to 0.99.')).toBeVisible();
  await page.getByRole('textbox', { name: 'Weight' }).fill('0.35');
  await page.getByRole('textbox', { name: 'Why change the link?' }).fill('Ours follow their eyes.');
  await app.tap('Save the weight');
  await expect(
    page.getByRole('button', { name: /Strides off line, 0\.35, changed from 0\.25/ }),
  ).toBeVisible();
  await expect(page.getByText(/Ours follow their eyes\. Marlow Venn/).first()).toBeVisible();

  await addLink(app, 'Shoulders open early', 'Eyes leave the target', 'Looks away when open.');
  await expect(
    page.getByRole('button', { name: /Shoulders open early causes Eyes leave the target, 0\.40/ }),
  ).toHaveCount(1);

  await addLink(app, 'Strides off line', 'Shoulders open early', 'A try.');
  await expect(
    page.getByText(/This would close a circle: .*“Eyes leave the target” causes “Strides off line”/),
  ).toBeVisible();
  await expect(page.getByRole('textbox', { name: 'Why change the link?' })).toHaveValue('A try.');
});

test('the drills for a finding are one tap from it', async ({ app, page }) => {
  await app.enter();
  await traced(app, 'Drilla', { 'oh.lift-stall': 3, 'oh.lead-leg-opens': 2 });
  await app.tap(/Momentum dies at the top accounts for/);
  await app.tap('Drills for it');
  const only = 'For: Momentum dies at the top';
  await expect(page.getByRole('button', { name: only })).toBeVisible();
  const found = page.getByRole('status').filter({ hasText: 'of 127 drills' });
  const few = Number((await found.innerText()).split(' ')[0]);
  expect(few).toBeGreaterThan(2);
  expect(few).toBeLessThan(40);
  await app.tap(only);
  await app.tap('Any', 'radio');
  await expect(found).toHaveText('127 of 127 drills');
  await page.getByRole('searchbox', { name: 'Search drills' }).fill('suspension strap');
  await expect(found).toHaveText(/^\d of 127 drills/);
});

test('without a look it says what to look at first', async ({ app, page }) => {
  await app.enter();
  await page.goto(`/athletes/${await app.newAthlete('Emptia')}/trace`);
  await expect(page.getByText(/look at them first: Shoulders open early, /)).toBeVisible();
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 } });
  test('a picture with twenty findings keeps to its width and stays calm', async ({ app, page }) => {
    await app.enter();
    await page.goto(`/athletes/${await app.idOf('Caspian')}/trace`);
    // The answer is there without a scroll, and so is the button that accepts it.
    const verdict = page.getByRole('heading', { level: 2, name: 'Stiff trail hip, turning in' });
    await expect(verdict).toBeInViewport();
    await expect(page.getByRole('button', { name: sure })).toBeInViewport();
    await expect(page.getByRole('button', { name: 'Accept the focus' })).toBeInViewport();
    const picture = page.getByRole('button', { name: /threads from cause to effect/ });
    const box = (await picture.boundingBox())!;
    expect(box.x).toBeGreaterThanOrEqual(0);
    expect(box.x + box.width).toBeLessThanOrEqual(390);
    const opacities = await picture
      .locator('path[opacity]')
      .evaluateAll((paths) => paths.map((path) => Number(path.getAttribute('opacity'))));
    expect(opacities.length).toBeGreaterThan(20);
    expect(opacities.filter((opacity) => opacity > 0.5).length).toBeLessThanOrEqual(12);
  });
});
