import type { Academy } from '../scope';

export const zone = 'Europe/London';
export const noApproach = { leave: null, lift: null, teach: null, hips: null };

export interface Seeding {
  academy: Academy;
  instructors: string[];
  today: string;
  /** Ids are as seeded as everything else. */
  id: (at: Date) => string;
}
