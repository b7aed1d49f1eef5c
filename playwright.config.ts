import { defineConfig, devices } from '@playwright/test';

const chromium = {
  ...devices['Desktop Chrome'],
  viewport: { width: 390, height: 844 },
  launchOptions: {
    // The browser without what draws windows: a third less of the processor's time.
    executablePath: '/usr/bin/chromium-headless-shell',
    args: [
      '--no-sandbox',
      '--disable-gpu',
      '--disable-quic',
      '--no-first-run',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync',
      // Compiled code that a second load would write down, a tenth of the processor's time; nobody reads it after the test.
      '--v8-cache-options=none',
      // The camera of the tests.
      '--use-fake-device-for-media-stream',
      '--use-fake-ui-for-media-stream',
    ],
  },
};

/** What hangs on the day bears this tag: `npm test` runs it on several, with the clocks set to them. */
const dayBound = /@day/;

/** The tests of `npm test`. What moves costs a tenth of the time; those of the days run with it, and those of the figures ask for it. */
const tests = {
  grepInvert: dayBound,
  use: { ...chromium, keepsScripts: true, contextOptions: { reducedMotion: 'reduce' as const } },
};

/** The scripts start the server, and say where it is in `BASE_URL`. */
export default defineConfig<{ keepsScripts: boolean }>({
  testDir: 'e2e',
  outputDir: '.data/browser',
  reporter: [['line'], ['json']],
  // Wide enough for a machine that is busy with something else; what must be quick is timed by the tests themselves.
  timeout: 180_000,
  expect: { timeout: 30_000 },
  workers: Number(process.env['BROWSER_WORKERS'] ?? 2),
  fullyParallel: true,
  // What keeps the app offline is switched on where it is tested: it would read everything along in every test.
  use: {
    baseURL: process.env['BASE_URL'] ?? 'http://127.0.0.1:4310',
    trace: 'off',
    locale: 'en-GB',
    serviceWorkers: 'block',
  },
  projects: [
    // Begun first: at the end the others would be done before it.
    { ...tests, name: 'tests-of-films', testMatch: 'track.spec.ts' },
    { ...tests, name: 'tests', testMatch: '*.spec.ts', testIgnore: 'track.spec.ts' },
    {
      name: 'faults',
      testMatch: ['faults.ts', 'faults.camp.ts'],
      use: { ...chromium, serviceWorkers: 'allow' },
      fullyParallel: false,
      workers: 1,
    },
    {
      name: 'cluster',
      testMatch: 'faults.cluster.ts',
      use: chromium,
      fullyParallel: false,
      workers: 1,
    },
    { name: 'days', testMatch: '*.spec.ts', grep: dayBound, use: { ...chromium, keepsScripts: true } },
    { name: 'pictures', testMatch: 'pictures.ts', use: chromium, fullyParallel: false },
    { name: 'scale', testMatch: 'scale.ts', use: chromium, fullyParallel: false, workers: 1 },
    { name: 'bench', testMatch: 'bench*.ts', use: chromium, fullyParallel: false, workers: 1 },
  ],
});
