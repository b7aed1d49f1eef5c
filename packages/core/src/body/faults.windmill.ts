import { fault, type Fault } from './fault';

/** What each windmill flaw does to the posture of its phase, and where to look from. */
export const windmillFaults: Readonly<Record<string, Fault>> = {
  'wm.rushed-start': fault('side', ['trunk', 'lead'], {
    pelvis: { x: 0.06 },
    trunk: { lean: 18 },
    lead: { thigh: [150, -70], shin: [180, -50], heel: 40 },
  }),
  'wm.weak-load': fault('side', ['trail', 'trunk'], {
    trunk: { lean: 8 },
    trail: { thigh: [0, -80], shin: [180, -82] },
  }),
  'wm.replant': fault('side', ['trail'], {
    trail: { thigh: [170, -66], shin: [176, -60], heel: 20 },
    air: 0.06,
  }),
  'wm.soft-drive': fault('side', ['trail', 'pelvis'], {
    pelvis: { x: 0.18 },
    lead: { thigh: [6, -30], shin: [10, -70] },
    trail: { thigh: [150, -60], shin: [196, -56], heel: 20 },
  }),
  'wm.early-extension': fault('side', ['trail', 'pelvis'], {
    pelvis: { x: 0.14 },
    lead: { thigh: [6, 16], shin: [4, -66] },
    trail: { thigh: [176, -80], shin: [180, -80], heel: 60 },
    air: 0.04,
  }),
  'wm.dead-trail': fault('side', ['lead', 'pelvis'], {
    pelvis: { x: 0.04, turn: 80 },
    trunk: { lean: 16 },
    lead: { thigh: [20, -66], shin: [170, -74], toes: 10, heel: 0 },
    trail: { thigh: [0, -74], shin: [180, -78], toes: 10, heel: 0 },
  }),
  'wm.upper-leads': fault('side', ['trunk', 'head'], { pelvis: { x: 0.22 }, trunk: { lean: 30 } }),
  'wm.short-drive': fault('side', ['lead'], {
    pelvis: { x: 0.16 },
    lead: { thigh: [6, -40], shin: [160, -74] },
    trail: { thigh: [170, -70], shin: [186, -60], heel: 40 },
  }),
  'wm.off-line-stride': fault('front', ['lead'], { lead: { thigh: [46, -14], shin: [44, -58] } }),
  'wm.stiff-arm': fault('side', ['throwing'], { throwing: { upper: [150, 66], fore: [150, 66] } }),
  'wm.opens-late': fault('front', ['pelvis', 'trunk'], {
    pelvis: { turn: 70 },
    trunk: { turn: 70 },
    throwing: { upper: [60, 76], fore: [20, 74] },
  }),
  'wm.arm-only': fault('side', ['throwing', 'pelvis'], {
    pelvis: { x: 0.28, turn: 74 },
    trunk: { turn: 60, lean: 8 },
    throwing: { upper: [176, 50], fore: [178, 40] },
  }),
  'wm.heel-first': fault('side', ['lead'], {
    lead: { thigh: [2, -44], shin: [2, -60], toes: 30, heel: -40 },
  }),
  'wm.locked-knee': fault('side', ['lead'], {
    pelvis: { x: 0.48 },
    lead: { thigh: [2, -58], shin: [2, -58], toes: 40 },
  }),
  'wm.collapsed-front': fault('side', ['lead'], {
    lead: { thigh: [2, -16], shin: [178, -74], toes: 40 },
    trunk: { lean: 8 },
  }),
  'wm.foot-closed': fault('front', ['lead'], { lead: { toes: 2 }, pelvis: { turn: 40 } }),
  'wm.hunched': fault('side', ['trunk', 'head'], { trunk: { lean: 28, round: 36 }, head: { drop: 40 } }),
  'wm.bend-and-stand': fault('side', ['trunk'], {
    trunk: { lean: -24 },
    pelvis: { x: 0.52 },
    head: { drop: -30 },
  }),
  'wm.shoulder-pull': fault('front', ['trunk', 'throwing'], {
    pelvis: { turn: 84 },
    trunk: { turn: 88, list: -12 },
    throwing: { upper: [60, -60], fore: [10, -56] },
  }),
  'wm.off-line-arm': fault('front', ['throwing'], { throwing: { upper: [100, -40], fore: [60, -34] } }),
  'wm.hips-slam': fault('front', ['pelvis'], {
    pelvis: { turn: 100 },
    trunk: { turn: 84 },
    trail: { thigh: [60, -80], shin: [180, -50], toes: 0 },
  }),
  'wm.late-through': fault('side', ['trail'], { trail: { thigh: [178, -44], shin: [184, -10], heel: 80 } }),
  'wm.pull-up': fault('side', ['throwing'], { throwing: { upper: [170, -60], fore: [20, 26] } }),
  'wm.no-rotate': fault('side', ['throwing'], { throwing: { upper: [10, -50], fore: [10, -46] } }),
  'wm.late-finish': fault('side', ['trail', 'glove'], {
    pelvis: { turn: 60 },
    trail: { thigh: [176, -48], shin: [184, -12], heel: 70 },
    glove: { upper: [-100, -30], fore: [-120, -10] },
  }),
};
