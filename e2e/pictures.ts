import type { Page } from '@playwright/test';
import { expect, test, type App } from './app';

const wide = { width: 1280, height: 800 };
const folder = 'docs/screenshots';

/** Takes the picture once faces are there and nothing is on its way. */
async function shoot(page: Page, name: string): Promise<void> {
  await page.waitForLoadState('networkidle');
  await expect(page.getByText('One moment')).toHaveCount(0);
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

test('on a phone', async ({ app, page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'Look around the demo academy' }).waitFor();
  await shoot(page, 'sign-in');
  await app.enter();
  await page.goto('/');
  await page.getByText(/lessons at/).waitFor();
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
  await app.tap('All of this phase is clean');
  await app.tap('Momentum dies at the top: severe');
  await shoot(page, 'look');
  await app.tap('Finish here; the rest stays not looked at');

  await page.goto(`/athletes/${await app.idOf('Wren')}/session`);
  await app.tap('Nothing hurts');
  await app.tap('Next drill');
  for (let n = 0; n < 7; n++) await app.tap(/^Clean/);
  await app.tap(/^Missed/);
  await shoot(page, 'working');
  await app.tap('End');
  await app.tap('Nothing hurts');
  await page.getByRole('heading', { name: 'This session' }).waitFor();
  await shoot(page, 'summary');
  await page.goto('/drills');
  await app.tap(/Hip-first lean/);
  await shoot(page, 'drills');
  await page.goto('/office');
  await shoot(page, 'office');
});

test.describe('on a wide screen', () => {
  test.use({ viewport: wide });
  test('by day', async ({ app, page }) => {
    await app.enter();
    await page.goto('/');
    await page.getByText(/lessons at/).waitFor();
    await shoot(page, 'today-wide');
    await open(app, page, 'Caspian', 'trace');
    await shoot(page, 'trace-wide');
    await open(app, page, 'Harriet', 'prove');
    await shoot(page, 'prove-wide');
  });
});

test.describe('on a wide screen, under lights', () => {
  test.use({ viewport: wide, colorScheme: 'dark' });
  test('by night', async ({ app, page }) => {
    await app.enter();
    await open(app, page, 'Wren', 'build');
    await shoot(page, 'build-wide-lights');
  });
});
