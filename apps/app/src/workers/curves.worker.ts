import { drawnCurves, readCurves, sequence, type SequenceOptions } from '@wrightonic/core';
import type { CurvesRead } from './curves';

self.onmessage = ({ data }: MessageEvent<{ text: string; options: SequenceOptions }>) => {
  const began = performance.now();
  let answer: CurvesRead;
  try {
    const curves = readCurves(data.text);
    const read = performance.now();
    const found = sequence(curves, data.options);
    const done = performance.now();
    const { smoothed: _, linear, peaks, ...rest } = found;
    const told = (all: typeof peaks) => all.map(({ segment, value, time }) => ({ segment, value, time }));
    const result = {
      ...rest,
      peaks: told(peaks),
      lines: drawnCurves(found),
      ...(linear
        ? {
            linear: {
              order: linear.order,
              gaps: linear.gaps,
              peaks: told(linear.peaks),
              lines: drawnCurves({ ...found, ...linear }, 3),
            },
          }
        : {}),
    };
    answer = { result, readMs: read - began, ms: done - read };
  } catch (error) {
    answer = { wrong: error instanceof RangeError ? error.message : 'The file could not be read.' };
  }
  self.postMessage(answer);
};
