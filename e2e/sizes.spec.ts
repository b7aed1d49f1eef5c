import type { Page } from '@playwright/test';
import { expect, test } from './app';
import { wrongOnMainScreens } from './screens';

/** Sizes at which every main screen has to hold; with text twice as large it is loaded anew. */
const sizes = [
  { width: 360, height: 640 },
  { width: 844, height: 390 },
  { width: 390, height: 844 },
  { width: 1280, height: 800 },
] as const;

/** What is wrong with how the screen is laid out, each in words; nothing where all holds. */
function wrongOn(page: Page): Promise<string[]> {
  return page.evaluate(() => {
    const wrong: string[] = [];
    const width = document.documentElement.clientWidth;
    const shown = (node: Element): boolean => {
      const style = getComputedStyle(node);
      const box = node.getBoundingClientRect();
      return (
        style.visibility !== 'hidden' &&
        box.width > 1 &&
        box.height > 1 &&
        !node.closest('[aria-hidden=true]')
      );
    };
    const named = (node: Element): string =>
      `${node.getAttribute('role') ?? node.tagName.toLowerCase()} “${(node.getAttribute('aria-label') ?? node.textContent ?? '').trim().slice(0, 40)}”`;
    /** It can be brought into view sideways. */
    const scrolls = (node: Element | null): boolean =>
      node !== null &&
      (/(auto|scroll)/.test(getComputedStyle(node).overflowX) && node.scrollWidth > node.clientWidth + 1
        ? true
        : scrolls(node.parentElement));
    if (document.documentElement.scrollWidth > width)
      wrong.push(`the page is ${document.documentElement.scrollWidth} wide`);
    const tappable = [
      ...Array.from(
        document.querySelectorAll(
          '[role=button],[role=link],[role=radio],[role=checkbox],[role=tab],a[href],button,select,input:not([type=file])',
        ),
      ),
    ].filter(shown);
    for (const node of tappable) {
      const box = node.getBoundingClientRect();
      if ((box.right > width + 1 || box.left < -1) && !scrolls(node)) wrong.push(`${named(node)} is outside`);
      // Lines of a text that lead somewhere, and flags on a line of time, have a larger one beside them.
      if ((box.height < 43.5 || box.width < 43.5) && !node.closest('p,svg,[data-small]'))
        wrong.push(`${named(node)} is ${Math.round(box.width)} × ${Math.round(box.height)}`);
    }
    const boxes = tappable
      .filter(
        (node) => !tappable.some((other) => other !== node && (other.contains(node) || node.contains(other))),
      )
      .map((node) => ({ node, box: node.getBoundingClientRect() }));
    for (const [n, { node, box }] of boxes.entries())
      for (const other of boxes.slice(n + 1)) {
        const across = Math.min(box.right, other.box.right) - Math.max(box.left, other.box.left);
        const down = Math.min(box.bottom, other.box.bottom) - Math.max(box.top, other.box.top);
        // What a bar at the bottom or the top lies over can be scrolled from under it.
        // A handle in the corner of what it drags.
        const over = [node, other.node].some((each) => each.closest('[role=presentation]'));
        const apart = (each: Element) => each.closest('[role=navigation]') !== null;
        if (
          !over &&
          across > 2 &&
          down > 2 &&
          apart(node) === apart(other.node) &&
          sameLayer(node, other.node)
        )
          wrong.push(`${named(node)} lies on ${named(other.node)}`);
      }
    function sameLayer(a: Element, b: Element): boolean {
      const scroller = (node: Element | null): Element | null =>
        !node || /(auto|scroll)/.test(getComputedStyle(node).overflowY) ? node : scroller(node.parentElement);
      return scroller(a) === scroller(b);
    }
    // Text that its own box cuts off, unless it ends in dots.
    for (const node of Array.from(document.querySelectorAll('[dir=auto]'))) {
      const style = getComputedStyle(node);
      if (!shown(node) || style.textOverflow === 'ellipsis' || style.overflow !== 'hidden') continue;
      if (node.scrollWidth > node.clientWidth + 2 || node.scrollHeight > node.clientHeight + 4)
        wrong.push(`${named(node)} is cut off`);
    }
    // A width that is asked for becomes a height where a row turns into a column.
    for (const node of Array.from(document.querySelectorAll<HTMLElement>('main *'))) {
      const parent = getComputedStyle(node.parentElement!);
      if (!/^\d{2,}px$/.test(getComputedStyle(node).flexBasis) || !/^column/.test(parent.flexDirection))
        continue;
      const inside = Math.max(0, ...[...node.children].map((each) => each.getBoundingClientRect().bottom));
      const empty = node.getBoundingClientRect().bottom - inside;
      if (shown(node) && empty > 60) wrong.push(`${Math.round(empty)} px stand empty under ${named(node)}`);
    }
    return [...new Set(wrong)];
  });
}

async function atEachSize(page: Page): Promise<string[]> {
  const found: string[] = [];
  for (const size of sizes) {
    await page.setViewportSize(size);
    await page.evaluate(
      () => new Promise((drawn) => requestAnimationFrame(() => requestAnimationFrame(drawn))),
    );
    for (const each of await wrongOn(page)) found.push(`at ${size.width}x${size.height}: ${each}`);
  }
  return found;
}

test('every main screen holds at four sizes', async ({ app }) => {
  expect(await wrongOnMainScreens(app, atEachSize)).toEqual([]);
});

test('every main screen holds with text twice as large', async ({ app, page }) => {
  await page.addInitScript(() =>
    document.addEventListener('readystatechange', () => (document.documentElement.style.fontSize = '32px'), {
      once: true,
    }),
  );
  expect(await wrongOnMainScreens(app, wrongOn)).toEqual([]);
});

declare global {
  interface Window {
    /** Every width that the seam of a page had. */
    seamWidths: Set<string>;
  }
}

test('a seam is drawn at once as wide as it stays', async ({ app, page }) => {
  await app.enter();
  const id = await app.idOf('Wren');
  await page.addInitScript(() => {
    const widths = new Set<string>();
    const see = () => {
      const width = document.querySelector('main [role=img] > svg, [role=main] [role=img] > svg');
      if (width) widths.add(width.getAttribute('width')!);
      requestAnimationFrame(see);
    };
    requestAnimationFrame(see);
    window.seamWidths = widths;
  });
  for (const size of sizes.filter(({ width }) => width < 900)) {
    await page.setViewportSize(size);
    await page.goto(`/athletes/${id}/look`);
    await page.getByRole('button', { name: 'Full look' }).waitFor();
    const widths = await page.evaluate(() => [...window.seamWidths]);
    expect(widths, `at ${size.width}x${size.height}`).toEqual([String(Math.min(size.width, 760) - 32)]);
  }
});

test('a session keeps the drill, its cue and both areas on its side and with large text', async ({
  app,
  page,
}) => {
  await app.enter();
  const id = await app.planned('Sized');
  await page.goto(`/athletes/${id}/session`);
  await app.tap('Nothing hurts');
  await app.counted();
  for (const size of [
    { width: 844, height: 390 },
    { width: 360, height: 640 },
  ]) {
    await page.setViewportSize(size);
    for (const part of [
      page.getByRole('heading', { level: 1 }),
      page.getByRole('button', { name: /^Change cue/ }),
      page.getByRole('button', { name: /^Clean,/ }),
      page.getByRole('button', { name: /^Missed,/ }),
    ])
      await expect(part).toBeInViewport({ ratio: 0.9 });
  }
});
