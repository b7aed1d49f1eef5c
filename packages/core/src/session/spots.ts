import { uniformInt } from 'pure-rand/distribution/uniformInt';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import type { Hand } from '../catalogue';
import type { MissSide, Spot } from '../measure/misses';

/** The four spots that are called, in their order: high and low, on the arm side and on the glove side. */
export const calledSpots = ['high-arm', 'low-glove', 'high-glove', 'low-arm'] as const;
export type CalledSpot = (typeof calledSpots)[number];
export const spotOrders = ['in order', 'random'] as const;
export type SpotOrder = (typeof spotOrders)[number];

export const spotNames: Readonly<Record<CalledSpot, string>> = {
  'high-arm': 'High, arm side',
  'low-glove': 'Low, glove side',
  'high-glove': 'High, glove side',
  'low-arm': 'Low, arm side',
};

/**
 * The spot that is called for the next throw.
 *
 * @param n throws that were called before it
 * @param seed whole number; the same seed calls the same spots
 * @example calledSpot('random', 0, 7) // 'high-arm'
 */
export function calledSpot(order: SpotOrder, n: number, seed: number): CalledSpot {
  if (order === 'in order') return calledSpots[n % calledSpots.length]!;
  const random = xoroshiro128plus(seed);
  let at = 0;
  for (let throws = 0; throws <= n; throws++) at = uniformInt(random, 0, calledSpots.length - 1);
  return calledSpots[at]!;
}

/**
 * Where a called spot is on the picture of the zone, as the pitcher sees it.
 *
 * @example placeOfSpot(calledSpot('random', 0, 7), 'R').y // 0.666667
 */
export function placeOfSpot(spot: CalledSpot, hand: Hand): Spot {
  const [height, side] = spot.split('-');
  const right = (side === 'arm') === (hand === 'R');
  return { x: right ? 2 / 3 : -2 / 3, y: height === 'high' ? 2 / 3 : -2 / 3 };
}

/** What one tap can say of a throw at a called spot, row by row from the top; nothing missed is a hit. */
export const missTaps: readonly (readonly MissSide[])[] = [
  ['high', 'arm'],
  ['high'],
  ['high', 'glove'],
  ['arm'],
  [],
  ['glove'],
  ['low', 'arm'],
  ['low'],
  ['low', 'glove'],
];

/**
 * “high, arm side”; “on target” for none.
 *
 * @example [missTapWords(['high', 'arm']), missTapWords([])] // [ 'high, arm side', 'on target' ]
 */
export function missTapWords(sides: readonly MissSide[]): string {
  if (sides.length === 0) return 'on target';
  return sides.map((side) => (side === 'arm' || side === 'glove' ? `${side} side` : side)).join(', ');
}
