import { expose } from 'comlink';
import { robustnessRuns, type LinkSet, type Robustness, type TraceInput } from '@wrightonic/core';

/** Questions that were asked and neither answered nor stopped. */
const open = new Set<number>();
const { port1: here, port2: there } = new MessageChannel();

/** Lets a word that waits, such as to stop, be heard before the work goes on. */
const breath = () =>
  new Promise<void>((done) => {
    here.onmessage = () => done();
    there.postMessage(null);
  });

async function answered(
  ask: number,
  input: TraceInput,
  set: LinkSet,
  progress: (done: number) => unknown,
): Promise<Robustness | null> {
  const runs = robustnessRuns(input, set);
  while (open.has(ask)) {
    const step = runs.next();
    if (step.done) {
      open.delete(ask);
      return step.value;
    }
    void progress(step.value);
    await breath();
  }
  return null;
}

/** One after the other. */
let line: Promise<unknown> = Promise.resolve();

const calls = {
  /** @returns null once it was stopped */
  runs(...asked: Parameters<typeof answered>): Promise<Robustness | null> {
    open.add(asked[0]);
    const answer = line.then(() => answered(...asked));
    line = answer.catch(() => undefined);
    return answer;
  },
  stop: (ask: number): void => void open.delete(ask),
};
export type RobustnessCalls = typeof calls;

expose(calls);
