import type { Stage } from '../catalogue';
import type { Gate } from './gate';
import type { LevelMove } from './levels';

export interface StageProposal {
  direction: 'up' | 'back';
  to: Stage;
}

/**
 * What the gates say about the stage on which a thread stands: back when one of its drills is to step back, up when
 * every drill that was worked there is proven. A drill that has another level to go to first holds the stage. Prep runs beside and is no stage to move to. Null is to stay; so it is
 * when an instructor has decided to stay and nothing was worked since.
 *
 * @param stages rungs of the thread in the order in which they are climbed, each with the gates of its drills
 * @example stageProposal([{ stage: 'feel', drills: [] }], 'feel') // null
 */
export function stageProposal(
  stages: readonly { stage: Stage; drills: readonly { gate: Gate; move?: LevelMove | null }[] }[],
  now: Stage,
  stayed = false,
): StageProposal | null {
  if (stayed) return null;
  const rungs = stages.filter(({ stage }) => stage !== 'prep');
  const at = rungs.findIndex(({ stage }) => stage === now);
  const worked = (rungs[at]?.drills ?? []).filter(({ gate }) => gate.n > 0);
  const before = rungs[at - 1];
  const after = rungs[at + 1];
  if (worked.some(({ gate, move }) => gate.decision === 'back' && !move))
    return before ? { direction: 'back', to: before.stage } : null;
  if (worked.length && after && worked.every(({ gate, move }) => gate.decision === 'up' && !move))
    return { direction: 'up', to: after.stage };
  return null;
}
