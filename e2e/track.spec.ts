import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { readKeypoints, type KeypointClip } from '@wrightonic/core';
import { expect, test } from './app';
import { choose, mp4 } from './media';

/** A rendered clip of which it is known where every joint is; where it comes from stands beside it. */
const films = join(__dirname, '..', 'packages', 'core', 'test', 'motion');
const truth = JSON.parse(readFileSync(join(films, 's2.json'), 'utf8')) as {
  fps: number;
  size: [number, number];
  events: { peakLift: number; plant: number; release: number };
  truth: [number, number][][];
};
const { plant, peakLift, release } = truth.events;
const whom = { discipline: 'overhand', level: 'high-school' } as const;

/** What the joints would say if they were known exactly. */
function trueFigures() {
  const clip: KeypointClip = {
    discipline: 'overhand',
    throws: 'R',
    view: 'open-side',
    towards: 'right',
    fps: truth.fps,
    size: truth.size,
    frames: truth.truth.map((joints, i) => ({
      t: i / truth.fps,
      keypoints: joints.map(([x, y]) => [x, y, 1] as const),
    })),
  };
  const { measures } = readKeypoints(clip, whom, { plant, release, 'peak-lift': peakLift });
  return new Map(measures.map(({ id, value }) => [id, value]));
}

test('a film is tracked on the device, stopped, gone on with, and offers grades that hold', async ({
  app,
  page,
  context,
}) => {
  test.setTimeout(400_000);
  await app.enter();
  const id = await app.newAthlete('Tracked', { heightCm: 185 });
  await page.goto(`/athletes/${id}/clip`);
  await choose(page, 'Open a clip', join(films, 's2.mp4'));
  await app.tap('Track the throws');
  const following = page.getByText(/^Following the body, \d+ %$/);
  await expect(following).toBeVisible({ timeout: 200_000 });
  await expect(page.getByText(/^Following the body, [2-9]\d %$/)).toBeVisible({ timeout: 100_000 });
  await app.tap('Stop');

  // Nothing of it is lost, not even by closing the page.
  await expect(page.getByRole('button', { name: 'Continue' })).toBeVisible();
  await page.reload();
  await choose(page, 'Open a clip', join(films, 's2.mp4'));
  await app.tap('Continue');
  await expect(following).toBeVisible({ timeout: 60_000 });
  await expect(page.getByText(/^Following the body, [01]?\d %$/)).toHaveCount(0);
  await expect(page.getByRole('button', { name: 'Show Plant' })).toBeVisible({ timeout: 200_000 });

  const shown = await page.getByRole('button', { name: 'Show Plant' }).innerText();
  expect(Math.abs(Number(/· (\d+),/.exec(shown)![1]) - plant * truth.fps)).toBeLessThanOrEqual(1);
  await app.tap('Show Plant');
  await expect(page.getByRole('img', { name: 'Joints over the picture' })).toBeVisible();

  await app.tap('Offer them to the look');
  await expect(page.getByText(/grades are offered to the next look/)).toBeVisible();
  await expect.poll(async () => (await app.read(`/athletes/${id}/clips`))[0].motion?.throws).toBe(1);
  const [clip] = await app.read(`/athletes/${id}/clips`);
  const known = trueFigures();
  const figures = clip.motion.figures as { id: string; value: number; off: number }[];
  const off = (figure: (typeof figures)[number]) => Math.abs(figure.value - known.get(figure.id)!);
  const compared = figures.filter(({ id: measure }) => known.has(measure));
  expect(compared.length).toBeGreaterThanOrEqual(12);
  expect(compared.filter((figure) => off(figure) <= figure.off).length).toBeGreaterThanOrEqual(
    0.9 * compared.length,
  );
  expect(off(figures.find(({ id: measure }) => measure === 'lead-knee-bend-at-plant')!)).toBeLessThanOrEqual(
    10,
  );

  // An event that is set by hand moves the figures that hang on it.
  const before = await page.getByText(/^Stride: /).innerText();
  const flag = page
    .getByRole('group', { name: 'Marked events' })
    .getByRole('button', { name: 'Go to Plant' });
  await flag.hover();
  const box = (await flag.boundingBox())!;
  await page.mouse.move(box.x + 2, box.y + 10);
  await page.mouse.down();
  await page.mouse.move(box.x - 28, box.y + 10, { steps: 5 });
  await page.mouse.up();
  await expect(page.getByText(/^Plant · \d+, ± 8 ms, set by hand$/)).toBeVisible();
  await expect(page.getByText(/^Stride: /)).not.toHaveText(before);
  await app.tap('Reset Plant to the film’s time');
  await expect(page.getByText(/^Stride: /)).toHaveText(before);

  // The tracker was kept on the device.
  await context.setOffline(true);
  await app.tap('Track it again');
  await expect(page.getByText(/^Looking for the throw, \d+ %$/)).toBeVisible({ timeout: 60_000 });
  await app.tap('Stop');
  await expect(page.getByRole('button', { name: 'Track it again' })).toBeVisible({ timeout: 60_000 });
  await context.setOffline(false);

  await app.open(`/athletes/${id}/prove`);
  await expect(page.getByRole('img', { name: /^Tracked, .*, in motion$/ })).toBeVisible();
  // The film stands beside the body that was tracked, in step from an event on.
  await page.goto(`/athletes/${id}/clip`);
  await app.tap('Two films side by side');
  await choose(page, 'Open the first film', join(films, 's2.mp4'));
  await app.tap(/: s2\.mp4$/);
  const body = page.getByRole('img', { name: 'Tracked, s2.mp4, tracked' });
  const drawn = () => body.locator('svg').innerHTML();
  await expect(page.getByRole('radio', { name: 'Plant' })).toHaveAttribute('aria-checked', 'true');
  await expect(page.getByText('0.000 s')).toBeVisible();
  const landed = await drawn();
  await app.tap('Both one frame forward');
  await expect(page.getByText(/^0\.0\d\d s$/)).not.toHaveText('0.000 s');
  await expect.poll(drawn).not.toBe(landed);
  // Beside an offer stands the frame that it was measured on.
  await app.open(`/athletes/${id}/look`);
  await app.tap('Take the first quick look');
  await app.tap('Glide');
  const seen = page.getByRole('img', { name: /^The frame on which .* was measured$/ }).first();
  await expect(seen).toHaveAttribute('src', /^blob:/);
});

test('a film in which nobody throws says so, and what was marked stays', async ({ app, page }) => {
  test.setTimeout(200_000);
  await app.enter();
  const id = await app.newAthlete('Empty');
  await page.goto(`/athletes/${id}/clip`);
  await choose(page, 'Open a clip', mp4('nobody.mp4', 30));
  await app.tap('Mark Plant here');
  await app.tap('Track the throws');
  await expect(page.getByText(/^No (one|throw) was found in this film/)).toBeVisible({ timeout: 120_000 });
  await expect(page.getByRole('button', { name: 'Go to Plant' }).first()).toBeVisible();
});

test('points that another tool tracked are read, and figures taken along', async ({
  app,
  page,
}, testInfo) => {
  await app.enter();
  const id = await app.newAthlete('Points');
  await app.open(`/athletes/${id}/clip`);
  const tracked = JSON.parse(readFileSync(join(films, 's2.json'), 'utf8')) as { tracked: number[][][] };
  const { fps, size } = truth;
  const frames = tracked.tracked.map((keypoints, i) => ({ t: i / fps, keypoints }));
  const written = (name: string, frames: object[]) => {
    writeFileSync(testInfo.outputPath(name), JSON.stringify({ fps, size, frames }));
    return testInfo.outputPath(name);
  };
  const short = frames.map(({ t, keypoints }, i) => ({
    t,
    keypoints: i === 3 ? keypoints.slice(1) : keypoints,
  }));
  await choose(page, 'Read tracked points', written('short.json', short));
  await expect(
    page.getByText('short.json: frames.3.keypoints: must be 17 points.', { exact: false }),
  ).toBeVisible();
  await choose(page, 'Read tracked points', written('points.json', frames));
  await expect(page.getByText(/^Plant · 9[78], ± \d+ ms$/)).toBeVisible();
  const [download] = await Promise.all([page.waitForEvent('download'), app.tap('Figures as CSV')]);
  expect(download.suggestedFilename()).toBe('points-figures.csv');
  expect(readFileSync(await download.path(), 'utf8')).toMatch(
    /^median,figure,stride-length,Stride,[\d.]+,[\d.]+,% of height\r?$/m,
  );
});
