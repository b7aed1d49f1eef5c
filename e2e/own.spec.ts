import { readFileSync } from 'node:fs';
import { wholeDrill } from '@wrightonic/core';
import { v7 } from 'uuid';
import { expect, test } from './app';

test('a drill is written from another, put into a ladder, handed on as a file, and retired', async ({
  app,
  page,
}) => {
  await app.enter();
  const id = await app.planned('Owner');
  const name = `Tap and hold ${v7().slice(-6)}`;
  // Of a flaw that no other test plans for, as all of them share one academy.
  await page.goto('/drills/cross-tap');
  await app.tap('Make our own version');
  await page.getByLabel('Name', { exact: true }).fill(name);
  await page.getByLabel('Plain', { exact: true }).fill('Tap, then be still.');
  await page.getByLabel('Dose', { exact: true }).fill('a few');
  await app.tap('Save drill');
  await expect(page.getByText('1 field is not right yet', { exact: false })).toBeVisible();
  await expect(page.getByText('is not a dose', { exact: false })).toBeVisible();
  await page.getByLabel('Dose', { exact: true }).fill('3x6');
  await app.tap('Save drill');
  await expect(page.getByRole('heading', { level: 1, name })).toBeVisible();
  await expect(page.getByRole('img', { name: `${name}, how it goes, right-handed` })).toBeVisible();
  const own = page.url().split('/').at(-1)!;

  await app.open(`/athletes/${id}/build`);
  await app.weekPlanned();
  await app.tap('Add a feel drill');
  await page
    .getByRole('button', { name: new RegExp(`^${name}`) })
    .first()
    .click();
  await expect(page.getByRole('button', { name: `Move ${name}` })).toBeVisible();
  const planned = async () => {
    const { plan } = await app.whole(id);
    return plan.threads.flatMap(({ stages }: any) => stages.flatMap(({ drills }: any) => drills));
  };
  expect((await planned()).find(({ drill }: any) => drill === own)).toMatchObject({ dose: '3x6' });

  await app.open('/drills');
  await app.tap('Our own');
  const [saved] = await Promise.all([
    page.waitForEvent('download'),
    app.tap(/^Export our (drill|\d+ drills)$/),
  ]);
  const file = JSON.parse(readFileSync((await saved.path())!, 'utf8'));
  const drill = file.drills.find((each: { id: string }) => each.id === own);
  expect(drill).toMatchObject({ name, cue: 'Tap, then be still.', figure: 'cross-tap' });

  await app.open(`/drills/${own}`);
  await app.tap('Retire drill');
  await expect(page.getByText(/^Retired: current plans keep it/)).toBeVisible();
  expect((await planned()).some((each: any) => each.drill === own)).toBe(true);
});

test('a file of drills is looked at before it is kept, and a broken one takes nothing', async ({
  app,
  page,
}) => {
  await app.enter();
  const end = v7().slice(-6);
  const drill = { ...wholeDrill('cross-tap'), id: `own-tap-${end}`, name: `Tap ${end}` };
  const file = (drills: unknown[]) =>
    page.locator('input[type=file][accept^=".json"]').setInputFiles({
      name: 'drills.json',
      mimeType: 'application/json',
      buffer: Buffer.from(JSON.stringify({ format: 'wrightonic-drills', version: 1, drills })),
    });
  await page.goto('/drills');
  await app.tap('Our own');
  await file([{ ...drill, stage: 'warm' }]);
  await expect(page.getByText(/drills\.0\.stage must be one of/)).toBeVisible();
  await file([{ ...drill, equipment: [['heavy balls']] }]);
  await expect(page.getByText(/minAge is at least 15/)).toBeVisible();
  await file([drill]);
  await expect(page.getByText(`New: Tap ${end}.`)).toBeVisible();
  await app.tap('Save 1 drill');
  await page.getByRole('searchbox', { name: 'Search drills' }).fill(`Tap ${end}`);
  await expect(page.getByRole('link', { name: new RegExp(`^Tap ${end}`) })).toBeVisible();
  await app.post('/drills', { drills: [{ id: v7(), drill, retired: true }] });
});

test('a drill shows how it goes, stops when it is tapped, and stands still for whoever asks for it', async ({
  app,
  page,
}) => {
  await page.emulateMedia({ reducedMotion: 'no-preference' });
  await app.enter();
  await page.goto('/drills/flat-ground-fall');
  const figure = page.getByRole('img', { name: /^Flat-ground fall, how it goes, / });
  const drawn = () =>
    figure.locator('path').evaluateAll((paths) => paths.map((path) => path.getAttribute('d')));
  const moves = async () => {
    const before = await drawn();
    await expect.poll(drawn).not.toEqual(before);
  };
  await moves();
  await figure.click();
  await expect(page.getByRole('button', { name: 'Play' })).toBeVisible();
  const still = await drawn();
  await app.tap('One frame forward');
  await app.tap('One frame back');
  expect(await drawn()).toEqual(still);
  await app.tap('Play');
  await moves();

  await page.emulateMedia({ reducedMotion: 'reduce' });
  await page.reload();
  await expect(page.getByRole('button', { name: 'Play' })).toBeVisible();
  await expect(figure).toBeVisible();
});
