import type { CheckIn } from '@wrightonic/contract';
import type { CampBlock, CampChange } from '@wrightonic/core';

export const checkInWords: Record<CheckIn['state'], string> = {
  present: 'here',
  late: 'late',
  absent: 'not here',
  left: 'picked up',
};

export const blockWords: Record<CampBlock['kind'], string> = {
  'warm-up': 'Warm-up',
  slot: 'Stations',
  break: 'Water and shade',
  lunch: 'Lunch',
  testing: 'Testing',
};

/** What a change says of its subject. */
export const changeWords: Record<CampChange['kind'], string> = {
  away: 'is not here',
  late: 'comes later',
  left: 'leaves early',
  sick: 'is away',
  closed: 'is closed',
};
