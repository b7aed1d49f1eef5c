import type { PlanThread } from '@wrightonic/contract';

/** Drills of every rung, with whether theirs is the present stage. */
export const allDrills = (threads: readonly PlanThread[]) =>
  threads.flatMap(({ thread, stages, stage: now }) =>
    stages.flatMap(({ stage, drills }) =>
      drills.map((drill) => ({ ...drill, thread, stage, now: stage === now })),
    ),
  );
