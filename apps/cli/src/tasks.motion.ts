import { markerFlags, motionInput, simulateInput } from '@wrightonic/contract';
import { motionOfMarkers, readKeypoints, readMotion, readTrc, writeCurves } from '@wrightonic/core';
import {
  curveFlaws,
  plantedFlaws,
  pretendCurves,
  pretendFilm,
  type CurveFlaw,
} from '@wrightonic/core/simulate';
import { checkedAs, InputError, readAs } from './input';
import { task } from './task';

/** Keypoints are JSON, markers TRC. */
function motion(source: string, flags: object): unknown {
  if (source.trimStart().startsWith('{')) {
    const { height_cm: heightCm, level, ...clip } = readAs(motionInput, source);
    return readKeypoints({ ...clip, heightCm }, { discipline: clip.discipline, level: level ?? '' });
  }
  const { discipline, throws, level = '' } = checkedAs(markerFlags, flags);
  return readMotion(motionOfMarkers(readTrc(source), { discipline, throws }), { discipline, level });
}

/** Bodies in motion: what a film or a lab shows, and pretend ones. */
export const motionTasks = [
  task<string>({
    name: 'motion',
    reads: 'text',
    about:
      'A tracked film (JSON of keypoints) or markers of a lab (TRC) to events, figures with their ±, and grades.\n' +
      'Level says whom figures are set against, ground how a tilted camera stands: degrees clockwise, or two places.',
    example:
      '{ "discipline": "overhand", "throws": "R", "view": "open-side", "towards": "right", "level": "high-school", "fps": 60, "size": [960, 540], "frames": [{ "t": 0, "keypoints": [[571, 128, 0.9], "… 17 points"] }] }',
    flags: [
      ['--discipline <NAME>', 'of markers: overhand or windmill'],
      ['--throws <HAND>', 'of markers: R or L'],
      ['--level <NAME>', 'of markers: youth, 13-14, high-school, college, professional'],
    ],
    run: motion,
  }),
  task({
    name: 'simulate',
    reads: 'json',
    about:
      `A pretend delivery as CSV of speed curves, in which the front foot lands at 0.6 s, or as keypoints of a film.\n` +
      `Flaws that show in curves: ${curveFlaws.join(', ')};\nin keypoints: ${Object.keys(plantedFlaws).join(', ')}.`,
    example:
      '{ "discipline": "overhand", "throws": "R", "fps": 240, "flaws": { "oh.hips-late": 0.8 }, "as": "curves", "noise": 5, "seed": 1 }',
    flags: [['--as <WHAT>', 'curves or keypoints']],
    schema: simulateInput,
    run: (input, flags) => {
      const as = (flags as { as?: string }).as ?? input.as;
      if (as === 'keypoints') return pretendFilm(input).clip;
      if (as !== 'curves') throw new InputError('as: must be curves or keypoints');
      for (const id of Object.keys(input.flaws ?? {}))
        if (!curveFlaws.includes(id as CurveFlaw))
          throw new InputError(
            `flaws.${id}: does not show in speed curves; these do: ${curveFlaws.join(', ')}`,
          );
      return writeCurves(pretendCurves(input).curves);
    },
  }),
] as const;
