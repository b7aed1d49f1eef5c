import { flawsOf, pattern, style, tactical } from './flaw';

/**
 * Checkpoints of the windmill delivery in the order of the reference, by which ties are broken: the replant of the
 * drive foot stands before the load.
 */
const beforeTheLoad = flawsOf('windmill', {
  setup: [
    style(
      'wm.rushed-start',
      'Starts from an unsettled stance',
      'lower',
      'Feet or weight still moving when the motion starts.',
    ),
  ],
  drive: [
    tactical(
      'wm.replant',
      'Drive foot leaves and replants',
      'lower',
      'Drive foot leaves the ground and pushes again; check the local rule on leaping and replanting.',
    ),
  ],
});

const fromTheLoadOn = flawsOf('windmill', {
  load: [pattern('wm.weak-load', 'Shallow load', 'lower', 'Little weight into the drive leg before going.')],
  drive: [
    pattern('wm.soft-drive', 'Drive lacks effort', 'lower', 'Leaves the rubber without pushing hard.'),
    pattern(
      'wm.early-extension',
      'Extends too early',
      'lower',
      'Drive leg straightens while the knee is still high, so the body goes up instead of out.',
    ),
    pattern(
      'wm.dead-trail',
      'Stride leg is passive off the rubber',
      'lower',
      'The stride leg, which starts behind the rubber, just steps instead of pushing its heel back; the hips are not carried under the body.',
    ),
    pattern(
      'wm.upper-leads',
      'Upper body leads the hips',
      'lower',
      'Head and chest ahead of the hips in flight.',
    ),
    pattern('wm.short-drive', 'Little ground gained', 'lower', 'Landing distance short for height.'),
    pattern('wm.off-line-stride', 'Strides off the line', 'lower', 'Landing foot off the line to the plate.'),
  ],
  circle: [
    pattern('wm.stiff-arm', 'Arm stays straight', 'arm', 'No elbow lead or bend coming down from the top.'),
    pattern(
      'wm.opens-late',
      'Poor open position',
      'arm',
      'Hips and shoulders do not open on time around the top of the circle.',
    ),
    pattern('wm.arm-only', 'Arm makes the speed alone', 'arm', 'Hips are not feeding the whip.', 'arm'),
  ],
  plant: [
    pattern('wm.heel-first', 'Lands on the heel', 'lower', 'Front heel strikes first.', 'knee'),
    pattern(
      'wm.locked-knee',
      'Lands on a locked front knee',
      'lower',
      'Front leg straight at landing; cannot push into the ground.',
      'knee',
    ),
    pattern(
      'wm.collapsed-front',
      'Front leg collapses',
      'lower',
      'Front knee bends deep into a lunge.',
      'knee',
    ),
    pattern(
      'wm.foot-closed',
      'Front foot lands too closed or square',
      'lower',
      'Front foot angle far from about 45 degrees.',
    ),
    pattern('wm.hunched', 'Back not upright', 'arm', 'Trunk bent over the front leg.'),
  ],
  through: [
    pattern(
      'wm.bend-and-stand',
      'Bends forward then stands up',
      'arm',
      'Trunk goes forward at landing and is hauled back at release.',
    ),
    pattern(
      'wm.shoulder-pull',
      'Pulls through with the shoulders',
      'arm',
      'Shoulders and hips come through as one block.',
      'arm',
    ),
    pattern(
      'wm.off-line-arm',
      'Arm leaves the target line',
      'arm',
      'Arm goes out and around the body.',
      'arm',
    ),
    pattern(
      'wm.hips-slam',
      'Hips close all the way',
      'lower',
      'Hips fully square or past square before release.',
    ),
    pattern(
      'wm.late-through',
      'Back leg comes through late',
      'lower',
      'Drive foot arrives after the ball has gone.',
    ),
    pattern('wm.pull-up', 'Pulls up at release', 'arm', 'Fingers and elbow finish upward.', 'arm'),
  ],
  finish: [
    pattern(
      'wm.no-rotate',
      'No forearm rotation after release',
      'arm',
      'Arm does not turn in as it slows.',
      'arm',
    ),
    pattern(
      'wm.late-finish',
      'Finish is not together',
      'lower',
      'Throwing hand, glove and drive foot do not arrive together.',
    ),
  ],
});

export const windmillFlaws = [...beforeTheLoad, ...fromTheLoadOn];
