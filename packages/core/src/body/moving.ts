import { nodeOf, type Discipline } from '../catalogue';
import { drawBody, groundUnder, shapesOfBody, type Frame } from './drawing';
import { framed, type MovingDrawing } from './frames';
import { flowOf } from './flow';
import { faults } from './faults';
import { keysOf, type Key } from './keys';
import { bodyPoints, drawnLengths, joints, type Lengths, type Points, type Pose } from './skeleton';

/** A body going through its phases. */
export interface Moving {
  seconds: number;
  /** When the front foot is down, s. */
  plant: number;
  at: (t: number) => { pose: Pose; points: Points };
}

/**
 * A body that goes through its keys; once the front foot is down it stays where it is, and the body moves over it.
 *
 * @example movingBody(keysOf('overhand', [])).plant // 1.62
 */
export function movingBody(keys: readonly Key[], lengths: Lengths = drawnLengths): Moving {
  const flow = flowOf(keys);
  const plant = keys.find(({ phase }) => phase === 'plant')!.t;
  const landed = bodyPoints(flow(plant), lengths).leadAnkle;
  const at = (t: number) => {
    const pose = flow(t);
    const points = bodyPoints(pose, lengths);
    if (t <= plant) return { pose, points };
    const [x, y, z] = points.leadAnkle.map((each, axis) => landed[axis]! - each) as [number, number, number];
    for (const joint of joints) {
      const [a, b, c] = points[joint];
      points[joint] = [a + x, b + y, c + z];
    }
    return { pose, points };
  };
  return { seconds: keys.at(-1)!.t, plant, at };
}

/** What a moving figure shows of a delivery: from shortly before the lift or the load to the finish, s. */
const shown = { from: 0.3, to: 2.2 } as const;

/** From so many instants it is known how far a body reaches. */
const looked = 12;

/**
 * A delivery in motion as drawings, clean or with a flaw of the catalogue.
 *
 * @param flaw null for a clean delivery of the discipline
 * @param into what it is drawn into; the body keeps its height from frame to frame
 * @param rate frames a second
 * @example drawMoving({ discipline: 'overhand', flaw: 'oh.lean-back' }, { width: 200, height: 160, hand: 'L', view: 'side' }, 30).count // 58
 */
export function drawMoving(
  { discipline, flaw }: { discipline: Discipline; flaw: string | null },
  into: Frame,
  rate: number,
): MovingDrawing {
  const node = flaw === null ? undefined : nodeOf(flaw);
  const phase = node?.type === 'flaw' ? node.phase : null;
  const { change, parts: wrong = [] } = (flaw === null ? undefined : faults[flaw]) ?? {};
  const planted = phase && change ? [{ planted: { poses: { [phase]: change } }, strength: 1 }] : [];
  const keys = keysOf(discipline, planted);
  const { seconds, at } = movingBody(keys);
  const end = Math.min(seconds, shown.to);
  const count = Math.floor((end - shown.from) * rate + 1e-9) + 1;
  const xs = Array.from({ length: looked }, (_, n) =>
    Object.values(at(shown.from + (n * (end - shown.from)) / (looked - 1)).points).map(([x]) => x),
  ).flat();
  const [left, right] = [Math.min(...xs), Math.max(...xs)];
  const tall = Math.min(into.height / 1.3, into.width / (right - left + 0.2));
  const best = keys.find((key) => key.phase === (phase ?? 'plant'))?.t ?? shown.from;
  return {
    count,
    frame: framed((n) => {
      const { pose, points } = at(shown.from + n / rate);
      return [
        groundUnder(into),
        ...shapesOfBody(drawBody(pose, { ...into, tall }, (left + right) / 2, points), wrong),
      ];
    }),
    best: Math.min(count - 1, Math.max(0, Math.round((best - shown.from) * rate))),
  };
}
