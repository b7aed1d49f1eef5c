import type { Stage } from '@wrightonic/core';

/** What each stage is, in a few words. */
export const stageWords: Record<Stage, string> = {
  prep: 'with every stage',
  feel: 'find it, slowly',
  move: 'with rhythm, dry',
  constrain: 'the old way fails',
  connect: 'easy throws',
  blend: 'drill and delivery in turn',
  deliver: 'the whole delivery',
  compete: 'counts, batter, tired',
};
