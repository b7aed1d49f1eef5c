import type { AthletePage } from '@wrightonic/contract';
import { smallestRealChange, velocityIn, type VelocityUnit } from '@wrightonic/core';

export interface Verdict {
  from: string;
  to: string;
  /** In the unit that was asked for. */
  before: number;
  after: number;
  change: number;
  /** Smallest change that is more than noise. */
  needed: number;
  real: boolean;
}

/** What the usual velocity did between the first and the newest measured session; null with fewer than two. */
export function velocityVerdict(velocities: AthletePage['velocities'], unit: VelocityUnit): Verdict | null {
  const first = velocities[0];
  const last = velocities.at(-1);
  if (!first || !last || first === last) return null;
  const change = last.usual - first.usual;
  const needed = smallestRealChange(first, last);
  return {
    from: first.date,
    to: last.date,
    before: velocityIn(first.usual, unit),
    after: velocityIn(last.usual, unit),
    change: velocityIn(change, unit),
    needed: velocityIn(needed, unit),
    real: Math.abs(change) >= needed,
  };
}

/** The verdict in one line. */
export function verdictWords({ change, needed, real }: Verdict, unit: VelocityUnit): string {
  const by = `${Math.abs(change).toFixed(1)} ${unit}`;
  const noise = `${needed.toFixed(1)} ${unit} would be the least that is more than noise`;
  if (!real) return `No real change: ${change < 0 ? '−' : '+'}${by}, and ${noise}.`;
  return `${change > 0 ? 'Really faster' : 'Really slower'} by ${by}; ${noise}.`;
}
