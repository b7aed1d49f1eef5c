import type { Page } from '@playwright/test';
import axe from 'axe-core';
import { expect, test } from './app';

const phone = { width: 390, height: 844 };
const wide = { width: 1280, height: 800 };
const verbs = ['look', 'trace', 'build', 'work', 'prove'];
const screens = [
  '/',
  '/roster',
  '/roster/import',
  '/roster/moves',
  '/roster/progress',
  '/roster/weeks',
  '/drills',
  '/drills/knee-gate',
  '/drills/new?from=knee-gate',
  '/office',
  '/office/links',
  '/office/planning',
  '/office/words',
  '/office/devices',
  '/office/people',
  '/office/audit',
  '/office/archive',
  '/office/deletions',
  '/diary',
  '/unsent',
  '/athletes/new',
];
const more = ['profile', 'screen', 'throws?part=chart', 'throws?part=says', 'clip', 'curves', 'sheet'];

/** What another size and other colours can break; names and roles are those of the same parts. */
const drawn = [
  'color-contrast',
  'target-size',
  'region',
  'landmark-one-main',
  'page-has-heading-one',
  'heading-order',
];

/** In the sun text stands out by 7 to 1. */
const byDay = { 'color-contrast': { enabled: false }, 'color-contrast-enhanced': { enabled: true } };

/** What is wrong on the screens that were judged: on a phone by day by all rules, wide and under lights by what is drawn. */
class Judge {
  readonly broken: string[] = [];

  constructor(private readonly page: Page) {}

  async look(name: string): Promise<void> {
    await this.page.waitForFunction(() => document.fonts.status === 'loaded');
    // Days are said as one says them.
    for (const raw of (await this.page.locator('body').innerText()).matchAll(/.*\b20\d\d-\d\d-\d\d\b.*/g))
      this.broken.push(`${name}: ${raw[0]}`);
    await this.judge(name, {
      runOnly: { type: 'tag', values: ['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa', 'best-practice'] },
      rules: byDay,
    });
    await this.page.setViewportSize(wide);
    await this.page.emulateMedia({ colorScheme: 'dark' });
    await this.page.evaluate(
      () => new Promise((drawnAnew) => requestAnimationFrame(() => requestAnimationFrame(drawnAnew))),
    );
    await this.judge(`${name}, wide, under lights`, { runOnly: { type: 'rule', values: drawn } });
    await this.page.emulateMedia({ colorScheme: 'light' });
    await this.page.setViewportSize(phone);
  }

  private async judge(name: string, options: axe.RunOptions): Promise<void> {
    // Handed in once for each page: what packs it for several frames does so for each look, and takes longer than the look.
    if (!(await this.page.evaluate(() => 'axe' in window))) await this.page.evaluate(axe.source);
    const violations = await this.page.evaluate(
      async (asked) =>
        // Drawings are hidden from readers and stand behind words; looking through their parts takes minutes.
        (
          await window.axe.run({ exclude: [['svg']] }, { resultTypes: ['violations'], ...asked })
        ).violations.map(({ id, nodes }) => ({
          id,
          html: nodes[0]!.html,
          failure: nodes[0]!.failureSummary,
        })),
      options,
    );
    for (const { id, html, failure } of violations)
      this.broken.push(`${name}: ${id}: ${html.slice(0, 160)} ${failure?.slice(0, 200)}`);
  }
}

declare global {
  interface Window {
    axe: typeof axe;
  }
}

test.describe('everyone can use', () => {
  test.use({ viewport: phone, colorScheme: 'light' });

  test('every screen without an athlete', async ({ app, page }) => {
    const judge = new Judge(page);
    await page.goto('/');
    await page.getByRole('button', { name: 'Sign in' }).waitFor();
    await judge.look('sign-in');
    await app.enter();
    await page.goto('/');
    await page.getByRole('heading', { level: 1, name: /day/ }).waitFor();
    for (const path of screens) {
      await app.open(path);
      await page.getByRole('heading', { level: 1 }).waitFor();
      await app.settled();
      await judge.look(path);
    }
    await app.open('/');
    await app.tap(/^Change the lesson of/);
    await page.getByRole('button', { name: 'Rained off' }).waitFor();
    await app.tap('Move lesson');
    await judge.look('a lesson');
    expect(judge.broken).toEqual([]);
  });

  test('every screen of an athlete', async ({ app, page }) => {
    const judge = new Judge(page);
    await app.enter();
    const wren = await app.idOf('Wren');
    for (const verb of verbs) {
      await app.open(`/athletes/${wren}/${verb}`);
      await page
        .getByRole('navigation', { name: 'The five verbs' })
        .getByRole('link', { name: verb })
        .and(page.locator('[aria-current=page]'))
        .waitFor();
      await app.settled();
      await judge.look(verb);
    }
    for (const part of ['Delivery', 'Practice', 'Send']) {
      await app.tap(part, 'radio');
      await app.settled();
      await judge.look(`prove, ${part}`);
    }
    await app.tap('Send to the family');
    await page.goto(await page.getByText(/\/s\/report\/[\w-]{32}$/).innerText());
    await page.getByRole('heading', { level: 1 }).waitFor();
    await judge.look('a report behind a link');
    for (const path of more) {
      await app.open(`/athletes/${wren}/${path}`);
      await page.getByRole('heading', { level: 1 }).waitFor();
      await app.settled();
      await judge.look(path);
    }
    expect(judge.broken).toEqual([]);
  });

  test('every screen of a camp', async ({ app, page }) => {
    const judge = new Judge(page);
    await app.enter();
    await page.goto('/camps');
    await page.getByRole('heading', { level: 1 }).waitFor();
    await app.tap('New camp');
    await judge.look('camps');
    const camps = await app.read<{ id: string; name: string }[]>('/camps');
    const idOf = (name: string) => camps.find((camp) => camp.name === name)!.id;
    const id = idOf('Winter camp');
    const { setup, plan } = await app.read(`/camps/${id}`);
    const station = `station?at=${setup.stations[0].id}&slot=${plan.slots[0]}`;
    for (const path of ['setup', 'athletes', 'plan', 'day', 'day/check-in', `day/${station}`, 'board']) {
      await app.open(`/camps/${id}/${path}`);
      await page.getByRole('main').waitFor();
      await app.settled();
      await judge.look(path);
    }
    await app.open(`/camps/${id}/day/check-in`);
    await app.tap(/^Check in /);
    await page.getByRole('button', { name: 'Back to the list' }).waitFor();
    await judge.look('check-in of one');
    await app.tap(/^Triage/);
    await page.getByLabel('Velocity, mph').waitFor();
    await judge.look('triage');
    await app.open(`/camps/${idOf('Autumn weekend')}/after`);
    await page.getByText('tested on both days', { exact: false }).waitFor();
    await judge.look('after');
    expect(judge.broken).toEqual([]);
  });

  test('looks, traces, weeks and links', async ({ app, page }) => {
    const judge = new Judge(page);
    await app.enter();
    const wren = await app.idOf('Wren');
    const full = await app.newAthlete('Fullaxe');
    await page.goto(`/athletes/${full}/look`);
    await app.tap('Take a full look');
    await page.getByRole('button', { name: 'Note on Weight goes backward' }).waitFor();
    await judge.look('full look');
    await app.open(`/athletes/${full}/screen`);
    await app.tap('Start the physical screen');
    await page.getByRole('textbox', { name: 'Try 1' }).waitFor();
    await judge.look('screen under way');
    await app.open(`/athletes/${wren}/trace`);
    await app.tap(/^(Sure|Fairly sure|Too close to call)$/);
    await judge.look('trace, how sure it is');
    for (const part of ['Phases', 'Words', 'Earlier', 'Doubts']) {
      await app.tap(part, 'radio');
      await app.settled();
      await judge.look(`trace, ${part}`);
    }
    await app.tap('What if');
    await judge.look('trace, what if');
    await app.open(`/athletes/${wren}/build`);
    await app.tap('Share with Wren');
    const message = await page.getByText(/\/s\/[\w-]{32}\s/).innerText();
    const address = /http\S+\/s\/[\w-]{32}/.exec(message)![0];
    await judge.look('a link that was made');
    await page.keyboard.press('Escape');
    await app.tap('Change the week');
    await page.getByRole('heading', { name: 'The rest of this week' }).waitFor();
    await judge.look('the week by hand');
    await page.goto(address);
    await page.getByRole('heading', { level: 1 }).waitFor();
    await judge.look('what a link opens');
    expect(judge.broken).toEqual([]);
  });

  test('a session from pain to end', async ({ app, page }) => {
    const judge = new Judge(page);
    await app.enter();
    await page.goto(`/athletes/${await app.planned('Axe')}/session`);
    await page.getByRole('button', { name: 'Nothing hurts' }).waitFor();
    await judge.look('pain');
    await app.tap('Nothing hurts');
    await app.counted();
    await judge.look('counting');
    await app.tap(/^Note on/);
    await judge.look('a note');
    await app.tap('Cancel');
    while (!(await page.getByRole('button', { name: 'One more drill' }).count())) await app.tap('Next drill');
    await app.tap('One more drill');
    await judge.look('one more drill');
    await app.tap(/^Full delivery/);
    await app.tap('Velocity');
    await app.tap('Simulated line', 'radio');
    await judge.look('velocity');
    await app.tap('Ladder of efforts');
    await page.getByRole('button', { name: 'Discard reading' }).first().waitFor();
    await app.tap(/^Missed/);
    await app.tap('Why missed?');
    await judge.look('why');
    await app.tap('rushed');
    await judge.look('the ladder');
    await app.tap('End');
    await app.tap('Nothing hurts');
    await judge.look('the end');
    expect(judge.broken).toEqual([]);
  });
});
