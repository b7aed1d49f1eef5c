import { medianSorted } from 'simple-statistics';

type Point = readonly [x: number, y: number];

/**
 * Slopes between every two points that differ in x, rising.
 *
 * @example pairSlopes([[0, 0], [1, 1], [2, 4]]) // [ 1, 2, 3 ]
 */
export function pairSlopes(points: readonly Point[]): number[] {
  // Years of sessions are ten thousand pairs: plain numbers in one place sort many times faster.
  const slopes = new Float64Array((points.length * (points.length - 1)) / 2);
  let n = 0;
  for (let i = 0; i < points.length; i++) {
    const [x1, y1] = points[i]!;
    for (let j = i + 1; j < points.length; j++) {
      const [x2, y2] = points[j]!;
      if (x1 !== x2) slopes[n++] = (y2 - y1) / (x2 - x1);
    }
  }
  return Array.from(slopes.subarray(0, n).sort());
}

/**
 * Median of the slopes between every two points (Theil 1950, Sen 1968). At least two different x.
 *
 * @example theilSen([[0, 0], [1, 1], [2, 4]]) // 2
 */
export const theilSen = (points: readonly Point[]): number => medianSorted(pairSlopes(points));

/** How Kendall's S is spread by chance for n different values: the probability of each number of discordant pairs. */
function discordantPairs(n: number): number[] {
  let p = [1];
  for (let i = 2; i <= n; i++) {
    const next = new Array<number>(p.length + i - 1).fill(0);
    // The i-th value falls behind 0 to i − 1 of those before it, each as likely.
    p.forEach((each, at) => {
      for (let k = 0; k < i; k++) next[at + k]! += each / i;
    });
    p = next;
  }
  return p;
}

/** Up to this many points Kendall's S is counted out; beyond it is taken as normal. */
const exactUpTo = 30;
const z95 = 1.6448536269514722;

/**
 * How many of the ordered slopes are cut off at each end of a two-sided 90 % interval, at least one; null where even
 * the whole range of slopes is not that sure.
 */
function cutOff(n: number): number | null {
  const pairs = (n * (n - 1)) / 2;
  if (n > exactUpTo) {
    const c = z95 * Math.sqrt((n * (n - 1) * (2 * n + 5)) / 18);
    return Math.max(1, Math.floor((pairs - c) / 2));
  }
  const p = discordantPairs(n);
  // P(S ≥ pairs − 2d) is the chance of at most d discordant pairs.
  let sum = 0;
  let widest = -1;
  for (let d = 0; d < p.length; d++) {
    sum += p[d]!;
    if (sum > 0.05) break;
    widest = d;
  }
  return widest < 0 ? null : widest + 1;
}

/**
 * Sen's two-sided 90 % interval of the slope (Sen 1968), without resampling: from the exact distribution of Kendall's
 * S up to 30 points, from its normal approximation beyond.
 *
 * @param points with different x
 * @returns null where so few points cannot be that sure
 * @example slopeInterval([[0, 0], [1, 1]]) // null
 */
export function slopeInterval(points: readonly Point[]): { low: number; high: number } | null {
  const cut = cutOff(points.length);
  if (cut === null) return null;
  const slopes = pairSlopes(points);
  return { low: slopes[cut - 1]!, high: slopes[slopes.length - cut]! };
}
