import type { DeliveryPart, DrillPages } from './page';

const whole: readonly DeliveryPart[] = [
  'start',
  'lift',
  'stride',
  'landing',
  'turn',
  'arm',
  'throw',
  'finish',
];

export const deliveryPages: DrillPages = {
  'blend-pairs': {
    setUp: 'Ball, catcher or net; the drill’s gear beside you, easy to move away.',
    steps: [
      'One throw in the drill.',
      'One in the full delivery, with the same feeling.',
      'Alternate: ten of each.',
    ],
    good: 'A watcher cannot tell where the drill stops.',
    mistakes: ['Two drills, then two deliveries.', 'Thinking of two things.'],
    workaround: null,
    holds: whole,
    leavesOut: null,
  },
  'full-delivery': {
    setUp: 'Flat ground, shortened distance, catcher or net.',
    steps: [
      'One thought before the start.',
      'The whole delivery at 80 %.',
      'Say clean or missed before you hear it.',
    ],
    good: 'The checkpoint is clean without a reminder.',
    mistakes: ['A new thought every throw.', 'Speed before clean.'],
    workaround: null,
    holds: whole,
    leavesOut: 'slope',
  },
  'mound-delivery': {
    setUp: 'Full distance from mound or circle, a catcher, somebody who charts.',
    steps: [
      'Full delivery at 90 %.',
      'Chart the aim and the miss.',
      'Rest as you would between pitches in a game.',
    ],
    good: 'The checkpoint is at most slight on a fresh look.',
    mistakes: ['Aiming instead of throwing.', 'Going on when it stops being clean.'],
    workaround: null,
    holds: [...whole, 'slope'],
    leavesOut: 'batter',
  },
  'called-spots': {
    setUp: 'Mound or cage, a target, a partner who calls.',
    steps: [
      'Partner calls knee or shoulder, inside or outside.',
      'Throw at 80 %.',
      'Chart the miss, not only the hit.',
    ],
    good: 'Misses get smaller and fall on both sides.',
    mistakes: ['Guiding the ball.', 'Counting hits only.'],
    workaround: null,
    holds: [...whole, 'slope'],
    leavesOut: 'batter',
  },
  'intent-ladder': {
    setUp: 'Warmed up fully; radar behind the net; mound or cage.',
    steps: [
      'Three throws at 60 %.',
      'Three each at 70, 80, 90 and 100 %.',
      'Read each; speed should climb evenly.',
    ],
    good: 'Each step is faster by about as much as the one before.',
    mistakes: ['Going hard at 60 %.', 'Chasing the number.'],
    workaround: null,
    holds: [...whole, 'slope'],
    leavesOut: 'batter',
  },
  'compete-inning': {
    setUp: 'Mound, catcher, a batter or a dummy, a count on the board.',
    steps: ['Pitch to the count.', 'One reminder between pitches at most.', 'Chart every pitch.'],
    good: 'The delivery holds when the count is against you.',
    mistakes: ['Stopping to fix things.', 'More than fifteen pitches.'],
    workaround: null,
    holds: [...whole, 'slope', 'batter'],
    leavesOut: null,
  },
};
