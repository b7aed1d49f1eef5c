export * from './camp';
export * from './curves';
export * from './measured';
export * from './radar';
export * from './roster';
export * from './season';
export * from '../units/rng';
export * from './delivery';
