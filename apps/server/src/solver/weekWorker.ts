import { FieldError, planWeek, type WeekInput } from '@wrightonic/core';
import { loadSolver } from '@wrightonic/solver';
import type { SolverAnswer } from './jobs';

const solver = loadSolver();

/** A solve blocks its thread; one week after the other. */
export default async function solved(input: WeekInput): Promise<SolverAnswer> {
  const solve = await solver;
  const begun = performance.now();
  try {
    return { week: { ...planWeek(input, solve), ms: performance.now() - begun } };
  } catch (error) {
    // Classes do not cross threads.
    if (error instanceof FieldError) return { refused: { field: error.field, text: error.text } };
    throw error;
  }
}
