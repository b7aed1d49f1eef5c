import { parentPort } from 'node:worker_threads';
import { planWeek, type WeekInput } from '@wrightonic/core';
import { loadSolver } from '@wrightonic/solver';

const solver = loadSolver();

/** A solve blocks its thread; one week after the other. */
parentPort!.on('message', async ({ id, input }: { id: number; input: WeekInput }) => {
  try {
    const solve = await solver;
    const begun = performance.now();
    const week = planWeek(input, solve);
    parentPort!.postMessage({ id, week, ms: performance.now() - begun });
  } catch (error) {
    const refused = error instanceof RangeError;
    parentPort!.postMessage({ id, error: (error as Error).message, refused });
  }
});
