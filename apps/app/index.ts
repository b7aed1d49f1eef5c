import { firstAnswer } from './src/store/store';

const patienceMs = 1200;

/**
 * The first screen hangs on who is signed in, and the page has asked for that while this script was on its way: drawing
 * only then saves drawing twice. A server that is slow is not waited for.
 */
void Promise.race([firstAnswer, new Promise((done) => setTimeout(done, patienceMs))]).then(
  // An `import()` would put the whole router into a part of its own.
  // eslint-disable-next-line @typescript-eslint/no-require-imports
  () => require('expo-router/entry') as unknown,
);
