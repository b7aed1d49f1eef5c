import type { Drill, Stage } from './types';

type Written = Pick<
  Drill,
  'id' | 'name' | 'thread' | 'targets' | 'places' | 'dose' | 'minAge' | 'what' | 'cue'
> &
  Partial<Drill>;

const dry = {
  discipline: 'both',
  equipment: [],
  throws: 0,
  effort: null,
  strength: false,
  avoidWithPainIn: [],
  easier: null,
  harder: null,
  caution: null,
} as const;

/**
 * Completes drills that are written down without what they do not need; `stage` null means each says its own.
 *
 * @example drillsOf('feel', []) // []
 */
export function drillsOf<S extends Stage | null>(
  stage: S,
  written: readonly (S extends null ? Written & { stage: Stage } : Written)[],
): readonly Drill[] {
  return written.map((drill) => ({ ...dry, ...(stage ? { stage } : {}), ...drill }) as Drill);
}
