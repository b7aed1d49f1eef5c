import { figureOf, seeing } from '../src';
import { pitched } from './samples';

/** Hips that stand still but for one jerk forward of so many % of height, a second after the film begins. */
const jerked = (by: number, tracked = true) => {
  const fwd = pitched.at.hips.fwd.map((_, i) => (i < 60 ? 0 : by));
  const at = { ...pitched.at, hips: { ...pitched.at.hips, fwd } };
  return seeing({ ...pitched, start: 0, rate: 60, tracked, at }, { 'peak-lift': 1 });
};

// Told over an eighth of a second to each side, a speed of 4 % is passed in eight frames by a jerk of 0.91, in ten by one of 1.05.
it.each([
  [0.91, true, 817],
  [1.05, true, 333],
  [0.91, false, 350],
])('a jerk of the hips by %d ends a pause unless a tracker (%s) may have wandered so', (by, tracked, ms) => {
  expect(Math.round(figureOf('lift-pause', jerked(by, tracked)) as number)).toBe(ms);
});

/** A straight arm of full length but around plant, at frame 60 of 120, where it is so long for three frames to each side. */
const pointing = (share: number, off?: number, view = pitched.view) => {
  const at = (place: (i: number) => number) => {
    const fwd = Float64Array.from({ length: 121 }, (_, i) => place(i));
    return { fwd, up: fwd.map(() => 0), side: fwd.map(() => 0) };
  };
  const arm = (i: number) => (Math.abs(i - 60) <= 3 ? share : 1) * 20;
  const joints = {
    ...pitched.at,
    throwingShoulder: at(() => 0),
    throwingElbow: at(arm),
    throwingWrist: at((i) => arm(i) + 15),
  };
  const motion = { ...pitched, view, start: 0, rate: 60, frames: 121, at: joints };
  return figureOf(
    'elbow-bend-at-plant',
    seeing(motion, { plant: 1 }, off === undefined ? {} : { plant: off }),
  );
};

it.each([
  [0.9, undefined, 0],
  [0.899, undefined, 'the arm points out of the picture at plant'],
  // Full length again from the fourth frame on; the way there is passed in a straight line.
  [0.8, 3.49 / 60, 'the arm points out of the picture at plant'],
  [0.8, 3.51 / 60, 0],
])('an arm of %d of its length, with plant known to %s s, gives %s', (share, off, figure) => {
  expect(pointing(share, off)).toBe(figure);
});

it('markers of a lab see an arm from any side', () => {
  expect(pointing(0.5, undefined, 'space')).toBe(0);
});
