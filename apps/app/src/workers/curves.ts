import { wrap, type Remote } from 'comlink';
import type { CurveResult } from '@wrightonic/contract';
import type { SequenceOptions } from '@wrightonic/core';
import type { ReadCurves } from './curves.worker';
import { texts } from './texts';

export type CurvesRead =
  | {
      result: CurveResult;
      /** How long the file took to read, and the pipeline to work through. */
      readMs: number;
      ms: number;
      wrong?: never;
    }
  | { wrong: string };

/**
 * Kept from file to file, so that the next one finds it warm. The two stay together: a proxy that is collected tells
 * the worker to listen no more.
 */
let worker: { own: Worker; read: Remote<ReadCurves> } | null = null;

function started() {
  const own = new Worker(new URL('./curves.worker.ts', import.meta.url));
  return { own, read: wrap<ReadCurves>(own) };
}

/** Reads a file of speed curves beside the interface; stopping gives the work up. */
export function readInWorker(
  text: string,
  options: SequenceOptions,
): { answer: Promise<CurvesRead>; stop: () => void } {
  const { own, read } = (worker ??= started());
  let give: (wrong: string) => void = () => undefined;
  const given = new Promise<string>((done) => (give = done));
  own.onerror = () => give(texts.fileCouldNotBeRead);
  const givenUp = given.then((wrong): CurvesRead => {
    own.terminate();
    worker = null;
    return { wrong };
  });
  return {
    answer: Promise.race([read(text, options), givenUp]),
    stop: () => give('Stopped'),
  };
}
