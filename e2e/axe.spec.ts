import { AxeBuilder } from '@axe-core/playwright';
import { expect, test } from './app';

const sizes = { phone: { width: 390, height: 844 }, wide: { width: 1280, height: 800 } };
const themes = { day: 'light', lights: 'dark' } as const;
const verbs = ['look', 'trace', 'build', 'work', 'prove'];
const screens = ['/', '/roster', '/drills', '/office', '/athletes/new'];

for (const [size, viewport] of Object.entries(sizes))
  for (const [theme, colorScheme] of Object.entries(themes))
    test.describe(`${size}, ${theme}`, () => {
      test.use({ viewport, colorScheme });

      test('every main screen can be used by everyone', async ({ app, page }) => {
        test.setTimeout(180_000);
        const broken: string[] = [];
        const judge = async (name: string) => {
          await page.waitForFunction(() => document.fonts.status === 'loaded');
          const { violations } = await new AxeBuilder({ page })
            // Drawings are hidden from readers and stand behind words; looking through their parts takes minutes.
            .exclude('svg')
            .withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa', 'best-practice'])
            .analyze();
          for (const { id, nodes } of violations)
            broken.push(
              `${name}: ${id}: ${nodes[0]!.html.slice(0, 160)} ${nodes[0]!.failureSummary?.slice(0, 200)}`,
            );
        };
        await page.goto('/');
        await page.getByRole('button', { name: 'Sign in' }).waitFor();
        await judge('sign-in');
        await app.enter();
        for (const path of screens) {
          await page.goto(path);
          await page.getByRole('heading', { level: 1 }).waitFor();
          await judge(path);
        }
        const wren = await app.idOf('Wren');
        for (const verb of verbs) {
          await page.goto(`/athletes/${wren}/${verb}`);
          await page
            .getByRole('navigation', { name: 'The five verbs' })
            .getByRole('link', { name: verb })
            .and(page.locator('[aria-current=page]'))
            .waitFor();
          await page.waitForLoadState('networkidle');
          await judge(verb);
        }
        await page.goto(`/athletes/${await app.planned(`Axe ${size} ${theme}`.replace(/\W/g, ''))}/session`);
        await page.getByRole('button', { name: 'Nothing hurts' }).waitFor();
        await judge('pain');
        await app.tap('Nothing hurts');
        await page.getByRole('button', { name: /^Clean/ }).waitFor();
        await judge('counting');
        expect(broken).toEqual([]);
      });
    });
