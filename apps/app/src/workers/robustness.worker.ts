import { robustnessRuns } from '@wrightonic/core';
import type { SureQuestion, SureWord } from './robustness';

/** Questions that were asked and neither answered nor stopped. */
const open = new Set<number>();
const { port1: here, port2: there } = new MessageChannel();

/** Lets a word that waits, such as to stop, be heard before the work goes on. */
const breath = () =>
  new Promise<void>((done) => {
    here.onmessage = () => done();
    there.postMessage(null);
  });

async function answer({ ask, input, set }: SureQuestion): Promise<void> {
  const say = (word: SureWord) => self.postMessage(word);
  const began = performance.now();
  try {
    const runs = robustnessRuns(input, set);
    while (open.has(ask)) {
      const step = runs.next();
      if (step.done) {
        open.delete(ask);
        return say({ ask, sure: step.value, ms: performance.now() - began });
      }
      say({ ask, done: step.value });
      await breath();
    }
  } catch {
    say({ ask, wrong: 'It could not be worked out how sure this is.' });
  }
}

/** One after the other. */
let line = Promise.resolve();

self.onmessage = ({ data }: MessageEvent<SureQuestion | { stop: number }>) => {
  if ('stop' in data) return open.delete(data.stop);
  open.add(data.ask);
  line = line.then(() => answer(data));
};
