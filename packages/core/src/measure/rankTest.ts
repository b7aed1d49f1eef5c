import { jStat } from 'jstat';

/** Up to so many values a side the chances are counted out; beyond they are taken as normal. */
const exactUpTo = 40;

/** Ranks of all values together; equal ones share the middle of their ranks. */
function midranks(values: readonly number[]): number[] {
  const order = values.map((value, at) => ({ value, at })).sort((a, b) => a.value - b.value);
  const ranks = new Array<number>(values.length);
  for (let from = 0; from < order.length;) {
    let to = from;
    while (to + 1 < order.length && order[to + 1]!.value === order[from]!.value) to++;
    for (let i = from; i <= to; i++) ranks[order[i]!.at] = (from + to) / 2 + 1;
    from = to + 1;
  }
  return ranks;
}

/** Chance that `size` of the ranks, drawn at random, add up to at most a sum. */
function chanceOfAtMost(ranks: readonly number[], size: number, sum: number): number {
  // Midranks are halves: doubled they are whole numbers.
  const doubled = ranks.map((rank) => Math.round(2 * rank));
  const limit = Math.round(2 * sum);
  const ways = Array.from({ length: size + 1 }, () => new Float64Array(limit + 1));
  const all = new Float64Array(size + 1);
  ways[0]![0] = 1;
  all[0] = 1;
  for (const rank of doubled)
    for (let n = size; n > 0; n--) {
      all[n]! += all[n - 1]!;
      for (let total = limit; total >= rank; total--) ways[n]![total]! += ways[n - 1]![total - rank]!;
    }
  return ways[size]!.reduce((total, each) => total + each, 0) / all[size]!;
}

/**
 * One-sided rank test of two groups (Mann and Whitney 1947): the chance of values as low as the later ones, or lower, if
 * nothing had changed. Exact, ties included, up to 40 values a side; with the normal approximation beyond.
 *
 * @returns 0..1; 1 for an empty group
 * @example lowerByChance([4, 5, 6], [1, 2, 3]) // 0.05
 */
export function lowerByChance(earlier: readonly number[], after: readonly number[]): number {
  const [n, m] = [after.length, earlier.length];
  if (n === 0 || m === 0) return 1;
  const ranks = midranks([...after, ...earlier]);
  const sum = ranks.slice(0, n).reduce((total, rank) => total + rank, 0);
  if (Math.max(n, m) <= exactUpTo) return chanceOfAtMost(ranks, n, sum);
  const N = n + m;
  const times = new Map<number, number>();
  for (const rank of ranks) times.set(rank, (times.get(rank) ?? 0) + 1);
  const ties = [...times.values()].reduce((total, t) => total + t ** 3 - t, 0);
  const sd = Math.sqrt(((n * m) / 12) * (N + 1 - ties / (N * (N - 1))));
  return sd === 0 ? 1 : jStat.normal.cdf((sum + 0.5 - (n * (N + 1)) / 2) / sd, 0, 1);
}
