import type { Stage, Thread } from '../catalogue';

/** A day on which a thread of a plan came to stand at a stage. */
export interface StageStep {
  thread: Thread;
  focus: string;
  stage: Stage;
  on: string;
  /** A new plan began here, with its own ladder. */
  planned: boolean;
}

export interface StageSpan extends Pick<StageStep, 'thread' | 'focus' | 'stage'> {
  from: string;
  /** The day on which it ended; null while it lasts. */
  to: string | null;
}

/**
 * Where each thread stood, from one step to the next; a step onto the stage where it stands already is none.
 *
 * @param steps in order of their days
 * @example stageSpans([{ thread: 'lower', focus: 'oh.jump', stage: 'feel', on: '2026-05-01', planned: true }]) // [ { thread: 'lower', focus: 'oh.jump', stage: 'feel', from: '2026-05-01', to: null } ]
 */
export function stageSpans(steps: readonly StageStep[]): StageSpan[] {
  const spans: StageSpan[] = [];
  for (const { thread, focus, stage, on } of steps) {
    const before = spans.findLast((span) => span.thread === thread && span.to === null);
    if (before && before.focus === focus && before.stage === stage) continue;
    if (before) before.to = on;
    spans.push({ thread, focus, stage, from: on, to: null });
  }
  return spans.filter(({ from, to }) => to === null || to > from);
}

/**
 * The stage one rung below another on a ladder; its lowest one that is no prep where there is none below.
 *
 * @param rungs stages in the order in which they are climbed
 * @example rungBelow(['prep', 'feel', 'move', 'blend'], 'blend') // 'move'
 */
export function rungBelow(rungs: readonly Stage[], ended: Stage): Stage {
  const climbed: Stage[] = rungs.filter((stage) => stage !== 'prep');
  const at = climbed.indexOf(ended);
  return climbed[Math.max(0, at - 1)] ?? ended;
}
