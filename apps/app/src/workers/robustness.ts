import type { LinkSet, Robustness, TraceInput } from '@wrightonic/core';
import { proxy, wrap, type Remote } from 'comlink';
import type { RobustnessCalls } from './robustness.worker';
import { texts } from './texts';

export type RobustnessWord = { done: number } | { sure: Robustness } | { wrong: string };

/** Kept from look to look, so that the next one finds it warm. */
let worker: { own: Worker; calls: Remote<RobustnessCalls> } | null = null;
let asked = 0;

function started() {
  const own = new Worker(new URL('./robustness.worker.ts', import.meta.url));
  return { own, calls: wrap<RobustnessCalls>(own) };
}

/**
 * Asks beside the interface how sure a trace is.
 *
 * @param heard progress in runs, then the answer; nothing after it was stopped
 * @returns stops the asking
 */
export function askRobustness(
  input: TraceInput,
  set: LinkSet,
  heard: (word: RobustnessWord) => void,
): () => void {
  const { own, calls } = (worker ??= started());
  const ask = ++asked;
  let listening = true;
  const say = (word: RobustnessWord) => {
    if (!listening) return;
    // A word of progress comes by a way of its own, and may come after the answer.
    listening = 'done' in word;
    heard(word);
  };
  const fail = () => say({ wrong: texts.couldNotBeWorkedOut });
  own.addEventListener('error', fail);
  calls
    .runs(
      ask,
      input,
      set,
      proxy((done: number) => say({ done })),
    )
    .then((sure) => (sure ? say({ sure }) : undefined), fail);
  return () => {
    listening = false;
    own.removeEventListener('error', fail);
    void calls.stop(ask);
  };
}
