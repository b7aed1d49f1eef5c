import type { Stage } from '../catalogue';
import { texts } from './texts';

interface Counted {
  drill: string;
  clean: number;
  missed: number;
}

export interface Share {
  clean: number;
  n: number;
}

/** A drill that is clean by itself while the delivery that it is for is not. */
export interface NotReaching {
  drill: string;
  inDrill: Share;
  inDelivery: Share;
}

export interface Transfer {
  focus: string;
  /** Drills of the focus that were worked, each with its share. */
  drills: { drill: string; stage: Stage; share: Share }[];
  /** Reps of blend and deliver together. */
  delivery: Share;
  notReaching: NotReaching[];
}

/** House figures: a drill counts as clean from here on, the delivery as not reached below here, with so many reps each. */
const cleanFrom = 0.8;
const reachedFrom = 0.6;
const fewestReps = 10;

const stagesOfDelivery: readonly Stage[] = ['blend', 'deliver', 'compete'];
const shareOf = (counts: readonly Counted[]): Share => ({
  clean: counts.reduce((sum, { clean }) => sum + clean, 0),
  n: counts.reduce((sum, { clean, missed }) => sum + clean + missed, 0),
});
const ratio = ({ clean, n }: Share): number => clean / n;

/**
 * How far what is clean in the drills of a focus is clean in the delivery too.
 *
 * @param threads of a plan, with their rungs
 * @param counts reps by drill; a drill may stand in several rows
 * @returns one for each thread in which something was worked
 * @example transferOf([], []) // []
 */
export function transferOf(
  threads: readonly {
    focus: string;
    stages: readonly { stage: Stage; drills: readonly { drill: string }[] }[];
  }[],
  counts: readonly Counted[],
): Transfer[] {
  return threads.flatMap(({ focus, stages }): Transfer[] => {
    const drills = stages
      .filter(({ stage }) => stage !== 'prep')
      .flatMap(({ stage, drills: each }) =>
        each.map(({ drill }) => ({ drill, stage, share: shareOf(counts.filter((c) => c.drill === drill)) })),
      )
      .filter(({ share }) => share.n > 0);
    if (drills.length === 0) return [];
    const inDelivery = drills.filter(({ stage }) => stagesOfDelivery.includes(stage));
    const delivery: Share = {
      clean: inDelivery.reduce((sum, { share }) => sum + share.clean, 0),
      n: inDelivery.reduce((sum, { share }) => sum + share.n, 0),
    };
    const short = delivery.n >= fewestReps && ratio(delivery) < reachedFrom;
    const notReaching = short
      ? drills
          .filter(({ stage }) => !stagesOfDelivery.includes(stage))
          .filter(({ share }) => share.n >= fewestReps && ratio(share) >= cleanFrom)
          .map(({ drill, share }) => ({ drill, inDrill: share, inDelivery: delivery }))
      : [];
    return [{ focus, drills, delivery, notReaching }];
  });
}

/**
 * A drill that does not reach the delivery, in words.
 *
 * @example notReachingWords({ drill: 'hip-snap', inDrill: { clean: 20, n: 20 }, inDelivery: { clean: 6, n: 15 } }, String) // 'hip-snap: 20 of 20 in the drill, 6 of 15 in the delivery.'
 */
export const notReachingWords = (
  { drill, inDrill, inDelivery }: NotReaching,
  nameOf: (drill: string) => string,
): string =>
  texts.inDrillAndDelivery(nameOf(drill), inDrill.clean, inDrill.n, inDelivery.clean, inDelivery.n);
