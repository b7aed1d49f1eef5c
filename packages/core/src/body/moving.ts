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

/** Flaws to be shown, each with its strength 0..1. */
export type Shown = Readonly<Record<string, number>>;

const phaseOf = (flaw: string): string | null => {
  const node = nodeOf(flaw);
  return node?.type === 'flaw' ? node.phase : null;
};

/**
 * The flaws of a look as a figure can show them: of each phase the worst one, as strong as it was graded.
 *
 * @param findings grades 0..3
 * @example shownOf({ 'oh.lean-back': 3, 'oh.hip-not-leading': 1 }) // { 'oh.lean-back': 1 }
 */
export function shownOf(findings: Readonly<Record<string, number>>): Shown {
  const worst = new Map<string, [string, number]>();
  for (const [flaw, grade] of Object.entries(findings)) {
    const phase = phaseOf(flaw);
    if (!phase || grade < 1 || !faults[flaw]?.change) continue;
    const before = worst.get(phase);
    if (!before || grade > before[1]) worst.set(phase, [flaw, grade]);
  }
  return Object.fromEntries([...worst.values()].map(([flaw, grade]) => [flaw, grade / 3]));
}

/**
 * A delivery in motion as drawings, clean or with flaws of the catalogue.
 *
 * @param flaws none for a clean delivery of the discipline
 * @param into what it is drawn into; the body keeps its height from frame to frame
 * @param rate frames a second
 * @example drawMoving({ discipline: 'overhand', flaws: { 'oh.lean-back': 1 } }, { width: 200, height: 160, hand: 'L', view: 'side' }, 30).count // 58
 */
export function drawMoving(
  { discipline, flaws }: { discipline: Discipline; flaws: Shown },
  into: Frame,
  rate: number,
): MovingDrawing {
  const ids = Object.keys(flaws);
  // One alone stands in the middle of what is shown; where there are more, the landing does.
  const phase = ids.length === 1 ? phaseOf(ids[0]!) : null;
  const wrong = [...new Set(ids.flatMap((flaw) => faults[flaw]?.parts ?? []))];
  const planted = ids.flatMap((flaw) => {
    const [at, change] = [phaseOf(flaw), faults[flaw]?.change];
    return at && change ? [{ planted: { poses: { [at]: change } }, strength: flaws[flaw]! }] : [];
  });
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
