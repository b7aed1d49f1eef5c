/** The figures of one day that say how far its median may be off. */
export interface Measured {
  n: number;
  /** m/s */
  scatter: number;
}

/**
 * Smallest difference of two usual velocities that is more than noise: 1.645 · √(SE₁² + SE₂²), the standard error of
 * a median being 1.2533 · scatter / √n. In m/s.
 */
export function smallestRealChange(a: Measured, b: Measured): number {
  const error = ({ scatter, n }: Measured) => (1.2533 * scatter) / Math.sqrt(n);
  return 1.645 * Math.hypot(error(a), error(b));
}
