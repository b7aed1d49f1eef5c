import { ballLinks } from './causes.ball';
import { bodyLinks } from './causes.body';
import { overhandLinks } from './causes.overhand';
import { windmillLinks } from './causes.windmill';
import type { Discipline, Link, LinkTable } from './types';

export * from './bare';
export * from './book';
export * from './checkpoints';
export * from './types';
export * from './cues';
export { drills } from './drills';
export * from './levels';
export * from './limitGrade';
export { limits } from './limits';
export * from './measures';
export { norms } from './norms';
export * from './pages';
export { pitchLimits } from './pitchLimits';
export * from './plain';
export * from './screenTests';
export { symptoms } from './symptoms';

/** Named by every stored trace, so that an old one never changes when the catalogue does. */
export const catalogueVersion = '2';

const linksOf = (table: LinkTable): Link[] =>
  Object.entries(table).flatMap(([cause, effects]) =>
    Object.entries(effects).map(([effect, weight]) => ({ cause, effect, weight })),
  );

export const links: readonly Link[] = [overhandLinks, windmillLinks, bodyLinks, ballLinks].flatMap(linksOf);

/** Mass of the usual ball of a discipline, grams. */
export const usualBall: Readonly<Record<Discipline, number>> = { overhand: 145, windmill: 188 };
