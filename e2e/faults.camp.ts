import type { Page } from '@playwright/test';
import { App, expect, test } from './app';
import { runningCamp } from './camp';
import { kill, roundsOf, row } from './faultRounds';

const taps = 12;

/** What is done to the two in each round, in turn. */
const troubles = ['network off', 'tab killed', 'server killed'] as const;
const rounds = roundsOf(troubles.length);

test('two assistants log one group: nothing is lost, nothing is doubled', async ({ browser }) => {
  test.setTimeout(120_000 + rounds * 60_000);
  let [tapped, stored, lost, doubled] = [0, 0, 0, 0];
  for (let n = 0; n < rounds; n++) {
    const trouble = troubles[n % troubles.length]!;
    const contexts = await Promise.all(
      [0, 1].map(() => browser.newContext({ viewport: { width: 390, height: 844 } })),
    );
    const [one, other] = await Promise.all(contexts.map(async (context) => new App(await context.newPage())));
    for (const each of [one!, other!]) {
      await each.page.goto('/');
      await each.enter();
    }
    const { id, setup, today } = await runningCamp(one!, { athletes: 8 });
    const { plan } = await one!.read(`/camps/${id}`);
    const there = (station: string) =>
      plan.routes.filter(({ stations }: { stations: string[] }) => stations[0] === station).length as number;
    // A group of several, wherever it is.
    const station = [...setup.stations].sort((a, b) => there(b.id) - there(a.id))[0]!;
    const path = `/camps/${id}/day/station?at=${station.id}&slot=${plan.slots[0]}`;
    const open = async (page: Page) => {
      await page.goto(path);
      await page.getByRole('radio', { name: 'Clean or missed' }).click();
      await page
        .getByRole('button', { name: /^Clean: / })
        .first()
        .waitFor();
    };
    let reported = 0;
    const tap = async (page: Page, times: number) => {
      const buttons = page.getByRole('button', { name: /^Clean: / });
      const count = await buttons.count();
      for (let each = 0; each < times; each++) await buttons.nth(each % count).click();
      reported += times;
    };
    await Promise.all([open(one!.page), open(other!.page)]);
    await Promise.all([tap(one!.page, taps / 2), tap(other!.page, taps / 2)]);
    let pages = [one!.page, other!.page];
    if (trouble === 'network off') await contexts[0]!.setOffline(true);
    if (trouble === 'tab killed') {
      await one!.page.close();
      const next = await contexts[0]!.newPage();
      await open(next);
      pages = [next, other!.page];
    }
    const back = trouble === 'server killed' ? kill('server') : null;
    await Promise.all(pages.map((page) => tap(page, taps / 2)));
    await back;
    await contexts[0]!.setOffline(false);
    for (const page of pages) {
      await page.evaluate(() => window.dispatchEvent(new Event('online')));
      await new App(page).sent();
    }
    const { athletes } = await new App(pages[0]!).read(`/camps/${id}/days/${today}`);
    const reps = athletes.flatMap(({ reps: of }: { reps: { id: string }[] }) =>
      of.map((rep) => rep.id),
    ) as string[];
    tapped += reported;
    stored += reps.length;
    doubled += reps.length - new Set(reps).size;
    lost += Math.max(0, reported - new Set(reps).size);
    for (const context of contexts) await context.close();
  }
  row('two assistants of a camp', rounds, tapped, stored, lost, doubled);
  expect({ lost, doubled, stored }).toEqual({ lost: 0, doubled: 0, stored: tapped });
});
