import type { Planted } from '../../body';

/** What each flaw that a film can show does to a delivery at full strength. */
export const plantedFlaws: Readonly<Record<string, Planted>> = {
  'oh.lift-stall': { hold: 0.6 },
  'oh.hip-not-leading': { poses: { glide: { trunk: { lean: 22 } } } },
  'oh.lean-back': { poses: { glide: { trunk: { lean: -46 } } } },
  'oh.knee-outside': {
    poses: { glide: { trail: { shin: [20, -74] } }, plant: { trail: { shin: [20, -84], heel: 0 } } },
  },
  'oh.no-sit': {
    poses: { glide: { trail: { thigh: [176, -72], shin: [184, -68] } } },
  },
  'oh.jump': {
    poses: {
      glide: {
        lead: { thigh: [30, -46], shin: [178, -50] },
        trail: { thigh: [176, -68], shin: [184, -64], heel: 60 },
        air: 0.14,
      },
    },
  },
  'oh.short-stride': {
    poses: { plant: { pelvis: { x: 0.34 }, lead: { thigh: [-4, -54], shin: [180, -78] } } },
  },
  'oh.no-post': {
    poses: {
      release: { lead: { thigh: [-2, -22], shin: [180, -68] } },
      turn: { lead: { thigh: [-4, -34], shin: [180, -78] } },
    },
  },
  'oh.lead-leg-soft': {
    poses: {
      turn: { lead: { thigh: [-2, -24], shin: [180, -70] } },
      release: { lead: { thigh: [-2, -14], shin: [180, -64] } },
    },
  },
  'oh.cut-finish': {
    poses: { turn: { trunk: { lean: 0 } }, release: { trunk: { lean: 0 } }, follow: { trunk: { lean: 6 } } },
  },
  'oh.early-launch': {
    poses: {
      turn: { trunk: { lean: -18 }, lead: { thigh: [-4, -30], shin: [0, -70] } },
      release: { trunk: { lean: -14 }, lead: { thigh: [0, -26], shin: [0, -70] } },
    },
  },
  'oh.long-arm': { poses: { plant: { throwing: { upper: [180, 0], fore: [180, 0] } } } },
  'oh.late-hand': { poses: { plant: { throwing: { fore: [180, -62] } } } },
  'oh.early-hand': {
    poses: {
      glide: { throwing: { upper: [176, 8], fore: [176, 86] } },
      plant: { throwing: { upper: [170, -4], fore: [172, 30] } },
    },
  },
  'oh.knee-in': {
    poses: {
      plant: { lead: { thigh: [54, -38], shin: [232, -66] } },
      turn: { lead: { thigh: [56, -44], shin: [232, -66] } },
    },
  },
  'oh.low-elbow': {
    poses: {
      plant: { throwing: { upper: [160, -40] } },
      turn: { throwing: { upper: [122, -40] } },
      release: { throwing: { upper: [66, -40] } },
      follow: { throwing: { upper: [30, -50] } },
    },
  },
  'oh.cross-line': { poses: { plant: { lead: { thigh: [72, -44], shin: [72, -62] } } } },
  'wm.early-extension': {
    poses: {
      swing: { trail: { thigh: [176, -86], shin: [180, -66] } },
      drive: { trail: { thigh: [176, -88], shin: [180, -86] } },
    },
  },
  'wm.upper-leads': {
    poses: {
      drive: { trunk: { lean: 34 } },
      circle: { trunk: { lean: 34 } },
      plant: { trunk: { lean: 16 } },
    },
  },
  'wm.hunched': {
    poses: {
      through: { trunk: { lean: 40 } },
      plant: { trunk: { lean: 34 } },
      follow: { trunk: { lean: 40 } },
    },
  },
  'wm.bend-and-stand': { poses: { plant: { trunk: { lean: 44 } }, through: { trunk: { lean: -14 } } } },
  'wm.stiff-arm': {
    poses: {
      circle: { throwing: { upper: [150, 70], fore: [150, 70] } },
      plant: { throwing: { upper: [176, 8], fore: [176, 8] } },
      through: { throwing: { fore: [150, -76] } },
    },
  },
  'wm.short-drive': {
    poses: { plant: { pelvis: { x: 0.12 }, lead: { thigh: [34, -62], shin: [180, -84] } } },
  },
  'wm.locked-knee': { poses: { plant: { lead: { thigh: [34, -66], shin: [34, -52] } } } },
  'wm.collapsed-front': {
    poses: {
      plant: { lead: { thigh: [34, -20], shin: [150, -80] }, trail: { thigh: [170, -40], shin: [186, -28] } },
    },
  },
  'wm.late-through': {
    poses: {
      through: { trail: { thigh: [178, -40], shin: [184, -8] } },
      follow: { trail: { thigh: [178, -44], shin: [184, -12] } },
    },
  },
  'wm.off-line-stride': { poses: { plant: { lead: { thigh: [-52, -44], shin: [-52, -62] } } } },
};
