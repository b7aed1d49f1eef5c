import type { Stance } from '../stances';
import { bodyMovements, ownBodyMovements } from './body';
import { overhandMovements, ownOverhandMovements } from './overhand';
import type { Movement } from './step';
import { ownWindmillMovements, windmillMovements } from './windmill';

export type { Movement, Step } from './step';

/** Drills that go otherwise than others from the same stance. */
export const ownMovements: Readonly<Record<string, Movement>> = {
  ...ownBodyMovements,
  ...ownOverhandMovements,
  ...ownWindmillMovements,
};

/** How a drill goes from the stance that its still figure shows. */
export const movements: Partial<Readonly<Record<Stance, Movement>>> = {
  ...bodyMovements,
  ...overhandMovements,
  ...windmillMovements,
};
