import { FieldError, type WeekInput } from '@wrightonic/core';
import type { JobRunner, SolvedWeek } from './jobs';

/** Longer than a week may ever take, with the two before it in the queue, ms. */
const patience = 60_000;

/** @throws FieldError for what cannot be planned; an error of the pool when nothing is found in its time */
export async function solveWeek(jobs: JobRunner, input: WeekInput): Promise<SolvedWeek> {
  const { week, refused } = await jobs.run('week', input, patience);
  if (refused) throw new FieldError(refused.field, refused.text);
  return week;
}
