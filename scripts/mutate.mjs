import { execFile } from 'node:child_process';
import { availableParallelism } from 'node:os';
import { createRequire } from 'node:module';
import { promisify } from 'node:util';
import { rules, safety } from './mutations.mjs';
import { main, root, say } from './run.mjs';

const { standsOnce } = createRequire(import.meta.url)('./mutant.cjs');
const run = promisify(execFile);

const config = 'scripts/mutants.config.cjs';
/** Draws thousands of curves: only where a change could show there. */
const slow = 'curves.test';
const drawsCurves = /measure\/(curves|filter|sequence)/;
const solves = /build\/week/;

/** Whether a test goes red with one rule changed. A run that could not start at all notices nothing. */
async function isNoticed(mutation) {
  const parts = [
    'packages/core',
    'packages/contract',
    ...(solves.test(mutation.file) ? ['packages/solver'] : []),
  ];
  const passedOver = drawsCurves.test(mutation.file) ? [] : [`--testPathIgnorePatterns=${slow}`];
  // The patterns last: the option takes every word that follows it.
  const args = ['jest', ...parts, '--ci', '--bail', '--silent', '--config', config, ...passedOver];
  try {
    await run('npx', args, {
      cwd: root,
      env: { ...process.env, MUTANT: JSON.stringify(mutation) },
      maxBuffer: 1e8,
    });
    return false;
  } catch (error) {
    if (/^Tests: .*\d+ failed/m.test(error.stderr ?? '')) return true;
    throw new Error(`The tests did not run with ${mutation.file}: ${mutation.to}\n${error.stderr}`);
  }
}

async function score(name, mutations, least) {
  const lost = mutations.filter((mutation) => !standsOnce(mutation));
  for (const { file, from } of lost) say(`Not there, or more than once: ${file}: ${from}`);
  let survived = 0;
  // One list that as many hands as there are processors take from.
  const left = mutations.values();
  const hand = async () => {
    for (const mutation of left) {
      if (await isNoticed(mutation)) continue;
      survived++;
      say(`Nobody noticed: ${mutation.file}: ${mutation.from} -> ${mutation.to}`);
    }
  };
  await Promise.all(Array.from({ length: availableParallelism() }, hand));
  const share = 1 - survived / mutations.length;
  say(
    `${name}: ${mutations.length - survived} of ${mutations.length} noticed (${(100 * share).toFixed(0)} %)`,
  );
  return lost.length === 0 && share >= least;
}

main(async () => {
  const asked = process.argv.slice(2);
  const wanted = (name) => asked.length === 0 || asked.includes(name);
  const fine = [
    !wanted('safety') || (await score('Safety', safety, 1)),
    !wanted('rules') || (await score('Rules', rules, 0.9)),
  ];
  return fine.every(Boolean) ? 0 : 1;
});
