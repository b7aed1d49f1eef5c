import { type BuildPage, type PlanThread } from '@wrightonic/contract';
import { drillsFor, type Drill, type DrillBook, type Stage, barredFor } from '@wrightonic/core';

/** Drills of every rung, with whether theirs is the present stage. */
export const allDrills = (threads: readonly PlanThread[]) =>
  threads.flatMap(({ thread, stages, stage: now }) =>
    stages.flatMap(({ stage, drills }) =>
      drills.map((drill) => ({ ...drill, thread, stage, now: stage === now })),
    ),
  );

/** What may be added to a stage of a ladder, what serves the focus first, each with why it may not be given. */
export function addable(
  page: Pick<BuildPage, 'athlete' | 'history'>,
  thread: PlanThread,
  stage: Stage,
  book?: DrillBook,
): { drill: Drill; serves: boolean; why: string | null }[] {
  const there = new Set(allDrills([thread]).map(({ drill }) => drill));
  const barred = barredFor(page);
  const serving = ({ targets }: Drill) => targets.includes(thread.focus) || targets.includes('*');
  return drillsFor(page.athlete.discipline, book)
    .filter((drill) => drill.stage === stage && !there.has(drill.id))
    .map((drill) => ({ drill, serves: serving(drill), why: barred(drill) }))
    .sort((a, b) => Number(a.why !== null) - Number(b.why !== null) || Number(b.serves) - Number(a.serves));
}
