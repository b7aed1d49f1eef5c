import type { Page } from '@playwright/test';
import { test } from './app';
import { runningCamp } from './camp';
import { middle, note, p95, slow } from './figures';

test.setTimeout(240_000);

/** Presses buttons one after the other, each from the press to the paint in which a text of the page changed, ms. */
const pressed = (page: Page, buttons: string, watched: string): Promise<number[]> =>
  page.evaluate(
    async ([selector, changing]) => {
      const times: number[] = [];
      const all = () => Array.from(document.querySelectorAll<HTMLElement>(selector!));
      const shown = () =>
        Array.from(document.querySelectorAll(changing!))
          .map((each) => each.textContent)
          .join();
      for (let n = 0; n < 40; n++) {
        const list = all();
        const button = list[n % list.length]!;
        const before = shown();
        const begun = performance.now();
        button.click();
        while (shown() === before) await new Promise(requestAnimationFrame);
        times.push(performance.now() - begun);
        await new Promise((rest) => setTimeout(rest, 120));
      }
      return times;
    },
    [buttons, watched] as const,
  );

test('a camp of 240', async ({ app, page }) => {
  await app.enter();
  const { id, setup } = await runningCamp(app, { athletes: 240, capacity: 44, minimum: 3 });
  const { plan } = await app.read(`/camps/${id}`);
  const station = setup.stations.find(({ name }) => name === 'Brace and post')!;
  await page.goto(`/camps/${id}/day/station?at=${station.id}&slot=${plan.slots[0]}`);
  await page
    .getByRole('button', { name: /^Clean: / })
    .first()
    .waitFor();
  await slow(page);
  const taps = await pressed(page, '[role=button][aria-label^="Clean: "]', '[role=status]');
  note('a rep of a group, camp of 240, tap to paint, 4× slower, middle', middle(taps), 'ms', 100);
  note('a rep of a group, camp of 240, tap to paint, 4× slower, 95 of 100', p95(taps), 'ms', 100);
  await page.goto(`/camps/${id}/day`);
  await page
    .getByRole('button', { name: / is here$/ })
    .first()
    .waitFor();
  const here = await pressed(
    page,
    '[role=button][aria-label$=" is here"], button[aria-label$=" is here"]',
    '[role=status]',
  );
  note('a check-in, camp of 240, tap to paint, 4× slower, middle', middle(here), 'ms', 100);
  note('a check-in, camp of 240, tap to paint, 4× slower, 95 of 100', p95(here), 'ms', 100);
  await page.goto(`/camps/${id}/board`);
  const begun = Date.now();
  await page.reload();
  await page.getByText('Camper000', { exact: false }).first().waitFor();
  note('the board of 240, loaded, 4× slower', Date.now() - begun, 'ms', null);
});
