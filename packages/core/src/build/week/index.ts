export * from './buildUp';
export {
  alwaysThere,
  armCare,
  coverOf,
  easyCatch,
  standingWords,
  weekCandidates,
  type ClimbedLadder,
  type Usable,
} from './candidates';
export * from './changes';
export * from './check';
export { itemThrows, mostBesidesPrep, mostDrills, mostThrowing, usableIn, weekdayName } from './day';
export { diminishing } from './columns';
export { ClashError, costed, inOrder, openDays, planWeek } from './plan';
export {
  irreducibleInfeasibleSet,
  type Programme,
  type Rule,
  type Solve,
  type Solved,
  type SolveHow,
} from './programme';
export * from './types';
export * from './planAthlete';
export * from './usualWeek';
export * from './weekInput';
