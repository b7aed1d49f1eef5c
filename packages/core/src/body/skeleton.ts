/**
 * The parts of a body and how they hang together. Lengths are shares of body height. x points to the target, y to the
 * side that the chest faces when the body is closed, z up.
 */
export type Vector = readonly [x: number, y: number, z: number];
/** Where a part points: degrees round from the target toward the chest side, and up from level. */
export type Pointing = readonly [round: number, up: number];

export interface Leg {
  thigh: Pointing;
  shin: Pointing;
  /** Where the toes point, degrees round; `heel` lifts the heel, degrees. */
  toes: number;
  heel: number;
}

export interface Arm {
  upper: Pointing;
  fore: Pointing;
}

export interface Pose {
  pelvis: {
    /** How far from the rubber, in body heights. */
    x: number;
    /** 0 closed, 90 facing the target. */
    turn: number;
    /** Lead side up, degrees. */
    list: number;
  };
  trunk: {
    /** Toward the target, degrees from upright. */
    lean: number;
    /** Toward where the chest faces. */
    bend: number;
    /** Of the shoulders, as of the pelvis. */
    turn: number;
    /** Lead shoulder up. */
    list: number;
    /** Upper back rounded forward. */
    round: number;
  };
  head: { look: number; drop: number };
  lead: Leg;
  trail: Leg;
  throwing: Arm;
  glove: Arm;
  /** Off the ground, in body heights. */
  air: number;
  ball: boolean;
}

/** What differs from a pose, part by part. */
export type PoseChange = { [K in keyof Pose]?: Pose[K] extends object ? Partial<Pose[K]> : Pose[K] };

export const joints = [
  'head',
  'brim',
  'neck',
  'chest',
  'pelvis',
  'leadShoulder',
  'trailShoulder',
  'leadHip',
  'trailHip',
  'leadKnee',
  'trailKnee',
  'leadAnkle',
  'trailAnkle',
  'leadHeel',
  'trailHeel',
  'leadToe',
  'trailToe',
  'throwingElbow',
  'gloveElbow',
  'throwingHand',
  'gloveHand',
] as const;
export type Joint = (typeof joints)[number];
export type Points = Record<Joint, Vector>;

/** Lengths of a body as it is drawn. */
export const drawnLengths = {
  hips: 0.085,
  shoulders: 0.115,
  trunk: 0.29,
  neck: 0.055,
  head: 0.075,
  upperArm: 0.165,
  forearm: 0.185,
  thigh: 0.245,
  shin: 0.235,
  foot: 0.13,
  ankle: 0.04,
} as const;
export type Lengths = Readonly<Record<keyof typeof drawnLengths, number>>;

/** Lengths of a body that is measured: the published shares of height for thigh, shank and trunk. */
export const measuredLengths: Lengths = { ...drawnLengths, trunk: 0.308, shin: 0.246 };

/** How far a body reaches beyond its joints, where one may lie, sit or kneel on it. */
const flesh: Partial<Record<Joint, number>> = {
  head: 0.07,
  chest: 0.055,
  pelvis: 0.055,
  leadShoulder: 0.035,
  trailShoulder: 0.035,
  leadHip: 0.04,
  trailHip: 0.04,
  leadKnee: 0.028,
  trailKnee: 0.028,
};

const radians = (degrees: number): number => (degrees * Math.PI) / 180;
const sin = (degrees: number): number => Math.sin(radians(degrees));
const cos = (degrees: number): number => Math.cos(radians(degrees));
const plus = (a: Vector, b: Vector, times = 1): Vector => [
  a[0] + times * b[0],
  a[1] + times * b[1],
  a[2] + times * b[2],
];
const way = ([round, up]: Pointing): Vector => [cos(up) * cos(round), cos(up) * sin(round), sin(up)];
/** From the middle to the lead side of a line that is turned and listed. */
const leadward = (turn: number, list: number): Vector => [
  cos(list) * cos(turn),
  -cos(list) * sin(turn),
  sin(list),
];
const facing = (turn: number): Vector => [sin(turn), cos(turn), 0];

function foot(ankle: Vector, { toes, heel }: Leg, length: Lengths): { heel: Vector; toe: Vector } {
  const along: Vector = [cos(toes), sin(toes), 0];
  const low = plus(ankle, [0, 0, -1], length.ankle);
  return {
    heel: plus(plus(low, along, -0.03), [0, 0, 1], 0.1 * sin(heel)),
    toe: plus(low, along, length.foot - 0.03 - 0.04 * (1 - cos(heel))),
  };
}

/**
 * Where every joint of a posed body is; the lowest part touches the ground unless the pose is in the air.
 *
 * @example Object.keys(bodyPoints(stance)).includes('leadKnee') // true
 */
export function bodyPoints(pose: Pose, length: Lengths = drawnLengths): Points {
  const { pelvis, trunk, head, lead, trail, throwing, glove } = pose;
  const middle: Vector = [pelvis.x, 0, 0];
  const hipLine = leadward(pelvis.turn, pelvis.list);
  const leadHip = plus(middle, hipLine, length.hips);
  const trailHip = plus(middle, hipLine, -length.hips);
  const leg = (hip: Vector, parts: Leg) => {
    const knee = plus(hip, way(parts.thigh), length.thigh);
    const ankle = plus(knee, way(parts.shin), length.shin);
    return { knee, ankle, ...foot(ankle, parts, length) };
  };
  const [leadLeg, trailLeg] = [leg(leadHip, lead), leg(trailHip, trail)];
  const chestWay = facing((pelvis.turn + trunk.turn) / 2);
  const spine: Vector = (() => {
    const raw = plus([sin(trunk.lean), 0, cos(trunk.lean) * cos(trunk.bend)], chestWay, sin(trunk.bend));
    const size = Math.hypot(...raw);
    return [raw[0] / size, raw[1] / size, raw[2] / size];
  })();
  const chest = plus(middle, spine, length.trunk * 0.55);
  const upper = plus(spine, chestWay, sin(trunk.round));
  const neck = plus(chest, upper, (length.trunk * 0.45) / Math.hypot(...upper));
  const look: Vector = [cos(head.look) * cos(head.drop), sin(head.look) * cos(head.drop), -sin(head.drop)];
  const headTop = plus(plus(neck, upper, length.neck + length.head), look, 0.05 * sin(head.drop));
  const shoulderLine = leadward(trunk.turn, trunk.list);
  const under = plus(neck, [0, 0, -1], 0.02);
  const leadShoulder = plus(under, shoulderLine, length.shoulders);
  const trailShoulder = plus(under, shoulderLine, -length.shoulders);
  const arm = (shoulder: Vector, parts: Arm) => {
    const elbow = plus(shoulder, way(parts.upper), length.upperArm);
    return { elbow, hand: plus(elbow, way(parts.fore), length.forearm) };
  };
  const [throwingArm, gloveArm] = [arm(trailShoulder, throwing), arm(leadShoulder, glove)];
  const points: Points = {
    head: headTop,
    brim: plus(headTop, look, 0.11),
    neck,
    chest,
    pelvis: middle,
    leadShoulder,
    trailShoulder,
    leadHip,
    trailHip,
    leadKnee: leadLeg.knee,
    trailKnee: trailLeg.knee,
    leadAnkle: leadLeg.ankle,
    trailAnkle: trailLeg.ankle,
    leadHeel: leadLeg.heel,
    trailHeel: trailLeg.heel,
    leadToe: leadLeg.toe,
    trailToe: trailLeg.toe,
    throwingElbow: throwingArm.elbow,
    gloveElbow: gloveArm.elbow,
    throwingHand: throwingArm.hand,
    gloveHand: gloveArm.hand,
  };
  const lowest = Math.min(...joints.map((joint) => points[joint][2] - (flesh[joint] ?? 0)));
  const raised = pose.air - lowest;
  for (const joint of joints) points[joint] = plus(points[joint], [0, 0, 1], raised);
  return points;
}

/**
 * A pose with some of its parts otherwise.
 *
 * @example changed(stance, {}).pelvis === stance.pelvis // true
 */
export function changed(pose: Pose, change: PoseChange): Pose {
  const parts = Object.keys(pose) as (keyof Pose)[];
  return Object.fromEntries(
    parts.map((part) => {
      const other = change[part];
      const own = pose[part];
      if (other === undefined) return [part, own];
      return [part, typeof own === 'object' ? { ...own, ...(other as object) } : other];
    }),
  ) as unknown as Pose;
}
