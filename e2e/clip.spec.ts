import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { expect, test } from './app';
import {
  choose,
  highEfficiency,
  mp4,
  portrait,
  soundOnly,
  squareAt,
  squareShown,
  stalled,
  webm,
} from './media';

/** Taps that come faster than a film can follow. */
const taps = (page: Page, name: string, times: number) =>
  page.getByRole('button', { name }).evaluate((button: HTMLElement, n) => {
    for (let i = 0; i < n; i++) button.click();
  }, times);

const frame = (page: Page, n: number) => expect(page.getByText(new RegExp(`^Frame ${n}, `))).toBeVisible();

for (const [kind, make, fps] of [
  ['WebM', webm, 120],
  ['MP4', mp4, 60],
] as const)
  test(`a real ${kind} is stepped to known frames, and gives the known interval and angle`, async ({
    app,
    page,
  }) => {
    const file = make(`side-${fps}.${kind.toLowerCase()}`, fps);
    await app.enter();
    const id = await app.newAthlete(`Clip${kind}`, { heightCm: 180 });
    await page.goto(`/athletes/${id}/clip`);
    await choose(page, 'Open a clip', file);
    await frame(page, 0);
    await expect(page.getByRole('textbox', { name: 'Plays at, frames a second' })).toHaveValue(String(fps));

    for (const n of [1, 2, 3]) {
      await app.tap('One frame forward');
      await frame(page, n);
      expect(Math.abs((await squareShown(page)) - squareAt(n))).toBeLessThanOrEqual(1);
    }
    await taps(page, 'One frame back', 3);
    await frame(page, 0);
    await taps(page, 'One frame forward', 2);
    await frame(page, 2);
    await page.keyboard.press('Shift+ArrowRight');
    await frame(page, 12);
    expect(Math.abs((await squareShown(page)) - squareAt(12))).toBeLessThanOrEqual(1);
    await app.tap('Mark Plant here');
    for (const n of [13, 14]) {
      await page.keyboard.press('ArrowRight');
      await frame(page, n);
    }
    await page.keyboard.press('e');
    await page.keyboard.press('k');
    const ms = (count: number) => (count * 1000) / fps;
    await expect(
      page.getByText(`Plant to trunk turns: ${ms(2).toFixed(0)} ± ${ms(1).toFixed(1)} ms`),
    ).toBeVisible();
    await expect(
      page.getByText(`Cannot be judged at ${fps} frames a second; it needs more than ${fps}.`, {
        exact: false,
      }),
    ).toBeVisible();
    await page.keyboard.press('Shift+ArrowRight');
    await frame(page, 24);
    await page.keyboard.press('e');
    await page.keyboard.press('r');
    await expect(
      page.getByText(`Plant to release: ${ms(12).toFixed(0)} ± ${ms(1).toFixed(1)} ms`),
    ).toBeVisible();

    // Hip, knee and ankle of a leg that bends by 45 degrees, on a picture of 16 to 9.
    await app.tap('Angle', 'radio');
    const picture = page.getByRole('img', { name: /tap its points/ });
    const box = (await picture.boundingBox())!;
    for (const [x, y] of [
      [320, 60],
      [320, 180],
      [400, 260],
    ] as const)
      await page.mouse.click(box.x + (box.width * x) / 640, box.y + (box.height * y) / 360);
    await expect(page.getByText(/^Angle: 13[45]\.\d °$/)).toBeVisible();
    await app.tap('Choose what the angle measures');
    await app.tap('Lead knee at plant (hip, knee, ankle)', 'radio');
    // The name says an event, and this is another frame.
    await expect(page.getByRole('alert')).toContainText('is taken on the frame of Plant');
    await app.tap('Use it anyway');
    await app.sent();

    // A point can be dragged; the figure follows.
    const drawings = page.getByRole('img', { name: 'Drawings over the picture' });
    await drawings.scrollIntoViewIfNeeded();
    const now = (await drawings.boundingBox())!;
    const at = (x: number, y: number) =>
      [now.x + (now.width * x) / 640, now.y + (now.height * y) / 360] as const;
    await page.mouse.move(...at(400, 260));
    await page.mouse.down();
    await page.mouse.move(...at(440, 180), { steps: 4 });
    await page.mouse.up();
    await expect(page.getByText(/^Lead knee at plant \(hip, knee, ankle\): (89|90)\.\d °$/)).toBeVisible();

    const [download] = await Promise.all([page.waitForEvent('download'), app.tap('Save the frame as PNG')]);
    expect(
      readFileSync((await download.path())!)
        .subarray(1, 4)
        .toString(),
    ).toBe('PNG');
    // The page is read anew before the list of clips is; what was logged here stays in sight meanwhile.
    await page.route('**/api/athletes/*/clips', async (route) => {
      await new Promise((late) => setTimeout(late, 1500));
      await route.continue();
    });
    const listed = page.waitForResponse(/\/clips$/);
    await app.tap('Show it on the profile');
    await listed;
    await page.unroute('**/api/athletes/*/clips');
    await expect(page.getByText('The picture is on the profile now', { exact: false })).toBeVisible();

    // Opened again it asks for the same file, and knows another one.
    await app.sent();
    await page.reload();
    await choose(page, /^Open side-.* again$/, mp4('other.mp4', 30, '0x2F6B4A'));
    await expect(page.getByRole('alert')).toContainText(`is not the clip of`);
    await choose(page, /^Open side-.* again$/, file);
    await expect(page.getByRole('button', { name: 'Go to Plant' }).first()).toBeVisible();
    await app.tap('Go to Plant');
    await frame(page, 12);
    await app.open(`/athletes/${id}/profile`);
    await expect(page.getByRole('img', { name: /Marked frame of/ })).toBeVisible();
    await app.tap('Hide frame');
    await expect(page.getByRole('img', { name: /Marked frame of/ })).toHaveCount(0);
  });

for (const [width, height] of [
  [390, 844],
  [1280, 800],
] as const)
  test(`an upright clip is drawn upright at ${width} px, plays, and has its events on a line`, async ({
    app,
    page,
  }) => {
    await page.setViewportSize({ width, height });
    await app.enter();
    const id = await app.newAthlete(`Upright${width}`, { heightCm: 180 });
    await page.goto(`/athletes/${id}/clip`);
    await choose(page, 'Open a clip', portrait(`upright-${width}.mp4`));
    await frame(page, 0);
    for (const shown of [page.locator('video'), page.getByRole('img', { name: /Drawings|tap its points/ })]) {
      const box = (await shown.boundingBox())!;
      expect(box.width / box.height).toBeCloseTo(360 / 640, 2);
      expect(box.x).toBeGreaterThanOrEqual(0);
      expect(box.x + box.width).toBeLessThanOrEqual(width);
    }
    // A right angle of the picture is one of the figure.
    await app.tap('Angle', 'radio');
    const picture = page.getByRole('img', { name: /tap its points/ });
    await picture.scrollIntoViewIfNeeded();
    const box = (await picture.boundingBox())!;
    const [x, y, arm] = [box.x + box.width / 2, box.y + box.height / 2, box.width / 4];
    await page.mouse.click(x, y - arm);
    await page.mouse.click(x, y);
    await page.mouse.click(x + arm, y);
    await expect(page.getByText(/^Angle: (89|90)\.\d °$/)).toBeVisible();

    await app.tap('Quarter speed');
    await app.tap('Play');
    await expect(page.getByText(/^Frame 0, /)).toBeHidden();
    // On a machine that stalls it may have come to its end meanwhile.
    const pause = page.getByRole('button', { name: 'Pause' }).first();
    await pause.click({ timeout: 5_000 }).catch(() => undefined);
    await app.tap('Mark Plant here');
    await expect(
      page.getByRole('group', { name: 'Marked events' }).getByRole('button', { name: 'Go to Plant' }),
    ).toBeVisible();
  });

test('what is no clip is refused in words, and nothing is changed', async ({ app, page }) => {
  await app.enter();
  const id = await app.newAthlete('Noclip');
  await page.goto(`/athletes/${id}/clip`);
  await choose(page, 'Open a clip', soundOnly('sound.mp4'));
  await expect(page.getByRole('alert')).toContainText('has no picture');
  await choose(page, 'Open a clip', highEfficiency('phone.mov'));
  await expect(page.getByRole('alert').filter({ hasText: 'phone.mov' })).toContainText(
    '“most compatible” (H.264)',
  );
  const input = page.locator('input[type=file]').first();
  await input.setInputFiles({
    name: 'broken.mp4',
    mimeType: 'video/mp4',
    buffer: Buffer.from('not a clip at all'),
  });
  await expect(page.getByRole('alert')).toContainText('cannot be read as a video');
  await input.setInputFiles({ name: 'nothing.mp4', mimeType: 'video/mp4', buffer: Buffer.alloc(0) });
  await expect(page.getByRole('alert').filter({ hasText: 'nothing.mp4' })).toContainText('is empty');
  expect(await app.read(`/athletes/${id}/clips`)).toEqual([]);
  await app.tap('Two films side by side');
  await choose(page, 'Open the first film', mp4('plays.mp4', 30));
  await choose(page, 'Open the second film', highEfficiency('phone.mov'));
  await expect(page.getByRole('alert').filter({ hasText: 'phone.mov' })).toContainText(
    '“most compatible” (H.264)',
  );
});

test('a camera that stalled is stepped over the gap, to the frame after it and back', async ({
  app,
  page,
}) => {
  await app.enter();
  const id = await app.newAthlete('Stalled');
  await page.goto(`/athletes/${id}/clip`);
  await choose(page, 'Open a clip', stalled('stalled.mp4'));
  await frame(page, 0);
  await taps(page, 'One frame forward', 5);
  await frame(page, 5);
  await app.tap('One frame forward');
  await frame(page, 31);
  expect(Math.abs((await squareShown(page)) - squareAt(31))).toBeLessThanOrEqual(1);
  await app.tap('One frame back');
  await frame(page, 5);
});

test('filming with the camera opens what was filmed', async ({ app, page }) => {
  await app.enter();
  const id = await app.newAthlete('Filma');
  await page.goto(`/athletes/${id}/clip`);
  await app.tap('Film here');
  await app.tap('Start filming');
  // Long enough for the pretend camera to give some frames, on a machine that is busy too.
  await page.waitForFunction(() => {
    const video = document.querySelector('video')!;
    return video.currentTime > 1 && video.getVideoPlaybackQuality().totalVideoFrames > 20;
  });
  const [download] = await Promise.all([page.waitForEvent('download'), app.tap('Stop filming')]);
  expect(download.suggestedFilename()).toMatch(/^filmed-.*\.webm$/);
  await frame(page, 0);
  const shown = page.getByRole('status').filter({ hasText: /^Frame / });
  const first = await shown.innerText();
  await app.tap('One frame forward');
  // The pretend camera keeps no even time: the next frame may come so soon that its rounded number is still 0.
  await expect(shown).not.toHaveText(first);
  await expect(shown).toHaveText(/, \d+\.\d{3} s/);
});

test('two films are lined up at an event and stepped by one clock, whatever their frame rates', async ({
  app,
  page,
}) => {
  const [slow, fast] = [mp4('before.mp4', 30), mp4('after.mp4', 60, '0x8A4B2A')];
  await app.enter();
  const id = await app.newAthlete('Twofold');
  await page.goto(`/athletes/${id}/clip`);
  for (const [file, step, size] of [
    [slow, 'One frame forward', 1],
    [fast, 'Ten frames forward', 10],
  ] as const) {
    await choose(page, 'Open a clip', file);
    await frame(page, 0);
    for (let n = 1; n <= 2; n++) {
      await app.tap(step);
      await frame(page, n * size);
    }
    await app.tap('Mark Plant here');
    await app.tap('All clips');
  }
  await app.tap('Two films side by side');
  await choose(page, 'Open the first film', slow);
  await choose(page, 'Open the second film', fast);
  const stands = async (a: number, b: number) => {
    for (const [film, at] of [a, b].entries())
      await expect
        .poll(async () => Math.abs((await squareShown(page, film)) - squareAt(at)))
        .toBeLessThanOrEqual(1);
  };
  await expect(page.getByRole('button', { name: 'Both one frame forward' })).toBeVisible();
  await stands(2, 20);
  // A step is a frame of the finer film; the other one follows every second time.
  await taps(page, 'Both one frame forward', 4);
  await expect(page.getByRole('status')).toHaveText('0.067 s');
  await stands(4, 24);
  await app.tap(/after\.mp4: 10 frames forward/);
  await stands(4, 34);
  await app.tap('Plant', 'radio');
  await stands(2, 20);
});
