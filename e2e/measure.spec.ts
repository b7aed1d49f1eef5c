import { expect, test } from './app';
import { pretendTrc } from '@wrightonic/core/simulate';
import { curves } from './media';

test('a full look measures, is overruled, goes on elsewhere and is put right', async ({
  app,
  page,
  browser,
}) => {
  await app.enter();
  const id = await app.newAthlete('Fulla', { heightCm: 180 });
  await page.goto(`/athletes/${id}/look`);
  await app.tap('Take a full look');
  await app.tap('Glide');
  await expect(page.getByRole('img', { name: /^Short stride: how it looks/ })).toBeVisible();
  await app.tap('Measure Short stride');
  const field = page.getByRole('textbox', { name: 'Stride for Short stride' });
  await field.fill('400');
  await expect(page.getByRole('alert')).toContainText('from 20 to 130');
  await field.fill('68');
  await expect(page.getByText('That is obvious.')).toBeVisible();
  await app.tap('Use this measurement');
  await app.tap('Short stride: severe');
  await expect(
    page.getByText('Measured 68 % of height: obvious; you said severe. Both are kept.'),
  ).toBeVisible();
  await app.tap('Note on Short stride');
  await page.getByRole('textbox', { name: 'Note for Short stride' }).fill('Wet mound.');
  await app.tap('Save note');
  await app.sent();

  const elsewhere = await browser.newContext({ storageState: await page.context().storageState() });
  const other = await elsewhere.newPage();
  await other.goto(`/athletes/${id}/look`);
  await other.getByRole('button', { name: 'Glide' }).click();
  await expect(other.getByText('Note: Wet mound.')).toBeVisible();
  await other.getByRole('button', { name: 'Jumps off the rubber: slight' }).click();
  await other.getByRole('button', { name: 'Finish now; the rest is not looked at' }).click();
  await other.getByRole('radiogroup', { name: 'Behind the verdict' }).waitFor();
  await elsewhere.close();

  await page.goto(`/athletes/${id}/look`);
  await app.tap(/^Look of /, 'link');
  await app.tap('Correct Short stride');
  await page.getByRole('textbox', { name: 'Why is it corrected?' }).fill('Measured from the wrong edge.');
  await app.tap('Short stride: slight');
  await expect(page.getByText('Short stride, slight')).toBeVisible();
  await app.sent();
  await page.reload();
  await expect(page.getByText('Short stride, slight')).toBeVisible();
  await app.tap(/^Show what was changed/);
  await expect(page.getByText(/severe by .*slight by .*wrong edge/)).toBeVisible();
});

test('a physical screen guides, grades with its margin, refers, and is taken into the next look', async ({
  app,
  page,
}) => {
  await app.enter();
  const id = await app.newAthlete('Screena', { throws: 'L' });
  await page.goto(`/athletes/${id}/screen`);
  await app.tap('Start the physical screen');
  // A turn about the vertical is nothing for a level.
  await expect(page.getByRole('heading', { name: 'Leg out to the side' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Start' })).toHaveCount(0);
  await app.open(`/athletes/${id}/screen?test=hip-ir`);
  await expect(page.getByRole('heading', { name: 'Hip turn in' })).toBeVisible();
  await expect(page.getByText('right side (lead)')).toBeVisible();
  const tries = (n: number) => page.getByRole('textbox', { name: `Try ${n}` });
  await tries(1).fill('400');
  await tries(1).press('Enter');
  await expect(page.getByRole('alert')).toContainText('from -20 to 90');
  await tries(1).fill('31');
  await tries(1).press('Enter');
  await tries(2).fill('34');
  await tries(2).press('Enter');
  await expect(page.getByText(/slight, by 2°, give or take 3/)).toBeVisible();
  await app.tap('Next');
  await app.tap('Start');
  await expect(page.getByText(/^[1-9]\d\.\d°$/)).toBeVisible();
  await app.tap('Hold');
  await expect(tries(1)).not.toHaveValue('');
  await tries(1).fill('22');
  await tries(1).press('Enter');
  await expect(page.getByText(/severe, by/)).toBeVisible();
  await app.tap('Next');
  await app.tap('Pain on this test', 'radio');
  await expect(page.getByRole('alert')).toContainText('licensed clinician');
  await page.reload();
  await app.tap('Finish now; the rest is untested');
  await expect(page.getByText('Ask a licensed clinician: Hip turn in')).toBeVisible();
  await expect(page.getByText('pain on the test.', { exact: false })).toBeVisible();
  await app.sent();

  await app.open(`/athletes/${id}/look`);
  await app.tap('Take the first quick look');
  await app.tap('Apply all to this look');
  await app.tap('What the body allows', 'radio');
  await expect(page.getByRole('button', { name: 'Stiff trail hip, turning in: severe' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
});

test('throws are charted by thumb and by keyboard, and their misses go into the next look with a tap', async ({
  app,
  page,
}) => {
  await app.enter();
  const id = await app.newAthlete('Charta', { birthdate: '2014-05-23' });
  await page.goto(`/athletes/${id}/throws`);
  const zone = page.getByRole('button', { name: /tap where it went/ });
  const size = (await zone.boundingBox())!.width;
  // High and to the arm side of the low middle spot.
  await zone.click({ position: { x: size * 0.72, y: size * 0.3 } });
  await expect(page.getByText(/^Last: missed high and arm, fastball at 90 %/)).toBeVisible();
  await app.tap('Undo');
  await expect(page.getByText(/^Last:/)).toHaveCount(0);

  const line = page.getByRole('textbox', { name: 'Type a throw' });
  const type = async (text: string) => {
    await line.fill(text);
    await line.press('Enter');
  };
  await type('3 130 h');
  await expect(page.getByRole('alert')).toContainText('10 to 120');
  await type('3 119 h');
  await expect(page.getByRole('alert')).toContainText('It is held');
  await app.tap('Save the throw without it');
  for (let n = 0; n < 8; n++) {
    await type(n % 4 ? `3 ${50 + (n % 3) / 2} ha` : 'x');
    await expect(page.getByText(new RegExp(`${n + 2} throws in all`))).toBeVisible();
  }
  await type('juggle');
  await expect(page.getByRole('alert')).toContainText('neither a spot');
  await app.tap('What they say', 'radio');
  await expect(page.getByText('2 of 9 on target.', { exact: false }).last()).toContainText('slightly high');
  await app.sent();
  await app.tap('Go to Look and apply it');
  await app.tap('Take the first quick look');
  await app.tap('Where the ball goes', 'radio');
  await app.tap('Use slight for Misses high');
  await expect(page.getByRole('button', { name: 'Misses high: slight' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
});

test('tables are seen before they are taken, and never half', async ({ app, page }) => {
  await app.enter();
  const csv = (name: string, ...rows: string[]) => ({
    name,
    mimeType: 'text/csv',
    buffer: Buffer.from(rows.join('\n')),
  });
  await page.goto('/roster/import');
  const input = page.locator('input[type=file]');
  await input.setInputFiles(csv('people.csv', 'name', 'Wren'));
  await expect(page.getByRole('alert')).toContainText('given_name');
  await input.setInputFiles(
    csv(
      'people.csv',
      'given_name,family_name,discipline,throws,birthdate,height,weight',
      `Tabla,Rowan,overhand,R,04/13/2012,5'4",121 lb`,
      'Bex,Sandgrove,windmill,L,02/30/2013,150 cm,',
      'Wren,Ablethorpe,overhand,R,05/23/2011,170 cm,',
    ),
  );
  await expect(page.getByText('2 good rows, 1 with errors, 1 held')).toBeVisible();
  await expect(page.getByText('Row 3, birthdate: must be a real day', { exact: false })).toBeVisible();
  for (const shown of ['13 Apr 2012', `5'4"`, '121 lb', `5'7"`])
    await expect(page.getByText(shown, { exact: true })).toBeVisible();
  await app.tap('Import the 1 good athlete, leave out 1');
  await expect(page.getByText('1 athlete added.')).toBeVisible();
  const id = await app.idOf('Tabla');

  await app.open(`/athletes/${id}/throws?part=import`);
  await input.setInputFiles(
    csv(
      'throws.csv',
      'date,time,velocity_mph,result,side',
      '2026-05-01,16:30,61,miss,high',
      '2199-05-01,,61,,',
      '2026-05-01,16:31,110,,',
      '2026-05-01,16:30,61,miss,high',
      '2026-05-01,,NaN,,',
    ),
  );
  await expect(page.getByText('3 good rows, 2 with errors, 2 held')).toBeVisible();
  await expect(page.getByText('Row 3, date: is in the future')).toBeVisible();
  await app.tap(/Row 4.*more than can be expected/, 'checkbox');
  await app.tap('Import the 2 good throws, leave out 2');
  await expect(page.getByText('2 throws imported.')).toBeVisible();
  expect(await app.read(`/athletes/${id}/throws`)).toHaveLength(2);
});

test('a file of speed curves gives its evidence, and it goes into the look with a tap', async ({
  app,
  page,
}) => {
  await app.enter();
  const id = await app.newAthlete('Curva', { birthdate: '2009-05-23' });
  await page.goto(`/athletes/${id}/curves`);
  const input = page.locator('input[type=file]');
  const file = (name: string, text: string) => ({ name, mimeType: 'text/csv', buffer: Buffer.from(text) });
  await input.setInputFiles(file('bad.csv', 'time_s,knee\n0,1'));
  await expect(page.getByRole('alert')).toContainText('none of pelvis');
  await page.getByRole('textbox', { name: 'Plant at, s' }).fill('0.6');
  // The worker still listens after what the first file left behind was collected.
  await page.requestGC();
  await input.setInputFiles(file('late.csv', curves({ 'oh.hips-late': 0.9 })));
  await expect(page.getByText('Hips turn late, severe')).toBeVisible();
  await expect(page.getByText(/pelvis to trunk (39|40|41) ± \d\.\d ms/)).toBeVisible();
  await app.tap('Save and offer to the next look');
  await app.sent();
  await app.tap('Go to Look and apply it');
  await app.tap('Take the first quick look');
  await app.tap('Apply it to this look');
  await app.tap('Plant');
  await expect(page.getByRole('button', { name: 'Hips turn late: severe' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
});

test('markers of a lab are named once, read in space, and offered to the look', async ({ app, page }) => {
  await app.enter();
  const id = await app.newAthlete('Labia', { birthdate: '2009-05-23' });
  await page.goto(`/athletes/${id}/curves`);
  const trc = pretendTrc({ discipline: 'overhand', throws: 'R' }, 200).replace('LHJC', 'Seven');
  const file = { name: 'pitch.trc', mimeType: 'text/plain', buffer: Buffer.from(trc) };
  const input = page.locator('input[type=file]').first();
  await input.setInputFiles({
    ...file,
    name: 'bad.trc',
    buffer: Buffer.from(trc.replace('\tmm\t', '\tell\t')),
  });
  await expect(page.getByRole('alert')).toContainText(
    'bad.trc: Units: must be one of mm, cm, m. Nothing was imported.',
  );
  await app.tap('Close the file');
  await input.setInputFiles(file);
  await expect(page.getByText('Still without a marker: left hip.')).toBeVisible();
  await app.tap('Seven', 'checkbox');
  await app.tap('Read the markers');
  await expect(page.getByText(/^Stride: /)).toBeVisible();
  await app.tap('Close the file');
  // The same lab once more: its sheet is known.
  await input.setInputFiles(file);
  await expect(page.getByText(/^Stride: /)).toBeVisible();
  await app.tap('Offer them to the look');
  await app.sent();
  const [clip] = (await app.read(`/athletes/${id}/clips`)) as { motion: { offers: unknown[] } }[];
  expect(clip!.motion.offers.length).toBeGreaterThan(5);
  expect(await app.read(`/athletes/${id}/curves`)).toHaveLength(1);
  // Another device of the academy knows the lab as well.
  await page.evaluate(() => localStorage.removeItem('wrightonic.settings'));
  await page.goto(`/athletes/${id}/curves`);
  await input.setInputFiles(file);
  await expect(page.getByText(/^Stride: /)).toBeVisible();
});

test('a profile keeps growth, and who cleared an injury', async ({ app, page }) => {
  await app.enter();
  const id = await app.newAthlete('Profa', { heightCm: 170, massKg: 60 });
  await page.goto(`/athletes/${id}/profile`);
  const height = page.getByRole('textbox', { name: 'Height, ft and in' });
  await height.fill('5\'14"');
  await expect(page.getByRole('alert')).toContainText('14 inches: use 0 to 11 with feet');
  await app.tap('Save measurements');
  await height.fill('5\'8"');
  await app.tap('Save measurements');
  await expect(page.getByText(/^Height 5'8", .*; \+1\.1 in since/)).toBeVisible();
  await app.tap('Add an injury');
  await app.tap('shoulder', 'radio');
  await page.getByRole('textbox', { name: 'What it was' }).fill('Sore after throwing');
  await page.getByLabel('Since', { exact: true }).fill('2199-01-01');
  await app.tap('Save injury');
  await expect(page.getByRole('alert')).toContainText('is in the future');
  await page.getByLabel('Since', { exact: true }).fill('2026-03-01');
  await app.tap('Save injury');
  await expect(page.getByText('Not cleared', { exact: false })).toBeVisible();
  await app.tap('Add clearance');
  await page.getByRole('textbox', { name: 'Cleared by' }).fill('Dr. Marrable');
  await app.tap('Save clearance');
  await expect(page.getByText(/^Cleared by Dr\. Marrable/)).toBeVisible();
  await app.tap('Edit');
  await app.tap(/^Emergency contacts/);
  await app.tap('Add a guardian');
  await page.getByRole('textbox', { name: 'Guardian’s name' }).fill('Rowan Testwell');
  await app.tap('Save');
  await expect(page.getByText('Rowan Testwell')).toBeVisible();
});

test('a flaw is seen in motion beside a clean delivery, held and stepped', async ({ app, page }) => {
  await page.emulateMedia({ reducedMotion: 'no-preference' });
  await app.enter();
  await page.goto(`/athletes/${await app.newAthlete('Moving')}/look`);
  await app.tap('Take a full look');
  await app.tap('See Weight goes backward in motion');
  // The whole drawing: one part of it, a foot on the ground, may well stand still.
  const paths = page.getByRole('img', { name: 'Weight goes backward, in motion' }).locator('path');
  const drawn = () => paths.evaluateAll((all) => all.map((path) => path.getAttribute('d')).join(' '));
  const first = await drawn();
  await expect.poll(drawn).not.toBe(first);
  await app.tap('Pause');
  const held = await drawn();
  await page.waitForTimeout(200);
  expect(await drawn()).toBe(held);
  await app.tap('One frame forward');
  await expect.poll(drawn).not.toBe(held);
  await app.tap('One frame back');
  await expect.poll(drawn).toBe(held);

  // Whoever wants no motion gets the frame in which the flaw is seen best.
  await page.emulateMedia({ reducedMotion: 'reduce' });
  await app.tap('See Pivot foot set flat in motion');
  await expect(page.getByRole('button', { name: 'Play' })).toHaveCount(2);
});
