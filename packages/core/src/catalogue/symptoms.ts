import type { Symptom } from './types';

/** What the ball shows; computed from throws wherever throws were charted. */
export const symptoms: readonly Symptom[] = [
  {
    id: 'sym.miss-high',
    name: 'Misses high',
    from: 'misses',
    see: 'More of the missed pitches go up than down.',
  },
  {
    id: 'sym.miss-arm-side',
    name: 'Misses to the arm side',
    from: 'misses',
    see: 'More of the missed pitches go to the throwing-arm side than to the glove side.',
  },
  {
    id: 'sym.miss-glove-side',
    name: 'Misses to the glove side',
    from: 'misses',
    see: 'More of the missed pitches go to the glove side than to the throwing-arm side.',
  },
  {
    id: 'sym.miss-low',
    name: 'Misses low',
    from: 'misses',
    see: 'More of the missed pitches go down than up.',
  },
  {
    id: 'sym.flash-gap',
    name: 'Best velocity well above the usual',
    from: 'velocity',
    see: 'A few throws are so far above the usual velocity that luck does not explain it.',
  },
  {
    id: 'sym.intent-flat',
    name: 'Harder effort gives little more velocity',
    from: 'velocity',
    see: 'A throw at full effort is hardly faster than one at 80 percent.',
  },
  {
    id: 'sym.velo-fade',
    name: 'Velocity fades within an outing',
    from: 'velocity',
    see: 'The last third of an outing is slower than the first third.',
  },
  {
    id: 'sym.run',
    name: 'Too much sideways movement',
    from: 'ball flight',
    see: 'The ball runs sideways more than its spin was meant to make it.',
  },
];
