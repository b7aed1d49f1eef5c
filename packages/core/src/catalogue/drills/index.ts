import type { Drill } from '../types';
import { prepDrills } from './prep';
import { feelDrills } from './feel';
import { windmillFeelDrills } from './feel.windmill';
import { armMoveDrills } from './move.arm';
import { moveDrills } from './move.overhand';
import { windmillMoveDrills } from './move.windmill';
import { constrainDrills } from './constrain';
import { windmillConnectDrills } from './connect.windmill';
import { armConnectDrills } from './connect.arm';
import { lowerConnectDrills } from './connect.lower';
import { deliveryDrills } from './delivery';

/** Every drill, stage by stage. */
export const drills: readonly Drill[] = [
  ...prepDrills,
  ...feelDrills,
  ...windmillFeelDrills,
  ...moveDrills,
  ...armMoveDrills,
  ...windmillMoveDrills,
  ...constrainDrills,
  ...lowerConnectDrills,
  ...armConnectDrills,
  ...windmillConnectDrills,
  ...deliveryDrills,
];
