// Lets parts be fetched; the router would do it, but what is fetched first comes before it.
import 'expo';
import { fetchLater } from './src/screens/later';
import { firstAnswer } from './src/store/store';
import { visitor } from './src/store/visitor';

const patienceMs = 1200;

// Whoever was here before most likely still is: what a deep address shows comes while the router is being read.
if (visitor.last() && location.pathname !== '/') void fetchLater().catch(() => {});

/**
 * The first screen hangs on who is signed in, and the page has asked for that while this script was on its way: drawing
 * only then saves drawing twice. A server that is slow is not waited for.
 */
void Promise.race([firstAnswer, new Promise((done) => setTimeout(done, patienceMs))]).then(
  // An `import()` would put the whole router into a part of its own.
  // oxlint-disable-next-line typescript/no-require-imports
  () => require('expo-router/entry') as unknown,
);
