import type { LinkTable } from './types';

/** Links within the windmill delivery. Weight: how strongly a severe cause produces the effect, 0 to 1. */
export const windmillLinks: LinkTable = {
  'wm.rushed-start': { 'wm.weak-load': 0.3, 'wm.off-line-stride': 0.3 },
  'wm.weak-load': { 'wm.soft-drive': 0.5, 'wm.upper-leads': 0.3 },
  'wm.soft-drive': { 'wm.short-drive': 0.5, 'wm.arm-only': 0.4 },
  'wm.early-extension': { 'wm.short-drive': 0.6, 'wm.bend-and-stand': 0.2 },
  'wm.dead-trail': { 'wm.upper-leads': 0.6, 'wm.short-drive': 0.3, 'wm.late-through': 0.3 },
  'wm.upper-leads': { 'wm.bend-and-stand': 0.5, 'wm.shoulder-pull': 0.4, 'wm.collapsed-front': 0.4 },
  'wm.off-line-stride': { 'wm.off-line-arm': 0.4, 'wm.foot-closed': 0.3 },
  'wm.heel-first': { 'wm.locked-knee': 0.5 },
  'wm.locked-knee': { 'wm.bend-and-stand': 0.5, 'wm.shoulder-pull': 0.5, 'wm.late-through': 0.5 },
  'wm.collapsed-front': { 'wm.bend-and-stand': 0.4, 'wm.late-through': 0.4, 'wm.hunched': 0.4 },
  'wm.foot-closed': { 'wm.hips-slam': 0.3, 'wm.off-line-arm': 0.3 },
  'wm.hunched': { 'wm.bend-and-stand': 0.5 },
  'wm.opens-late': { 'wm.off-line-arm': 0.4, 'wm.shoulder-pull': 0.3, 'wm.arm-only': 0.3 },
  'wm.stiff-arm': { 'wm.arm-only': 0.5, 'wm.pull-up': 0.3 },
  'wm.arm-only': { 'wm.pull-up': 0.3, 'wm.shoulder-pull': 0.3 },
  'wm.bend-and-stand': { 'wm.pull-up': 0.3, 'wm.late-finish': 0.3 },
  'wm.shoulder-pull': { 'wm.off-line-arm': 0.6, 'wm.late-through': 0.3 },
  'wm.hips-slam': { 'wm.off-line-arm': 0.4 },
  'wm.late-through': { 'wm.late-finish': 0.6 },
  'wm.pull-up': { 'wm.no-rotate': 0.6 },
};
