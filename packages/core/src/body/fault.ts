import type { PoseChange } from './skeleton';

/** Parts that can be pointed at. */
export type Part = 'head' | 'trunk' | 'pelvis' | 'lead' | 'trail' | 'throwing' | 'glove';
/** From the chest side with the target to one hand, or from the plate. */
export type View = 'side' | 'front';

/** What goes wrong with a posture. */
export interface Fault {
  view: View;
  /** Where to look. */
  parts: readonly Part[];
  change: PoseChange;
}

/**
 * What goes wrong with a posture, and from where it is seen.
 *
 * @example fault('side', ['lead'], {}).parts // [ 'lead' ]
 */
export const fault = (view: View, parts: readonly Part[], change: PoseChange): Fault => ({
  view,
  parts,
  change,
});
