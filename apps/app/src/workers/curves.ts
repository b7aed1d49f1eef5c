import { wrap } from 'comlink';
import type { CurveResult } from '@wrightonic/contract';
import type { SequenceOptions } from '@wrightonic/core';
import type { ReadCurves } from './curves.worker';

export type CurvesRead =
  | {
      result: CurveResult;
      /** How long the file took to read, and the pipeline to work through. */
      readMs: number;
      ms: number;
      wrong?: never;
    }
  | { wrong: string };

/** Kept from file to file, so that the next one finds it warm. */
let worker: Worker | null = null;

/** Reads a file of speed curves beside the interface; stopping gives the work up. */
export function readInWorker(
  text: string,
  options: SequenceOptions,
): { answer: Promise<CurvesRead>; stop: () => void } {
  const own = (worker ??= new Worker(new URL('./curves.worker.ts', import.meta.url)));
  let give: (wrong: string) => void = () => undefined;
  const given = new Promise<string>((done) => (give = done));
  own.onerror = () => give('The file could not be read');
  const givenUp = given.then((wrong): CurvesRead => {
    own.terminate();
    worker = null;
    return { wrong };
  });
  return {
    answer: Promise.race([wrap<ReadCurves>(own)(text, options), givenUp]),
    stop: () => give('Stopped'),
  };
}
