import type { Page } from '@playwright/test';
import { allClean, expect, test, type App } from './app';
import { bodyClip } from './bodyClip';

const wide = { width: 1280, height: 800 };
const folder = 'docs/screenshots';

/** Takes the picture once faces are there and nothing is on its way. */
async function shoot(page: Page, name: string): Promise<void> {
  await page.waitForLoadState('networkidle');
  await expect(page.getByText(/^(One moment|Reading )/)).toHaveCount(0);
  await page.evaluate(async () => {
    await document.fonts.ready;
  });
  await page.mouse.move(0, 0);
  await page.screenshot({ path: `${folder}/${name}.png`, animations: 'disabled' });
}

async function open(app: App, page: Page, who: string, verb: string): Promise<void> {
  await page.goto(`/athletes/${await app.idOf(who)}/${verb}`);
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
}

/** The camp of the demo that runs today. */
async function campToday(app: App) {
  const camps = await app.read<{ id: string; name: string }[]>('/camps');
  const { id } = camps.find(({ name }) => name === 'Winter camp')!;
  return app.read<{
    id: string;
    setup: { stations: { id: string; name: string }[] };
    plan: { slots: string[] };
  }>(`/camps/${id}`);
}

/** Waits until the simulated line has heard a throw; what else it hears is discarded, as one would there. */
async function throwOnLine(page: Page): Promise<void> {
  const waiting = page.getByRole('alert').filter({ hasText: ' unclaimed' });
  for (;;) {
    await waiting.waitFor({ timeout: 60_000 });
    if (!(await waiting.innerText()).includes('unclaimed:')) return;
    await waiting.getByRole('button', { name: 'Discard reading' }).click();
  }
}

test('on a phone', async ({ app, page }) => {
  await app.enter();
  await page.goto('/');
  await page.getByText(/lessons? (at|of)/).waitFor();
  await shoot(page, 'today');
  await page.goto('/roster');
  await page.getByText(/\d+ athletes/).waitFor();
  await shoot(page, 'roster');
  for (const [who, verb] of [
    ['Caspian', 'trace'],
    ['Wren', 'build'],
    ['Wren', 'work'],
    ['Wren', 'prove'],
  ] as const) {
    await open(app, page, who, verb);
    await shoot(page, verb);
  }
  await page.goto(`/athletes/${await app.idOf('Gideon')}/look`);
  await app.tap('Take the first quick look');
  await app.tap(allClean);
  await app.tap('Momentum dies at the top: severe');
  await shoot(page, 'look');
  await app.tap('Finish now; the rest is not looked at');

  await open(app, page, 'Caspian', 'screen');
  await page.getByRole('heading', { name: /^Physical screen of/ }).waitFor();
  await shoot(page, 'screen');
  await open(app, page, 'Ezra', 'curves');
  await page
    .getByText(/^pelvis to trunk/)
    .first()
    .waitFor();
  await shoot(page, 'curves');
  await open(app, page, 'Wren', 'profile');
  await page
    .getByText(/^Height/)
    .first()
    .waitFor();
  await shoot(page, 'profile');
  await open(app, page, 'Ezra', 'build');
  await app.tap('Change the week');
  await app.tap('Re-plan');
  await page.getByText('Planning the week that is worth most').waitFor({ state: 'detached' });
  await page.getByRole('heading', { name: 'The rest of this week' }).scrollIntoViewIfNeeded();
  await shoot(page, 'week');
  await open(app, page, 'Wren', 'build');
  await app.tap('Share with Wren');
  const message = await page.getByText(/\/s\/[\w-]{32}\s/).innerText();
  await page.goto(/http\S+\/s\/[\w-]{32}/.exec(message)![0]);
  await page.getByText('Stop for pain.', { exact: false }).waitFor();
  await shoot(page, 'shared');

  await page.goto(`/athletes/${await app.idOf('Wren')}/session`);
  await app.tap('Nothing hurts');
  await app.counted();
  for (let n = 0; n < 4; n++) await app.tap(/^Clean/);
  while (!(await page.getByRole('button', { name: 'One more drill' }).count())) await app.tap('Next drill');
  await app.tap('One more drill');
  await app.tap(/^Full delivery/);
  await app.tap('Velocity');
  await app.tap('Simulated line', 'radio');
  await app.tap('Ladder of efforts');
  for (let n = 1; n <= 4; n++) {
    const counted = new RegExp(`50 %: ${Math.min(n, 3)}${n > 3 ? ' · 60 %: 1' : ''}`);
    await throwOnLine(page);
    await app.tap(n === 2 ? /^Missed/ : /^Clean/);
    await page.getByText(counted).waitFor();
  }
  await shoot(page, 'working');
  await page.goto('/drills');
  await page.getByText('127 of 127 drills').waitFor();
  await shoot(page, 'drills');
  const { id, setup, plan } = await campToday(app);
  await page.goto(`/camps/${id}/day`);
  await page.getByText('Who is here').waitFor();
  await shoot(page, 'camp-day');
  const station = setup.stations.find(({ name }) => name === 'Mound with radar')!;
  await page.goto(`/camps/${id}/day/station?at=${station.id}&slot=${plan.slots[0]}`);
  await page.getByText('thrown').first().waitFor();
  await shoot(page, 'camp-station');
});

test.describe('on a wide screen', () => {
  test.use({ viewport: wide });
  test('by day', async ({ app, page }) => {
    await app.enter();
    await open(app, page, 'Caspian', 'trace');
    await shoot(page, 'trace-wide');
    await open(app, page, 'Dario', 'clip');
    await page.locator('input[type=file]').first().setInputFiles(bodyClip());
    const frame = (n: number) => page.getByText(new RegExp(`^Frame ${n}, `)).waitFor();
    const step = async (name: string, n: number) => {
      await app.tap(name);
      await frame(n);
    };
    await frame(0);
    for (const n of [10, 20, 30, 40]) await step('Ten frames forward', n);
    for (let n = 41; n <= 48; n++) await step('One frame forward', n);
    await app.tap('Mark Plant here');
    await app.tap('Angle', 'radio');
    const box = (await page.getByRole('img', { name: /tap its points/ }).boundingBox())!;
    for (const [x, y] of [
      [350, 223],
      [393, 264],
      [388, 318],
    ] as const)
      await page.mouse.click(box.x + (box.width * x) / 640, box.y + (box.height * y) / 360);
    await app.tap('Choose what the angle measures');
    await app.tap('Lead knee at plant (hip, knee, ankle)', 'radio');
    for (let n = 49; n <= 50; n++) await step('One frame forward', n);
    await app.tap('Mark Trunk turns here');
    await step('One frame forward', 51);
    for (let n = 52; n <= 56; n++) await step('One frame forward', n);
    await app.tap('Mark Release here');
    await app.tap('Go to Plant');
    await frame(48);
    await shoot(page, 'clip-wide');
  });
});

test.describe('on a wide screen, under lights', () => {
  test.use({ viewport: wide, colorScheme: 'dark' });
  test('by night', async ({ app, page }) => {
    await app.enter();
    const { id } = await campToday(app);
    await page.goto(`/camps/${id}/plan`);
    await page.getByText('How good it is').waitFor();
    await shoot(page, 'camp-plan-wide-lights');
  });
});
