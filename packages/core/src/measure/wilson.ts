/**
 * Wilson score bounds (Wilson 1927) of a share.
 *
 * @param z one-sided point of the normal distribution
 * @example wilson(8, 10, 1.645).lower // 0.540769
 */
export function wilson(k: number, n: number, z: number): { lower: number; upper: number } {
  if (n === 0) return { lower: 0, upper: 1 };
  const p = k / n;
  const middle = p + (z * z) / (2 * n);
  const half = z * Math.sqrt((p * (1 - p)) / n + (z * z) / (4 * n * n));
  const scale = 1 + (z * z) / n;
  return { lower: (middle - half) / scale, upper: (middle + half) / scale };
}
