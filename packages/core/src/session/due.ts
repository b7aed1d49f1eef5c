import { texts } from './texts';

/** The five verbs of the work, in the order in which they are done. */
export const verbs = ['look', 'trace', 'build', 'work', 'prove'] as const;
export type Verb = (typeof verbs)[number];

/** How far an athlete has come; dates are ISO days, null for what has not happened. */
export interface Progress {
  lookedOn: string | null;
  /** A look was begun and not finished. */
  lookOpen: boolean;
  /** Nothing was marked in the newest finished look: there is nothing to trace. */
  clean: boolean;
  /** The newest finished look has been traced. */
  traced: boolean;
  /** The newest trace has a plan. */
  planned: boolean;
  assigned: boolean;
  relookOn: string | null;
  planEndsOn: string | null;
}

/**
 * The verb that is due, with the next thing to do in a few words.
 *
 * @example due({ lookedOn: monday, lookOpen: false, clean: false, traced: false }, monday) // { verb: 'trace', next: 'Trace the newest look' }
 */
export function due(progress: Progress, today: string): { verb: Verb; next: string } {
  const { lookedOn, relookOn, planEndsOn } = progress;
  if (progress.lookOpen) return { verb: 'look', next: texts.finishLookThatWasBegun };
  if (!lookedOn) return { verb: 'look', next: texts.takeAFirstLook };
  if (!progress.traced && !progress.clean) return { verb: 'trace', next: texts.traceNewestLook };
  if (!progress.planned && progress.clean) return { verb: 'look', next: texts.allClean };
  if (!progress.planned) return { verb: 'build', next: texts.buildPlanFromTrace };
  if (planEndsOn && planEndsOn < today) return { verb: 'prove', next: texts.planIsOver };
  if (relookOn && relookOn <= today && lookedOn < relookOn)
    return { verb: 'look', next: texts.secondLookIsDue };
  if (!progress.assigned) return { verb: 'build', next: texts.assignComingWeek };
  return { verb: 'work', next: texts.workPlan };
}
