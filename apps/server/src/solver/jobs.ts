import type { CampInput, CampPlan, WeekInput, WeekPlan } from '@wrightonic/core';

export interface SolvedWeek extends WeekPlan {
  ms: number;
}

interface Refusal {
  field: string;
  text: string;
}

/** What comes of a week and of a camp; classes do not cross threads, so a refusal is a record. */
export type SolverAnswer = { week: SolvedWeek; refused?: never } | { refused: Refusal; week?: never };
export type CampAnswer = { plan: CampPlan; refused?: never } | { refused: Refusal; plan?: never };

export const jobSteps = ['waiting', 'counts', 'search'] as const;

/** How far a plan that is being made is. */
export interface Planning {
  step: (typeof jobSteps)[number];
  /** 0..1 */
  share: number;
}

/** What is solved beside the server, by kind. */
export interface Jobs {
  week: { input: WeekInput; answer: SolverAnswer };
  camp: { input: CampInput; answer: CampAnswer };
}
export type JobKind = keyof Jobs;

/** Followed while it runs, where somebody looks. */
export interface Followed {
  progress(planning: Planning): void;
  /** Whether to take the best so far. */
  stopped(): boolean;
}

/** Does the jobs of solvers, and knows of each that bears a name how far it is. */
export interface JobRunner {
  /**
   * @param within as long as it may take, with those before it in the queue, ms
   * @param name under which the job is followed, where `take` gave that name
   * @throws Error when nothing is found in its time
   */
  run<K extends JobKind>(
    kind: K,
    input: Jobs[K]['input'],
    within: number,
    name?: string,
  ): Promise<Jobs[K]['answer']>;
  /** Takes a name; null when somebody has it. What it answers with gives the name back. */
  take(name: string): Promise<(() => Promise<void>) | null>;
  /** How far the job of a name is; null when nobody has that name. */
  planning(name: string): Promise<Planning | null>;
  /** The job of a name takes the best so far. */
  stop(name: string): Promise<void>;
  close(): Promise<void>;
}
