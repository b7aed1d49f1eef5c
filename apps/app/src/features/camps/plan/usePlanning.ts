import type { CampRecord, NewChange, PlanWish } from '@wrightonic/contract';
import type { CampPin } from '@wrightonic/core';
import { useState } from 'react';
import { v7 } from 'uuid';
import { whenSent } from '../../../offline/send';
import { lazyEndpoints } from '../../../store/lazyEndpoints';
import { useAppDispatch, useAppSelector } from '../../../store/store';
import { texts } from './texts';

/** To plan in, s: a plan from nothing looks longer than one that moves few. */
const seconds = { anew: 5, again: 2.5 };
/** How often it is asked how far a plan is, ms. */
const every = 400;

export interface Planner {
  plan: (wish?: Partial<Pick<PlanWish, 'anew' | 'pinned' | 'change'>>) => Promise<boolean>;
  stop: () => void;
  busy: boolean;
  error: unknown;
  /** What it does just now, in words. */
  progress: string;
}

const stepWords = {
  waiting: texts.waitingForItsTurn,
  counts: texts.findingTheBestPossible,
  search: texts.layingOutRoutes,
};

const planChanges = new Set(['planCamp', 'changeCampPlan', 'restoreCampPlan']);

interface Sent {
  status?: string;
  endpointName?: string;
}

/** Whether a change of the plan is on its way: the next one is made of what comes of it. */
export const usePlanChanging = (): boolean =>
  useAppSelector((state) =>
    Object.values(state.api.mutations as Record<string, Sent | undefined>).some(
      (sent) => sent?.status === 'pending' && planChanges.has(sent.endpointName ?? ''),
    ),
  );

/** Has a camp planned, follows it, and stops it with the best so far. */
export function usePlanning(camp: CampRecord): Planner {
  const dispatch = useAppDispatch();
  const [send, { isLoading, error }] = lazyEndpoints.usePlanCampMutation();
  const [waits, setWaits] = useState(false);
  const [stop] = lazyEndpoints.useStopCampPlanningMutation();
  const { data } = lazyEndpoints.useCampPlanningQuery(camp.id, {
    skip: !isLoading,
    pollingInterval: every,
  });
  const planning = isLoading ? data?.planning : null;
  return {
    plan: async ({ anew = camp.plan === null, pinned = camp.plan?.pinned ?? [], change = null } = {}) => {
      // A triage of a moment ago says what somebody needs.
      setWaits(true);
      await dispatch(whenSent());
      setWaits(false);
      const wish = { id: v7(), before: camp.plan?.id ?? null, anew, pinned, change };
      const answer = await send({ campId: camp.id, ...wish, seconds: anew ? seconds.anew : seconds.again });
      return !('error' in answer);
    },
    stop: () => void stop(camp.id),
    busy: isLoading || waits,
    error,
    progress: planning
      ? `${stepWords[planning.step]}, ${Math.round(100 * planning.share)} %`
      : texts.planning,
  };
}

export const changeOf = (
  kind: NewChange['kind'],
  subject: string,
  slot: string,
  ends: string | null = null,
): NewChange => ({ id: v7(), kind, subject, slot, ends });

export const isPinned = (pinned: readonly CampPin[], athlete: string, slot: string): boolean =>
  pinned.some((pin) => pin.athlete === athlete && pin.slot === slot);
