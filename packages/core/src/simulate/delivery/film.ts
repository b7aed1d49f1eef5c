import type { Points, Vector } from '../../body';
import { bodyJoints, type BodyJoint, type KeypointClip, type MotionView } from '../../motion/keypoints';
import { FieldError } from '../../units/fieldError';
import { rng, type Rng } from '../../units/rng';
import { pretendDelivery, type Delivery, type PretendMotion } from './delivery';

export interface PretendFilm extends PretendMotion {
  fps: number;
  view?: MotionView | undefined;
  /** How far the camera stands off its side, degrees. */
  yaw?: number | undefined;
  /** How high the camera stands, body heights. */
  cameraHeight?: number | undefined;
  /** How far off a tracker puts the points, 1 as it usually does; 0 sees all as it is. */
  noise?: number | undefined;
  /** Share of points that are not seen, and of frames in which left and right change places. */
  dropOuts?: number | undefined;
  swaps?: number | undefined;
}

const size = [960, 540] as const;
/** Body height in the picture, px, and how far away the camera stands, body heights. */
const tall = 330;
const distance = 4.2;
const ground = 480;

/** What a tracker usually is off by, % of height: from frame to frame, and for a while together. */
const usualNoise: Readonly<Record<'leg' | 'trunk' | 'arm', readonly [quick: number, slow: number]>> = {
  leg: [0.45, 0.8],
  trunk: [0.4, 0.7],
  arm: [0.8, 1.3],
};
/** For so long an error stays about the same, s. */
const slowSeconds = 0.25;

const kindOf = (joint: BodyJoint): keyof typeof usualNoise =>
  /Hip|Knee|Ankle/.test(joint) ? 'leg' : /Elbow|Wrist/.test(joint) ? 'arm' : 'trunk';

const between = (a: Vector, b: Vector, share: number): Vector => [
  a[0] + share * (b[0] - a[0]),
  a[1] + share * (b[1] - a[1]),
  a[2] + share * (b[2] - a[2]),
];

/** The points that a tracker knows, of a right-hander. */
function tracked(points: Points): Record<BodyJoint, Vector> {
  const { head, brim, neck } = points;
  const face = between(head, brim, 0.45);
  const [a, b] = [points.leadShoulder, points.trailShoulder];
  // Eyes and ears lie along the line of the shoulders.
  const aside = (from: Vector, share: number): Vector => [
    from[0] + share * (a[0] - b[0]),
    from[1] + share * (a[1] - b[1]),
    from[2] + 0.02,
  ];
  const middle = between(neck, head, 0.8);
  return {
    nose: face,
    leftEye: aside(face, 0.12),
    rightEye: aside(face, -0.12),
    leftEar: aside(middle, 0.28),
    rightEar: aside(middle, -0.28),
    leftShoulder: points.leadShoulder,
    rightShoulder: points.trailShoulder,
    leftElbow: points.gloveElbow,
    rightElbow: points.throwingElbow,
    leftWrist: points.gloveHand,
    rightWrist: points.throwingHand,
    leftHip: points.leadHip,
    rightHip: points.trailHip,
    leftKnee: points.leadKnee,
    rightKnee: points.trailKnee,
    leftAnkle: points.leadAnkle,
    rightAnkle: points.trailAnkle,
  };
}

const mirrored = (joint: BodyJoint): BodyJoint =>
  joint.replace(/^(left|right)/, (side) => (side === 'left' ? 'right' : 'left')) as BodyJoint;

const facing: Readonly<Record<MotionView, number>> = {
  'open-side': 90,
  front: 0,
  'closed-side': -90,
  behind: 180,
};

/** From body heights to pixels: a camera at its side, so far off it, and so high. */
function camera({ throws, view = 'open-side', yaw = 0, cameraHeight = 0.6 }: PretendFilm, middle: number) {
  // Where the camera stands round the body, from the target toward the chest side of a right-hander.
  const round = ((facing[view] + yaw) * Math.PI) / 180;
  const [sin, cos] = [Math.sin(round), Math.cos(round)];
  const mirror = throws === 'R' ? 1 : -1;
  return ([x, y, z]: Vector): [number, number] => {
    const away = distance - ((x - middle) * cos + y * sin);
    const across = (x - middle) * sin - y * cos;
    const scale = (tall * distance) / away;
    return [size[0] / 2 + mirror * across * scale, ground - cameraHeight * tall - (z - cameraHeight) * scale];
  };
}

/** An error that wanders: for a while together, around nothing. */
function wandering(random: Rng, spread: number, fps: number): () => number {
  const keep = Math.exp(-1 / (slowSeconds * fps));
  let value = spread * random.normal();
  return () => {
    const now = value;
    value = keep * value + Math.sqrt(1 - keep ** 2) * spread * random.normal();
    return now;
  };
}

/**
 * A pretend film of a delivery as a tracker gives it, with the delivery itself.
 *
 * @throws FieldError for a rate below 10, and for what `pretendDelivery` refuses
 * @example pretendFilm({ discipline: 'overhand', throws: 'R', fps: 60, noise: 0 }).clip.towards // 'right'
 */
export function pretendFilm(film: PretendFilm): { clip: KeypointClip; delivery: Delivery } {
  const { discipline, throws, fps, view = 'open-side', noise = 1, dropOuts = 0, swaps = 0, seed = 1 } = film;
  if (!(fps >= 10)) throw new FieldError('fps', 'must be at least 10');
  const delivery = pretendDelivery(film);
  const random = rng(seed + 7919);
  const count = Math.floor(delivery.seconds * fps + 1e-9) + 1;
  const put = camera(film, 0.35);
  const errors = new Map(
    bodyJoints.map((joint) => {
      const [quick, slow] = usualNoise[kindOf(joint)].map((each) => (noise * each * tall) / 100) as [
        number,
        number,
      ];
      const wander = [wandering(random, slow, fps), wandering(random, slow, fps)];
      return [joint, () => wander.map((each) => each() + quick * random.normal())] as const;
    }),
  );
  const frames = Array.from({ length: count }, (_, i) => {
    const points = tracked(delivery.at(i / fps));
    const swapped = new Set(swaps ? ['Hip', 'Knee', 'Ankle'].filter(() => random.chance(swaps)) : []);
    const keypoints = bodyJoints.map((joint): [number, number, number] => {
      // A left-hander is a right-hander in the mirror: what is drawn on the left is the other joint.
      const own = throws === 'R' ? joint : mirrored(joint);
      const seen = [...swapped].some((pair) => own.endsWith(pair)) ? mirrored(own) : own;
      const [x, y] = put(points[seen]);
      const [dx, dy] = errors.get(joint)!() as [number, number];
      const score = dropOuts && random.chance(dropOuts) ? 0.1 : 0.85;
      return [x + dx, y + dy, score];
    });
    return { t: i / fps, keypoints };
  });
  const side = view.endsWith('side');
  const toRight = (view === 'open-side') === (throws === 'R');
  return {
    clip: {
      discipline,
      throws,
      view,
      ...(side ? { towards: toRight ? ('right' as const) : ('left' as const) } : {}),
      fps,
      size,
      frames,
    },
    delivery,
  };
}
