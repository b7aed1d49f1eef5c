import {
  largestCamp,
  type CampChange,
  type CampGroup,
  type CampMove,
  type CampPin,
  type CampPlan,
  type CampRoute,
  type CampThrows,
  type CoachesOfSlot,
} from '@wrightonic/core';
import Joi from 'joi';
import { id, line } from './shared';

/** Something that happens while a camp runs. */
export const changeKinds = ['away', 'late', 'left', 'sick', 'closed'] as const;
export interface NewChange extends CampChange {
  /** Taken back instead of made. */
  ends: string | null;
}
export const newChange = Joi.object<NewChange>({
  id: id.required(),
  kind: Joi.valid(...changeKinds).required(),
  subject: id.required(),
  slot: id.required(),
  ends: id.allow(null).required(),
}).required();

/** A plan is asked for. */
export interface PlanWish {
  id: string;
  /** The plan that stands now; null where there is none. */
  before: string | null;
  /** From nothing, or with as few moves as can be. */
  anew: boolean;
  seconds: number;
  pinned: CampPin[];
  change: NewChange | null;
}

const pinned = Joi.array()
  .items(Joi.object({ athlete: id.required(), slot: id.required(), station: id.required() }))
  .max(4000)
  .required();

export const planWish = Joi.object<PlanWish>({
  id: id.required(),
  before: id.allow(null).required(),
  anew: Joi.boolean().required(),
  seconds: Joi.number().min(0.5).max(30).required(),
  pinned,
  change: newChange.allow(null).required(),
}).required();

/** A plan that was changed by hand. */
export interface HandPlan {
  id: string;
  before: string;
  why: string;
  routes: CampRoute[];
  pinned: CampPin[];
}

export const handPlan = Joi.object<HandPlan>({
  id: id.required(),
  before: id.required(),
  why: line(120).required(),
  routes: Joi.array()
    .items(
      Joi.object({
        athlete: id.required(),
        stations: Joi.array().items(id.allow(null)).max(200).required(),
      }),
    )
    .max(largestCamp)
    .unique('athlete')
    .required(),
  pinned,
}).required();

/** An earlier plan becomes the one that holds again. */
export const restoredPlan = Joi.object<{ id: string; of: string; before: string }>({
  id: id.required(),
  of: id.required(),
  before: id.required(),
}).required();

/** A plan as it is kept. */
export interface CampPlanRecord extends Omit<CampPlan, 'routes' | 'groups'> {
  id: string;
  at: string;
  by: string;
  why: string;
  /** The setup and the changes that it was made of. */
  setupId: string;
  /** Ids of the slots, in the order of the routes. */
  slots: string[];
  routes: CampRoute[];
  groups: CampGroup[];
  coaches: Record<string, CoachesOfSlot>;
  pinned: CampPin[];
  moved: CampMove[];
  throws: CampThrows[];
  ms: number;
}

/** How far a plan that is being made is; null where none is. */
export interface CampPlanning {
  step: 'waiting' | 'counts' | 'search';
  /** 0..1 */
  share: number;
}
