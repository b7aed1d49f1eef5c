import type { CueTag } from './tags';

/** Beside the plain cue of a drill: how it feels, what to do to something outside the body, and what it asks for. */
export interface DrillCue {
  feel: string;
  target: string;
  tags: readonly CueTag[];
}

/**
 * The cue of a drill as a feeling and as a target, with what it asks for.
 *
 * @example cue('Feel the hips go', 'Belt to the plate', 'push').tags // [ 'push' ]
 */
export const cue = (feel: string, target: string, ...tags: CueTag[]): DrillCue => ({ feel, target, tags });
