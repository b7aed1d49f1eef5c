import { expose } from 'comlink';
import { keptSequence, readCurves, sequence, type SequenceOptions } from '@wrightonic/core';
import type { CurvesRead } from './curves';
import { texts } from './texts';

function read(text: string, options: SequenceOptions): CurvesRead {
  const began = performance.now();
  try {
    const curves = readCurves(text);
    const parsed = performance.now();
    const found = sequence(curves, options);
    const done = performance.now();
    return { result: keptSequence(found), readMs: parsed - began, ms: done - parsed };
  } catch (error) {
    return { wrong: error instanceof RangeError ? error.message : texts.fileCouldNotBeRead };
  }
}
export type ReadCurves = typeof read;

expose(read);
