/** Places over time; NaN where nothing is known. */
export interface Track {
  x: Float64Array;
  y: Float64Array;
}

/** How far being swapped counts as much as a path, in body heights a second: a tracker is right more often than wrong. */
const swappedCosts = 0.2;

const step = (from: Track, to: Track, before: number, now: number): number => {
  const far = Math.hypot(to.x[now]! - from.x[before]!, to.y[now]! - from.y[before]!);
  return Number.isNaN(far) ? 0 : far;
};

/**
 * Puts left and right of one pair of joints back, in place, wherever a tracker took one for the other: of both ways in
 * every frame, the chain whose summed path over both sides is the shortest (a dynamic programme over the two ways).
 *
 * @param height of the body, px
 * @param rate frames a second
 * @returns in how many frames they were swapped
 * @example unswap({ x: Float64Array.of(0, 9, 0), y: new Float64Array(3) }, { x: Float64Array.of(9, 0, 9), y: new Float64Array(3) }, 9, 60) // 1
 */
export function unswap(left: Track, right: Track, height: number, rate: number): number {
  const n = left.x.length;
  const penalty = (swappedCosts * height) / rate;
  const known = (i: number) => !Number.isNaN(left.x[i]! + right.x[i]!);
  const cameFrom = [new Uint8Array(n), new Uint8Array(n)];
  let cost = [0, penalty];
  let before = -1;
  for (let i = 0; i < n; i++) {
    if (!known(i)) continue;
    if (before >= 0) {
      const straight = step(left, left, before, i) + step(right, right, before, i);
      const crossed = step(left, right, before, i) + step(right, left, before, i);
      const next = [0, 1].map((way) => {
        const stay = cost[way]! + straight;
        const change = cost[1 - way]! + crossed;
        cameFrom[way]![i] = stay <= change ? way : 1 - way;
        return Math.min(stay, change) + way * penalty;
      });
      cost = next;
    }
    before = i;
  }
  let way = cost[0]! <= cost[1]! ? 0 : 1;
  let swapped = 0;
  for (let i = n - 1; i >= 0; i--) {
    if (!known(i)) continue;
    const now = way;
    way = cameFrom[way]![i]!;
    if (now === 0) continue;
    swapped++;
    [left.x[i], right.x[i]] = [right.x[i]!, left.x[i]!];
    [left.y[i], right.y[i]] = [right.y[i]!, left.y[i]!];
  }
  return swapped;
}
