import type { PlanRecord, PlanThread } from '@wrightonic/contract';
import { addDays, drillOf } from '@wrightonic/core';

/** The seven days from a day on. */
export const weekFrom = (day: string): string[] => [0, 1, 2, 3, 4, 5, 6].map((n) => addDays(day, n));

/** Every other day, so that no third day in a row has throws. */
export const usualDays = (day: string): string[] => weekFrom(day).filter((_, n) => n % 2 === 0);

/** Prep and the present stage of each thread, without doubles. */
export function usualDrills({ threads }: PlanRecord): string[] {
  const chosen = threads.flatMap(({ stage: now, stages }) =>
    stages.filter(({ stage }) => stage === 'prep' || stage === now).flatMap(({ drills }) => drills),
  );
  return [...new Map(chosen.map(({ id, drill }) => [drill, id])).values()];
}

/** Rungs that can be assigned, with whether they are near the present stage. */
export const allDrills = (threads: readonly PlanThread[]) =>
  threads.flatMap(({ thread, stages, stage: now }) =>
    stages.flatMap(({ stage, drills }) =>
      drills.map((drill) => ({ ...drill, thread, stage, now: stage === now })),
    ),
  );

/** Throws that one day with these drills costs. */
export const throwsOf = (drills: readonly string[]): number =>
  drills.reduce((sum, drill) => sum + (drillOf(drill)?.throws ?? 0), 0);
