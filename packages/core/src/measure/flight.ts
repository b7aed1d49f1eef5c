import { median } from 'simple-statistics';
import type { Hand } from '../catalogue';
import { armOnRight, type ZoneView } from './misses';

/** How a ball turned and where it moved, as far as a device or somebody said; what nobody said is left out. */
export interface Flight {
  /** Revolutions a minute. */
  spinRpm?: number;
  /** Where the spin axis points, deg, as the device says it. */
  spinAxis?: number;
  /** Movement toward the arm side, cm; a minus is toward the glove side. */
  armCm?: number;
  /** Movement upward against a ball without spin, cm; a minus is downward. */
  upCm?: number;
}

/** What a thrown ball can do; what lies outside is a slip of the finger. */
export const flightRanges = {
  spinRpm: [0, 4500],
  spinAxis: [0, 360],
  armCm: [-100, 100],
  upCm: [-100, 100],
} as const satisfies Record<keyof Flight, readonly [number, number]>;

export const flightFields = ['spinRpm', 'spinAxis', 'armCm', 'upCm'] as const;

export interface PitchFlight {
  pitch: string;
  n: number;
  /** Medians; null where nothing of it was measured. */
  spinRpm: number | null;
  armCm: number | null;
  upCm: number | null;
}

/**
 * The middle of each pitch, the commonest first.
 *
 * @example flightsOf([{ pitch: 'fastball', flight: null }]) // []
 */
export function flightsOf(throws: readonly { pitch: string; flight: Flight | null }[]): PitchFlight[] {
  const byPitch = new Map<string, Flight[]>();
  for (const { pitch, flight } of throws)
    if (flight) byPitch.set(pitch, [...(byPitch.get(pitch) ?? []), flight]);
  const middle = (all: readonly Flight[], field: keyof Flight): number | null => {
    const values = all.flatMap((flight) => flight[field] ?? []);
    return values.length ? median(values) : null;
  };
  return [...byPitch]
    .map(([pitch, all]) => ({
      pitch,
      n: all.length,
      spinRpm: middle(all, 'spinRpm'),
      armCm: middle(all, 'armCm'),
      upCm: middle(all, 'upCm'),
    }))
    .sort((a, b) => b.n - a.n);
}

/**
 * Where a ball moves on the picture, to the right and up, cm.
 *
 * @example movedOn({ armCm: 10, upCm: 20 }, 'R', 'pitcher') // { x: 10, y: 20 }
 */
export const movedOn = ({ armCm, upCm }: { armCm: number; upCm: number }, hand: Hand, view: ZoneView) => ({
  x: armOnRight(hand, view) ? armCm : -armCm,
  y: upCm,
});
