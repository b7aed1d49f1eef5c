import type { LinkSet, Robustness, TraceInput } from '@wrightonic/core';

export interface SureQuestion {
  ask: number;
  input: TraceInput;
  set: LinkSet;
}

export type SureWord =
  | { ask: number; done: number }
  | { ask: number; sure: Robustness; ms: number }
  | { ask: number; wrong: string };

/** Kept from look to look, so that the next one finds it warm. */
let worker: Worker | null = null;
let asked = 0;

/**
 * Asks beside the interface how sure a trace is.
 *
 * @param heard progress in runs, then the answer; nothing after it was stopped
 * @returns stops the asking
 */
export function askRobustness(input: TraceInput, set: LinkSet, heard: (word: SureWord) => void): () => void {
  const own = (worker ??= new Worker(new URL('./robustness.worker.ts', import.meta.url)));
  const ask = ++asked;
  const listen = ({ data }: MessageEvent<SureWord>) => {
    if (data.ask === ask) heard(data);
  };
  const fail = () => heard({ ask, wrong: 'It could not be worked out how sure this is.' });
  own.addEventListener('message', listen);
  own.addEventListener('error', fail);
  own.postMessage({ ask, input, set } satisfies SureQuestion);
  return () => {
    own.removeEventListener('message', listen);
    own.removeEventListener('error', fail);
    own.postMessage({ stop: ask });
  };
}
