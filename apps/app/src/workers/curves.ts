import type { CurveResult } from '@wrightonic/contract';
import type { SequenceOptions } from '@wrightonic/core';

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
  const give = (done: (answer: CurvesRead) => void, wrong: string) => {
    own.terminate();
    worker = null;
    done({ wrong });
  };
  let stop = () => undefined as void;
  const answer = new Promise<CurvesRead>((done) => {
    own.onmessage = ({ data }: MessageEvent<CurvesRead>) => done(data);
    own.onerror = () => give(done, 'The file could not be read');
    stop = () => give(done, 'Stopped');
  });
  own.postMessage({ text, options });
  return { answer, stop: () => stop() };
}
