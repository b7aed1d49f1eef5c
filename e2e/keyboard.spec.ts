import type { Page } from '@playwright/test';
import { expect, test } from './app';
import { wrongOnMainScreens } from './screens';

/** More presses than any screen has parts: whoever is still going on then is caught in a circle. */
const mostPresses = 400;
/** How long a screen may take to settle under a part that the keyboard is on, ms. */
const settlesIn = 400;

/** Marks what can be worked on the screen, and puts the keyboard before the first of it. */
const begin = (page: Page): Promise<void> =>
  page.evaluate(() => {
    const worked =
      '[role=button],[role=link],[role=radio],[role=checkbox],[role=tab],[role=switch],a[href],button,select,textarea,input';
    for (const node of document.querySelectorAll<HTMLElement>(worked)) {
      const box = node.getBoundingClientRect();
      const hidden =
        getComputedStyle(node).visibility === 'hidden' ||
        box.width < 2 ||
        box.height < 2 ||
        node.closest('[aria-hidden=true]') !== null;
      const off = node.matches(':disabled') || node.getAttribute('aria-disabled') === 'true';
      // Of a group of which one is chosen the arrows reach the others; what stands within another is worked by it.
      const within = node.parentElement?.closest(worked) !== null;
      const other = node.matches('[role=radio],[role=tab]') && node.tabIndex < 0;
      node.toggleAttribute('data-worked', !hidden && !off && !within && !other);
    }
    document.body.tabIndex = -1;
    document.body.focus();
  });

interface Stop {
  name: string;
  again: boolean;
  wrong: string | null;
}

/** Where the keyboard is: on a part, on none any more since its part was taken away, or through with everything. */
const stopped = (page: Page, pressed: boolean): Promise<Stop | 'taken away' | 'through'> =>
  page.evaluate((before) => {
    const node = document.activeElement as HTMLElement | null;
    const last = document.querySelector('[data-stopped=last]');
    if (!node || node === document.body || node === document.documentElement)
      return before && !last ? 'taken away' : 'through';
    // The parts of a date are stops of their own in one field.
    const again = node.hasAttribute('data-stopped') && node.getAttribute('data-stopped') !== 'last';
    document.querySelector('[data-stopped=last]')?.setAttribute('data-stopped', '');
    node.setAttribute('data-stopped', 'last');
    const box = node.getBoundingClientRect();
    const style = getComputedStyle(node);
    const typed = node.matches('input,textarea,select');
    const around = parseFloat(style.outlineOffset) + parseFloat(style.outlineWidth);
    const cutOff = (outer: Element | null): boolean => {
      if (!outer || around <= 0) return false;
      const { left, top, right, bottom } = outer.getBoundingClientRect();
      const near = left > box.left - around || right < box.right + around;
      const tight = near || top > box.top - around || bottom < box.bottom + around;
      const hides = /(hidden|clip)/.test(getComputedStyle(outer).overflow);
      return (hides && tight) || cutOff(outer.parentElement);
    };
    const drawn = style.outlineStyle !== 'none' && parseFloat(style.outlineWidth) >= 2;
    const seen = typed || (drawn && !cutOff(node.parentElement));
    const [x, y] = [box.left + box.width / 2, box.top + Math.min(box.height / 2, 20)];
    const top = document.elementFromPoint(x, y);
    const open = top !== null && (node.contains(top) || top.contains(node));
    const name = `${node.getAttribute('role') ?? node.tagName.toLowerCase()} “${(node.getAttribute('aria-label') ?? node.textContent ?? '').trim().slice(0, 40)}”`;
    return {
      name,
      again,
      wrong: !seen ? 'is not marked' : !open ? 'is out of sight' : null,
    };
  }, pressed);

/** What the keyboard does not reach, and what it reaches without being seen. */
async function walked(page: Page): Promise<string[]> {
  const wrong: string[] = [];
  await begin(page);
  for (let press = 0; press < mostPresses; press++) {
    await page.keyboard.press('Tab');
    let stop = await stopped(page, press > 0);
    if (stop === 'taken away') continue;
    if (stop === 'through' || stop.again) break;
    if (stop.wrong) {
      // What came in just then may have pushed it away: whoever comes to it once more sees it, or it is hidden.
      await page.waitForTimeout(settlesIn);
      await page.keyboard.press('Shift+Tab');
      await page.keyboard.press('Tab');
      const then = await stopped(page, true);
      if (typeof then === 'string') continue;
      stop = then;
    }
    if (stop.wrong) wrong.push(`${stop.name} ${stop.wrong}`);
  }
  const left = await page.evaluate(() =>
    [...document.querySelectorAll('[data-worked]:not([data-stopped])')].map((node) =>
      `${node.getAttribute('role') ?? node.tagName.toLowerCase()} “${node.getAttribute('aria-label') ?? node.textContent}”`.slice(
        0,
        90,
      ),
    ),
  );
  await page.evaluate(() => {
    for (const node of document.querySelectorAll('[data-stopped]')) node.removeAttribute('data-stopped');
  });
  return [...wrong, ...left.map((name) => `${name} is not reached`)];
}

test('every main screen is worked by keyboard alone', async ({ app }) => {
  expect(await wrongOnMainScreens(app, walked)).toEqual([]);
});

test('a group is one stop; arrows lead through it, and the space bar chooses', async ({ app, page }) => {
  await app.enter();
  await page.goto('/athletes/new');
  const hands = page.getByRole('radiogroup', { name: 'Throwing hand' });
  const [right, left] = [hands.getByRole('radio').nth(0), hands.getByRole('radio').nth(1)];
  await right.focus();
  await page.keyboard.press('ArrowRight');
  await expect(left).toBeFocused();
  await expect(left).toHaveAttribute('aria-checked', 'false');
  await page.keyboard.press('Space');
  await expect(left).toHaveAttribute('aria-checked', 'true');
  await page.keyboard.press('ArrowRight');
  await expect(right).toBeFocused();
  await page.keyboard.press('End');
  await expect(left).toBeFocused();
  await page.keyboard.press('Tab');
  await expect(hands.locator(':focus')).toHaveCount(0);
  const day = page.getByRole('checkbox').first();
  await day.focus();
  await page.keyboard.press('Space');
  await expect(day).toHaveAttribute('aria-checked', 'true');
});
