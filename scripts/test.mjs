import { existsSync, mkdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { demoPassword, drive, passingFolder, stand } from './browser.mjs';
import { buildApp } from './build.mjs';
import { startDatabase } from './database.mjs';
import { faults } from './faults.mjs';
import { atEnd, freePort, launch, main, run, say, stop } from './run.mjs';
import { launchServer } from './serve.mjs';
import { setUp } from './setup.mjs';

/** Side by side goes what reads the sources, and what computes beside what mostly waits. */
const rounds = [['lint', 'types'], ['unit', 'faults'], ['browser'], ['days']];
const all = rounds.flat();
/** Times at which a day is not what one thinks it is, one after the other; those of the demo academy, whose zone is Europe/London. */
const moments = {
  'a Saturday night that has an hour twice, on the last day of a month': '2027-10-31T00:40:00Z',
  'the last hour of a leap day': '2028-02-29T23:20:00Z',
  'the night that loses an hour': '2028-03-26T00:40:00Z',
};
/** What asks a clock for the day; the rest is given its days and is the same on any. */
const dayBound = [
  'apps/app/test/(clock|field|lists|measured|offline)',
  'apps/server/test/(home|lessons|loop|sheets)',
];
/** Of each fault, where it has not several kinds; `npm run faults` runs more. */
const faultRounds = 1;

/** Tests of the server have no limit of their own. A slow machine takes a third of this for all of them, ms. */
const longestOfJest = 25 * 60_000;

/** What a tool wrote down about its tests, or nothing when it did not get that far. */
const report = (file) => (existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : null);

/** What went red, said once more at the end: a log that is cut keeps its last lines. */
const red = [];
const colours = /\x1b\[[0-9;]*m/g;
const remember = (test, message) =>
  red.push(`${test}\n${message.replace(colours, '').split('\n').slice(0, 12).join('\n')}`);

/** A step that is one check: it holds or it does not. Its commands go side by side. */
const check = async (...commands) => {
  const codes = await Promise.all(commands.map(([command, ...args]) => run(command, args)));
  return codes.some((code) => code !== 0) ? { passed: 0, failed: 1 } : { passed: 1, failed: 0 };
};

const unit = async (folder) => jest(folder, await startDatabase(folder));

async function jest(folder, url, env = {}, more = []) {
  const file = join(folder, 'jest.json');
  const running = launch('npx', ['jest', '--ci', '--json', `--outputFile=${file}`, '--silent', ...more], {
    env: { ...process.env, ...env, DATABASE_URL: url },
  });
  const hangs = setTimeout(() => {
    remember('jest', 'A test hangs: its suite is the one that is not among those above.');
    void stop(running);
  }, longestOfJest);
  const code = await running.gone;
  clearTimeout(hangs);
  const found = report(file);
  const failed = (found?.numFailedTests ?? 0) + (found?.numRuntimeErrorTestSuites ?? 0);
  for (const { name, status, message } of found?.testResults ?? [])
    if (status === 'failed') remember(name, message);
  return { passed: found?.numPassedTests ?? 0, failed: code !== 0 ? Math.max(1, failed) : failed };
}

/** Every test of a file of browser tests, however deep it stands. */
const testsOf = (suite) => [...(suite.specs ?? []), ...(suite.suites ?? []).flatMap(testsOf)];

/** What the browser tests came to, from the file that they wrote. */
function played(file, code) {
  const found = report(file);
  for (const { title, ok, tests } of (found?.suites ?? []).flatMap(testsOf))
    if (!ok)
      remember(title, tests.flatMap(({ results }) => results.map(({ error }) => error?.message)).join('\n'));
  const stats = found?.stats;
  const failed = stats ? stats.unexpected + stats.flaky : 0;
  return { passed: stats?.expected ?? 0, failed: code !== 0 ? Math.max(1, failed) : failed };
}

async function browser(folder, { drive, end }) {
  const file = join(folder, 'playwright.json');
  const code = await drive({ PLAYWRIGHT_JSON_OUTPUT_NAME: file });
  await end();
  return played(file, code);
}

const clockAt = (at) => ({ CLOCK_AHEAD: String(Date.parse(at) - Date.now()) });

/** The academy of the odd days, made on the first of them, and what starts its server with the clock of each. */
async function standOnDays(folder) {
  const [url, app] = await Promise.all([startDatabase(folder), buildApp()]);
  const password = demoPassword();
  const startAt = async (at) => {
    const env = { ...password, ...clockAt(at) };
    const port = await freePort();
    return { env, port, server: await launchServer({ url, app, folder, port, env }) };
  };
  // Its clock goes on while others are tested: a server that waited until then would be in the next day.
  const [first] = Object.values(moments);
  await stop((await startAt(first)).server);
  return { url, startAt };
}

/**
 * Server and browser tests of what hangs on the day, with the clock set to days that are odd. The academy is one and
 * the same, whose server is started again with each: a year goes by in it.
 */
async function days(folder, { url, startAt }) {
  const sum = { passed: 0, failed: 0 };
  for (const [name, at] of Object.entries(moments)) {
    const own = join(folder, at.slice(0, 10));
    mkdirSync(own, { recursive: true });
    const file = join(own, 'playwright.json');
    const inTheBrowserToo = async () => {
      const { env, port, server } = await startAt(at);
      const code = await drive('days', port, { ...env, PLAYWRIGHT_JSON_OUTPUT_NAME: file });
      await stop(server);
      return played(file, code);
    };
    // Each waits for much; side by side they take little more than one of them.
    const found = await Promise.all([
      jest(own, url, clockAt(at), ['--runInBand', ...dayBound]),
      inTheBrowserToo(),
    ]);
    for (const { passed, failed } of found) {
      sum.passed += passed;
      sum.failed += failed;
    }
    say(`${name}: ${found.map(({ passed, failed }) => `${passed} passed, ${failed} failed`).join('; ')}`);
  }
  return sum;
}

async function killed() {
  // A database of its own: it is killed.
  const folder = passingFolder('faults');
  const file = join(folder, 'faults.json');
  const { code } = await faults(folder, faultRounds, { PLAYWRIGHT_JSON_OUTPUT_NAME: file });
  return played(file, code);
}

const steps = {
  lint: () =>
    check(
      ['npx', 'oxlint'],
      ['npx', 'oxfmt', '--check'],
      ['npx', 'eslint', '.', '--max-warnings', '0'],
      ['node', join('scripts', 'zones.mjs')],
    ),
  types: () => check(['npm', 'run', '--silent', 'types']),
  unit,
  browser,
  days,
  faults: killed,
};
/** What a step stands on is made beside the round before it, in which a core waits now and then. */
const foundations = { browser: (folder) => stand('tests', folder), days: standOnDays };

/** What each step needs of Debian's packages. */
const browserOf = 'chromium-headless-shell';
const inTheBrowser = ['mariadbd', browserOf, 'ffmpeg'];
const needs = {
  lint: [],
  types: [],
  unit: ['mariadbd', 'redis-server'],
  browser: inTheBrowser,
  days: inTheBrowser,
  faults: inTheBrowser,
};

// Cleaned up last, so that it is the last line.
let result = 'The tests did not come to an end.';
atEnd(() => say(result));

/** Without names every step; with names, such as `npm test -- unit`, those alone. */
await main(async () => {
  const wanted = process.argv.slice(2);
  const unknown = wanted.find((name) => !all.includes(name));
  if (unknown) throw new Error(`There is no step ${unknown}; the steps are ${all.join(', ')}.`);
  const chosen = wanted.length ? all.filter((step) => wanted.includes(step)) : all;
  await setUp([...new Set(chosen.flatMap((step) => needs[step]))]);
  const folder = passingFolder('test');
  const sum = { passed: 0, failed: 0 };
  const laid = new Map();
  const lay = (name) => {
    if (!foundations[name] || laid.has(name)) return;
    const foundation = foundations[name](join(folder, name));
    // Whoever stands on it is told.
    foundation.catch(() => {});
    laid.set(name, foundation);
  };
  const one = async (name) => {
    const start = Date.now();
    const { passed, failed } = await steps[name](join(folder, name), await laid.get(name));
    say(`${name}: ${passed} passed, ${failed} failed, ${((Date.now() - start) / 1000).toFixed(0)} s`);
    sum.passed += passed;
    sum.failed += failed;
  };
  const drivesBrowser = chosen.some((step) => needs[step].includes(browserOf));
  // What needs it waits for it; whoever needs it and finds that it failed says why.
  if (drivesBrowser) buildApp().catch(() => {});
  const asked = rounds
    .map((round) => round.filter((name) => chosen.includes(name)))
    .filter((round) => round.length);
  for (const [n, round] of asked.entries()) {
    for (const name of [...round, ...(asked[n + 1] ?? [])]) lay(name);
    await Promise.all(round.map(one));
  }
  result = [...red, `${sum.passed} passed, ${sum.failed} failed`].join('\n\n');
  return sum.failed ? 1 : 0;
});
