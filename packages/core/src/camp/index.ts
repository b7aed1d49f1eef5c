export * from './check';
export { needsOf } from './needs';
export { planCamp } from './planCamp';
export { floorStep, servedBy } from './served';
export { campTable, heavySlotsADay, type CampTable } from './table';
export * from './types';
export { bestAlone, routeWorth } from './worth';
