import { addDays, fromMph, nodesFor } from '@wrightonic/core';
import { rng } from '@wrightonic/core/simulate';
import type { Page } from '@playwright/test';
import { v7 } from 'uuid';
import { expect, test, type App } from './app';
import { middle, note, p95, slow, usableAfter } from './figures';

test.setTimeout(240_000);

const sessions = 150;
const throwsEach = 40;
const looksTaken = 40;

/** Every checkpoint of a look moves to and fro, so that as many rows as can be are drawn. */
const graded = (n: number) =>
  Object.fromEntries(
    nodesFor('overhand')
      .slice(0, 30)
      .map(({ id }, k) => [id, (n + k) % 4]),
  );

/** Somebody with three years of sessions and a look every three weeks. */
async function longAthlete(app: App): Promise<string> {
  const id = await app.newAthlete('Longtime');
  const { today } = await app.read<{ today: string }>('/session');
  const random = rng(150);
  const throws = Array.from({ length: sessions }, (_, n) => n).flatMap((n) => {
    const usual = 62 + (8 * n) / sessions + 0.5 * random.normal();
    return Array.from({ length: throwsEach }, () => ({
      id: v7(),
      date: addDays(today, -7 * (sessions - n)),
      time: '',
      velocity: fromMph(usual + 0.9 * random.normal()),
      effort: 90,
      pitch: 'fastball',
      ballG: 145,
      kind: 'practice',
      sides: null,
    }));
  });
  await app.post(`/athletes/${id}/throws/import`, { throws });
  for (let n = 0; n < looksTaken; n++) await app.look(id, graded(n), 21 * (looksTaken - 1 - n));
  return id;
}

/** From frame to frame while the axis is dragged to and fro, a little with every frame, ms. */
const dragged = (page: Page): Promise<number[]> =>
  page.evaluate(async () => {
    const axis = document.querySelector('[role=application]')!;
    axis.scrollIntoView({ block: 'center' });
    const { left, top } = axis.getBoundingClientRect();
    const drag = (type: string, on: EventTarget, x: number) =>
      on.dispatchEvent(
        new MouseEvent(type, {
          bubbles: true,
          cancelable: true,
          view: window,
          clientX: left + x,
          clientY: top + 80,
        }),
      );
    drag('mousedown', axis, 60);
    const gaps: number[] = [];
    let last = await new Promise(requestAnimationFrame);
    for (let n = 0; n < 120; n++) {
      drag('mousemove', window, 60 + 4 * (n % 60));
      const now = await new Promise(requestAnimationFrame);
      gaps.push(now - last);
      last = now;
    }
    drag('mouseup', window, 60);
    return gaps.slice(10);
  });

test('Prove of somebody with years behind', async ({ app, page }) => {
  await app.enter();
  const id = await longAthlete(app);
  const times: number[] = [];
  for (let n = 0; n < 5; n++) {
    const next = await page.context().newPage();
    await slow(next);
    times.push(await usableAfter(next, '[data-part=layers] path[d*=L]', `/athletes/${id}/prove`));
    if (n === 4) {
      await next.getByRole('button', { name: /^Lanes:/ }).click();
      for (const lane of await next.getByRole('checkbox').all()) await lane.check();
      for (const span of ['Everything', '3 months']) {
        await next.getByRole('button', { name: span }).click();
        const gaps = await dragged(next);
        expect(gaps.length).toBeGreaterThan(20);
        note(`all lanes dragged, ${span}, 4× slower, frame to frame`, middle(gaps), 'ms', 33.4);
        note('the same, 95 of 100', p95(gaps), 'ms', null);
      }
    }
    await next.close();
  }
  note(
    `Prove with ${sessions} sessions, ${sessions * throwsEach} throws, usable, 4× slower`,
    middle(times),
    'ms',
    2500,
  );
  const { looks } = await app.read<{ looks: { id: string }[] }>(`/athletes/${id}/prove`);
  const pdf = `/api/athletes/${id}/report.pdf?before=${looks[0]!.id}&after=${looks.at(-1)!.id}&names=1`;
  const prints: number[] = [];
  for (let n = 0; n < 5; n++) {
    const began = performance.now();
    expect((await page.request.get(pdf)).status()).toBe(200);
    prints.push(performance.now() - began);
  }
  note('the report as PDF', middle(prints), 'ms', 2000);
});
