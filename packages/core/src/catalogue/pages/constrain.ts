import type { DrillPages } from './page';

export const constrainPages: DrillPages = {
  'tilted-mound': {
    setUp:
      'Portable mound in the cage, toe side down: wedge the heel side up a little, so that the ground falls toward the toes. Fix the wedges and test them with a jump.',
    steps: [
      'Start in the middle of the board.',
      'Load. If the knee goes over the toes, the tilt takes you off the board.',
      'Sit back into the hip until you stay on; then throw at 60 % into the net.',
    ],
    good: 'The heel stays heavy and you stay on the board; the old load no longer works.',
    mistakes: ['Standing up to keep balance.', 'More than a few degrees of tilt.'],
    workaround: { flaw: 'oh.lead-leg-opens', seen: 'the lead leg swings around to catch the balance' },
    holds: ['stride', 'landing', 'turn', 'arm', 'throw', 'finish'],
    leavesOut: null,
  },
  'knee-gate': {
    setUp: 'A soft upright bag or cone a hand’s width in front of the back knee, on the toe side.',
    steps: [
      'Lift, then load the hip back and away from the bag.',
      'Throw at 70 %.',
      'Bag standing: clean. Bag down: missed.',
    ],
    good: 'The bag stands and the hip has gone back.',
    mistakes: ['Standing farther away.', 'Loading less to be safe.'],
    workaround: { flaw: 'oh.lead-leg-opens', seen: 'blocked at the knee, the lead leg now swings open' },
    holds: ['lift', 'stride', 'landing', 'turn', 'arm', 'throw', 'finish'],
    leavesOut: null,
  },
  'step-over-gate': {
    setUp: 'A low soft hurdle across your path, half a stride out, just inside the stride line.',
    steps: [
      'Lift.',
      'Take the lead foot up and over the hurdle, sole down late.',
      'Land on the line and throw at 70 %.',
    ],
    good: 'The knee passes over the hurdle before the foot, toes closed.',
    mistakes: ['Kicking over it with a straight leg.', 'Shortening the stride.'],
    workaround: { flaw: 'oh.cross-line', seen: 'the foot comes around the inside and lands across the line' },
    holds: ['lift', 'stride', 'landing', 'turn', 'arm', 'throw', 'finish'],
    leavesOut: null,
  },
  'tethered-drive': {
    setUp:
      'Belt with a cord to a fence post behind. Step forward until all the slack is out, before the drive. Check cord and anchor every set; nobody in line behind.',
    steps: [
      'Load over the drive leg with the cord already tight.',
      'Push hard and late; the cord pulls evenly all the way.',
      'Land, and deliver at 70 %.',
    ],
    good: 'No jerk: the cord is tight from the start and longest when the leg is.',
    mistakes: ['Starting with slack in the cord.', 'Leaning into the cord.', 'Jumping up instead of out.'],
    workaround: { flaw: 'wm.upper-leads', seen: 'the chest pulls against the cord before the leg pushes' },
    holds: ['lift', 'stride', 'landing', 'arm', 'throw', 'finish'],
    leavesOut: null,
  },
  'wall-behind-throw': {
    setUp: 'Stand side-on with a wall an arm’s length behind the throwing side, a net in front, a soft ball.',
    steps: ['Break the hands and keep the ball off the wall.', 'Land and turn.', 'Throw at 50 %.'],
    good: 'No touch, and the arm is on time without hurry.',
    mistakes: ['Turning the body away from the wall.', 'Pinning the elbow to the ribs.'],
    workaround: { flaw: 'oh.early-hand', seen: 'the hand goes straight up at once to miss the wall' },
    holds: ['landing', 'turn', 'arm', 'throw'],
    leavesOut: 'stride',
  },
  'towel-elbow-throw': {
    setUp: 'A folded towel between glove elbow and ribs, net in front.',
    steps: [
      'Step to landing with the towel held.',
      'Bring the chest to the glove.',
      'Throw; the towel drops only then.',
    ],
    good: 'The towel falls in front of you after the ball has gone.',
    mistakes: ['Squeezing so hard that the shoulders lock.', 'Dropping it at landing.'],
    workaround: {
      flaw: 'oh.shoulders-early',
      seen: 'both shoulders turn together so that the elbow never leaves the ribs',
    },
    holds: ['landing', 'turn', 'arm', 'throw'],
    leavesOut: 'stride',
  },
  'called-foot-throw': {
    setUp: 'Partner beside you, out of the line of the throw; net in front.',
    steps: [
      'Start with the hands together.',
      'Step when the partner calls; the hand rises only on the call.',
      'Throw at 60 %.',
    ],
    good: 'Hand and foot go on the same call.',
    mistakes: ['Guessing the call.', 'Stopping dead to wait for it.'],
    workaround: { flaw: 'oh.arm-drag', seen: 'the arm hangs until the call and then drags behind the trunk' },
    holds: ['stride', 'landing', 'arm', 'throw'],
    leavesOut: 'lift',
  },
  'narrow-lane-throw': {
    setUp: 'Two soft posts, a shoulder’s width and a hand apart, at the landing spot, pointing to the net.',
    steps: ['Start behind the lane.', 'Deliver between the posts at 60 %.', 'Neither post moves: clean.'],
    good: 'Hand and hip pass through the middle.',
    mistakes: ['Slowing the arm in the lane.', 'Lifting the elbow over the post.'],
    workaround: { flaw: 'wm.pull-up', seen: 'the hand lifts early to get out of the lane' },
    holds: ['stride', 'landing', 'arm', 'throw', 'finish'],
    leavesOut: null,
  },
};
