import type { Hand, Severity } from '../catalogue';
import { wilson } from './wilson';

export const missSides = ['high', 'low', 'arm', 'glove'] as const;
export type MissSide = (typeof missSides)[number];

/** A side of a miss, or a miss whose side nobody wrote down. */
export type Missed = MissSide | 'unknown';

/** A throw that was aimed at a spot: the sides to which it missed it, none for a hit. */
export type Aimed = readonly Missed[];

/** A place on the picture of the zone: −1 to 1 from edge to edge, as the pitcher sees it; up and right are plus. */
export interface Spot {
  x: number;
  y: number;
}

export interface MissFigures {
  n: number;
  misses: number;
  /** Misses whose side nobody wrote down. */
  unknown: number;
  /** Of the misses on its axis, the share of each side; null where nothing missed on that axis. */
  shares: Record<MissSide, number | null>;
  symptoms: Record<`sym.miss-${'high' | 'low' | 'arm-side' | 'glove-side'}`, Severity>;
}

/** Point of the normal distribution for 5 % over the four sides together. */
const zFourSides = 2.2414;
const fewestOnAxis = 6;
const fewestOnSide = 5;
const opposite: Record<MissSide, MissSide> = { high: 'low', low: 'high', arm: 'glove', glove: 'arm' };

/** Half the width of an aimed spot: a third of the zone. */
export const spotHalf = 1 / 3;

/** From where the zone is looked at: behind the pitcher, or behind the plate. */
/**
 * The middle of the ninth of the zone that is nearest to a place; the zone reaches from -1 to 1 both ways.
 *
 * @example nearestSpot({ x: 0.1, y: 0.1 }) // { x: 0, y: 0 }
 */
export function nearestSpot({ x, y }: Spot): Spot {
  const near = (value: number) =>
    Math.max(-1, Math.min(1, Math.round(value / (2 * spotHalf)))) * 2 * spotHalf;
  return { x: near(x), y: near(y) };
}

export const zoneViews = ['pitcher', 'catcher'] as const;
export type ZoneView = (typeof zoneViews)[number];

/**
 * Whether the arm side is on the right of the picture: a right arm is, seen from behind the pitcher.
 *
 * @example armOnRight('R', 'pitcher') // true
 */
export const armOnRight = (hand: Hand, view: ZoneView): boolean => (hand === 'R') === (view === 'pitcher');

/**
 * To which sides a throw missed the spot it was aimed at; none when it arrived within it.
 *
 * @param hand the throwing hand, which says where its side is
 * @example missOf({ x: 0, y: 0 }, { x: 0.9, y: 0 }, 'R') // ['arm']
 */
export function missOf(aim: Spot, arrived: Spot, hand: Hand): MissSide[] {
  const [dx, dy] = [arrived.x - aim.x, arrived.y - aim.y];
  const sides: MissSide[] = [];
  if (Math.abs(dy) > spotHalf) sides.push(dy > 0 ? 'high' : 'low');
  // Seen from behind, the right arm is on the right.
  if (Math.abs(dx) > spotHalf) sides.push(dx > 0 === (hand === 'R') ? 'arm' : 'glove');
  return sides;
}

function severityOf(k: number, onAxis: number): Severity {
  if (onAxis < fewestOnAxis || k < fewestOnSide) return 0;
  const { lower } = wilson(k, onAxis, zFourSides);
  return [0.5, 0.6, 0.7].filter((step) => lower > step).length as Severity;
}

/**
 * Where the misses go: up against down, arm side against glove side. A side is marked when the lower Wilson
 * bound of its share of the misses on its axis, corrected for looking at four sides, is above a half.
 *
 * @example missFigures([]).n // 0
 */
export function missFigures(thrown: readonly Aimed[]): MissFigures {
  const on = (side: MissSide) => thrown.filter((sides) => sides.includes(side)).length;
  const axis = (side: MissSide) => on(side) + on(opposite[side]);
  const severity = (side: MissSide) => severityOf(on(side), axis(side));
  const share = (side: MissSide) => (axis(side) ? on(side) / axis(side) : null);
  return {
    n: thrown.length,
    misses: thrown.filter(({ length }) => length > 0).length,
    unknown: thrown.filter((sides) => sides.includes('unknown')).length,
    shares: { high: share('high'), low: share('low'), arm: share('arm'), glove: share('glove') },
    symptoms: {
      'sym.miss-high': severity('high'),
      'sym.miss-low': severity('low'),
      'sym.miss-arm-side': severity('arm'),
      'sym.miss-glove-side': severity('glove'),
    },
  };
}
