import { bareArm } from './arm';
import type { OwnDrill } from './bare';
import { bareLower } from './lower';
import { bareWindmill } from './windmill';

export type { OwnDrill } from './bare';

/**
 * Drills that need nothing but a wall, a tape or a phone, for flaws whose drills of the table all need more, or that
 * have none at that stage. A ladder takes one only where no other drill for the focus fits.
 */
export const bareDrills: readonly OwnDrill[] = [...bareLower, ...bareArm, ...bareWindmill];
