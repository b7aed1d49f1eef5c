import {
  chromium,
  type BrowserContext,
  type BrowserContextOptions,
  type CDPSession,
  type LaunchOptions,
} from '@playwright/test';
import { onTheirDay } from './device';

/**
 * A browser that keeps from test to test what it has compiled of the app's scripts, and nothing else: to load and
 * compile them anew takes it half of a test.
 */
export class Keeper {
  private context: BrowserContext | undefined;
  private storage: CDPSession | undefined;

  /** Its one context, as a browser that was never used, but for the scripts. */
  async empty(options: BrowserContextOptions & LaunchOptions): Promise<BrowserContext> {
    this.context ??= await this.launch(options);
    return this.context;
  }

  private async launch(options: BrowserContextOptions & LaunchOptions): Promise<BrowserContext> {
    const args = (options.args ?? []).filter((arg) => !arg.startsWith('--v8-cache-options'));
    // A folder that goes with the browser. What is compiled is written down at once, and not when it pays for a person.
    const context = await chromium.launchPersistentContext('', {
      ...options,
      args: [...args, '--v8-cache-options=code'],
    });
    // Its first page stays: a browser ends with its last one.
    this.storage = await context.newCDPSession(context.pages()[0]!);
    await onTheirDay(context);
    return context;
  }

  /** Forgets what a test left behind: pages, cookies, what origins stored, what was allowed, what stood in the way. */
  async forget(origin: string): Promise<void> {
    const { context, storage } = this;
    if (!context || !storage) return;
    await Promise.all(
      context
        .pages()
        .slice(1)
        .map((page) => page.close()),
    );
    await context.unrouteAll();
    await context.setOffline(false);
    await context.clearCookies();
    await context.clearPermissions();
    await storage.send('Storage.clearDataForOrigin', { origin, storageTypes: 'all' });
  }

  async end(): Promise<void> {
    await this.context?.close();
  }
}
