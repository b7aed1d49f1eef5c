import { postureOf } from './postures';
import { changed, type Arm, type Leg, type Pose, type PoseChange } from './skeleton';

const start = postureOf('overhand', 'setup');
const from = (base: Pose, change: PoseChange): Pose => changed(base, { ball: false, ...change });
const hanging: Arm = { upper: [90, -80], fore: [80, -70] };
const down: Leg = { thigh: [0, -88], shin: [180, -88], toes: 80, heel: 0 };

const lying = { turn: 0, list: 0 } as const;
/** On the back, the head away from the target. */
const onBack: PoseChange = {
  pelvis: { x: 0.2, ...lying },
  trunk: { lean: -90, bend: 0, turn: 90, list: 0, round: 0 },
  head: { look: 90, drop: -80 },
  throwing: { upper: [10, 0], fore: [0, 0] },
  glove: { upper: [10, 0], fore: [0, 0] },
};
const allFours: PoseChange = {
  pelvis: { x: 0, turn: 90 },
  trunk: { lean: 84, turn: 90 },
  head: { look: 0, drop: 40 },
  lead: { thigh: [0, -88], shin: [180, 0], toes: 180, heel: 60 },
  trail: { thigh: [0, -88], shin: [180, 0], toes: 180, heel: 60 },
  throwing: { upper: [0, -86], fore: [0, -88] },
  glove: { upper: [0, -86], fore: [0, -88] },
};
const halfKneeling: PoseChange = {
  pelvis: { turn: 90 },
  trunk: { turn: 90, lean: 0 },
  head: { look: 0, drop: 6 },
  lead: { thigh: [0, -4], shin: [0, -88], toes: 0 },
  trail: { thigh: [180, -80], shin: [180, 0], toes: 180, heel: 60 },
  throwing: hanging,
  glove: hanging,
};
const facing: PoseChange = {
  pelvis: { turn: 90 },
  trunk: { turn: 90 },
  head: { look: 0, drop: 6 },
  lead: { ...down, toes: 0 },
  trail: { ...down, toes: 0 },
  throwing: { upper: [0, -70], fore: [0, -30] },
  glove: { upper: [0, -70], fore: [0, -30] },
};

const { lift, glide, plant, turn, release, finish } = Object.fromEntries(
  (['lift', 'glide', 'plant', 'turn', 'release', 'finish'] as const).map((phase) => [
    phase,
    postureOf('overhand', phase),
  ]),
) as Record<'lift' | 'glide' | 'plant' | 'turn' | 'release' | 'finish', Pose>;
const windmill = (phase: 'setup' | 'load' | 'drive' | 'circle' | 'plant' | 'through' | 'finish') =>
  postureOf('windmill', phase);
const shortStride: PoseChange = { pelvis: { x: 0.32 } };
const hinged: PoseChange = {
  pelvis: { x: 0.1 },
  trunk: { bend: 24, turn: -6 },
  lead: { thigh: [20, -58], shin: [0, -74], toes: 70 },
  trail: { thigh: [150, -58], shin: [190, -76], toes: 90 },
};

/** How a body stands, sits or lies in a drill, beside the phases of a delivery. */
export const stances = {
  standing: from(start, { throwing: hanging, glove: hanging }),
  withBall: start,
  lift: from(lift, {}),
  liftBall: lift,
  drift: from(lift, {
    pelvis: { x: 0.13, turn: -8 },
    trunk: { lean: -6 },
    trail: { thigh: [165, -72], shin: [188, -76], toes: 90 },
  }),
  glide: from(glide, {}),
  plantBall: plant,
  landing: from(plant, {}),
  turnBall: turn,
  releaseBall: release,
  finish: from(finish, {}),
  finishTall: from(finish, { trunk: { lean: 40 }, lead: { thigh: [0, -84], shin: [180, -88], toes: 0 } }),
  shortLanding: changed(plant, shortStride),
  hinged: changed(start, hinged),
  wide: changed(plant, {
    pelvis: { x: 0.3, turn: 10 },
    trunk: { turn: 0 },
    throwing: { upper: [160, -40], fore: [150, -60] },
  }),
  closedOpen: changed(plant, { pelvis: { x: 0.3, turn: 80 }, trunk: { turn: -10, lean: -4 } }),
  wallSeat: from(lift, {
    pelvis: { x: 0, turn: 0 },
    trunk: { bend: 12, turn: 0 },
    lead: { thigh: [10, 2], shin: [0, -64], toes: 0, heel: 24 },
    trail: { thigh: [60, -34], shin: [240, -86], toes: 90 },
  }),
  tapAcross: from(lift, {
    lead: { thigh: [150, -60], shin: [190, -64], toes: 90, heel: 40 },
    trunk: { lean: 6 },
  }),
  pickUp: from(lift, {
    trunk: { bend: 78 },
    head: { look: 90, drop: 60 },
    lead: { thigh: [270, -6], shin: [270, -20], toes: 270, heel: 70 },
    throwing: { upper: [90, -84], fore: [90, -84] },
    glove: { upper: [60, -60], fore: [60, -60] },
  }),
  toeReach: from(finish, {
    pelvis: { x: 0.2, turn: 90 },
    trunk: { lean: 80, turn: 90 },
    lead: { thigh: [0, -78], shin: [180, -84], toes: 0 },
    trail: { thigh: [180, 4], shin: [180, -4], toes: 180, heel: 60 },
    throwing: { upper: [0, -84], fore: [0, -84] },
    glove: { upper: [180, -40], fore: [180, -30] },
  }),
  onBackBridge: from(start, {
    ...onBack,
    trunk: { lean: -112, bend: 0, turn: 90, list: 0 },
    lead: { thigh: [0, 24], shin: [0, -84], toes: 0 },
    trail: { thigh: [0, 24], shin: [0, -84], toes: 0 },
  }),
  onBackFigureFour: from(start, {
    ...onBack,
    lead: { thigh: [0, 60], shin: [0, -10], toes: 90 },
    trail: { thigh: [20, 54], shin: [150, 10], toes: 90 },
    throwing: { upper: [0, 20], fore: [0, 24] },
    glove: { upper: [0, 20], fore: [0, 24] },
  }),
  onSide: from(start, {
    pelvis: { x: 0.2, turn: 0, list: 0 },
    trunk: { lean: -90, bend: 0, turn: 0, list: 60 },
    head: { look: 90, drop: 0 },
    lead: { thigh: [0, 30], shin: [0, 30], toes: 90 },
    trail: { thigh: [30, 0], shin: [150, 0], toes: 90 },
    throwing: { upper: [180, 0], fore: [180, 20] },
    glove: { upper: [30, -20], fore: [0, -30] },
  }),
  plank: from(start, {
    pelvis: { x: 0, turn: 90 },
    trunk: { lean: 82, turn: 90 },
    head: { look: 0, drop: 50 },
    lead: { thigh: [180, -8], shin: [180, -8], toes: 180, heel: 80 },
    trail: { thigh: [180, -8], shin: [180, -8], toes: 180, heel: 80 },
    throwing: { upper: [0, -84], fore: [0, 0] },
    glove: { upper: [0, -84], fore: [0, 0] },
  }),
  allFours: from(start, allFours),
  rockBack: from(start, {
    ...allFours,
    lead: { thigh: [80, -20], shin: [80, -20], toes: 90, heel: 0 },
    trail: { thigh: [0, -60], shin: [180, 0], toes: 180, heel: 60 },
    trunk: { lean: 70, turn: 90 },
    throwing: { upper: [0, -54], fore: [0, -58] },
    glove: { upper: [0, -54], fore: [0, -58] },
  }),
  halfKneeling: from(start, halfKneeling),
  halfKneelingReach: from(start, {
    ...halfKneeling,
    throwing: { upper: [150, 84], fore: [30, 80] },
  }),
  kneelingThrow: changed(windmill('circle'), {
    pelvis: { x: 0.1 },
    air: 0,
    lead: { thigh: [2, -8], shin: [0, -88], toes: 20 },
    trail: { thigh: [180, -82], shin: [180, 0], toes: 180, heel: 60 },
  }),
  seatedChair: from(start, {
    ...facing,
    trunk: { turn: 60, lean: 0 },
    lead: { thigh: [0, -2], shin: [0, -88], toes: 0 },
    trail: { thigh: [0, -2], shin: [0, -88], toes: 0 },
    throwing: { upper: [60, -30], fore: [300, 40] },
    glove: { upper: [30, -30], fore: [200, 40] },
  }),
  seatedFloor: from(start, {
    ...facing,
    trunk: { turn: 90, lean: -24 },
    lead: { thigh: [-16, 42], shin: [0, -50], toes: 0 },
    trail: { thigh: [16, 30], shin: [10, -36], toes: 20 },
    throwing: { upper: [180, -66], fore: [180, -74] },
    glove: { upper: [180, -66], fore: [180, -74] },
  }),
  lunge: from(start, {
    ...facing,
    lead: { thigh: [0, -24], shin: [180, -86], toes: 0 },
    trail: { thigh: [180, -62], shin: [180, -26], toes: 0, heel: 60 },
  }),
  halfSquat: from(start, {
    ...facing,
    trunk: { turn: 90, lean: 24 },
    lead: { thigh: [0, -40], shin: [180, -66], toes: 0 },
    trail: { thigh: [0, -40], shin: [180, -66], toes: 0 },
  }),
  jumpLanding: from(start, {
    ...facing,
    trunk: { turn: 90, lean: 40 },
    lead: { thigh: [0, -34], shin: [180, -60], toes: 0 },
    trail: { thigh: [0, -34], shin: [180, -60], toes: 0 },
    throwing: { upper: [180, -40], fore: [180, -40] },
    glove: { upper: [180, -40], fore: [180, -40] },
  }),
  leanAtWall: from(start, {
    ...facing,
    trunk: { turn: 90, lean: 16 },
    lead: { thigh: [0, -60], shin: [180, -84], toes: 0 },
    trail: { thigh: [180, -66], shin: [180, -60], toes: 0, heel: 10 },
  }),
  running: from(start, {
    ...facing,
    trunk: { turn: 90, lean: 8 },
    lead: { thigh: [0, -10], shin: [180, -76], toes: 0 },
    trail: { thigh: [180, -70], shin: [180, -50], toes: 0, heel: 60 },
    throwing: { upper: [0, -50], fore: [0, 30] },
    glove: { upper: [180, -40], fore: [0, -50] },
  }),
  pulling: from(start, {
    ...facing,
    throwing: { upper: [150, -20], fore: [10, -4] },
    glove: { upper: [200, -20], fore: [0, -4] },
  }),
  playingCatch: changed(plant, { pelvis: { x: 0.2, turn: 40 }, trunk: { lean: 0 } }),
  hipSnap: from(plant, {
    pelvis: { x: 0.3, turn: 84 },
    trunk: { turn: 0, lean: -2 },
    throwing: { upper: [110, -44], fore: [20, 12] },
    glove: { upper: [60, -44], fore: [160, 12] },
  }),
  stickSnap: from(plant, {
    pelvis: { x: 0.3, turn: 84 },
    trunk: { turn: 0, lean: -2 },
    throwing: { upper: [176, -24], fore: [170, 50] },
    glove: { upper: [4, -24], fore: [10, 50] },
  }),
  ballAtEar: changed(start, { throwing: { upper: [60, 4], fore: [130, 80] }, glove: hanging }),
  softStep: from(windmill('plant'), {
    pelvis: { x: 0.28, turn: 80 },
    trunk: { lean: 2, turn: 80 },
    lead: { thigh: [2, -58], shin: [180, -86], toes: 40 },
    trail: { thigh: [174, -72], shin: [182, -58], toes: 20, heel: 40 },
    throwing: hanging,
    glove: hanging,
  }),
  quietLanding: from(windmill('plant'), { throwing: hanging, glove: hanging }),
  throughEmpty: from(windmill('through'), {}),
  kneesTogether: from(windmill('through'), {
    pelvis: { x: 0.58, turn: 60 },
    trail: { thigh: [10, -80], shin: [182, -44], toes: 20, heel: 60 },
  }),
  handsOnWall: from(start, {
    ...facing,
    trunk: { turn: 90, lean: 18 },
    lead: { thigh: [180, -68], shin: [180, -62], toes: 0, heel: 0 },
    trail: { thigh: [0, -56], shin: [180, -80], toes: 0 },
    throwing: { upper: [0, -16], fore: [0, 14] },
    glove: { upper: [0, -16], fore: [0, 14] },
  }),
  load: from(windmill('load'), {}),
  drive: from(windmill('drive'), {}),
  driveBall: windmill('drive'),
  circle: from(windmill('circle'), { air: 0, pelvis: { x: 0.2 } }),
  circleBall: changed(windmill('circle'), { air: 0, pelvis: { x: 0.2 } }),
  windmillLanding: from(windmill('plant'), {}),
  windmillLandingBall: windmill('plant'),
  through: windmill('through'),
  windmillFinish: from(windmill('finish'), {}),
  windmillStart: from(windmill('setup'), {}),
} as const satisfies Record<string, Pose>;
export type Stance = keyof typeof stances;
