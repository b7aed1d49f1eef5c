import type { Discipline, Hand } from '../catalogue';
import {
  circle,
  drawPoints,
  flattening,
  groundAt,
  pathOf,
  shapesOfBody,
  type Flat,
  type Frame,
  type Shape,
} from './drawing';
import { framed, type MovingDrawing } from './frames';
import { movements, ownMovements, type Movement } from './movements';
import { scenes, windmillScenes, type Scene, type Thing } from './scenes';
import { bodyPoints, type Points, type Pose, type Vector } from './skeleton';
import { stances } from './stances';
import { steppedBody } from './stepped';

type Put = (...at: Vector[]) => string;
type Sticks = readonly (readonly Vector[])[];

const at = (x: number, z: number): Vector => [x, 0, z];
const box = (left: number, right: number, low: number, high: number): Vector[] => [
  at(left, low),
  at(right, low),
  at(right, high),
  at(left, high),
  at(left, low),
];
const range = (count: number): number[] => Array.from({ length: count }, (_, n) => n);

/** Lines of a thing that is drawn by lines alone. */
const lines: Readonly<Record<string, (x: number) => Sticks>> = {
  wall: (x) => [
    [at(x, 0), at(x, 1.1)],
    ...range(7).map((n) => [at(x, 0.1 + n * 0.16), at(x + Math.sign(x || 1) * 0.05, 0.04 + n * 0.16)]),
  ],
  fence: (x) => [
    [at(x, 0), at(x, 0.9)],
    ...range(5).flatMap((n) => [
      [at(x - 0.03, 0.08 + n * 0.18), at(x + 0.03, 0.2 + n * 0.18)],
      [at(x + 0.03, 0.08 + n * 0.18), at(x - 0.03, 0.2 + n * 0.18)],
    ]),
  ],
  net: (x) => [
    box(x, x + 0.14, 0, 0.85),
    ...range(5).map((n) => [at(x, 0.14 * (n + 1)), at(x + 0.14, 0.14 * (n + 1))]),
    [at(x + 0.07, 0), at(x + 0.07, 0.85)],
  ],
  mirror: (x) => [
    box(x, x + 0.06, 0.12, 0.95),
    [at(x + 0.015, 0.6), at(x + 0.045, 0.72)],
    [at(x + 0.015, 0.4), at(x + 0.045, 0.52)],
    [at(x + 0.03, 0), at(x + 0.03, 0.12)],
  ],
  radar: (x) => [[at(x, 0), at(x + 0.06, 0.45), at(x + 0.12, 0)], box(x - 0.02, x + 0.14, 0.45, 0.56)],
  target: (x) => [box(x, x + 0.05, 0.25, 0.62), [at(x + 0.025, 0), at(x + 0.025, 0.25)]],
  cone: (x) => [[at(x - 0.05, 0), at(x, 0.15), at(x + 0.05, 0), at(x - 0.05, 0)]],
  bag: (x) => [box(x - 0.04, x + 0.04, 0, 0.34)],
  hurdle: (x) => [[at(x - 0.06, 0), at(x - 0.06, 0.16), at(x + 0.06, 0.16), at(x + 0.06, 0)]],
  post: (x) => [box(x - 0.012, x + 0.012, 0, 0.7)],
  chair: (x) => [
    [at(x - 0.12, 0.62), at(x - 0.1, 0.235), at(x + 0.12, 0.235), at(x + 0.12, 0)],
    [at(x - 0.1, 0.235), at(x - 0.1, 0)],
  ],
  /** On the ground, seen from the side: flat. */
  clock: (x) => [
    range(13).map((n) =>
      at(x + 0.13 * Math.cos((n * Math.PI) / 6), 0.025 * Math.sin((n * Math.PI) / 6) - 0.02),
    ),
    [at(x, -0.02), at(x + 0.13, -0.02)],
  ],
  /** Behind the body. */
  backWall: (x) => [box(x - 0.3, x + 0.3, 0, 1.12)],
  /** On a wall, at the height of the head. */
  mark: (x) => [[at(x - 0.12, 0.95), at(x + 0.12, 0.95)]],
  wedge: (x) => [[at(x - 0.08, 0), at(x - 0.08, 0.05), at(x + 0.06, 0), at(x - 0.08, 0)]],
  partner: (x) => [
    [at(x - 0.06, 0), at(x, 0.45), at(x + 0.06, 0)],
    [at(x, 0.45), at(x, 0.78)],
    [at(x - 0.12, 0.6), at(x, 0.74), at(x + 0.1, 0.56)],
  ],
  batter: (x) => [
    [at(x - 0.08, 0), at(x, 0.43), at(x + 0.08, 0)],
    [at(x, 0.43), at(x, 0.76)],
    [at(x, 0.72), at(x + 0.1, 0.62), at(x + 0.04, 0.72), at(x + 0.16, 1.08)],
  ],
};

/** A strap that nobody holds hangs down so far, body heights. */
const hangs = 0.5;

interface Sheet {
  flat: Flat;
  put: Put;
  scale: number;
}

function shapesOf(thing: Thing, points: Points, { flat, put, scale }: Sheet, held: boolean): Shape[] {
  const stroke = (path: string, width = 1.6): Shape => ({ path, width, ink: 'thing' });
  switch (thing.kind) {
    case 'mound':
      return [
        { path: put(at(-0.4, 0), at(0.15, 0), at(1.05, -0.05), at(-0.4, -0.05)), width: 0, ink: 'ground' },
      ];
    case 'tilt':
      return [{ path: put(at(-0.25, 0), at(0.9, 0), at(0.9, -0.05)), width: 0, ink: 'thing' }];
    case 'pad':
      return [{ path: put(...box(thing.from, thing.to, -0.05, 0)), width: 0, ink: 'ground' }];
    case 'tape':
      return [{ ...stroke(put(at(thing.from, -0.012), at(thing.to, -0.012)), 3), dashed: true }];
    case 'ball':
      return [{ path: circle(flat(at(thing.x, 0.025)), 0.026 * scale), width: 1.4, ink: 'ball' }];
    case 'strap':
    case 'band':
    case 'cord': {
      const end = held || !thing.letGo ? points[thing.to] : at(thing.x, thing.z - hangs);
      const ends = put(at(thing.x, thing.z), end);
      const anchor = circle(flat(at(thing.x, thing.z)), 0.018 * scale);
      return [
        { ...stroke(ends, thing.kind === 'band' ? 2.4 : 1.6), dashed: thing.kind !== 'strap' },
        { path: anchor, width: 0, ink: 'thing' },
      ];
    }
    case 'loop':
      return [stroke(put(points[thing.between[0]], points[thing.between[1]]), 3)];
    case 'held': {
      const r = thing.what === 'weight' ? 0.035 : 0.05;
      return [
        {
          path: circle(flat(points[thing.at]), r * scale),
          width: thing.what === 'ball' ? 1.6 : 0,
          ink: 'thing',
        },
      ];
    }
    default: {
      const head = { partner: 0.86, batter: 0.84 }[thing.kind as 'partner' | 'batter'];
      return [
        ...lines[thing.kind]!(thing.x).map((stick) => stroke(put(...stick))),
        ...(head
          ? [{ path: circle(flat(at(thing.x, head)), 0.06 * scale), width: 1.6, ink: 'thing' as const }]
          : []),
      ];
    }
  }
}

/** From where to where something goes along the ground. */
function reach(thing: Thing): number[] {
  switch (thing.kind) {
    case 'mound':
      return [-0.4, 1.05];
    case 'tilt':
      return [-0.25, 0.9];
    case 'pad':
    case 'tape':
      return [thing.from, thing.to];
    default:
      return 'x' in thing ? [thing.x, thing.x + ('z' in thing ? 0 : 0.14 * Math.sign(thing.x))] : [];
  }
}

interface Into {
  width: number;
  height: number;
  hand: Hand;
  discipline: Discipline;
}

/** The scene of a drill with how it goes; null for one without a figure. */
function sceneOf(drill: string, discipline: Discipline): { scene: Scene; steps: Movement } | null {
  const other = discipline === 'windmill' ? windmillScenes[drill] : undefined;
  const scene = other ?? scenes[drill];
  if (!scene) return null;
  return { scene, steps: (other ? undefined : ownMovements[drill]) ?? movements[scene.stance]! };
}

/** What is thrown at stands clear of a body that moves on, where it stands in front of it. */
const thrownAt = new Set<Thing['kind']>(['net', 'target', 'radar', 'batter', 'partner', 'mirror']);
const nearest = 0.6;

/** Even a body that lies is drawn no larger than one that stands, body heights. */
const lowest = 1.2;

/** Draws bodies among the things of a scene; as large as lets all of them be seen. */
function drawingOf({ things: given }: Scene, bodies: readonly Points[], { width, height, hand }: Into) {
  const body = bodies.flatMap((points) => Object.values(points).map(([x]) => x));
  const clear = Math.max(...body) + 0.08;
  const things = given.map((thing) =>
    thrownAt.has(thing.kind) && 'x' in thing && thing.x > nearest
      ? { ...thing, x: Math.max(thing.x, clear) }
      : thing,
  );
  const xs = [...body, ...things.flatMap(reach)];
  const [left, right] = [Math.min(...xs) - 0.08, Math.max(...xs) + 0.08];
  const top = Math.max(
    lowest,
    ...bodies.flatMap((points) => Object.values(points).map(([, , z]) => z + 0.04)),
  );
  const tall = Math.min((height * groundAt) / top, width / (right - left));
  const frame: Frame = { width, height, hand, view: 'side', tall };
  const middle = (left + right) / 2;
  const flat = flattening(frame, middle);
  const put: Put = (...vectors) => pathOf(vectors.map(flat));
  return (pose: Pose, points: Points, held = true): Shape[] => [
    { path: put(at(left, 0), at(right, 0)), width: 1, ink: 'ground' },
    ...things.flatMap((thing) => shapesOf(thing, points, { flat, put, scale: tall }, held)),
    ...shapesOfBody(drawPoints(points, pose.ball, frame, middle)),
  ];
}

/**
 * The set-up of a drill as a picture, mirrored for left-handers; seen from the chest side, the target to one hand.
 *
 * @param into width and height of the picture, px; the hand, and whose delivery it is, where the drill is for both
 * @returns shapes from back to front; null for a drill without a figure
 * @example drawScene('no-such-drill', { width: 200, height: 160, hand: 'R', discipline: 'overhand' }) // null
 */
export function drawScene(drill: string, into: Into): Shape[] | null {
  const found = sceneOf(drill, into.discipline);
  if (!found) return null;
  const pose = stances[found.scene.stance];
  const points = bodyPoints(pose);
  return drawingOf(found.scene, [points], into)(pose, points);
}

/** From so many instants it is known how far a body reaches. */
const looked = 24;

/**
 * How a drill goes, as drawings; the best of them is its still figure.
 *
 * @param rate frames a second
 * @returns null for a drill without a figure
 * @example drawGoing('no-such-drill', { width: 200, height: 160, hand: 'R', discipline: 'overhand' }, 30) // null
 */
export function drawGoing(drill: string, into: Into, rate: number): MovingDrawing | null {
  const found = sceneOf(drill, into.discipline);
  if (!found) return null;
  const hold = found.steps.find((step) => step.here)!.stay;
  const { seconds, here, at } = steppedBody(found.steps, stances[found.scene.stance]);
  const sampled = Array.from({ length: looked }, (_, n) => at((n * seconds) / (looked - 1)).points);
  const draw = drawingOf(found.scene, [...sampled, at(here).points], into);
  const count = Math.floor(seconds * rate + 1e-9) + 1;
  return {
    count,
    frame: framed((n) => {
      const { pose, points } = at(n / rate);
      return draw(pose, points, n / rate <= here + hold);
    }),
    best: Math.min(count - 1, Math.round(here * rate)),
  };
}
