import {
  addDays,
  drills,
  nodesFor,
  planAthlete,
  trace,
  type PlanInput,
  type Severity,
} from '@wrightonic/core';
import { rng, pretendCurves } from '@wrightonic/core/simulate';
import type { Page } from '@playwright/test';
import { loadSolver } from '@wrightonic/solver';
import { allClean, restClean, test } from './app';
import { falseAlarms } from './falseAlarms';
import {
  firstScripts,
  lessonOfToday,
  middle,
  mostFirstScript,
  note,
  p95,
  slow,
  tapsToPaint,
  usableAfter,
  weightOf,
} from './figures';

test.setTimeout(240_000);
const everything = [...new Set(drills.flatMap(({ equipment }) => equipment.flat()))];

test('scripts', async ({ page }) => {
  note('first script, gzip', weightOf(await firstScripts(page, 'gzip')), 'kB', mostFirstScript);
  note('first script, brotli', weightOf(await firstScripts(page, 'br')), 'kB', 320);
});

test('trace', () => {
  const findings = Object.fromEntries(nodesFor('overhand').map(({ id }) => [id, 3 as Severity]));
  const run = (runs: number) => {
    const start = performance.now();
    trace({ athlete: { discipline: 'overhand', throws: 'R', age: 15 }, findings, runs });
    return performance.now() - start;
  };
  for (let warm = 0; warm < 50; warm++) run(0);
  note('trace, every node present', middle(Array.from({ length: 41 }, () => run(0))), 'ms', 5);
  note('trace with 1,000 runs', middle(Array.from({ length: 7 }, () => run(1000))), 'ms', 300);
});

/** Athletes of all ages, findings and weeks, with fourteen candidates or more in most of them. */
function pretendWeek(seed: number): PlanInput {
  const random = rng(seed);
  const from = '2026-06-08';
  const some = nodesFor('overhand').filter(({ type }) => type === 'flaw');
  const findings = Object.fromEntries(
    Array.from({ length: 6 }, () => [
      some[random.integer(0, some.length - 1)]!.id,
      random.integer(1, 3) as Severity,
    ]),
  );
  const stages = ['move', 'connect', 'blend'] as const;
  return {
    athlete: { discipline: 'overhand', throws: 'R', age: random.integer(13, 20) },
    findings,
    throws: [{ date: addDays(from, -2), count: random.integer(0, 60), kind: 'game' }],
    stages: { lower: stages[random.integer(0, 2)]!, arm: stages[random.integer(0, 2)]! },
    days: [0, 1, 2, 3, 4, 5, 6].map((n) => ({
      date: addDays(from, n),
      kind: n === 1 || n === 4 ? 'lesson' : n === 6 ? 'game' : 'home',
      minutes: random.integer(15, 60),
      equipment: everything,
      places: ['home', 'field', 'cage', 'mound'],
    })),
  };
}

test('weeks', async () => {
  const solve = await loadSolver();
  const times: number[] = [];
  const gaps: number[] = [];
  for (let seed = 1; seed <= 60; seed++) {
    const start = performance.now();
    const { objective, bound } = planAthlete(pretendWeek(seed), solve);
    times.push((performance.now() - start) / 1000);
    gaps.push(bound ? (100 * (bound - objective)) / bound : 0);
  }
  note('a week solved, middle of 60', middle(times), 's', 2);
  note('a week solved, longest of 60', Math.max(...times), 's', 10);
  note('widest gap that was left, percent', Math.max(...gaps), '%', 1.01);
  note(
    '60 athletes, one after the other',
    times.reduce((sum, time) => sum + time, 0),
    's',
    120,
  );
});

test('how sure, beside the interface', async ({ app, page }) => {
  await app.enter();
  // From the question to the answer; what goes to and fro between is words of progress.
  await page.addInitScript(() => {
    const heard: number[] = [];
    Object.assign(window, { heard });
    const Plain = window.Worker;
    window.Worker = class extends Plain {
      private asked = 0;
      constructor(url: string | URL, options?: WorkerOptions) {
        super(url, options);
        this.addEventListener('message', ({ data }: MessageEvent<{ value?: { leader?: unknown } }>) => {
          if (data.value?.leader !== undefined) heard.push(performance.now() - this.asked);
        });
      }
      override postMessage(message: any, options?: any): void {
        if (message?.path?.[0] === 'runs') this.asked = performance.now();
        super.postMessage(message, options);
      }
    };
  });
  const id = await app.newAthlete('Surely');
  await app.look(id, Object.fromEntries(nodesFor('overhand').map((node) => [node.id, 3])));
  await page.goto(`/athletes/${id}/trace`);
  const times: number[] = [];
  for (let n = 0; n < 7; n++) {
    await page
      .getByText(/looks graded a little differently/)
      .first()
      .waitFor();
    const heard = await page.evaluate(() => (window as unknown as { heard: number[] }).heard);
    times.push(heard.at(-1)!);
    if (n === 0) await app.tap('What if');
    await app.tap(`What if Weight goes backward were ${n % 2 ? 'severe' : 'slight'}`);
    await page.waitForFunction(
      (before) => (window as unknown as { heard: number[] }).heard.length > before,
      heard.length,
    );
  }
  note('1,000 runs in the worker, every node present', middle(times), 'ms', 300);
});

test('requests', async ({ app }) => {
  await app.enter();
  const id = await app.idOf('Wren');
  for (const path of [
    '/athletes',
    ...['', '/look', '/trace', '/build', '/work', '/prove'].map((part) => `/athletes/${id}${part}`),
    `/athletes/${id}/traces`,
    '/calls',
    '/lessons',
    '/stage-proposals',
  ]) {
    for (let warm = 0; warm < 20; warm++) await app.read(path);
    const times: number[] = [];
    for (let n = 0; n < 100; n++) {
      const start = performance.now();
      await app.read(path);
      times.push(performance.now() - start);
    }
    note(`GET ${path.replace(id, ':id')}, 95 of 100`, p95(times), 'ms', 50);
  }
});

test('first usable screen on a slow phone', async ({ browser, baseURL }) => {
  const times = { signIn: [] as number[], today: [] as number[] };
  for (let n = 0; n < 7; n++) {
    const context = await browser.newContext({ baseURL: baseURL! });
    const first = await context.newPage();
    await slow(first);
    times.signIn.push(await usableAfter(first, 'input[autocomplete=current-password]'));
    await first.getByRole('button', { name: 'Look around the demo academy' }).click();
    await first.getByText(/lessons? (at|of)/).waitFor();
    await first.close();
    const again = await context.newPage();
    await slow(again);
    times.today.push(await usableAfter(again, lessonOfToday));
    await context.close();
  }
  note('sign-in usable, 4× slower, nothing cached', middle(times.signIn), 'ms', 2500);
  note('Today usable, 4× slower, signed in', middle(times.today), 'ms', 2500);
});

test('tap to paint', async ({ app, page }) => {
  await app.enter();
  const id = await app.planned('Tapper');
  await page.goto(`/athletes/${id}/session`);
  await app.tap('Nothing hurts');
  await app.counted();
  await page.getByRole('button', { name: 'Clean, 0 so far' }).waitFor();
  await slow(page);
  const times = await tapsToPaint(page);
  note('a rep, tap to paint, 4× slower, middle', middle(times), 'ms', 100);
  note('a rep, tap to paint, 4× slower, 95 of 100', p95(times), 'ms', 100);
});

/** From frame to frame while a figure moves, ms; while it is held nothing is drawn. */
const betweenFrames = (page: Page): Promise<number[]> =>
  page.evaluate(
    () =>
      new Promise<number[]>((done) => {
        const gaps: number[] = [];
        const until = performance.now() + 6_000;
        let last = 0;
        const seen = new MutationObserver(() => {
          const now = performance.now();
          // A longer pause is a pose that is held.
          if (now - last < 200) gaps.push(now - last);
          last = now;
          if (now > until) {
            seen.disconnect();
            done(gaps);
          }
        });
        seen.observe(document.body, { subtree: true, attributes: true, attributeFilter: ['d'] });
      }),
  );

test('figures in motion', async ({ app, page }) => {
  await app.enter();
  const id = await app.newAthlete('Moving');
  await slow(page);
  await page.goto('/drills/compete-inning');
  await page.getByRole('button', { name: 'Pause' }).waitFor();
  note('a drill in motion, 4× slower, frame to frame', middle(await betweenFrames(page)), 'ms', 33.4);
  await page.goto(`/athletes/${id}/look`);
  await app.tap('Take a full look');
  await page
    .getByRole('button', { name: /^See .* in motion$/ })
    .first()
    .click();
  const gaps = await betweenFrames(page);
  note('clean and this one, 4× slower, frame to frame', middle(gaps), 'ms', 33.4);
  note('clean and this one, 4× slower, 95 of 100', p95(gaps), 'ms', null);
});

/** Ten seconds at 1,000 Hz: a delivery with rest before and after it. */
function longCurves(): string {
  const { curves } = pretendCurves({ discipline: 'overhand', fps: 1000, noise: 5 });
  const random = rng(4);
  const names = Object.keys(curves.turning) as (keyof typeof curves.turning)[];
  const rows = Array.from({ length: 10_001 }, (_, i) => {
    const at = i - 4000;
    const cells = names.map((name) => (curves.turning[name]![at] ?? 25 + 5 * random.normal()).toFixed(2));
    return [(i / 1000).toFixed(3), ...cells].join(',');
  });
  return [['time_s', ...names].join(','), ...rows].join('\n');
}

test('speed curves', async ({ app, page }) => {
  await app.enter();
  const id = await app.newAthlete('Curves');
  await page.goto(`/athletes/${id}/curves`);
  await page
    .locator('input[type=file]')
    .setInputFiles({ name: 'long.csv', mimeType: 'text/csv', buffer: Buffer.from(longCurves()) });
  const said = page.getByTestId(/^ms-\d+$/);
  const times: number[] = [];
  for (let n = 0; n < 7; n++) {
    await said.waitFor();
    times.push(Number(/ms-(\d+)/.exec((await said.getAttribute('data-testid'))!)![1]));
    await app.tap('Read long.csv again');
    await page.getByRole('status', { name: 'Reading the curves' }).waitFor({ state: 'detached' });
  }
  note('10 s of curves at 1,000 Hz in the worker', middle(times), 'ms', 100);
});

test('a quick look', async ({ app, page }) => {
  await app.enter();
  const id = await app.newAthlete('Looker');
  await page.goto(`/athletes/${id}/look`);
  const first = page.getByRole('button', { name: 'Take the first quick look' });
  await first.waitFor();
  const start = performance.now();
  app.taps = 0;
  await app.tap('Take the first quick look');
  await app.tap(allClean);
  await app.tap('Momentum dies at the top: severe');
  await app.tap(restClean);
  await app.tap('Lead leg opens early: obvious');
  await app.tap(restClean);
  await app.tap(allClean);
  await app.tap('Glove pulls the body around: slight');
  for (let phase = 0; phase < 3; phase++) await app.tap(/of this phase is clean$/);
  await app.tap('Finish the look');
  await app.sent();
  note('quick look to saved findings, taps', app.taps, 'taps', 25);
  note('the same, as fast as the app takes taps', (performance.now() - start) / 1000, 's', 60);
});

test('false alarms', () => {
  for (const { what, before, after } of falseAlarms()) {
    note(`found where nothing is, as it was: ${what}`, before, '%', null);
    note(`found where nothing is: ${what}`, after, '%', null);
  }
});
