import { fault, type Fault } from './fault';

/** What each overhand flaw does to the posture of its phase, and where to look from. */
export const overhandFaults: Readonly<Record<string, Fault>> = {
  'oh.weight-back': fault('side', ['trunk', 'lead'], {
    pelvis: { x: -0.06 },
    trunk: { lean: -14 },
    lead: { thigh: [178, -60], shin: [180, -72] },
  }),
  'oh.flat-setup': fault('front', ['trail'], { trail: { thigh: [100, -84], shin: [270, -88], toes: 90 } }),
  'oh.pivot-away': fault('side', ['trail'], {
    pelvis: { x: 0.04 },
    trail: { thigh: [110, -84], shin: [250, -84], toes: 40, heel: 14 },
  }),
  'oh.ball-shows': fault('side', ['throwing'], { throwing: { upper: [120, -66], fore: [110, -20] } }),
  'oh.lift-stall': fault('side', ['pelvis', 'trunk'], {
    pelvis: { x: -0.05 },
    trunk: { lean: -6 },
    lead: { thigh: [80, 16] },
  }),
  'oh.hip-hike': fault('side', ['pelvis', 'trunk'], {
    pelvis: { list: 22, x: -0.02 },
    trunk: { lean: -12, list: 16 },
    lead: { thigh: [76, 26] },
  }),
  'oh.lift-crouch': fault('side', ['trail', 'trunk'], {
    trunk: { lean: 4, bend: 26 },
    lead: { thigh: [80, -12] },
    trail: { thigh: [60, -54], shin: [240, -58] },
  }),
  'oh.wobble': fault('front', ['trunk', 'lead'], {
    trunk: { bend: -16, list: 12 },
    lead: { thigh: [50, 12], shin: [40, -50] },
  }),
  'oh.front-open-lift': fault('side', ['lead'], {
    pelvis: { turn: 24 },
    lead: { thigh: [20, 6], shin: [10, -70], toes: 10 },
  }),
  'oh.early-break': fault('side', ['throwing', 'glove'], {
    throwing: { upper: [165, -56], fore: [170, -60] },
    glove: { upper: [10, -50], fore: [10, -40] },
  }),
  'oh.eyes-off': fault('side', ['head'], { head: { look: 150, drop: 70 } }),
  'oh.hip-not-leading': fault('side', ['trunk', 'head'], {
    pelvis: { x: 0.22 },
    trunk: { lean: 18, list: -8 },
  }),
  'oh.quad-load': fault('side', ['trail'], {
    trunk: { bend: -2, lean: 2 },
    trail: { thigh: [60, -44], shin: [200, -44], heel: 40 },
  }),
  'oh.no-sit': fault('side', ['trail', 'pelvis'], {
    pelvis: { x: 0.2 },
    trunk: { bend: 2 },
    trail: { thigh: [172, -70], shin: [186, -66] },
  }),
  'oh.back-leg-collapse': fault('side', ['trail'], {
    trunk: { lean: 4 },
    trail: { thigh: [20, -40], shin: [190, -30], heel: 40 },
  }),
  'oh.knee-outside': fault('side', ['trail'], {
    pelvis: { x: 0.16 },
    trail: { thigh: [150, -44], shin: [10, -76] },
  }),
  'oh.jump': fault('side', ['trail', 'pelvis'], {
    pelvis: { x: 0.3 },
    trunk: { lean: 6 },
    trail: { thigh: [176, -58], shin: [184, -54], heel: 60 },
    lead: { thigh: [20, -20] },
    air: 0.07,
  }),
  'oh.lead-leg-opens': fault('side', ['lead'], {
    pelvis: { turn: 40 },
    lead: { thigh: [-16, -30], shin: [-10, -62], toes: -20 },
  }),
  'oh.front-lean': fault('side', ['pelvis', 'trunk'], {
    pelvis: { list: -20, x: 0.36 },
    trunk: { lean: 16, list: -14 },
    trail: { thigh: [172, -52], shin: [186, -40], heel: 50 },
  }),
  'oh.early-heel': fault('side', ['trail'], {
    trail: { thigh: [160, -56], shin: [188, -42], toes: 80, heel: 80 },
  }),
  'oh.short-stride': fault('side', ['lead'], {
    pelvis: { x: 0.2 },
    lead: { thigh: [20, -62], shin: [170, -82] },
    trail: { thigh: [150, -64], shin: [190, -62] },
  }),
  'oh.cross-line': fault('front', ['lead'], { lead: { thigh: [62, -44], shin: [60, -64], toes: 60 } }),
  'oh.lean-back': fault('side', ['trunk', 'head'], {
    trunk: { lean: -28, list: 24 },
    glove: { upper: [4, 26], fore: [8, 30] },
  }),
  'oh.under-ball': fault('side', ['throwing'], { throwing: { upper: [165, -56], fore: [150, 4] } }),
  'oh.long-arm': fault('side', ['throwing'], { throwing: { upper: [184, -34], fore: [186, -22] } }),
  'oh.early-hand': fault('side', ['throwing'], { throwing: { upper: [176, 6], fore: [176, 84] } }),
  'oh.late-hand': fault('side', ['throwing'], { throwing: { upper: [176, -24], fore: [182, -40] } }),
  'oh.hips-late': fault('side', ['pelvis', 'trail'], {
    pelvis: { turn: 6, x: 0.46 },
    trail: { thigh: [150, -48], shin: [186, -44], toes: 90, heel: 0 },
  }),
  'oh.hips-blocked': fault('front', ['pelvis', 'trail'], {
    pelvis: { turn: 4 },
    trunk: { lean: 2, bend: 8 },
    trail: { thigh: [140, -50], shin: [190, -44], toes: 90, heel: 0 },
  }),
  'oh.glove-idle': fault('side', ['glove'], { glove: { upper: [60, -74], fore: [70, -60] } }),
  'oh.shoulders-early': fault('side', ['trunk', 'glove'], {
    trunk: { turn: 62 },
    throwing: { upper: [122, 4], fore: [150, 78] },
    glove: { upper: [-58, -10], fore: [-40, 0] },
  }),
  'oh.low-separation': fault('front', ['pelvis', 'trunk'], {
    pelvis: { turn: 34 },
    trunk: { turn: 30 },
    throwing: { upper: [152, 2], fore: [160, 80] },
    glove: { upper: [-26, -6], fore: [-10, 0] },
  }),
  'oh.knee-in': fault('front', ['lead'], { lead: { thigh: [34, -38], shin: [222, -72], toes: 12 } }),
  'oh.weak-hips': fault('side', ['pelvis'], {
    pelvis: { turn: 46 },
    trail: { thigh: [164, -50], shin: [184, -40], toes: 70, heel: 20 },
  }),
  'oh.peaks-together': fault('side', ['pelvis', 'trunk'], {
    pelvis: { turn: 64 },
    trunk: { turn: 64 },
    trail: { thigh: [170, -54], shin: [184, -38], toes: 50, heel: 40 },
  }),
  'oh.glove-pull': fault('side', ['glove'], {
    trunk: { turn: 84 },
    glove: { upper: [-130, -16], fore: [-160, -24] },
  }),
  'oh.early-launch': fault('side', ['trunk', 'pelvis'], {
    pelvis: { x: 0.46 },
    trunk: { lean: -14, bend: 6 },
    trail: { thigh: [160, -64], shin: [186, -30] },
  }),
  'oh.lead-leg-soft': fault('side', ['lead'], {
    lead: { thigh: [-2, -22], shin: [180, -66] },
    trunk: { lean: 4 },
  }),
  'oh.spin-off': fault('front', ['trunk', 'head'], {
    pelvis: { turn: 110 },
    trunk: { lean: 2, turn: 118, list: 10, bend: -14 },
    head: { look: -60, drop: 40 },
    glove: { upper: [-150, -20], fore: [-150, -10] },
  }),
  'oh.slouch': fault('side', ['trunk', 'head'], { trunk: { bend: 16, round: 30 }, head: { drop: 46 } }),
  'oh.arm-drag': fault('side', ['throwing'], {
    trunk: { turn: 88 },
    throwing: { upper: [160, -6], fore: [196, -14] },
  }),
  'oh.low-elbow': fault('front', ['throwing'], { throwing: { upper: [100, -40], fore: [120, 46] } }),
  'oh.arm-push': fault('side', ['throwing'], { throwing: { upper: [60, 4], fore: [120, 62] } }),
  'oh.no-post': fault('side', ['lead'], {
    pelvis: { x: 0.6 },
    lead: { thigh: [-2, -34], shin: [180, -74] },
    trunk: { lean: 26 },
  }),
  'oh.side-of-ball': fault('front', ['throwing'], { throwing: { upper: [80, 2], fore: [72, 10] } }),
  'oh.cut-finish': fault('side', ['trunk', 'throwing'], {
    trunk: { lean: 22, turn: 104 },
    throwing: { upper: [20, -6], fore: [0, -10] },
  }),
  'oh.falls-off': fault('front', ['trunk', 'lead'], {
    pelvis: { list: 10 },
    trunk: { lean: 34, bend: -24, list: 8 },
    lead: { thigh: [40, -70], shin: [60, -72] },
  }),
};
