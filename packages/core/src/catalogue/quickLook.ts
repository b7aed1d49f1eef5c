import type { Discipline } from './types';

/**
 * The few checkpoints of a quick look, phase by phase, most common first, all to be seen live from behind or
 * beside the athlete.
 */
export const quickLook: Readonly<Record<Discipline, readonly string[]>> = {
  overhand: [
    'oh.weight-back',
    'oh.lift-stall',
    'oh.wobble',
    'oh.front-open-lift',
    'oh.lead-leg-opens',
    'oh.quad-load',
    'oh.back-leg-collapse',
    'oh.late-hand',
    'oh.shoulders-early',
    'oh.hips-late',
    'oh.low-separation',
    'oh.glove-pull',
    'oh.arm-drag',
    'oh.lead-leg-soft',
    'oh.no-post',
    'oh.falls-off',
    'oh.cut-finish',
  ],
  windmill: [
    'wm.rushed-start',
    'wm.weak-load',
    'wm.soft-drive',
    'wm.upper-leads',
    'wm.dead-trail',
    'wm.off-line-stride',
    'wm.stiff-arm',
    'wm.opens-late',
    'wm.locked-knee',
    'wm.collapsed-front',
    'wm.foot-closed',
    'wm.shoulder-pull',
    'wm.off-line-arm',
    'wm.bend-and-stand',
    'wm.late-through',
    'wm.late-finish',
    'wm.no-rotate',
  ],
};
