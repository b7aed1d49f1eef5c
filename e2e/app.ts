import { test as base, expect, type Page, type Request } from '@playwright/test';
import { athleteParts, emptyAthlete } from '@wrightonic/contract';
import { v7 } from 'uuid';
import '../scripts/clock.cjs';
import { aDay, entriesOf, onTheirDay } from './device';
import { Keeper } from './keeper';

/** The button that grades everything of a phase, or what is left of it, as clean. */
export const allClean = /^All \d+ are clean$/;
export const restClean = /^The other \d+ are clean$/;

/** The demo academy as the browser tests use it. */
export class App {
  taps = 0;
  /** Asked for and not there yet; streams stay open and are none of them. */
  private readonly asked = new Set<Request>();

  constructor(readonly page: Page) {
    page.on('request', (request) => {
      if (request.resourceType() !== 'eventsource') this.asked.add(request);
    });
    page.on('requestfinished', (request) => this.asked.delete(request));
    page.on('requestfailed', (request) => this.asked.delete(request));
  }

  /** Presses something as a thumb would, and counts it. */
  async tap(name: string | RegExp, role: 'button' | 'link' | 'radio' | 'checkbox' = 'button'): Promise<void> {
    await this.page.getByRole(role, { name }).first().click();
    this.taps++;
  }

  /** Goes on to the first drill whose reps are counted: a warm-up is done or not. */
  async counted(): Promise<void> {
    const area = this.page.getByRole('button', { name: /^(Clean|Done), \d+ so far$/ }).first();
    await area.waitFor();
    while (/^Done/.test((await area.getAttribute('aria-label')) ?? ''))
      await this.page.getByRole('button', { name: 'Next drill' }).first().click();
  }

  /** Adds a drill that throws to a session, after those of today. */
  async toThrows(): Promise<void> {
    await this.counted();
    while (!(await this.page.getByRole('button', { name: 'One more drill' }).count()))
      await this.tap('Next drill');
    await this.tap('One more drill');
    await this.page.getByLabel('Search for the other drill').fill('full delivery');
    await this.page
      .getByRole('button', { name: /^Full delivery/ })
      .last()
      .click();
    await expect(this.page.getByRole('heading', { level: 1, name: /^Full delivery/ })).toBeVisible();
  }

  /** Goes to a screen of the app that is loaded, as a tap does: to load it anew takes ten times as long. */
  async open(path: string): Promise<void> {
    const here = new URL(this.page.url());
    if (path === `${here.pathname}${here.search}`) return;
    const [heading] = await this.page.getByRole('heading', { level: 1 }).elementHandles();
    if (!heading) return void (await this.page.goto(path));
    await this.page.evaluate((to) => {
      history.pushState(null, '', to);
      dispatchEvent(new PopStateEvent('popstate'));
    }, path);
    await this.page.waitForFunction((left) => !left.isConnected, heading);
  }

  /** Waits until a screen is drawn with what it shows. The state of the page tells it only where it was loaded anew. */
  async settled(): Promise<void> {
    await this.page
      .getByRole('main')
      .or(this.page.getByRole('heading', { level: 1 }))
      .first()
      .waitFor();
    const busy = this.page.locator('[role=progressbar],[aria-busy=true]');
    const quiet = async () => {
      for (let looks = 0; looks < 3; looks++) {
        if (this.asked.size || (await busy.count())) return false;
        await this.page.waitForTimeout(40);
      }
      return true;
    };
    await expect.poll(quiet, { intervals: [50], timeout: 15_000 }).toBe(true);
    await this.page.waitForFunction(() => document.fonts.status === 'loaded');
  }

  /** Signs in without the screen for it, where that is not what is tested. */
  async enter(): Promise<void> {
    const headers = { 'x-csrf-token': await this.token() };
    expect((await this.page.request.post('/api/session/demo', { headers, data: {} })).ok()).toBe(true);
  }

  async token(): Promise<string> {
    return ((await (await this.page.request.get('/api/session')).json()) as { csrf: string }).csrf;
  }

  private async send(method: 'POST' | 'PUT', path: string, data: unknown): Promise<void> {
    const answer = await this.page.request.fetch(`/api${path}`, {
      method,
      headers: { 'x-csrf-token': await this.token() },
      data,
    });
    expect(answer.ok(), `${path}: ${await answer.text()}`).toBe(true);
  }

  post(path: string, data: unknown): Promise<void> {
    return this.send('POST', path, data);
  }

  put(path: string, data: unknown): Promise<void> {
    return this.send('PUT', path, data);
  }

  /** An athlete with everything that is read for any verb. */
  async whole<T = any>(id: string): Promise<T> {
    const paths = Object.keys(athleteParts).map((part) => (part === 'head' ? '' : `/${part}`));
    const parts = await Promise.all(paths.map((path) => this.read(`/athletes/${id}${path}`)));
    return Object.assign({}, ...parts);
  }

  async read<T = any>(path: string): Promise<T> {
    return (await (await this.page.request.get(`/api${path}`)).json()) as T;
  }

  /** Somebody of the demo data. */
  async idOf(givenName: string): Promise<string> {
    const roster = await this.read<{ id: string; givenName: string }[]>('/athletes');
    return roster.find((athlete) => athlete.givenName === givenName)!.id;
  }

  /** Somebody new, so that a test can change what it likes. */
  async newAthlete(givenName: string, more: Record<string, unknown> = {}): Promise<string> {
    const id = v7();
    await this.post('/athletes', {
      ...emptyAthlete,
      id,
      givenName,
      familyName: 'Testwell',
      birthdate: '2011-05-23',
      ...more,
    });
    return id;
  }

  async look(athleteId: string, findings: Record<string, number>, daysAgo = 0): Promise<string> {
    const at = new Date(Date.now() - daysAgo * aDay).toISOString();
    const event = (kind: string, rest: object) => ({ id: v7(), at, kind, ...rest });
    const begun = event('look-begun', { athleteId, look: 'quick', zone: 'Europe/London', place: '' });
    const graded = Object.entries(findings).map(([node, severity]) =>
      event('finding', { lookId: begun.id, node, severity }),
    );
    await this.post('/log', { events: [begun, ...graded, event('look-finished', { lookId: begun.id })] });
    return begun.id;
  }

  /** A new athlete with a look, a trace, a plan and this week's work. */
  async planned(givenName: string): Promise<string> {
    const id = await this.newAthlete(givenName);
    const lookId = await this.look(id, { 'oh.lift-stall': 3, 'oh.lead-leg-opens': 2, 'oh.glove-pull': 1 });
    const trace = { id: v7(), lookId, lower: 'oh.lift-stall', arm: 'oh.glove-pull', reason: '' };
    await this.post(`/athletes/${id}/traces`, trace);
    const { today } = await this.read<{ today: string }>('/session');
    await this.post(`/athletes/${id}/plans`, { id: v7(), traceId: trace.id, startsOn: today, weeks: 6 });
    return id;
  }

  /** Waits until a week was planned on the page that is open. */
  async weekPlanned(): Promise<void> {
    await expect(this.page.getByRole('button', { name: 'Assign the week' })).toBeEnabled();
  }

  /** Waits until nothing logged waits to be sent. */
  async sent(): Promise<void> {
    const waiting = async () =>
      (await entriesOf(this.page)).filter(({ sentAt, why }) => !sentAt && !why).length;
    await expect.poll(waiting).toBe(0);
  }
}

export const test = base.extend<{ app: App; keepsScripts: boolean }, { keeper: Keeper }>({
  /** Whether tests are played in one browser that keeps the app's scripts, each test in it as if it were new. */
  keepsScripts: [false, { option: true }],
  keeper: [
    async ({}, use) => {
      const keeper = new Keeper();
      await use(keeper);
      await keeper.end();
    },
    { scope: 'worker' },
  ],
  context: async (
    {
      context,
      keepsScripts,
      keeper,
      baseURL,
      locale,
      serviceWorkers,
      userAgent,
      contextOptions,
      launchOptions,
    },
    use,
    { project },
  ) => {
    if (!keepsScripts) {
      await onTheirDay(context);
      return use(context);
    }
    // As large as most want it: whichever test comes first opens it for all.
    const { viewport } = project.use;
    const like = {
      baseURL,
      locale,
      serviceWorkers,
      viewport,
      userAgent,
      ...contextOptions,
      ...launchOptions,
    };
    await use(await keeper.empty(like));
    await keeper.forget(baseURL!);
  },
  page: async ({ page, viewport, colorScheme }, use) => {
    // A context that is kept has those of its first test.
    if (viewport) await page.setViewportSize(viewport);
    await page.emulateMedia({ colorScheme });
    await use(page);
  },
  app: async ({ page }, use) => {
    const broken: string[] = [];
    page.on('pageerror', (error) => broken.push(error.message));
    await use(new App(page));
    expect(broken).toEqual([]);
  },
});
export { expect };
