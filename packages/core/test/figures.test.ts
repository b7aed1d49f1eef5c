import { figureOf, seeing } from '../src';
import { pitched } from './samples';

/** Hips that stand still but for one jerk forward of so many % of height, a second after the film begins. */
const jerked = (by: number, tracked = true) => {
  const fwd = pitched.at.hips.fwd.map((_, i) => (i < 60 ? 0 : by));
  const at = { ...pitched.at, hips: { ...pitched.at.hips, fwd } };
  return seeing({ ...pitched, start: 0, rate: 60, tracked, at }, { 'peak-lift': 1 });
};

// Told over a tenth of a second to each side, a speed of 4 % is passed in six frames by a jerk of 0.78, in eight by one of 0.85.
it.each([
  [0.78, true, 817],
  [0.85, true, 350],
  [0.78, false, 367],
])('a jerk of the hips by %d ends a pause unless a tracker (%s) may have wandered so', (by, tracked, ms) => {
  expect(Math.round(figureOf('lift-pause', jerked(by, tracked)) as number)).toBe(ms);
});
