import type { Drill } from '../catalogue';

/**
 * Whether a drill only warms up: it is done or not, and no rep of it is clean or missed. Throws of a warm-up are counted
 * as everywhere.
 *
 * @example isWarmUp({ stage: 'prep', throws: 0 }) // true
 */
export const isWarmUp = ({ stage, throws }: Pick<Drill, 'stage' | 'throws'>): boolean =>
  stage === 'prep' && throws === 0;
