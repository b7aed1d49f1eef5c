import { keptSequence, readCurves, sequence, type SequenceOptions } from '@wrightonic/core';
import type { CurvesRead } from './curves';

self.onmessage = ({ data }: MessageEvent<{ text: string; options: SequenceOptions }>) => {
  const began = performance.now();
  let answer: CurvesRead;
  try {
    const curves = readCurves(data.text);
    const read = performance.now();
    const found = sequence(curves, data.options);
    const done = performance.now();
    const result = keptSequence(found);
    answer = { result, readMs: read - began, ms: done - read };
  } catch (error) {
    answer = { wrong: error instanceof RangeError ? error.message : 'The file could not be read.' };
  }
  self.postMessage(answer);
};
