export * from './camp';
export * from './curves';
export * from './measured';
export * from './radar';
export * from './rng';
export * from './roster';
export * from './season';
