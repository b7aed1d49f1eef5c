import { appendFileSync, existsSync, writeFileSync } from 'node:fs';
import type { APIResponse, Page } from '@playwright/test';

const line = (cells: readonly string[]) => `| ${cells.join(' | ')} |\n`;

/** Writes down a figure with the limit that it is held to, as it comes. */
/** @param atMost null for a figure that has no limit */
export function note(what: string, value: number, unit: string, atMost: number | null): void {
  const file = process.env['BENCH_TABLE'];
  if (!file) return;
  const shown = value < 10 ? value.toFixed(1) : value.toFixed(0);
  if (!existsSync(file))
    writeFileSync(file, line(['what', 'measured', 'at most', 'held']) + line(['---', '---', '---', '---']));
  appendFileSync(
    file,
    line([
      what,
      `${shown} ${unit}`,
      ...(atMost === null ? ['', ''] : [`${atMost} ${unit}`, value <= atMost ? 'yes' : 'NO']),
    ]),
  );
}

/** What the first script may weigh packed with gzip, kB. */
export const mostFirstScript = 370;

/** Every script that the page names, as it is served packed in a way. */
export async function firstScripts({ request }: Page, encoding: 'gzip' | 'br'): Promise<APIResponse[]> {
  const html = await (await request.get('/')).text();
  const paths = [...html.matchAll(/src="([^"]+\.js)"/g)].map(([, path]) => path!);
  return Promise.all(paths.map((path) => request.get(path, { headers: { 'accept-encoding': encoding } })));
}

/** What they weigh together, kB. */
export const weightOf = (scripts: readonly APIResponse[]): number =>
  scripts.reduce((sum, script) => sum + Number(script.headers()['content-length']), 0) / 1000;

export const middle = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)]!;
export const p95 = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length * 0.95)]!;

/** Slows the processor down as a mid-range phone would be. */
export async function slow(page: Page, rate = 4): Promise<void> {
  const devtools = await page.context().newCDPSession(page);
  await devtools.send('Emulation.setCPUThrottlingRate', { rate });
}

/** From the beginning of the navigation to the paint that shows something that can be pressed, seen from the page. */
export async function usableAfter(page: Page, selector: string, path = '/'): Promise<number> {
  await page.addInitScript((wanted) => {
    const seen = new MutationObserver(() => {
      if (!document.querySelector(wanted)) return;
      seen.disconnect();
      requestAnimationFrame(() => {
        document.documentElement.dataset['usable'] = String(performance.now());
      });
    });
    seen.observe(document, { childList: true, subtree: true });
  }, selector);
  await page.goto(path, { waitUntil: 'commit' });
  await page.waitForSelector('[data-usable]', { state: 'attached' });
  return page.evaluate(() => Number(document.documentElement.dataset['usable']));
}

/** What Today is opened for. */
export const lessonOfToday = 'main a[href^="/athletes/"], [role=main] a[href^="/athletes/"]';

/** Forty clean reps of a session that is open, each from the tap to the paint that counts it, ms. */
export async function tapsToPaint(page: Page): Promise<number[]> {
  return page.evaluate(async () => {
    const area = () => document.querySelector<HTMLElement>('[role=button][aria-label^="Clean"]')!;
    const measured: number[] = [];
    for (let n = 0; n < 40; n++) {
      const before = area().getAttribute('aria-label');
      const start = performance.now();
      area().click();
      while (area().getAttribute('aria-label') === before) await new Promise(requestAnimationFrame);
      measured.push(performance.now() - start);
      await new Promise((done) => setTimeout(done, 150));
    }
    return measured;
  });
}
