import { armConnectPages } from './connect.arm';
import { lowerConnectPages } from './connect.lower';
import { windmillConnectPages } from './connect.windmill';
import { constrainPages } from './constrain';
import { deliveryPages } from './delivery';
import { feelPages } from './feel';
import { overhandMovePages } from './move.overhand';
import { windmillMovePages } from './move.windmill';
import type { DrillPages } from './page';
import { prepPages } from './prep';

export { deliveryParts, partNames, type DeliveryPart, type DrillPage } from './page';

/** What every drill of the catalogue says in full, by its id. */
export const drillPages: DrillPages = {
  ...prepPages,
  ...feelPages,
  ...overhandMovePages,
  ...windmillMovePages,
  ...constrainPages,
  ...lowerConnectPages,
  ...armConnectPages,
  ...windmillConnectPages,
  ...deliveryPages,
};
