import type { Discipline, OverhandPhase, Phase, WindmillPhase } from '../catalogue';
import { changed, type Pose, type PoseChange } from './skeleton';

const standing: Pose = {
  pelvis: { x: 0, turn: 0, list: 0 },
  trunk: { lean: 0, bend: 4, turn: 0, list: 0, round: 0 },
  head: { look: 20, drop: 8 },
  lead: { thigh: [20, -86], shin: [180, -88], toes: 75, heel: 0 },
  trail: { thigh: [160, -86], shin: [0, -88], toes: 90, heel: 0 },
  throwing: { upper: [80, -62], fore: [40, 22] },
  glove: { upper: [100, -62], fore: [140, 22] },
  air: 0,
  ball: true,
};

const posture = (change: PoseChange): Pose => changed(standing, change);

const overhand: Record<OverhandPhase, Pose> = {
  setup: posture({}),
  lift: posture({
    pelvis: { x: 0.01, turn: -8 },
    trunk: { lean: 2, turn: -8 },
    lead: { thigh: [80, 8], shin: [100, -82], toes: 80 },
    trail: { thigh: [100, -84], shin: [260, -86], toes: 90 },
  }),
  glide: posture({
    pelvis: { x: 0.3, turn: 2, list: 0 },
    trunk: { lean: -3, bend: 12, turn: -8, list: 6 },
    lead: { thigh: [25, -38], shin: [12, -60], toes: 60 },
    trail: { thigh: [140, -50], shin: [196, -52], toes: 90 },
    throwing: { upper: [175, -48], fore: [185, -50] },
    glove: { upper: [8, -30], fore: [20, -8] },
  }),
  plant: posture({
    pelvis: { x: 0.5, turn: 52 },
    trunk: { lean: -2, bend: 2, turn: 4, list: 4 },
    lead: { thigh: [-4, -40], shin: [180, -84], toes: 12 },
    trail: { thigh: [172, -52], shin: [184, -36], toes: 60, heel: 45 },
    throwing: { upper: [178, 2], fore: [176, 82] },
    glove: { upper: [2, -4], fore: [14, 4] },
  }),
  turn: posture({
    pelvis: { x: 0.56, turn: 82 },
    trunk: { lean: 10, bend: 4, turn: 62, list: -6 },
    lead: { thigh: [-4, -48], shin: [180, -86], toes: 8 },
    trail: { thigh: [178, -56], shin: [180, -34], toes: 20, heel: 70 },
    throwing: { upper: [122, 6], fore: [172, 26] },
    glove: { upper: [-38, -38], fore: [70, 20] },
  }),
  release: posture({
    pelvis: { x: 0.64, turn: 96 },
    trunk: { lean: 34, bend: 0, turn: 96, list: -18 },
    lead: { thigh: [2, -60], shin: [0, -84], toes: 6 },
    trail: { thigh: [176, -54], shin: [180, -18], toes: 0, heel: 80 },
    throwing: { upper: [66, 18], fore: [14, 40] },
    glove: { upper: [-88, -56], fore: [40, 24] },
  }),
  finish: posture({
    pelvis: { x: 0.68, turn: 118 },
    trunk: { lean: 62, bend: 0, turn: 128, list: -8 },
    head: { look: 0, drop: 10 },
    lead: { thigh: [0, -76], shin: [180, -88], toes: 0 },
    trail: { thigh: [150, -34], shin: [190, -4], toes: 0, heel: 60 },
    throwing: { upper: [-12, -46], fore: [-60, -58] },
    glove: { upper: [-120, -40], fore: [-20, -10] },
    ball: false,
  }),
};

const windmill: Record<WindmillPhase, Pose> = {
  setup: posture({
    pelvis: { turn: 88 },
    trunk: { lean: 4, bend: 0, turn: 88 },
    head: { look: 0, drop: 6 },
    lead: { thigh: [175, -86], shin: [180, -80], toes: 6 },
    trail: { thigh: [5, -86], shin: [180, -86], toes: 6 },
    throwing: { upper: [10, -64], fore: [-20, 8] },
    glove: { upper: [-10, -64], fore: [20, 8] },
  }),
  load: posture({
    pelvis: { x: 0.02, turn: 84 },
    trunk: { lean: 30, bend: 0, turn: 84 },
    head: { look: 0, drop: 4 },
    lead: { thigh: [175, -70], shin: [180, -40], toes: 6, heel: 50 },
    trail: { thigh: [0, -48], shin: [180, -62], toes: 6 },
    throwing: { upper: [182, -40], fore: [178, -26] },
    glove: { upper: [10, -60], fore: [0, -30] },
  }),
  drive: posture({
    pelvis: { x: 0.3, turn: 62 },
    trunk: { lean: 8, bend: 0, turn: 56 },
    head: { look: 0, drop: 4 },
    lead: { thigh: [6, -6], shin: [4, -58], toes: 10 },
    trail: { thigh: [176, -56], shin: [184, -44], toes: 20, heel: 60 },
    throwing: { upper: [6, 14], fore: [4, 24] },
    glove: { upper: [-4, -4], fore: [0, 8] },
  }),
  circle: posture({
    pelvis: { x: 0.42, turn: 24 },
    trunk: { lean: -2, bend: 0, turn: 16, list: -10 },
    head: { look: 0, drop: 4 },
    lead: { thigh: [2, -28], shin: [0, -56], toes: 20 },
    trail: { thigh: [172, -56], shin: [186, -34], toes: 60, heel: 60 },
    throwing: { upper: [120, 78], fore: [30, 74] },
    glove: { upper: [0, 4], fore: [0, 10] },
    air: 0.02,
  }),
  plant: posture({
    pelvis: { x: 0.52, turn: 14 },
    trunk: { lean: -4, bend: 0, turn: 8, list: 4 },
    head: { look: 0, drop: 4 },
    lead: { thigh: [2, -52], shin: [6, -72], toes: 45 },
    trail: { thigh: [166, -60], shin: [186, -34], toes: 60, heel: 60 },
    throwing: { upper: [176, 12], fore: [172, 2] },
    glove: { upper: [2, -14], fore: [6, 2] },
  }),
  through: posture({
    pelvis: { x: 0.56, turn: 44 },
    trunk: { lean: -4, bend: 0, turn: 36, list: 6 },
    head: { look: 0, drop: 4 },
    lead: { thigh: [2, -58], shin: [4, -78], toes: 45 },
    trail: { thigh: [174, -72], shin: [184, -32], toes: 40, heel: 70 },
    throwing: { upper: [150, -76], fore: [16, -66] },
    glove: { upper: [-10, -50], fore: [10, -20] },
  }),
  finish: posture({
    pelvis: { x: 0.6, turn: 84 },
    trunk: { lean: 2, bend: 0, turn: 84, list: 0 },
    head: { look: 0, drop: 4 },
    lead: { thigh: [2, -76], shin: [180, -88], toes: 30 },
    trail: { thigh: [20, -72], shin: [184, -72], toes: 10, heel: 20 },
    throwing: { upper: [4, -24], fore: [-10, 46] },
    glove: { upper: [-30, -58], fore: [20, 10] },
    ball: false,
  }),
};

const byDiscipline: Record<Discipline, Partial<Record<Phase, Pose>>> = { overhand, windmill };

/**
 * How a body stands in a phase when nothing is wrong.
 *
 * @example postureOf('windmill', 'circle') === postureOf('windmill', 'circle') // true
 */
export const postureOf = (discipline: Discipline, phase: Phase): Pose => byDiscipline[discipline][phase]!;
