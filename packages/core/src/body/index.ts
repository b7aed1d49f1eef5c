import { nodeOf } from '../catalogue';
import type { Fault } from './fault';
import { faults } from './faults';
import { postureOf } from './postures';
import { changed, type Pose } from './skeleton';

export {
  bodyPoints,
  changed,
  joints,
  measuredLengths,
  type Joint,
  type Points,
  type Pose,
  type PoseChange,
  type Vector,
} from './skeleton';
export type { Part, View } from './fault';
export { circle, drawBody, groundUnder, middleOf, shapesOfBody, type Drawing, type Shape } from './drawing';
export { drawGoing, drawScene } from './drawScene';
export type { MovingDrawing } from './frames';
export { postureOf } from './postures';
export { keysOf, type Key, type Planted } from './keys';
export { drawMoving, movingBody, shownOf, type Shown } from './moving';
export { drawTracked } from './tracked';

export interface Posed {
  /** The phase as it should be, and with this flaw. */
  clean: Pose;
  wrong: Pose;
  view: Fault['view'];
  parts: Fault['parts'];
}

/**
 * The posture of a flaw beside that of its phase; null for an id that is no flaw of the catalogue.
 *
 * @example posed('oh.no-such-flaw') // null
 */
export function posed(flaw: string): Posed | null {
  const node = nodeOf(flaw);
  const wrong = faults[flaw];
  if (node?.type !== 'flaw' || !wrong) return null;
  const clean = postureOf(node.discipline, node.phase);
  return { clean, wrong: changed(clean, wrong.change), view: wrong.view, parts: wrong.parts };
}
