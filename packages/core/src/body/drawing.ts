import type { Hand } from '../catalogue';
import type { Part, View } from './fault';
import { bodyPoints, type Joint, type Points, type Pose, type Vector } from './skeleton';

export interface Stroke {
  part: Part;
  /** SVG path, and the width to draw it with, px. */
  path: string;
  width: number;
  /** On the far side of the body. */
  far: boolean;
}

/** One stroke or patch of a picture, back to front. */
export interface Shape {
  /** SVG path; empty where there is nothing now. */
  path: string;
  /** Of its stroke, px; 0 for a patch. */
  width: number;
  ink: 'body' | 'far' | 'wrong' | 'ball' | 'thing' | 'ground' | 'paper';
  dashed?: boolean;
}

export interface Drawing {
  strokes: Stroke[];
  head: { x: number; y: number; r: number };
  glove: { x: number; y: number; r: number };
  ball: { x: number; y: number; r: number } | null;
}

/** What a body is drawn into, px. */
export interface Frame {
  width: number;
  height: number;
  hand: Hand;
  view: View;
  /** Height of a body; as tall as the picture allows when left out. */
  tall?: number;
}

/** Each part from joint to joint, with its thickness as a share of body height; `far` parts are behind in a side view. */
const parts: readonly [Part, readonly Joint[], number][] = [
  ['trail', ['trailHip', 'trailKnee', 'trailAnkle'], 0.052],
  ['trail', ['trailHeel', 'trailToe'], 0.036],
  ['throwing', ['trailShoulder', 'throwingElbow', 'throwingHand'], 0.04],
  ['pelvis', ['trailHip', 'pelvis', 'leadHip'], 0.075],
  ['head', ['head', 'brim'], 0.03],
  ['trunk', ['pelvis', 'chest', 'neck'], 0.105],
  ['trunk', ['trailShoulder', 'neck', 'leadShoulder'], 0.06],
  ['lead', ['leadHip', 'leadKnee', 'leadAnkle'], 0.052],
  ['lead', ['leadHeel', 'leadToe'], 0.036],
  ['glove', ['leadShoulder', 'gloveElbow', 'gloveHand'], 0.04],
];

export type Flat = (at: Vector) => { x: number; y: number; depth: number };

/** Room around a body, in body heights. */
const room = 1.22;
/** Of the height of a picture. */
export const groundAt = 0.95;

/**
 * Pixels of one body height in a picture.
 *
 * @example scaleOf({ height: 220, tall: 1.1 }) // 1.1
 */
export const scaleOf = ({ height, tall }: Pick<Frame, 'height' | 'tall'>): number => tall ?? height / room;

/**
 * From body heights to the picture: looked at from the chest side, or from the plate; left-handers are mirrored.
 *
 * @example flattening({ width: 200, height: 220, hand: 'R', view: 'side', tall: 200 }, 0)([0.5, 0, 0]).x // 200
 */
export function flattening(frame: Frame, middle: number): Flat {
  const { width, height, hand, view } = frame;
  const scale = scaleOf(frame);
  const ground = height * groundAt;
  const mirror = hand === 'R' ? 1 : -1;
  return ([x, y, z]) => {
    const across = view === 'side' ? x - middle : -y;
    return {
      x: width / 2 + mirror * across * scale,
      y: ground - z * scale,
      depth: view === 'side' ? y : x,
    };
  };
}

const n = (value: number): string => value.toFixed(1);

/**
 * Points as an SVG path.
 *
 * @example pathOf([{ x: 0, y: 0 }, { x: 3, y: 4 }]) // 'M0.0 0.0L3.0 4.0'
 */
export const pathOf = (points: readonly { x: number; y: number }[]): string =>
  points.map(({ x, y }, i) => `${i ? 'L' : 'M'}${n(x)} ${n(y)}`).join('');

/**
 * A circle as an SVG path.
 *
 * @example circle({ x: 5, y: 5 }, 2) // 'M3.0 5.0a2.0 2.0 0 1 0 4.0 0a2.0 2.0 0 1 0 -4.0 0'
 */
export const circle = ({ x, y }: { x: number; y: number }, r: number): string =>
  `M${n(x - r)} ${n(y)}a${n(r)} ${n(r)} 0 1 0 ${n(2 * r)} 0a${n(r)} ${n(r)} 0 1 0 ${n(-2 * r)} 0`;

/**
 * The ground under a body, from edge to edge.
 *
 * @example groundUnder({ width: 100, height: 100 }).path // 'M4.0 95.0L96.0 95.0'
 */
export const groundUnder = ({ width, height }: Pick<Frame, 'width' | 'height'>): Shape => ({
  path: pathOf([4, width - 4].map((x) => ({ x, y: height * groundAt }))),
  width: 1,
  ink: 'ground',
});

/** Paper that is left around each part, so that one is told from another, px. */
const rim = 2.4;

/**
 * A body as shapes, as many in every posture.
 *
 * @param wrong parts that are marked
 * @example shapesOfBody(drawBody(stance, frame, 0)).length // 23
 */
export function shapesOfBody({ strokes, head, glove, ball }: Drawing, wrong: readonly Part[] = []): Shape[] {
  const inkOf = (part: Part, far = false) => (wrong.includes(part) ? 'wrong' : far ? 'far' : 'body');
  return [
    ...strokes.flatMap(({ part, path, width, far }): Shape[] => [
      { path, width: width + rim, ink: 'paper' },
      { path, width: wrong.includes(part) ? width + 1 : width, ink: inkOf(part, far) },
    ]),
    { path: circle(glove, glove.r), width: 0, ink: inkOf('glove') },
    { path: circle(head, head.r), width: 0, ink: inkOf('head') },
    { path: ball ? circle(ball, ball.r) : '', width: 1.4, ink: 'ball' },
  ];
}

/**
 * A posed body as strokes.
 *
 * @param middle what stands in the middle of the picture in a side view, body heights from the rubber
 * @example drawBody(stance, frame, 0).strokes.length // 10
 */
export const drawBody = (
  pose: Pose,
  frame: Frame,
  middle: number,
  points: Points = bodyPoints(pose),
): Drawing => drawPoints(points, pose.ball, frame, middle);

/**
 * A body of which it is known where its joints are, as strokes.
 *
 * @param ball whether it holds one
 * @param middle as of `drawBody`
 * @example drawPoints(bodyPoints(stance), true, frame, 0).ball !== null // true
 */
export function drawPoints(points: Points, ball: boolean, frame: Frame, middle: number): Drawing {
  const flat = flattening(frame, middle);
  const scale = scaleOf(frame);
  const depthOf = (joints: readonly Joint[]) =>
    joints.reduce((sum, joint) => sum + flat(points[joint]).depth, 0) / joints.length;
  const trunkDepth = depthOf(['pelvis', 'neck']);
  const strokes = parts
    .map(([part, joints, thick]) => ({ part, joints, thick, depth: depthOf(joints) }))
    .sort((a, b) => a.depth - b.depth)
    .map(({ part, joints, thick, depth }) => ({
      part,
      width: thick * scale,
      far: depth < trunkDepth - 0.03,
      path: pathOf(joints.map((joint) => flat(points[joint]))),
    }));
  const at = (joint: Joint, r: number) => ({ ...flat(points[joint]), r: r * scale });
  return {
    strokes,
    head: at('head', 0.07),
    glove: at('gloveHand', 0.045),
    ball: ball ? at('throwingHand', 0.022) : null,
  };
}

/**
 * Where the middle of two poses lies, so that both fit beside each other.
 *
 * @example middleOf([stance, stance]) === middleOf([stance]) // true
 */
export const middleOf = (poses: readonly Pose[]): number => {
  const xs = poses.flatMap((pose) => Object.values(bodyPoints(pose)).map(([x]) => x));
  return (Math.min(...xs) + Math.max(...xs)) / 2;
};
